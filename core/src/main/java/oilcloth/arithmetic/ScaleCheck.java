package oilcloth.arithmetic;

/**
 * A kitchen scale checked with water (formulas, section 8): a US quart weighs 944 g at kitchen temperature.
 *
 * @param offPercent reading against truth, in per cent
 */
public record ScaleCheck(double quarts, double readGrams, double trueGrams, double offPercent) {
    private static final double GRAMS_PER_QUART = 944;
    /** A quart measured by eye is good to fifteen grams. */
    private static final double TOLERANCE_GRAMS = 15;

    /** @param readGrams what the scale says with the empty vessel taken off */
    public static ScaleCheck of(double quarts, double readGrams) {
        if (!(quarts > 0) || !(readGrams > 0)) {
            throw new IllegalArgumentException("weigh some water: a quart or more is best");
        }
        double truth = quarts * GRAMS_PER_QUART;
        return new ScaleCheck(quarts, readGrams, truth, 100 * (readGrams - truth) / truth);
    }

    public boolean isTrue() {
        return Math.abs(readGrams - trueGrams) <= TOLERANCE_GRAMS * Math.max(1, quarts);
    }
}
