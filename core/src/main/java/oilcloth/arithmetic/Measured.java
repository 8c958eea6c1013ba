package oilcloth.arithmetic;

import oilcloth.measure.Amount;
import oilcloth.measure.Unit;

/** Rounds amounts to what a kitchen can measure. */
public final class Measured {
    private Measured() {}

    /**
     * An amount that a cup, a spoon or a scale can measure. Acid is rounded up, vegetables and water down, so that the
     * batch is never weaker than the tested one.
     */
    public static Amount as(Amount amount, String role) {
        double step =
                switch (amount.unit().kind()) {
                    case VOLUME -> amount.unit() == Unit.CUP || amount.unit() == Unit.QUART ? 0.125 : 0.25;
                    case MASS -> amount.unit() == Unit.OUNCE ? 0.5 : 0.125;
                    case COUNT, PACK -> 1;
                };
        return new Amount(
                rounded(amount.low(), step, role), rounded(amount.high(), step, role), amount.unit(), amount.exact());
    }

    private static double rounded(double figure, double step, String role) {
        double steps = figure / step;
        double whole =
                switch (role) {
                    case "acid" -> Math.ceil(steps - 1e-6);
                    case "vegetable", "fruit", "water", "thickener" -> Math.floor(steps + 1e-6);
                    default -> Math.rint(steps);
                };
        // a pinch of something stays a pinch
        return whole == 0 ? figure : whole * step;
    }
}
