package oilcloth.text;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * Every literal that some cue needs, so that one pass over a text tells which cues can match in it. It grows as cues are
 * made and never shrinks.
 */
final class Literals {
    /** A literal, perhaps only at the beginning of a word, and the cues that need it or others in its stead. */
    static final class Literal {
        private final String letters;
        private final boolean opensWord;
        private final int id;
        private volatile int[] cues = {};
        private volatile int[] alsoNeededBy = {};

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
        /** Cues one of whose first literals stands there. */
        private final long[] cues;
        /** Those one of whose second ones does. */
        private final long[] also;

        private Present(Known known) {
            this.knownLiterals = known.literals;
            this.knownCues = known.cues;
            this.literals = new long[words(knownLiterals)];
            this.cues = known.anywhere.clone();
            this.also = known.needNoMore.clone();
        }

        boolean mayHold(Literal literal) {
            return literal.id >= knownLiterals || isSet(literals, literal.id);
        }

        boolean mayMatch(int cue) {
            return cue >= knownCues || isSet(cues, cue) && isSet(also, cue);
        }

        /** The first number from one on, before another, of a cue that may match; the other for none. */
        int next(int from, int before) {
            int known = Math.min(before, knownCues);
            int at = from;
            while (at < known) {
                int word = at / Long.SIZE;
                long rest = (cues[word] & also[word]) >>> at;
                if (rest != 0) {
                    return Math.min(at + Long.numberOfTrailingZeros(rest), before);
                }
                at = (word + 1) * Long.SIZE;
            }
            return Math.min(Math.max(from, known), before);
        }

        private void add(Literal literal) {
            set(literals, literal.id);
            setEach(cues, literal.cues);
            setEach(also, literal.alsoNeededBy);
        }

        private void setEach(long[] bits, int[] ids) {
            for (int cue : ids) {
                if (cue < knownCues) {
                    set(bits, cue);
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

    /** What is known at one time, ready to look for; the bits of the cues that need none of the first literals, or none of the second. */
    private record Known(int literals, int cues, LiteralTrie trie, long[] anywhere, long[] needNoMore) {}

    private static int words(int bits) {
        return (bits + Long.SIZE - 1) / Long.SIZE;
    }

    /** Texts looked through with what was known before, until what was made since is looked for. */
    private static final int PATIENCE = 64;

    /** Literals that may stand anywhere, and those that open a word. */
    private final Map<String, Literal> anywhere = new HashMap<>();

    private final Map<String, Literal> opening = new HashMap<>();
    private final List<Literal> all = new ArrayList<>();

    private volatile int literalCount;
    private volatile int cueCount;
    /** Numbers of cues that need no literal. */
    private final BitSet free = new BitSet();
    /** Numbers of those that need no second one. */
    private final BitSet single = new BitSet();

    private volatile Known known = new Known(0, 0, new LiteralTrie(List.of()), new long[0], new long[0]);
    /** Texts looked through since something was made that is not yet looked for. */
    private final AtomicInteger behind = new AtomicInteger();

    /**
     * What a cue needs.
     *
     * @param first literals of which one must stand where it matches; none where it may match anywhere
     * @param also of which one must stand there, too; none where it needs no more
     */
    record Needs(List<Literal> first, List<Literal> also) {}

    /** @return the number of the first of some new cues; the others follow one by one */
    synchronized int newCues(List<Needs> cues) {
        int first = cueCount;
        int cue = first;
        for (Needs needs : cues) {
            free.set(cue, needs.first().isEmpty());
            single.set(cue, needs.also().isEmpty());
            for (Literal literal : needs.first()) {
                literal.cues = with(literal.cues, cue);
            }
            for (Literal literal : needs.also()) {
                literal.alsoNeededBy = with(literal.alsoNeededBy, cue);
            }
            cue++;
        }
        cueCount = cue;
        return first;
    }

    private static int[] with(int[] cues, int cue) {
        int[] more = Arrays.copyOf(cues, cues.length + 1);
        more[cues.length] = cue;
        return more;
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
        Present present = new Present(now);
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
            known = new Known(literalCount, cueCount, new LiteralTrie(all), bits(free), bits(single));
            behind.set(0);
            return known;
        }
    }

    private long[] bits(BitSet cues) {
        return Arrays.copyOf(cues.toLongArray(), words(cueCount));
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
