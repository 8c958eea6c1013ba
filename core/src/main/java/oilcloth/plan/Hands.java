package oilcloth.plan;

import java.util.ArrayList;
import java.util.List;

/** One cook's hands: one thing at a time. */
final class Hands {
    private record Busy(int from, int to) {}

    private final List<Busy> busy = new ArrayList<>();

    /** The first moment from {@code after} on that leaves the hands free for so long; they are taken for it. */
    int take(int after, int minutes) {
        int at = after;
        boolean moved = true;
        while (moved) {
            moved = false;
            for (Busy b : busy) {
                if (at < b.to && b.from < at + minutes) {
                    at = b.to;
                    moved = true;
                }
            }
        }
        busy.add(new Busy(at, at + minutes));
        return at;
    }
}
