package oilcloth.check;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oilcloth.recipe.Recipe;
import oilcloth.text.Range;

/** Words of the text that no reader turned into a fact, looked up where a check needs them. */
public final class Said {
    private static final int OPENING = 80;
    private static final int NEAR = 26;

    private Said() {}

    /** The first place the pattern matches, with its range in the text. */
    public static Optional<Range> anywhere(Recipe recipe, Pattern pattern) {
        Matcher m = matcher(recipe, pattern);
        return m.find() ? Optional.of(new Range(m.start(), m.end())) : Optional.empty();
    }

    /** Over the words of the recipe; where it is one of several in a letter, the others are blank before it. */
    public static Matcher matcher(Recipe recipe, Pattern pattern) {
        String text = recipe.text();
        int from = 0;
        while (from < text.length() && text.charAt(from) <= ' ') {
            from++;
        }
        return pattern.matcher(text).region(from, text.length());
    }

    /** Whether the title says it, or the first words of a text without one. */
    public static boolean opening(Recipe recipe, Pattern pattern) {
        Range opening = recipe.title()
                .orElse(new Range(0, Math.min(OPENING, recipe.text().length())));
        return pattern.matcher(opening.of(recipe.text())).find();
    }

    /** Whether it is said on the same line, close to a range. */
    public static boolean around(Recipe recipe, Range range, Pattern pattern) {
        String text = recipe.text();
        int line = text.lastIndexOf('\n', Math.max(0, range.start() - 1)) + 1;
        int end = text.indexOf('\n', range.end());
        int from = Math.max(line, range.start() - NEAR);
        int to = Math.min(end < 0 ? text.length() : end, range.end() + NEAR);
        return pattern.matcher(text.substring(Math.min(from, range.start()), to))
                .find();
    }
}
