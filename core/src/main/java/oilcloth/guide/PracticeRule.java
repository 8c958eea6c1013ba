package oilcloth.guide;

import java.util.Optional;
import java.util.stream.Stream;
import oilcloth.text.Cue;

/**
 * A practice known by its words. Severities are ids of the catalogue, or {@link #NONE} where it does no harm.
 *
 * @param acidFood severity where the food is acid (jam, fruit)
 * @param acidified severity for pickles, relishes and salsas
 * @param lowAcid severity for low-acid food and tomatoes
 * @param underPressure severity in a pressure canner, where it differs
 * @param food the foods it is about, the main one or another of the recipe; empty for any
 * @param graver words that make it graver, in its sentence or as the main food
 * @param pattern finds it; {@code exception} in the same sentence takes it back
 * @param prevention what else may be done instead, in one sentence
 */
public record PracticeRule(
        String code,
        String acidFood,
        String acidified,
        String lowAcid,
        Optional<String> underPressure,
        Optional<Cue> food,
        Optional<Graver> graver,
        Cue pattern,
        Optional<Cue> exception,
        String title,
        String why,
        String prevention,
        String source,
        String wrong,
        String right) {

    /** The severity of a practice that does no harm to a kind of food: nothing is said. */
    public static final String NONE = "none";

    /** Whether it explains nothing else that was said: worth no more than a note with some food, or about the book only. */
    public boolean mayBeSlight() {
        return code.startsWith("source.")
                || Stream.of(acidFood, acidified, lowAcid, underPressure.orElse(""))
                        .anyMatch(s -> s.equals(NONE) || s.equals("note"));
    }

    /** Whether it is a correction or a danger with every kind of food, so that nobody need ask about it. */
    public boolean isAlwaysGrave() {
        return Stream.of(acidFood, acidified, lowAcid, underPressure.orElse(lowAcid))
                .allMatch(s -> s.equals("correct") || s.equals("danger"));
    }

    /** Words that make a practice graver. */
    public record Graver(String severity, Cue words) {}
}
