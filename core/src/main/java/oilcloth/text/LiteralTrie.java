package oilcloth.text;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import oilcloth.text.Literals.Literal;

/**
 * Finds all of many literals in one pass over a text, one step for each of its signs: a trie of their letters in which
 * every place knows where the longest end of what was read goes on (Aho and Corasick).
 */
final class LiteralTrie {
    /** Is told of each literal and the offset behind its letters. */
    interface Seen {
        void at(Literal literal, int end);
    }

    private static final int ROOT = 0;
    private static final Literal[] NONE = {};

    /** Of each sign its column; signs of no literal share the first. */
    private final short[] columns = new short[Character.MAX_VALUE + 1];

    private final int width;
    /** Of each place, for each column, the place behind it. */
    private final int[] next;
    /** Of each place the literals that end there. */
    private final Literal[][] ending;

    LiteralTrie(List<Literal> literals) {
        List<Literal> sorted =
                literals.stream().sorted(Comparator.comparing(Literal::letters)).toList();
        int places = 1;
        short used = 1;
        String before = "";
        for (Literal literal : sorted) {
            String letters = literal.letters();
            places += letters.length() - common(before, letters);
            before = letters;
            for (int i = 0; i < letters.length(); i++) {
                if (columns[letters.charAt(i)] == 0) {
                    columns[letters.charAt(i)] = used++;
                }
            }
        }
        this.width = used;
        this.next = new int[places * width];
        this.ending = new Literal[places][];
        grow(sorted);
        link(places);
    }

    private static int common(String one, String other) {
        int n = 0;
        while (n < Math.min(one.length(), other.length()) && one.charAt(n) == other.charAt(n)) {
            n++;
        }
        return n;
    }

    private void grow(List<Literal> literals) {
        int places = 1;
        for (Literal literal : literals) {
            int place = ROOT;
            for (int i = 0; i < literal.letters().length(); i++) {
                int step = place * width + columns[literal.letters().charAt(i)];
                if (next[step] == ROOT) {
                    next[step] = places++;
                }
                place = next[step];
            }
            ending[place] = with(ending[place], literal);
        }
    }

    private static Literal[] with(Literal[] some, Literal... more) {
        List<Literal> both = new ArrayList<>(List.of(some == null ? NONE : some));
        both.addAll(List.of(more));
        return both.toArray(Literal[]::new);
    }

    /** Nearer places first: where a place does not go on, it goes on as the longest end of its letters does. */
    private void link(int places) {
        int[] end = new int[places];
        Deque<Integer> waiting = new ArrayDeque<>(List.of(ROOT));
        while (!waiting.isEmpty()) {
            int place = waiting.remove();
            for (int column = 0; column < width; column++) {
                int step = place * width + column;
                int onward = place == ROOT ? ROOT : next[end[place] * width + column];
                int child = next[step];
                if (child == ROOT) {
                    next[step] = onward;
                } else {
                    end[child] = onward;
                    if (ending[onward] != null) {
                        ending[child] = with(ending[child], ending[onward]);
                    }
                    waiting.add(child);
                }
            }
        }
    }

    /** Every literal of a text from an offset on, as often as it stands there. */
    void each(String low, int from, Seen seen) {
        int place = ROOT;
        for (int i = from; i < low.length(); i++) {
            place = next[place * width + columns[low.charAt(i)]];
            Literal[] here = ending[place];
            if (here != null) {
                for (Literal literal : here) {
                    seen.at(literal, i + 1);
                }
            }
        }
    }
}
