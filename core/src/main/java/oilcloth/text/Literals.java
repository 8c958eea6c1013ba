package oilcloth.text;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * Every literal that some cue needs, so that one pass over a text tells which cues can match in it. It grows as cues are
 * made and never shrinks.
 */
final class Literals {
    /** A literal, perhaps only at the beginning of a word, and the cues that can match where it stands. */
    static final class Literal {
        private final String letters;
        private final boolean opensWord;
        private final int id;
        private volatile int[] cues = {};

        private Literal(String letters, boolean opensWord, int id) {
            this.letters = letters;
            this.opensWord = opensWord;
            this.id = id;
        }

        String letters() {
            return letters;
        }

        /** Whether it counts where its letters stand, {@code end} behind the last of them. */
        boolean countsBefore(int end, String low) {
            int start = end - letters.length();
            return !opensWord || start == 0 || !isInWord(low.charAt(start - 1));
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

    /** What is known at one time, ready to look for. */
    private record Known(int literals, int cues, LiteralTrie trie) {}

    /** Texts looked through with what was known before, until what was made since is looked for. */
    private static final int PATIENCE = 64;

    /** Literals that may stand anywhere, and those that open a word. */
    private final Map<String, Literal> anywhere = new HashMap<>();

    private final Map<String, Literal> opening = new HashMap<>();
    private final List<Literal> all = new ArrayList<>();

    private volatile int literalCount;
    private volatile int cueCount;
    private volatile Known known = new Known(0, 0, new LiteralTrie(List.of()));
    /** Texts looked through since something was made that is not yet looked for. */
    private final AtomicInteger behind = new AtomicInteger();

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
        return (opensWord ? opening : anywhere).computeIfAbsent(letters, l -> {
            Literal made = new Literal(l, opensWord, literalCount);
            all.add(made);
            literalCount++;
            return made;
        });
    }

    /** Signs; no literal begins with more blanks. */
    private static final int BLANKS = 8;

    /** One pass over a text. */
    Present in(String low) {
        Known now = known();
        Present present = new Present(now.literals, now.cues);
        // of several recipes those before this one are blank
        int start = 0;
        while (start + 1 < low.length() && low.charAt(start) == ' ' && low.charAt(start + 1) == ' ') {
            start++;
        }
        now.trie.each(low, Math.max(0, start - BLANKS), (literal, end) -> {
            if (!present.mayHold(literal) && literal.countsBefore(end, low)) {
                present.add(literal);
            }
        });
        return present;
    }

    /** Most cues are made with the first texts: what was made since the last look is taken in by the many. */
    private Known known() {
        Known now = known;
        boolean complete = now.literals == literalCount && now.cues == cueCount;
        boolean waits = literalCount - now.literals <= now.literals / 2 && behind.get() < PATIENCE;
        if (complete || waits && behind.incrementAndGet() < PATIENCE) {
            return now;
        }
        synchronized (this) {
            known = new Known(literalCount, cueCount, new LiteralTrie(all));
            behind.set(0);
            return known;
        }
    }

    /** Of the first signs, which nearly all texts are made of, whether no word can begin right behind them. */
    private static final boolean[] IN_WORD = new boolean[0x80];

    static {
        for (char c = 0; c < IN_WORD.length; c++) {
            IN_WORD[c] = c == '_' || Character.isLetterOrDigit(c);
        }
    }

    /** Whether no word can begin right behind it. */
    static boolean isInWord(char c) {
        return c < IN_WORD.length ? IN_WORD[c] : Character.isLetterOrDigit(c);
    }
}
