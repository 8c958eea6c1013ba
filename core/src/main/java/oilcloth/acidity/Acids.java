package oilcloth.acidity;

import oilcloth.guide.Chemistry.Species;

/** How far the acids are dissociated (acid limits, the pH screen: pKa acetic 4.76, citric 3.13/4.76/6.40, …). */
final class Acids {
    private static final double ACETIC = 4.76;
    private static final double ASCORBIC = 4.10;
    private static final double LACTIC = 3.86;
    private static final double CITRIC_1 = 3.13;
    private static final double CITRIC_2 = 4.76;
    private static final double CITRIC_3 = 6.40;

    private Acids() {}

    /** Mean negative charges of one molecule at a pH, which is the H⁺ it has given off. */
    static double charge(Species species, double ph) {
        return switch (species) {
            case ACETIC -> one(ACETIC, ph);
            case ASCORBIC -> one(ASCORBIC, ph);
            case LACTIC -> one(LACTIC, ph);
            case CITRIC -> three(ph);
            case NONE, BASE -> 0;
        };
    }

    private static double one(double pka, double ph) {
        return 1 / (1 + Math.pow(10, pka - ph));
    }

    private static double three(double ph) {
        double first = Math.pow(10, ph - CITRIC_1);
        double second = first * Math.pow(10, ph - CITRIC_2);
        double third = second * Math.pow(10, ph - CITRIC_3);
        return (first + 2 * second + 3 * third) / (1 + first + second + third);
    }
}
