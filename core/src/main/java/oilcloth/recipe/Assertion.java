package oilcloth.recipe;

import java.util.Optional;
import oilcloth.text.Range;

/**
 * What somebody says was done or is so, on top of the text: the answer to a question, or a correction to the reading.
 * It never changes the text.
 *
 * @param value as in the contract: {@code pint}, {@code boiling-water}, {@code 20}, {@code bottled}, {@code 2.5 CUP}
 * @param at the words it is about, for a correction to one reading; null where it is about the whole
 */
public record Assertion(Field field, String value, Anchor at) {
    /** Words of the text: where they stood and what they were, so that they are found again after another reading. */
    public record Anchor(int start, int end, String quote) {
        /**
         * The place of the words in a text: where they were, else their nearest other occurrence; empty when they are
         * gone.
         */
        public Optional<Range> in(String text) {
            if (start >= 0
                    && end <= text.length()
                    && start < end
                    && text.substring(start, end).equals(quote)) {
                return Optional.of(new Range(start, end));
            }
            if (start >= 0
                    && end <= text.length()
                    && start < end
                    && text.substring(start, end).isBlank()) {
                // another recipe of the same letter: its words are not there
                return Optional.empty();
            }
            int best = -1;
            for (int i = text.indexOf(quote); i >= 0 && !quote.isEmpty(); i = text.indexOf(quote, i + 1)) {
                best = best < 0 || Math.abs(i - start) < Math.abs(best - start) ? i : best;
            }
            return best < 0 ? Optional.empty() : Optional.of(new Range(best, best + quote.length()));
        }
    }

    /** What can be asserted. */
    public enum Field {
        METHOD,
        JAR,
        JAR_COUNT,
        MINUTES,
        PSI,
        GAUGE,
        VENTED,
        PACK,
        LIQUID,
        FORM,
        HEADSPACE_INCHES,
        LEMON_KIND,
        VINEGAR_PERCENT,
        STERILISED,
        ALTITUDE_FEET,
        /** The id of the tested process or recipe it is. */
        PLACED,
        /** What the anchored words name: a food of the foods table. */
        FOOD,
        /** How much of it: {@code 2.5 CUP}, {@code 2-3 POUND}. */
        AMOUNT,
        /** {@code jar}, {@code aside} (soaked and poured off) or {@code none} (no ingredient). */
        ROLE,
        /** The anchored words were not understood, and do not matter. */
        IGNORE;

        /** True for a correction to one reading, which needs an anchor. */
        public boolean isAnchored() {
            return this == FOOD || this == AMOUNT || this == ROLE || this == IGNORE;
        }
    }

    public Assertion(Field field, String value) {
        this(field, value, null);
    }
}
