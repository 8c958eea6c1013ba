package oilcloth.recipe;

/**
 * What somebody says was done or is so, on top of the text: the answer to a question, or a correction to the reading.
 * It never changes the text.
 *
 * @param value as in the contract: {@code pint}, {@code boiling-water}, {@code 20}, {@code bottled}
 */
public record Assertion(Field field, String value) {
    /** What can be asserted so far. */
    public enum Field {
        METHOD,
        JAR,
        JAR_COUNT,
        MINUTES,
        PSI,
        GAUGE,
        VENTED,
        PACK,
        LIQUID,
        FORM,
        HEADSPACE_INCHES,
        LEMON_KIND,
        VINEGAR_PERCENT,
        STERILISED,
        ALTITUDE_FEET
    }
}
