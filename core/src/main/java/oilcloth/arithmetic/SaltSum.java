package oilcloth.arithmetic;

import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Kitchen;

/** Salt by weight: one kind for another, and its share of the vegetable (formulas, section 7). */
public final class SaltSum {
    private static final double GRAMS_PER_POUND = 453.592;

    private SaltSum() {}

    /**
     * Cups of another kind that weigh the same.
     *
     * @throws IllegalArgumentException for a kind the guide does not know
     */
    public static double swap(GuideSnapshot guide, double cups, String from, String to) {
        return cups * kind(guide, from).gramsPerCup() / kind(guide, to).gramsPerCup();
    }

    /** Salt in per cent of the vegetable's weight. @param pounds above 0 */
    public static double percent(GuideSnapshot guide, double cups, String kind, double pounds) {
        if (!(pounds > 0)) {
            throw new IllegalArgumentException("how many pounds of vegetable?");
        }
        return 100 * cups * kind(guide, kind).gramsPerCup() / (pounds * GRAMS_PER_POUND);
    }

    public static Kitchen.Salt kind(GuideSnapshot guide, String kind) {
        return guide.kitchen().salts().stream()
                .filter(s -> s.kind().equals(kind))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no salt “" + kind + "”"));
    }
}
