package oilcloth.acidity;

import java.util.Arrays;
import java.util.SplittableRandom;
import oilcloth.guide.Chemistry;
import oilcloth.guide.Chemistry.Species;

/**
 * A second look at a mixture that no tested recipe vouches for. It may only raise a flag: equilibrium does not see the
 * margin that tested recipes carry, and classic unsafe dilutions compute low. Its figures are never shown to a canner.
 *
 * @param middle computed with the middle of every range
 * @param adverse all but the highest fortieth of fixed draws lie below it
 */
public record PhScreen(double middle, double adverse) {
    /** Above this middle value, or with an adverse value above the dividing line, trouble cannot be ruled out. */
    private static final double MIDDLE_LIMIT = 4.2;

    private static final double DIVIDING_LINE = 4.6;

    private static final int DRAWS = 200;
    /** Fixed, so that the same recipe gets the same answer. */
    private static final long SEED = 20_150_539L;

    private static final double CUP_WEIGHT_DEVIATION = 0.10;
    private static final double VINEGAR_LOW = 4.85 / 5;
    private static final double VINEGAR_HIGH = 5.2 / 5;
    private static final double BOTTLED_SPREAD = 0.10;
    private static final double FRESH_SPREAD = 0.35;
    /** meq per gram: lemon and lime juice 30 meq/L, cider vinegar 15. */
    private static final double JUICE_ALKALINITY = 0.030;

    private static final double CIDER_ALKALINITY = 0.015;

    private static final double LOWEST = 1;
    private static final double HIGHEST = 10;
    private static final int HALVINGS = 24;

    /** Computes the screen; the same sum gives the same screen. */
    public static PhScreen of(AcidSum sum) {
        double middle = solve(sum, null);
        double[] drawn = new double[DRAWS];
        SplittableRandom random = new SplittableRandom(SEED);
        for (int i = 0; i < DRAWS; i++) {
            drawn[i] = solve(sum, random);
        }
        Arrays.sort(drawn);
        return new PhScreen(middle, drawn[DRAWS - DRAWS / 40 - 1]);
    }

    /** True where the arithmetic cannot rule out trouble. False means nothing. */
    public boolean raisesFlag() {
        return middle > MIDDLE_LIMIT || adverse > DIVIDING_LINE;
    }

    /** Grams, buffering and acid of one draw, flattened for the bisection. */
    private static final class Draw {
        private final double[] buffer;
        private final double[] own;
        private double acetic;
        private double citric;
        private double ascorbic;
        private double lactic;
        private double base;
        private double litres;

        Draw(int parts) {
            buffer = new double[parts];
            own = new double[parts];
        }

        /** Charge left over at a pH; falls to zero at the equilibrium, negative below it. */
        double imbalance(double ph) {
            double charge = acetic * Acids.charge(Species.ACETIC, ph)
                    + citric * Acids.charge(Species.CITRIC, ph)
                    + ascorbic * Acids.charge(Species.ASCORBIC, ph)
                    + lactic * Acids.charge(Species.LACTIC, ph);
            charge -= litres * 1000 * (Math.pow(10, -ph) - Math.pow(10, ph - 14));
            for (int i = 0; i < buffer.length; i++) {
                charge -= buffer[i] * (own[i] - ph);
            }
            return charge - base;
        }
    }

    private static double solve(AcidSum sum, SplittableRandom random) {
        Draw draw = draw(sum, random);
        double low = LOWEST;
        double high = HIGHEST;
        for (int i = 0; i < HALVINGS; i++) {
            double ph = (low + high) / 2;
            if (draw.imbalance(ph) > 0) {
                high = ph;
            } else {
                low = ph;
            }
        }
        return (low + high) / 2;
    }

    private static Draw draw(AcidSum sum, SplittableRandom random) {
        Draw draw = new Draw(sum.parts().size());
        int i = 0;
        for (AcidSum.Part part : sum.parts()) {
            Chemistry c = part.food().chemistry().orElse(null);
            double weight = random == null ? 1 : Math.max(0.5, 1 + CUP_WEIGHT_DEVIATION * gaussian(random));
            double grams = part.grams() * weight;
            draw.litres += grams / 1000;
            if (c != null) {
                draw.buffer[i] = grams / 1000 * buffer(c.buffer(), random);
                draw.own[i] = random == null
                        ? (c.phLow() + c.phHigh()) / 2
                        : c.phLow() + random.nextDouble() * (c.phHigh() - c.phLow());
                acid(draw, part, c, grams, random);
            }
            i++;
        }
        return draw;
    }

    private static void acid(Draw draw, AcidSum.Part part, Chemistry c, double grams, SplittableRandom random) {
        double mmol = c.acid() * grams * part.strength() * spread(part, random);
        switch (c.species()) {
            case ACETIC -> draw.acetic += mmol;
            case CITRIC -> draw.citric += mmol;
            case ASCORBIC -> draw.ascorbic += mmol;
            case LACTIC -> draw.lactic += mmol;
            case BASE -> draw.base += mmol;
            case NONE -> {}
        }
        if (part.food().isCitrusJuice()) {
            draw.base += grams * JUICE_ALKALINITY;
        } else if (part.food().name().startsWith("vinegar, cider")) {
            draw.base += grams * CIDER_ALKALINITY;
        }
    }

    private static double spread(AcidSum.Part part, SplittableRandom random) {
        if (random == null) {
            return 1;
        }
        double u = random.nextDouble();
        if (part.food().isVinegar()) {
            return VINEGAR_LOW + u * (VINEGAR_HIGH - VINEGAR_LOW);
        }
        if (part.food().isCitrusJuice()) {
            double spread = part.food().name().endsWith("bottled") ? BOTTLED_SPREAD : FRESH_SPREAD;
            return 1 - spread + 2 * spread * u;
        }
        return 1;
    }

    /** Triangular between low and high, its peak at the middle. */
    private static double buffer(Chemistry.Buffer b, SplittableRandom random) {
        if (random == null || b.high() <= b.low()) {
            return b.middle();
        }
        double u = random.nextDouble();
        double peak = (b.middle() - b.low()) / (b.high() - b.low());
        return u < peak
                ? b.low() + Math.sqrt(u * (b.high() - b.low()) * (b.middle() - b.low()))
                : b.high() - Math.sqrt((1 - u) * (b.high() - b.low()) * (b.high() - b.middle()));
    }

    /** Sum of twelve uniform draws: near enough to a normal one, and the same on every machine. */
    private static double gaussian(SplittableRandom random) {
        double sum = -6;
        for (int i = 0; i < 12; i++) {
            sum += random.nextDouble();
        }
        return sum;
    }
}
