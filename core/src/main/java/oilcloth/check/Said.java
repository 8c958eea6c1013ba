package oilcloth.check;

import java.util.Locale;
import java.util.Optional;
import oilcloth.recipe.Recipe;
import oilcloth.text.Cue;
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
    private final Cue.Searched searched;
    /** Where the words begin: of several recipes in a letter, those before this one are blank. */
    private final int from;

    public Said(Recipe recipe) {
        this.recipe = recipe;
        String text = withoutOtherDishes(recipe);
        String lower = text.toLowerCase(Locale.ROOT);
        // a letter that changes its length in lower case would shift every range
        this.low = lower.length() == text.length() ? lower : text;
        this.searched = new Cue.Searched(low);
        int start = 0;
        while (start < low.length() && low.charAt(start) <= ' ') {
            start++;
        }
        this.from = start;
    }

    private Said(Recipe recipe, Said before) {
        this.recipe = recipe;
        this.low = before.low;
        this.searched = before.searched;
        this.from = before.from;
    }

    private static String withoutOtherDishes(Recipe recipe) {
        StringBuilder text = new StringBuilder(recipe.text());
        for (Range other : recipe.passedOver()) {
            text.replace(other.start(), other.end(), " ".repeat(other.end() - other.start()));
        }
        return text.toString();
    }

    /** The words of another reading, without preparing them again where the text is the same. */
    public Said of(Recipe other) {
        return other.text().equals(recipe.text()) ? new Said(other, this) : new Said(other);
    }

    /** The first place the pattern matches. */
    public Optional<Range> anywhere(Cue cue) {
        return after(cue, from);
    }

    /** The first place the pattern matches at or behind an offset. */
    public Optional<Range> after(Cue cue, int offset) {
        return offset > low.length() ? Optional.empty() : cue.find(searched, offset);
    }

    /** Whether the title says it, or the first words of a text without one. */
    public boolean opening(Cue cue) {
        Range opening = recipe.title().orElse(new Range(from, Math.min(from + OPENING, low.length())));
        return cue.matcher(opening.of(low)).find();
    }

    /** Whether it is said on the same line, close to a range. */
    public boolean around(Range range, Cue cue) {
        int line = low.lastIndexOf('\n', Math.max(0, range.start() - 1)) + 1;
        int end = low.indexOf('\n', range.end());
        int start = Math.max(line, range.start() - NEAR);
        int stop = Math.min(end < 0 ? low.length() : end, range.end() + NEAR);
        return cue.matcher(low.substring(Math.min(start, range.start()), stop)).find();
    }

    /** Whether the sentence, or the line, around some words holds a pattern. */
    public boolean inSentence(Range range, Cue cue) {
        int start = range.start();
        while (start > 0 && !endsSentence(start - 1)) {
            start--;
        }
        int end = range.end();
        while (end < low.length() && !endsSentence(end)) {
            end++;
        }
        return cue.matcher(low.substring(start, end)).find();
    }

    private boolean endsSentence(int at) {
        char c = low.charAt(at);
        boolean last = at + 1 >= low.length() || Character.isWhitespace(low.charAt(at + 1));
        return c == '\n' || (c == '.' || c == '!' || c == '?') && last;
    }
}
