package oilcloth.reading;

import java.util.Optional;
import oilcloth.text.Cue;
import oilcloth.text.Folded;
import oilcloth.text.Range;

/**
 * Figures of speech that name food and mean none: "happy as a clam", "like two peas in a pod". Where their sentence puts
 * anything in, they are read as they stand.
 */
final class Idioms {
    private static final Cue IDIOM = PatternFile.load("idioms.txt").any("");

    private static final Cue PUTS_IN = Cue.of(
            "\\b(puts?(?! (up|by)\\b)|putting|pour\\w*|spoon\\w*|canned|packed|filled|layer\\w*|cups?|tbsp|tsp|lbs?|pounds?|in went|in go(es)?)\\b"
                    + "|\\b(in|into|to|on) (each|every|the|them|all|half|some)( (of|the|my))* ?(jars?|pints?|quarts?|pot|kettle|batch|syrup|brine)?\\b(?=.*\\b(jars?|pints?|quarts?|each|pot|batch)\\b)");

    private static final String ENDS = ".;!?\n";

    private Idioms() {}

    /** The text with blanks in their place, every letter else where it was. */
    static String without(String text) {
        String low = Folded.of(text, new Range(0, text.length()));
        Cue.Searched searched = new Cue.Searched(low);
        StringBuilder told = new StringBuilder(text);
        Optional<Range> idiom = IDIOM.find(searched, 0);
        while (idiom.isPresent()) {
            Range r = idiom.get();
            String sentence = sentence(low, r);
            if (!Vocabulary.ADD.in(sentence) && !PUTS_IN.in(sentence)) {
                told.replace(r.start(), r.end(), " ".repeat(r.end() - r.start()));
            }
            idiom = IDIOM.find(searched, r.end());
        }
        return told.toString();
    }

    private static String sentence(String low, Range words) {
        int from = words.start();
        while (from > 0 && ENDS.indexOf(low.charAt(from - 1)) < 0) {
            from--;
        }
        int to = words.end();
        while (to < low.length() && ENDS.indexOf(low.charAt(to)) < 0) {
            to++;
        }
        return low.substring(from, to);
    }
}
