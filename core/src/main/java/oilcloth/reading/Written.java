package oilcloth.reading;

import java.util.IdentityHashMap;
import java.util.Map;
import java.util.regex.Pattern;

/** The whole text a sentence stands in. What is asked of it again and again is looked for once. */
final class Written {
    private final String text;
    private final Map<Pattern, Boolean> known = new IdentityHashMap<>();

    Written(String text) {
        this.text = text;
    }

    String text() {
        return text;
    }

    /** Whether the pattern, one of a room's constants, is found anywhere in it. */
    boolean has(Pattern pattern) {
        return known.computeIfAbsent(pattern, p -> p.matcher(text).find());
    }
}
