package oilcloth.review;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** A marked letter: its call, and the codes of every danger and correction that must be found in it. */
record Verdict(Call call, Set<String> must, String text) {
    static List<Verdict> all() {
        try (InputStream in = Verdict.class.getResourceAsStream("/oilcloth/reading/marked-letters.txt")) {
            return Arrays.stream(new String(in.readAllBytes(), StandardCharsets.UTF_8).split("(?m)^=== "))
                    .filter(v -> !v.isBlank())
                    .map(Verdict::of)
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Verdict of(String block) {
        int line = block.indexOf('\n');
        String[] head = block.substring(0, line).split("\\|");
        Set<String> must = head.length < 2 ? Set.of() : Set.of(head[1].strip().split("\\s+"));
        return new Verdict(
                Call.valueOf(head[0].strip().toUpperCase(Locale.ROOT)),
                must,
                block.substring(line + 1).strip());
    }
}
