package oilcloth.reading;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The steps told in one sentence. */
final class Steps {
    /** The words between the semicolons, or what stands for them, around a token. */
    static String around(Sentence s, int i) {
        int at = s.token(i).range().start() - s.range().start();
        int from = 0;
        int to = s.low().length();
        Matcher ends = CLAUSE_ENDS.matcher(s.low());
        while (ends.find() && to == s.low().length()) {
            from = ends.end() <= at ? ends.end() : from;
            to = ends.start() >= at ? ends.start() : to;
        }
        return s.low().substring(from, to);
    }

    /** What parts one step from the next in a letter of few stops. */
    private static final Pattern CLAUSE_ENDS = Pattern.compile(";|->|→|=>| [/+—–] |, then ");

    private Steps() {}
}
