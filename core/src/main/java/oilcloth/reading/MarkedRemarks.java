package oilcloth.reading;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import oilcloth.text.Range;
import oilcloth.text.Token;

/**
 * What the sentences an educator has marked teach about one that nobody has marked: each word and each pair of neighbouring
 * words has a weight, found by logistic regression over the {@link Marked} ones. It knows no rule of canning; it only tells
 * that something sounds like what has mattered before. Learned when first asked, always to the same weights.
 */
final class MarkedRemarks {
    private static final class Shipped {
        static final MarkedRemarks ALL = learn(Marked.all());
    }

    /** Where one thing ends in a sentence and the next may begin; "and" only before somebody. */
    private static final Set<String> BREAKS =
            Set.of(",", ";", ":", "(", ")", "-", "–", "—", ".", "but", "so", "because", "since");

    private static final Set<String> SOMEBODY = Set.of("i", "we", "she", "he", "they", "then", "the", "my");

    /** Above this a remark is asked about, whatever its words are known to be. */
    static final double SUSPECT = 0.1;

    /** Above this a remark is asked about although all its words are known to be idle, where it names a food or the canning. */
    static final double IDLE_WORDS = 0.5;

    /** Below this it is let pass, whatever words it has that are not known to be idle. */
    static final double HARMLESS = -0.75;

    /** Below this a food named after the canning goes into no jar. */
    static final double AT_TABLE = -1.5;

    /** Above this a step is asked about, a sentence in which something else was read, and one whose words are all idle. */
    static final double GRAVE = 1.25;

    /** Pulls every weight towards nothing, so that a word met once says little. */
    private static final double RIDGE = 0.002;

    private static final int ROUNDS = 60;
    private static final double STEP = 0.2;
    private static final double LEAST = 1e-6;
    private static final int LEAST_WORDS = 4;
    /** All but one in so many words. */
    private static final int MOST_OF = 3;

    private static final int SHORTEST_STEM = 3;
    private static final String[] ENDINGS = {"ing", "ed", "es", "s"};

    /** Traits have their places by a hash of their words; so many that two seldom share one. */
    private static final int PLACE_BITS = 18;

    private static final int MIX = 0x9E3779B1;
    private static final int NUMBER = "#".hashCode();
    private static final int START = "^".hashCode();
    private static final int END = "$".hashCode();

    /** By the place of the trait; nothing where no marked sentence has it. */
    private final double[] weights;

    private MarkedRemarks(double[] weights) {
        this.weights = weights;
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

    private static boolean breaksAt(Sentence s, int i) {
        String word = s.token(i).norm();
        // "one-inch cubes" is one word
        boolean hyphen = word.equals("-")
                && i > 0
                && i + 1 < s.size()
                && s.token(i - 1).range().end() == s.token(i).range().start()
                && s.token(i).range().end() == s.token(i + 1).range().start();
        return BREAKS.contains(word) && !hyphen && !isListed(s, i)
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
        return weight(traits(s, part));
    }

    /** Whether a word stands in any of them. */
    boolean hasMet(String word) {
        return weights[place(stem(word))] != 0;
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

    /**
     * Learns from the marked sentences, and from the parts of the harmless ones, which are harmless as well. Of one that
     * matters nobody has said which part it is.
     */
    static MarkedRemarks learn(List<Marked> marked) {
        List<int[]> traits = new ArrayList<>();
        BitSet matters = new BitSet();
        for (Marked m : marked) {
            Sentence s = sentence(m.text());
            matters.set(traits.size(), m.matters());
            traits.add(traits(s, s.range()));
            if (!m.matters()) {
                parts(s).forEach(p -> traits.add(traits(s, p)));
            }
        }
        return learn(traits, matters);
    }

    /** Gradient descent, one sentence after the other, each weight with a step of its own (AdaGrad). */
    private static MarkedRemarks learn(List<int[]> sentences, BitSet matters) {
        double[] weights = new double[1 << PLACE_BITS];
        double[] gone = new double[1 << PLACE_BITS];
        // as if there were as many that matter as are harmless
        double dearer = (double) (sentences.size() - matters.cardinality()) / matters.cardinality();
        int[] order = order(sentences);
        for (int round = 0; round < ROUNDS; round++) {
            for (int i : order) {
                int[] traits = sentences.get(i);
                double share = 1 / Math.sqrt(traits.length);
                double odds = 0;
                for (int t : traits) {
                    odds += weights[t] * share;
                }
                double sounds = 1 / (1 + Math.exp(-odds));
                double miss = matters.get(i) ? dearer * (sounds - 1) : sounds;
                for (int t : traits) {
                    double slope = miss * share + RIDGE * weights[t];
                    gone[t] += slope * slope;
                    weights[t] -= STEP * slope / Math.sqrt(gone[t] + LEAST);
                }
            }
        }
        return new MarkedRemarks(weights);
    }

    /**
     * Mixed, so that what is alike does not come in a row, and each placed by its own words alone: one sentence more leaves
     * the others in their order.
     */
    private static int[] order(List<int[]> sentences) {
        return IntStream.range(0, sentences.size())
                .boxed()
                .sorted(Comparator.comparingInt(i -> Arrays.hashCode(sentences.get(i)) * MIX))
                .mapToInt(Integer::intValue)
                .toArray();
    }

    private static Sentence sentence(String text) {
        return new Sentence(text, new Range(0, text.length()), false);
    }

    /** The places of its words without their endings, every figure as one sign, and of each two that stand together. */
    private static int[] traits(Sentence s, Range part) {
        int first = s.first(part);
        int[] places = new int[2 * (s.size() - first) + 1];
        int count = 0;
        int before = START;
        for (int i = first; i < s.size() && part.contains(s.token(i).range()); i++) {
            Token token = s.token(i);
            if (token.kind() == Token.Kind.SIGN && !token.is("?")) {
                continue;
            }
            int word = token.isNumber() ? NUMBER : stem(token.norm());
            places[count++] = place(word);
            places[count++] = place(pair(before, word));
            before = word;
        }
        places[count++] = place(pair(before, END));
        Arrays.sort(places, 0, count);
        int kept = 1;
        for (int i = 1; i < count; i++) {
            if (places[i] != places[i - 1]) {
                places[kept++] = places[i];
            }
        }
        return Arrays.copyOf(places, kept);
    }

    private static int pair(int one, int next) {
        return (one * MIX + next) * MIX;
    }

    private static int place(int hash) {
        int mixed = (hash ^ hash >>> Short.SIZE) * MIX;
        return mixed >>> Integer.SIZE - PLACE_BITS;
    }

    /** The hash of a word without its ending, as {@link String#hashCode} counts it. */
    private static int stem(String word) {
        int length = word.length();
        for (String ending : ENDINGS) {
            if (word.endsWith(ending) && word.length() - ending.length() >= SHORTEST_STEM) {
                length -= ending.length();
                break;
            }
        }
        int hash = 0;
        for (int i = 0; i < length; i++) {
            hash = 31 * hash + word.charAt(i);
        }
        return hash;
    }
}
