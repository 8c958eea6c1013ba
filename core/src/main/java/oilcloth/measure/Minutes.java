package oilcloth.measure;

/** A length of time in whole minutes, zero or more. */
public record Minutes(int value) implements Comparable<Minutes> {
    /** @throws IllegalArgumentException when negative */
    public Minutes {
        if (value < 0) {
            throw new IllegalArgumentException("minutes are zero or more: " + value);
        }
    }

    public static Minutes of(int minutes) {
        return new Minutes(minutes);
    }

    public int minus(Minutes other) {
        return value - other.value;
    }

    public Minutes plus(int minutes) {
        return new Minutes(value + minutes);
    }

    @Override
    public int compareTo(Minutes other) {
        return Integer.compare(value, other.value);
    }
}
