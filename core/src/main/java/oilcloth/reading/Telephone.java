package oilcloth.reading;

import oilcloth.text.Cue;

/** A telephone number: "555-0142", "(555) 555-0142". */
final class Telephone {
    private static final String LINE = "\\d{4}";
    private static final String EXCHANGE = "\\d{3}";

    /** Without them "800-1000" may be a height. */
    private static final Cue CALLED =
            Cue.of("\\b(number|phone|telephone|tel|cell|mobile|call|calls|called|reach|text|fax|ring)\\b");

    private Telephone() {}

    /** The token behind the number that begins at one, or that one for none. */
    static int end(Sentence s, int i) {
        if (!is(s, i, EXCHANGE)) {
            return i;
        }
        int next = s.is(i + 1, ")") ? i + 2 : parted(s, i + 1);
        if (is(s, next, EXCHANGE) && is(s, parted(s, next + 1), LINE)) {
            return parted(s, next + 1) + 1;
        }
        return s.is(i + 1, "-") && is(s, i + 2, LINE) && s.isBefore(i, 5, CALLED) ? i + 3 : i;
    }

    private static int parted(Sentence s, int i) {
        return s.is(i, "-") ? i + 1 : i;
    }

    private static boolean is(Sentence s, int i, String figures) {
        return i < s.size() && s.token(i).raw().matches(figures);
    }
}
