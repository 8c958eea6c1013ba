package oilcloth.reading;

import java.io.BufferedOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import oilcloth.text.Range;
import oilcloth.text.Token;

/** Finds the weights of {@link MarkedRemarks} by logistic regression over the {@link Marked} sentences. */
public final class RemarkLearner {
    /** Pulls every weight towards nothing, so that a word met once says little. */
    private static final double RIDGE = 0.002;

    private static final int ROUNDS = 60;
    private static final double STEP = 0.2;
    private static final double LEAST = 1e-6;
    private static final int MIX = 0x9E3779B1;

    private RemarkLearner() {}

    /**
     * Writes the weights that ship and the words they are of, as part of the build.
     *
     * @param args the file to write
     */
    public static void main(String[] args) throws IOException {
        Path file = Path.of(args[0]);
        Files.createDirectories(file.getParent());
        float[] weights = weights(Marked.all());
        int[] words = words(Marked.all());
        try (DataOutputStream out = new DataOutputStream(new BufferedOutputStream(Files.newOutputStream(file)))) {
            out.writeInt((int) IntStream.range(0, weights.length)
                    .filter(i -> weights[i] != 0)
                    .count());
            for (int place = 0; place < weights.length; place++) {
                if (weights[place] != 0) {
                    out.writeInt(place);
                    out.writeFloat(weights[place]);
                }
            }
            out.writeInt(words.length);
            for (int word : words) {
                out.writeInt(word);
            }
        }
    }

    /**
     * Learns from the marked sentences, and from the parts of the harmless ones, which are harmless as well. Of one that
     * matters nobody has said which part it is. Always to the same weights.
     *
     * @return by the place of the trait
     */
    static float[] weights(List<Marked> marked) {
        List<int[]> traits = new ArrayList<>();
        BitSet matters = new BitSet();
        for (Marked m : marked) {
            Sentence s = MarkedRemarks.sentence(m.text());
            matters.set(traits.size(), m.matters());
            traits.add(RemarkTraits.of(s, s.range()));
            if (!m.matters()) {
                for (Range part : MarkedRemarks.parts(s)) {
                    traits.add(RemarkTraits.of(s, part));
                }
            }
        }
        return weights(traits, matters);
    }

    /** The words of the marked sentences, each once, in order. */
    static int[] words(List<Marked> marked) {
        return marked.stream()
                .flatMap(m -> MarkedRemarks.sentence(m.text()).tokens().stream())
                .filter(Token::isWord)
                .mapToInt(t -> RemarkTraits.ofWord(t.norm()))
                .distinct()
                .sorted()
                .toArray();
    }

    /** Gradient descent, one sentence after the other, each weight with a step of its own (AdaGrad). */
    private static float[] weights(List<int[]> sentences, BitSet matters) {
        double[] weights = new double[RemarkTraits.PLACES];
        double[] gone = new double[RemarkTraits.PLACES];
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
        float[] kept = new float[weights.length];
        for (int i = 0; i < kept.length; i++) {
            kept[i] = (float) weights[i];
        }
        return kept;
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
}
