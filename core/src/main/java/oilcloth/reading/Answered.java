package oilcloth.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import oilcloth.text.Range;

/** Talk told as it was said: a question, and the figure that answers it. */
final class Answered {
    private static final Pattern HOW_LONG = Pattern.compile("(?i)\\bhow (long|many|much|high)\\b[^.;!]*\\?[\"”»]?$");

    private static final Pattern SHORT_FIGURE = Pattern.compile(
            "(?i)^\\W*(about |only |just |oh,? )*(\\d|an? |one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|fif|twen|thir|for|sev)[^.;!?]{0,24}[.!]?\\W*$");

    /** "Vented?" */
    private static final Pattern FIELD = Pattern.compile(
            "(?i)^\\W*(\\w+ ){0,2}(vented|exhausted|headspace|altitude|elevation|pressure|time|minutes|processed|jars?)\\?$");

    /** "Yes, 10 min" */
    private static final Pattern SHORT_ANSWER =
            Pattern.compile("(?i)^\\W*(yes|y|no|n|yep|nope)\\b[^.;!?]{0,24}[.!]?\\W*$");

    private Answered() {}

    /** "How long do you vent?" "Five minutes.", "Vented?" "Yes, 10 min": the two are one sentence. */
    static List<Range> joined(String text, List<Range> sentences) {
        List<Range> joined = new ArrayList<>();
        for (Range sentence : sentences) {
            int last = joined.size() - 1;
            String words = sentence.of(text);
            boolean figure = SHORT_FIGURE.matcher(words).find();
            boolean answers = last >= 0
                    && (figure && HOW_LONG.matcher(joined.get(last).of(text)).find()
                            || (figure || SHORT_ANSWER.matcher(words).find())
                                    && FIELD.matcher(joined.get(last).of(text)).find());
            if (answers) {
                joined.set(last, new Range(joined.get(last).start(), sentence.end()));
            } else {
                joined.add(sentence);
            }
        }
        return joined;
    }
}
