package oilcloth.reading;

import java.util.IdentityHashMap;
import java.util.Map;
import java.util.regex.Pattern;

/** The whole text a sentence stands in. What is asked of it again and again is looked for once. */
final class Written {
    private final String text;
    /** Null where nobody has asked yet. */
    private Boolean list;

    private final Map<Pattern, Boolean> known = new IdentityHashMap<>();

    Written(String text) {
        this.text = text;
    }

    String text() {
        return text;
    }

    private static final Pattern NAME_AND_AMOUNT = Pattern.compile(
            "(?m)^(?=[^\\d\\n½¼¾⅓⅔⅛]{4,}+[\\d½¼¾⅓⅔⅛])[^\\d\\n½¼¾⅓⅔⅛]{3,60}([:–—-]|\\.{2,}|…) *[\\d½¼¾⅓⅔⅛][\\d½¼¾⅓⅔⅛/. ]* ?[A-Za-z]{1,12}\\.? *$");

    /** Lines; with fewer nobody knows whether it is a list. */
    private static final int LIST = 3;

    /** Whether it has a list of names with their amounts behind them, "Tomatoes: 3 quarts". */
    boolean listsAmountsLast() {
        if (list == null) {
            list = NAME_AND_AMOUNT.matcher(text).results().limit(LIST).count() == LIST;
        }
        return list;
    }

    /** Whether the pattern, one of a room's constants, is found anywhere in it. */
    boolean has(Pattern pattern) {
        return known.computeIfAbsent(pattern, p -> p.matcher(text).find());
    }
}
