package oilcloth.guide;

/**
 * How a food takes up or gives acid (foods table; confidence of the table's row).
 *
 * @param phLow lowest pH of the food by itself, and {@code phHigh} the highest
 * @param buffer mmol of acid that a kilogram takes up for each unit of pH: low, middle, high; zero for acids and water
 * @param acid what it brings, in mmol per gram; negative for a base; zero for none
 */
public record Chemistry(double phLow, double phHigh, Buffer buffer, double acid, Species species) {

    /** Buffering, mmol per kilogram and unit of pH. */
    public record Buffer(double low, double middle, double high) {
        public static final Buffer NONE = new Buffer(0, 0, 0);
    }

    /** Acids told apart by their strength, and what works against them. */
    public enum Species {
        NONE,
        ACETIC,
        CITRIC,
        ASCORBIC,
        LACTIC,
        BASE
    }
}
