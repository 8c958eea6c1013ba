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

    private Answered() {}

    /** "How long do you vent?" "Five minutes.": the two are one sentence. */
    static List<Range> joined(String text, List<Range> sentences) {
        List<Range> joined = new ArrayList<>();
        for (Range sentence : sentences) {
            int last = joined.size() - 1;
            boolean answers = last >= 0
                    && HOW_LONG.matcher(joined.get(last).of(text)).find()
                    && SHORT_FIGURE.matcher(sentence.of(text)).find();
            if (answers) {
                joined.set(last, new Range(joined.get(last).start(), sentence.end()));
            } else {
                joined.add(sentence);
            }
        }
        return joined;
    }
}
