package oilcloth.guide;

/** The two kinds of pressure gauge, with different rows. */
public enum Gauge {
    DIAL,
    WEIGHTED
}
