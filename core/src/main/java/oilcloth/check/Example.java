package oilcloth.check;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oilcloth.measure.Altitude;

/**
 * A recipe that shows a check at work. They stand in the catalogue, and the tests run them.
 *
 * @param wrong whether the check must fire on it
 * @param altitude where it is canned; empty where nobody said
 */
public record Example(boolean wrong, Optional<Altitude> altitude, String text) {
    private static final int USUAL_FEET = 500;
    private static final int NOWHERE = -1_000;

    /**
     * The examples of a code: recipes after {@code --- wrong} or {@code --- right}, with an altitude in feet behind if the
     * usual one will not do.
     *
     * @throws IllegalStateException when the code has none
     */
    public static List<Example> of(String code) {
        List<Example> examples = new ArrayList<>();
        try (InputStream in = Example.class.getResourceAsStream("/oilcloth/examples/" + code + ".txt")) {
            if (in == null) {
                throw new IllegalStateException("the check " + code + " has no examples");
            }
            for (String part : new String(in.readAllBytes(), StandardCharsets.UTF_8).split("(?m)^--- ")) {
                if (!part.isBlank()) {
                    int line = part.indexOf('\n');
                    String[] head = part.substring(0, line).strip().split(" ");
                    int feet = head.length > 1 ? Integer.parseInt(head[1]) : USUAL_FEET;
                    examples.add(new Example(
                            head[0].equals("wrong"),
                            feet < NOWHERE ? Optional.empty() : Optional.of(Altitude.ofFeet(feet)),
                            part.substring(line + 1)));
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return List.copyOf(examples);
    }
}
