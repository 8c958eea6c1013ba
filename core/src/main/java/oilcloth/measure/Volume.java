package oilcloth.measure;

/** A volume of zero or more, kept in millilitres (US customary measures: 1 cup = 236.588 ml). */
public record Volume(double millilitres) implements Comparable<Volume> {
    public static final Volume ZERO = new Volume(0);
    static final double ML_PER_CUP = 236.588;

    /** @throws IllegalArgumentException when negative or not finite */
    public Volume {
        if (!Double.isFinite(millilitres) || millilitres < 0) {
            throw new IllegalArgumentException("a volume is zero or more: " + millilitres);
        }
    }

    public static Volume ofMillilitres(double ml) {
        return new Volume(ml);
    }

    public static Volume ofCups(double cups) {
        return new Volume(cups * ML_PER_CUP);
    }

    public static Volume ofTablespoons(double tablespoons) {
        return ofCups(tablespoons / 16);
    }

    public static Volume ofTeaspoons(double teaspoons) {
        return ofCups(teaspoons / 48);
    }

    public double cups() {
        return millilitres / ML_PER_CUP;
    }

    public double tablespoons() {
        return cups() * 16;
    }

    public double teaspoons() {
        return cups() * 48;
    }

    public Volume plus(Volume other) {
        return new Volume(millilitres + other.millilitres);
    }

    public Volume times(double factor) {
        return new Volume(millilitres * factor);
    }

    public boolean isZero() {
        return millilitres == 0;
    }

    @Override
    public int compareTo(Volume other) {
        return Double.compare(millilitres, other.millilitres);
    }
}
