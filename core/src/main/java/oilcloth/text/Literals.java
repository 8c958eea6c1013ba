package oilcloth.text;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicReferenceArray;

/**
 * Every literal that some cue needs, so that one pass over a text tells which cues can match in it. It grows as cues are
 * made and never shrinks.
 */
final class Literals {
    /** A literal, perhaps only at the beginning of a word, and the cues that can match where it stands. */
    static final class Literal {
        private final String letters;
        private final int id;
        private volatile int[] cues = {};

        private Literal(String letters, int id) {
            this.letters = letters;
            this.id = id;
        }

        String letters() {
            return letters;
        }
    }

    /** What stands in one text: bits of literals and of cues. What was made since is possible, too. */
    static final class Present {
        private final int knownLiterals;
        private final int knownCues;
        private final long[] literals;
        private final long[] cues;

        private Present(int knownLiterals, int knownCues) {
            this.knownLiterals = knownLiterals;
            this.knownCues = knownCues;
            this.literals = new long[(knownLiterals + Long.SIZE - 1) / Long.SIZE];
            this.cues = new long[(knownCues + Long.SIZE - 1) / Long.SIZE];
        }

        boolean mayHold(Literal literal) {
            return literal.id >= knownLiterals || isSet(literals, literal.id);
        }

        boolean mayMatch(int cue) {
            return cue >= knownCues || isSet(cues, cue);
        }

        private void add(Literal literal) {
            set(literals, literal.id);
            for (int cue : literal.cues) {
                if (cue < knownCues) {
                    set(cues, cue);
                }
            }
        }

        private static boolean isSet(long[] bits, int i) {
            return (bits[i / Long.SIZE] & 1L << i) != 0;
        }

        private static void set(long[] bits, int i) {
            bits[i / Long.SIZE] |= 1L << i;
        }
    }

    private static final int LEAST = 2;
    private static final int MOST = 4;
    private static final int BUCKETS = 1 << 13;
    private static final int PAIRS = 1 << 14;
    private static final int FACTOR = 31;

    /** Literals that may stand anywhere, and those that open a word. */
    private final Table anywhere = new Table();

    private final Table opening = new Table();

    private static final class Table {
        private final Map<String, Literal> byLetters = new HashMap<>();
        /** Literals of two letters, of three, and longer ones by their first four. */
        private final List<AtomicReferenceArray<Literal[]>> byBeginning = List.of(
                new AtomicReferenceArray<>(BUCKETS),
                new AtomicReferenceArray<>(BUCKETS),
                new AtomicReferenceArray<>(BUCKETS));

        /** The first two letters of some literal. */
        private final long[] pairs = new long[PAIRS / Long.SIZE];

        private void add(Literal made) {
            String l = made.letters;
            int telling = Math.min(l.length(), MOST);
            AtomicReferenceArray<Literal[]> buckets = byBeginning.get(telling - LEAST);
            int bucket = beginning(l, 0, telling) & (BUCKETS - 1);
            Literal[] before = buckets.get(bucket);
            Literal[] after = before == null ? new Literal[1] : Arrays.copyOf(before, before.length + 1);
            after[after.length - 1] = made;
            buckets.set(bucket, after);
            int pair = pair(l.charAt(0), l.charAt(1));
            pairs[pair / Long.SIZE] |= 1L << pair;
        }

        private void look(String low, int i, Present present) {
            int pair = pair(low.charAt(i), low.charAt(i + 1));
            if ((pairs[pair / Long.SIZE] & 1L << pair) == 0) {
                return;
            }
            int hash = beginning(low, i, LEAST);
            mark(byBeginning.get(0).get(hash & (BUCKETS - 1)), low, i, present);
            for (int n = LEAST + 1; n <= MOST && i + n <= low.length(); n++) {
                hash = hash * FACTOR + low.charAt(i + n - 1);
                mark(byBeginning.get(n - LEAST).get(hash & (BUCKETS - 1)), low, i, present);
            }
        }
    }

    private volatile int literalCount;
    private volatile int cueCount;

    /** @return the number of a new cue that can match only where one of these stands */
    synchronized int newCue(Iterable<Literal> needed) {
        int cue = cueCount;
        for (Literal literal : needed) {
            int[] more = Arrays.copyOf(literal.cues, literal.cues.length + 1);
            more[more.length - 1] = cue;
            literal.cues = more;
        }
        cueCount = cue + 1;
        return cue;
    }

    /**
     * @param letters two at least
     * @param opensWord whether only those count that no letter stands before
     */
    synchronized Literal literal(String letters, boolean opensWord) {
        Table table = opensWord ? opening : anywhere;
        return table.byLetters.computeIfAbsent(letters, l -> {
            Literal made = new Literal(l, literalCount);
            table.add(made);
            literalCount++;
            return made;
        });
    }

    /** Signs; no literal begins with more blanks. */
    private static final int BLANKS = 8;

    /** One pass over a text. */
    Present in(String low) {
        // cues first: a cue counted here has its literals counted as well
        int cues = cueCount;
        Present present = new Present(literalCount, cues);
        boolean inWord = false;
        // of several recipes those before this one are blank
        int start = 0;
        while (start + 1 < low.length() && low.charAt(start) == ' ' && low.charAt(start + 1) == ' ') {
            start++;
        }
        for (int i = Math.max(0, start - BLANKS); i + LEAST <= low.length(); i++) {
            anywhere.look(low, i, present);
            if (!inWord) {
                opening.look(low, i, present);
            }
            inWord = isInWord(low.charAt(i));
        }
        return present;
    }

    /** Whether no word can begin right behind it. */
    static boolean isInWord(char c) {
        return c == '_' || Character.isLetterOrDigit(c);
    }

    private static void mark(Literal[] bucket, String low, int at, Present present) {
        if (bucket != null) {
            for (Literal literal : bucket) {
                if (!present.mayHold(literal) && low.startsWith(literal.letters, at)) {
                    present.add(literal);
                }
            }
        }
    }

    private static int pair(char first, char second) {
        return (first << 7 ^ second) & (PAIRS - 1);
    }

    private static int beginning(String s, int from, int letters) {
        int hash = 0;
        for (int i = from; i < from + letters; i++) {
            hash = hash * FACTOR + s.charAt(i);
        }
        return hash;
    }
}
