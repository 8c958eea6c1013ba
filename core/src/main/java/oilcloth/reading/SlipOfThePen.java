package oilcloth.reading;

import java.util.function.Predicate;

/** "Loosley", "tigthly": a word with two letters in each other's place. */
final class SlipOfThePen {
    /** Letters; of shorter words one is soon another. */
    private static final int SHORTEST = 6;

    private SlipOfThePen() {}

    /** Whether a word would be a known one, were two of its inner letters exchanged. */
    static boolean of(String word, Predicate<String> known) {
        for (int i = 1; word.length() >= SHORTEST && i + 1 < word.length(); i++) {
            String meant = word.substring(0, i) + word.charAt(i + 1) + word.charAt(i) + word.substring(i + 2);
            if (!meant.equals(word) && known.test(meant)) {
                return true;
            }
        }
        return false;
    }
}
