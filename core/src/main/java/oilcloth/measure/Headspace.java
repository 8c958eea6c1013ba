package oilcloth.measure;

/** The space between the food and the rim of the jar, in inches, 0 to 4. */
public record Headspace(double inches) {
    /** Differences below this are not worth a remark: an eighth of an inch, less a hair for rounding. */
    public static final double NOTICEABLE_INCHES = 0.12;

    /** @throws IllegalArgumentException outside 0 to 4 inches */
    public Headspace {
        if (!(inches >= 0 && inches <= 4)) {
            throw new IllegalArgumentException("headspace runs from 0 to 4 inches: " + inches);
        }
    }

    public static Headspace ofInches(double inches) {
        return new Headspace(inches);
    }
}
