package oilcloth.reading;

import oilcloth.text.Cue;

/**
 * A figure that a recipe could rest on, told of something else than it seems, or of less: "my gauge goes to 11 pounds", "the vent
 * was open 10 minutes before the steam came", "2 Tbsp of lemon juice a jar left over", "nearly 10 minutes". It is asked about. The
 * words are those of {@code misplaced.txt}.
 */
final class Misplaced {
    private static final PatternFile PATTERNS = PatternFile.load("misplaced.txt");
    private static final Cue TIME = PATTERNS.any("time");
    private static final Cue PRESSURE = PATTERNS.any("pressure");
    private static final Cue VENT = PATTERNS.any("vent");
    private static final Cue ACID = PATTERNS.any("acid");
    private static final Cue PREPARED = PATTERNS.any("prepared");
    private static final Cue JARS = PATTERNS.any("jars");
    private static final Cue STERILE = PATTERNS.any("sterile");

    private Misplaced() {}

    /** @param before what was known before the sentence */
    static void read(Sentence s, Draft draft, Support before) {
        Support now = Support.of(draft);
        boolean told = now.times() > before.times() && s.has(TIME)
                || now.pressures() > before.pressures() && s.has(PRESSURE)
                || now.vented() > before.vented() && s.has(VENT)
                || now.acids() > before.acids() && s.has(ACID)
                || now.prepared() > before.prepared() && s.has(PREPARED)
                || now.jars() > before.jars() && s.has(JARS)
                || now.sterile() > before.sterile() && s.has(STERILE);
        if (told) {
            draft.doubt(s.range());
        }
    }
}
