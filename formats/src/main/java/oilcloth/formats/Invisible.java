package oilcloth.formats;

import java.util.regex.Pattern;

/**
 * Signs that nobody sees: those that turn the direction of writing round, so that "51" is shown where "15" stands, and
 * those that part a word where none is seen to be parted. A text is read, shown, printed and mailed without them.
 */
public final class Invisible {
    private static final Pattern SIGNS = Pattern.compile(
            "[\\u00AD\\u061C\\u200B\\u200E\\u200F\\u202A-\\u202E\\u2060-\\u2064\\u2066-\\u2069\\uFEFF]");

    private Invisible() {}

    /** The words without them. */
    public static String without(String words) {
        return SIGNS.matcher(words).replaceAll("");
    }
}
