package oilcloth.measure;

/**
 * An amount as a cook writes it: one figure, or a range, of one unit.
 *
 * @param low the smaller figure, zero or more
 * @param high the larger figure, at least {@code low}
 * @param exact false for "about", "heaping", "just under" and the like
 */
public record Amount(double low, double high, Unit unit, boolean exact) {
    /** @throws IllegalArgumentException when the range is upside down, negative or not finite */
    public Amount {
        if (!Double.isFinite(low) || !Double.isFinite(high) || low < 0 || high < low) {
            throw new IllegalArgumentException("an amount runs from low to high: " + low + " to " + high);
        }
    }

    public static Amount of(double figure, Unit unit) {
        return new Amount(figure, figure, unit, true);
    }

    public double middle() {
        return (low + high) / 2;
    }

    public Amount times(double factor) {
        return new Amount(low * factor, high * factor, unit, exact);
    }

    /** As cooks write it: {@code 1½ cups}, {@code 2 to 3 lb}. */
    @Override
    public String toString() {
        String figure = Fractions.format(low) + (high > low ? " to " + Fractions.format(high) : "");
        boolean many = high > 1
                && (unit == Unit.CUP
                        || unit == Unit.QUART
                        || unit == Unit.PINT
                        || unit == Unit.CLOVE
                        || unit == Unit.HEAD
                        || unit == Unit.STICK
                        || unit == Unit.GALLON);
        return unit.label().isEmpty() ? figure : figure + " " + unit.label() + (many ? "s" : "");
    }
}
