package oilcloth.reading;

import java.io.BufferedInputStream;
import java.io.DataInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import oilcloth.text.Range;
import oilcloth.text.Token;

/**
 * What the sentences an educator has marked teach about one that nobody has marked: each word, and each two and each three
 * that stand together, has a weight, found by {@link RemarkLearner} over the {@link Marked} ones. It knows no rule of
 * canning; it only tells that something sounds like what has mattered before.
 */
final class MarkedRemarks {
    /** Written by {@link RemarkLearner} when the application is built. */
    private static final String FILE = "remark-weights.bin";

    private static final class Shipped {
        static final MarkedRemarks ALL = read();
    }

    /** Where one thing ends in a sentence and the next may begin; "and" only before somebody. */
    private static final Set<String> BREAKS =
            Set.of(",", ";", ":", "(", ")", "-", "–", "—", ".", "but", "so", "because", "since");

    private static final Set<String> SOMEBODY = Set.of("i", "we", "she", "he", "they", "then", "the", "my");

    /** Above this a remark is asked about, whatever its words are known to be. */
    static final double SUSPECT = 0;

    /** Above this a remark is asked about although all its words are known to be idle, where it names a food or the canning. */
    static final double IDLE_WORDS = 0.4;

    /** Below this it is let pass, whatever words it has that are not known to be idle. */
    static final double HARMLESS = -0.75;

    /** Below this a food named after the canning goes into no jar. */
    static final double AT_TABLE = -1.5;

    /** Below this it need not even name the dish. */
    static final double FAR_OFF = -2;

    /** Above this a step is asked about, a sentence in which something else was read, and one whose words are all idle. */
    static final double GRAVE = 1.1;

    /** Above this a remark is asked about, though it may tell how the jars look. */
    static final double CERTAIN = 3;

    private static final int LEAST_WORDS = 4;
    /** All but one in so many words. */
    private static final int MOST_OF = 3;

    /** By the place of the trait; nothing where no marked sentence has it. */
    private final float[] weights;

    /** In order; a place may be shared, and then says nothing of a word. */
    private final int[] words;

    private MarkedRemarks(float[] weights, int[] words) {
        this.weights = weights;
        this.words = words;
    }

    static MarkedRemarks learn(List<Marked> marked) {
        return new MarkedRemarks(RemarkLearner.weights(marked), RemarkLearner.words(marked));
    }

    private static MarkedRemarks read() {
        float[] weights = new float[RemarkTraits.PLACES];
        int[] words;
        try (DataInputStream in =
                new DataInputStream(new BufferedInputStream(MarkedRemarks.class.getResourceAsStream(FILE)))) {
            for (int left = in.readInt(); left > 0; left--) {
                weights[in.readInt()] = in.readFloat();
            }
            words = new int[in.readInt()];
            for (int i = 0; i < words.length; i++) {
                words[i] = in.readInt();
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return new MarkedRemarks(weights, words);
    }

    static MarkedRemarks shipped() {
        return Shipped.ALL;
    }

    /** The parts of a sentence that may be remarks of their own. */
    static List<Range> parts(Sentence s) {
        List<Range> parts = new ArrayList<>();
        int start = 0;
        int words = 0;
        for (int i = 0; i < s.size(); i++) {
            if (breaksAt(s, i)) {
                if (words >= LEAST_WORDS) {
                    parts.add(s.span(start, i));
                }
                start = i + 1;
                words = 0;
            } else if (s.token(i).kind() != Token.Kind.SIGN) {
                words++;
            }
        }
        if (start > 0 && words >= LEAST_WORDS) {
            parts.add(s.span(start, s.size()));
        }
        return parts;
    }

    private static final int LONGEST_ITEM = 3;

    /** "I put the sugar, water, vinegar and cloves in a pan": a comma between the items of a list parts nothing. */
    private static boolean isListed(Sentence s, int comma) {
        if (!s.is(comma, ",")) {
            return false;
        }
        for (int i = comma + 1; i < s.size() && i <= comma + 1 + LONGEST_ITEM; i++) {
            String word = s.token(i).norm();
            boolean ends = word.equals(",") || word.equals("and") || word.equals("or") || word.equals("&");
            if (ends || SOMEBODY.contains(word)) {
                return ends
                        && i > comma + 1
                        && !(i + 1 < s.size()
                                && SOMEBODY.contains(s.token(i + 1).norm()));
            }
        }
        return false;
    }

    private static final Set<String> SHORTENED =
            Set.of("min", "mins", "hr", "hrs", "lb", "lbs", "in", "tsp", "tbsp", "qt", "pt", "oz", "ft", "approx");

    private static boolean breaksAt(Sentence s, int i) {
        String word = s.token(i).norm();
        // "one-inch cubes" is one word
        boolean hyphen = word.equals("-")
                && i > 0
                && i + 1 < s.size()
                && s.token(i - 1).range().end() == s.token(i).range().start()
                && s.token(i).range().end() == s.token(i + 1).range().start();
        boolean shortened =
                word.equals(".") && i > 0 && SHORTENED.contains(s.token(i - 1).norm());
        return BREAKS.contains(word) && !hyphen && !shortened && !isListed(s, i)
                || word.equals("and")
                        && i + 1 < s.size()
                        && SOMEBODY.contains(s.token(i + 1).norm());
    }

    /**
     * How much its words speak for its mattering, 0 where they say nothing either way. A difference of natural logarithms
     * of odds; how many more harmless sentences than others are marked does not enter.
     */
    double weight(Sentence s) {
        return weight(s, s.range());
    }

    /** The same of a part of a sentence. */
    double weight(Sentence s, Range part) {
        return weight(RemarkTraits.of(s, part));
    }

    /** Whether a word stands in any of them. */
    boolean hasMet(String word) {
        return Arrays.binarySearch(words, RemarkTraits.ofWord(word)) >= 0;
    }

    /** Whether what it is weighed by is more than a word or two of it: "Wonton style." is not. */
    boolean hasMetMost(Sentence s) {
        int words = 0;
        int met = 0;
        for (Token token : s.tokens()) {
            if (token.isWord()) {
                words++;
                met += hasMet(token.norm()) ? 1 : 0;
            }
        }
        return met * MOST_OF >= words * (MOST_OF - 1);
    }

    double weight(String remark) {
        return weight(sentence(remark));
    }

    private double weight(int[] traits) {
        double sum = 0;
        int met = 0;
        for (int trait : traits) {
            if (weights[trait] != 0) {
                sum += weights[trait];
                met++;
            }
        }
        return met == 0 ? 0 : sum / Math.sqrt(met);
    }

    /** As the reader hears it. */
    static Sentence sentence(String text) {
        List<Range> whole = List.of(new Range(0, text.length()));
        return new Sentence(text, AskedOfDone.told(text, whole).get(0), false);
    }
}
