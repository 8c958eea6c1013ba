package oilcloth.arithmetic;

import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Threshold;

/**
 * Vinegar and water (formulas, section 12; sugar and salt not counted).
 *
 * @param percent acetic acid of the mix, weight by volume
 * @param waterPerVinegar parts of water to one of vinegar
 * @param mostWaterCups water this vinegar carries at the weakest brine allowed without a tested recipe
 */
public record BrineMix(double percent, double waterPerVinegar, double leastPercent, double mostWaterCups) {
    /**
     * @param vinegarPercent acetic acid of the vinegar as the label says, above 0 to 30
     * @throws IllegalArgumentException without vinegar or with a figure out of range
     */
    public static BrineMix of(GuideSnapshot guide, double vinegarCups, double vinegarPercent, double waterCups) {
        if (!(vinegarCups > 0) || !(waterCups >= 0) || !(vinegarPercent > 0 && vinegarPercent <= 30)) {
            throw new IllegalArgumentException("a brine takes vinegar of 1 to 30 % and water or none");
        }
        double least = guide.figure(Threshold.BRINE_LEAST);
        return new BrineMix(
                vinegarCups * vinegarPercent / (vinegarCups + waterCups),
                waterCups / vinegarCups,
                least,
                Math.max(0, vinegarCups * (vinegarPercent / least - 1)));
    }

    public boolean isWeak() {
        return percent < leastPercent - 1e-9;
    }
}
