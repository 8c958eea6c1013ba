package oilcloth.text;

import java.util.List;

/**
 * A text with some of its words left out, and where what remains stood.
 *
 * @param text what remains
 * @param leftOut ranges of the whole text in their order, none overlapping another
 */
public record Shortened(String text, List<Range> leftOut) {
    /** @param words ranges of the whole text in their order, none overlapping another */
    public static Shortened without(String whole, List<Range> words) {
        StringBuilder rest = new StringBuilder(whole.length());
        int from = 0;
        for (Range left : words) {
            rest.append(whole, from, left.start());
            from = left.end();
        }
        return new Shortened(rest.append(whole, from, whole.length()).toString(), List.copyOf(words));
    }

    /** Where a range of what remains stood in the whole text; words left out at its ends are none of it. */
    public Range original(Range range) {
        int start = offset(range.start(), true);
        return new Range(start, range.end() == range.start() ? start : offset(range.end(), false));
    }

    /** @param behind whether a place where words were left out is the one behind them, and not the one before */
    private int offset(int at, boolean behind) {
        int offset = at;
        for (Range left : leftOut) {
            if (left.start() > offset || !behind && left.start() == offset) {
                break;
            }
            offset += left.end() - left.start();
        }
        return offset;
    }
}
