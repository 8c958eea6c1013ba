package oilcloth.arithmetic;

/**
 * A sugar syrup from cups (formulas, section 6).
 *
 * @param percent sugar by weight
 * @param yieldCups how much syrup it gives: sugar dissolves into about half its volume
 */
public record SyrupMix(double waterCups, double sugarCups, double percent, double yieldCups) {
    private static final double GRAMS_PER_CUP_SUGAR = 200;
    private static final double GRAMS_PER_CUP_WATER = 236.6;
    private static final double YIELD_PER_CUP_SUGAR = 0.52;

    /** @throws IllegalArgumentException without water or with a negative amount */
    public static SyrupMix of(double waterCups, double sugarCups) {
        if (!(waterCups > 0) || !(sugarCups >= 0)) {
            throw new IllegalArgumentException("a syrup takes some water, and sugar or none");
        }
        double sugar = GRAMS_PER_CUP_SUGAR * sugarCups;
        return new SyrupMix(
                waterCups,
                sugarCups,
                100 * sugar / (sugar + GRAMS_PER_CUP_WATER * waterCups),
                waterCups + YIELD_PER_CUP_SUGAR * sugarCups);
    }

    /** The mix of that strength that gives so much syrup. @param percent above 0 and below 70 */
    public static SyrupMix forYield(double percent, double yieldCups) {
        if (!(percent >= 0 && percent < 70) || !(yieldCups > 0)) {
            throw new IllegalArgumentException("a syrup has 0 to 70 % sugar, and there is some of it");
        }
        double sugarPerWater = percent * GRAMS_PER_CUP_WATER / (GRAMS_PER_CUP_SUGAR * (100 - percent));
        double water = yieldCups / (1 + YIELD_PER_CUP_SUGAR * sugarPerWater);
        return of(water, water * sugarPerWater);
    }
}
