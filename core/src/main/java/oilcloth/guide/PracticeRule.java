package oilcloth.guide;

import java.util.regex.Pattern;

/**
 * A practice known by its words.
 *
 * @param acidFood severity where the food is acid (jam, fruit)
 * @param lowAcid severity for low-acid and acidified food
 * @param pattern finds it; {@code exception} in the same sentence takes it back
 * @param prevention what else may be done instead, in one sentence
 */
public record PracticeRule(
        String code,
        String acidFood,
        String lowAcid,
        Pattern pattern,
        Pattern exception,
        String title,
        String why,
        String prevention,
        String source,
        String wrong,
        String right) {}
