package oilcloth.corpus;

import java.util.List;
import java.util.stream.IntStream;

/**
 * A part of what there is to try, spread evenly over it and the same in every run. {@code ./oilcloth test --whole} tries
 * everything.
 */
public final class Part {
    private static final boolean WHOLE = Boolean.getBoolean("oilcloth.whole");

    private Part() {}

    /** Every so many of them, beginning with the one so numbered; all of them in a whole run. */
    public static <T> List<T> of(List<T> all, int every, int first) {
        return IntStream.range(0, all.size())
                .filter(i -> isIn(i, every, first))
                .mapToObj(all::get)
                .toList();
    }

    /** Whether the one so numbered is tried. */
    public static boolean isIn(int number, int every, int first) {
        return WHOLE || Math.floorMod(number - first, every) == 0;
    }
}
