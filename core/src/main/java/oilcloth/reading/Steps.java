package oilcloth.reading;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oilcloth.text.Range;

/** The steps told in one sentence. */
final class Steps {
    /** What parts one step from the next in a letter of few stops. */
    private static final Pattern ENDS = Pattern.compile(";|->|→|=>| [/+—–] |, then ");

    private Steps() {}

    /** What stands between the semicolons, or what stands for them, around a token. */
    static Range at(Sentence s, int i) {
        Range token = s.token(i).range().shift(-s.range().start());
        int from = 0;
        int to = s.low().length();
        Matcher ends = ENDS.matcher(s.low());
        while (ends.find()) {
            if (ends.end() <= token.start()) {
                from = ends.end();
            } else {
                to = Math.min(to, ends.start());
            }
        }
        return new Range(from, to).shift(s.range().start());
    }

    /** The same in lower case. */
    static String around(Sentence s, int i) {
        return at(s, i).shift(-s.range().start()).of(s.low());
    }
}
