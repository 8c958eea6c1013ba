package oilcloth.reading;

import java.util.Optional;
import oilcloth.text.Cue;
import oilcloth.text.Folded;
import oilcloth.text.Range;

/** Figures of speech that name food and mean none: "happy as a clam", "like two peas in a pod". */
final class Idioms {
    private static final Cue IDIOM = PatternFile.load("idioms.txt").any("");

    private Idioms() {}

    /** The text with blanks in their place, every letter else where it was. */
    static String without(String text) {
        Cue.Searched low = new Cue.Searched(Folded.of(text, new Range(0, text.length())));
        StringBuilder told = new StringBuilder(text);
        Optional<Range> idiom = IDIOM.find(low, 0);
        while (idiom.isPresent()) {
            Range r = idiom.get();
            told.replace(r.start(), r.end(), " ".repeat(r.end() - r.start()));
            idiom = IDIOM.find(low, r.end());
        }
        return told.toString();
    }
}
