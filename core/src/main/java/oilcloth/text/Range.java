package oilcloth.text;

/** A half-open range {@code [start, end)} of UTF-16 offsets into the text shown. */
public record Range(int start, int end) implements Comparable<Range> {
    /** @throws IllegalArgumentException when negative, empty backwards */
    public Range {
        if (start < 0 || end < start) {
            throw new IllegalArgumentException("not a range: " + start + ".." + end);
        }
    }

    public String of(String text) {
        return text.substring(start, end);
    }

    public boolean overlaps(Range other) {
        return start < other.end && other.start < end;
    }

    public boolean contains(Range other) {
        return start <= other.start && other.end <= end;
    }

    /** The same range in a text that begins {@code by} characters earlier. */
    public Range shift(int by) {
        return new Range(start + by, end + by);
    }

    /** The smallest range that covers both. */
    public Range to(Range other) {
        return new Range(Math.min(start, other.start), Math.max(end, other.end));
    }

    @Override
    public int compareTo(Range other) {
        return start != other.start ? Integer.compare(start, other.start) : Integer.compare(end, other.end);
    }
}
