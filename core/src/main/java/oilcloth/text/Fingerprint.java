package oilcloth.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Whether two texts are the same one, copied with small changes: a fingerprint of 64 bits of the runs of three words, as
 * Charikar's similarity hash builds it. Texts that differ by a greeting or a few words differ in few bits.
 */
public final class Fingerprint {
    /** Bits by which copies of one text may differ; the two nearest letters of the corpus that are no copies differ by 15. */
    public static final int SAME_WITHIN = 12;

    private static final int RUN = 3;
    private static final long FNV_OFFSET = 0xcbf29ce484222325L;
    private static final long FNV_PRIME = 0x100000001b3L;

    private Fingerprint() {}

    /** @return 0 for a text without a word or a figure; such a text is like no other */
    public static long of(String text) {
        List<String> words = words(text);
        int[] weights = new int[Long.SIZE];
        for (int i = 0; i < words.size(); i++) {
            long hash = hash(String.join(" ", words.subList(i, Math.min(words.size(), i + RUN))));
            for (int bit = 0; bit < Long.SIZE; bit++) {
                weights[bit] += (hash >>> bit & 1) == 1 ? 1 : -1;
            }
        }
        long print = 0;
        for (int bit = 0; bit < Long.SIZE; bit++) {
            if (weights[bit] > 0) {
                print |= 1L << bit;
            }
        }
        return print;
    }

    private static List<String> words(String text) {
        List<String> words = new ArrayList<>();
        for (String word : text.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+")) {
            if (!word.isEmpty()) {
                words.add(word);
            }
        }
        return words;
    }

    /** FNV-1a, its bits stirred once more so that short runs reach the high ones. */
    private static long hash(String run) {
        long hash = FNV_OFFSET;
        for (int i = 0; i < run.length(); i++) {
            hash = (hash ^ run.charAt(i)) * FNV_PRIME;
        }
        hash ^= hash >>> 33;
        hash *= 0xff51afd7ed558ccdL;
        return hash ^ hash >>> 33;
    }

    /** @return whether two fingerprints are those of one text */
    public static boolean same(long one, long other) {
        return one != 0 && other != 0 && Long.bitCount(one ^ other) <= SAME_WITHIN;
    }
}
