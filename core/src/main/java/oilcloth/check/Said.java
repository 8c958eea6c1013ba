package oilcloth.check;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import oilcloth.recipe.Recipe;
import oilcloth.text.Cues;
import oilcloth.text.Range;

/**
 * Words of the text that no reader turned into a fact, looked up where a check needs them. Patterns are matched against
 * the text in lower case; ranges are those of the text.
 */
public final class Said {
    private static final int OPENING = 80;
    private static final int NEAR = 26;

    private final Recipe recipe;
    private final String low;
    private final Cues.Searched searched;
    /** Where the words begin: of several recipes in a letter, those before this one are blank. */
    private final int from;

    Said(Recipe recipe) {
        this.recipe = recipe;
        String text = recipe.text();
        String lower = text.toLowerCase(Locale.ROOT);
        // a letter that changes its length in lower case would shift every range
        this.low = lower.length() == text.length() ? lower : text;
        this.searched = new Cues.Searched(low);
        int start = 0;
        while (start < low.length() && low.charAt(start) <= ' ') {
            start++;
        }
        this.from = start;
    }

    /** The first place the pattern matches. */
    public Optional<Range> anywhere(Pattern pattern) {
        return after(pattern, from);
    }

    /** The first place the pattern matches at or behind an offset. */
    public Optional<Range> after(Pattern pattern, int offset) {
        return offset > low.length() ? Optional.empty() : Cues.find(pattern, searched, offset);
    }

    /** Whether the title says it, or the first words of a text without one. */
    public boolean opening(Pattern pattern) {
        Range opening = recipe.title().orElse(new Range(from, Math.min(from + OPENING, low.length())));
        return pattern.matcher(opening.of(low)).find();
    }

    /** Whether it is said on the same line, close to a range. */
    public boolean around(Range range, Pattern pattern) {
        int line = low.lastIndexOf('\n', Math.max(0, range.start() - 1)) + 1;
        int end = low.indexOf('\n', range.end());
        int start = Math.max(line, range.start() - NEAR);
        int stop = Math.min(end < 0 ? low.length() : end, range.end() + NEAR);
        return pattern.matcher(low.substring(Math.min(start, range.start()), stop))
                .find();
    }
}
