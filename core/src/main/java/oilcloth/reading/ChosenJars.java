package oilcloth.reading;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oilcloth.text.Cue;
import oilcloth.text.Folded;
import oilcloth.text.Range;

/** Jars that are named and were not filled: another was chosen, or it only tells what a weight comes to. */
final class ChosenJars {
    private static final String JAR = "(half[- ]?gallons?|half[- ]?pints?|pints?|quarts?|qts?|pts?)";

    /** "Pints or quarts (I did pints)": which of them they were. */
    private static final Cue CHOSEN = Cue.of("\\b" + JAR + " or " + JAR
            + "\\b[^.;]{0,20}\\b(?:i|we) (?:only |just )?(?:did|used|chose|went with|made|filled) (?:the )?" + JAR
            + "\\b(?! (?:and|as well|too|also))");

    /** "10 lb asparagus for about 4 quarts … hot pint jars". */
    private static final Cue COMES_TO =
            Cue.of("\\b(?:lbs?|pounds?|bushels?)\\.? [^.;:]{0,30}\\bfor (?:about |approximately |around )?\\w+ " + JAR
                    + "\\b");

    private ChosenJars() {}

    static void settle(String text, Draft draft) {
        if (draft.facts.jars().size() < 2) {
            return;
        }
        String low = Folded.of(text, new Range(0, text.length()));
        if (COMES_TO.in(low)) {
            comesTo(low, draft);
        }
        if (CHOSEN.in(low)) {
            chosen(CHOSEN.matcher(low), draft);
        }
    }

    private static void comesTo(String low, Draft draft) {
        Matcher m = COMES_TO.matcher(low);
        if (!m.find() || isNamedAgain(low, m.group(1), m.end())) {
            return;
        }
        Range yield = new Range(m.start(1), m.end(1));
        boolean other = draft.facts.jars().stream()
                .anyMatch(j -> j.range().filter(r -> !r.overlaps(yield)).isPresent());
        draft.facts
                .jars()
                .removeIf(j -> other && j.range().filter(yield::overlaps).isPresent());
    }

    private static boolean isNamedAgain(String low, String jar, int from) {
        String again = jar.startsWith("q") ? "quarts?|qts?" : jar.startsWith("half") ? "half" : "pints?|pts?";
        return Pattern.compile("\\b(" + again + ")\\b")
                .matcher(low)
                .region(from, low.length())
                .find();
    }

    /** The last group is the jar that holds. */
    private static void chosen(Matcher m, Draft draft) {
        int last = m.groupCount();
        while (m.find()) {
            Range either = new Range(m.start(), m.start(last));
            Range own = new Range(m.start(last), m.end(last));
            boolean told = draft.facts.jars().stream()
                    .anyMatch(j -> j.range().filter(own::overlaps).isPresent());
            draft.facts
                    .jars()
                    .removeIf(j -> told && j.range().filter(either::overlaps).isPresent());
        }
    }
}
