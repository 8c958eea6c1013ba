package oilcloth.guide;

import java.util.Locale;

/** A figure of judgement that the engine applies; its value, unit, reason and source stand in {@code thresholds.csv}. */
public enum Threshold {
    /** Minutes. */
    STEAM_LIMIT,
    /** Minutes. */
    STERILISE_BELOW,
    /** Feet. */
    BAND_EDGE,
    /** Per cent by volume. */
    PROPORTION_TOLERANCE,
    /** Minutes. */
    PICKLE_TIME_MARGIN,
    /** Minutes. */
    TIME_LONG,
    /** Minutes. */
    VENTING,
    /** Per cent acetic acid, weight by volume. */
    BRINE_LEAST,
    /** Per cent of the cabbage's weight. */
    KRAUT_SALT_LEAST,
    /** Days in a warm room. */
    FERMENT_LEAST,
    /** Days in a cool one. */
    FERMENT_COOL_LEAST,
    /** Degrees Fahrenheit; below it the room is cool. */
    FERMENT_COOL,
    /** Degrees Fahrenheit. */
    FERMENT_COLDEST,
    /** Degrees Fahrenheit. */
    FERMENT_WARMEST,
    /** Inches. */
    SEAL_AT_RISK;

    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** A threshold as the table has it. */
    public record Value(Threshold threshold, double value, String unit, String meaning, String source) {}
}
