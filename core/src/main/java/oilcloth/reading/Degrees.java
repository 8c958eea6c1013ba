package oilcloth.reading;

import oilcloth.text.Cue;

/** Figures that are degrees, though their sign may be missing. */
final class Degrees {
    private static final Cue HOT = Cue.of(
            "\\b(oven|baked?|heated|roast\\w*|broil\\w*|degrees|crock|weeks|room|kitchen|cellar|basement|garage|porch|closet|temp\\w*)\\b");

    private static final Cue COLD =
            Cue.of("\\b(hung|hang\\w*|aged?|chill\\w*|walk-in|cooler|fridge|refrigerat\\w*|icebox)\\b");

    /** Degrees Fahrenheit; above them meat does not keep. */
    private static final double COLD_ENOUGH = 40;

    /** "8 F above boiling point, so 220 here". */
    private static final Cue BOILING_POINT = Cue.of(
            "\\b(boiling|gel|jell|jelly|jellying|setting) point\\b|\\bsheet(s|ed|ing)? (off|from)\\b|\\b(above|over|past) boiling\\b|\\bwater boils\\b|\\b(cook|boil)(ed|ing|s)?\\b[^.;]{0,40} (to|till|until) (about |it (hit|hits|reached) )?2[12]\\d\\b(?! (f(ee|oo)?t|meters|m)\\b)");

    private static final Cue THERMOMETER = Cue.of("\\bthermometer\\b");

    /** "Which is 8 over boiling here". */
    private static final Cue OVER_BOILING = Cue.of("^[89] (degrees )?(over|above|past) boiling\\b");

    private static final Cue AT = Cue.of(
            "(@ |\\b(at|is|was|stays|stayed|around|about|(is|was|stays|stayed|around|about|at) \\d+|\\d+ (-|–|to)) )$");

    /** Degrees Celsius; a bath that is cooler boils nothing. */
    private static final double BOILING = 100;

    /** "Simmer (185-210)". */
    private static final Cue SIMMERS = Cue.of("\\b(simmer|heat)\\w* ?(to )?(\\( ?)?(\\d+ - )?$");

    /** "jars baked at 225": degrees without their sign. */
    static boolean are(Sentence s, int i) {
        boolean cold = s.has(COLD)
                && Numbers.at(s.tokens(), i)
                        .filter(f -> f.high() <= COLD_ENOUGH)
                        .isPresent();
        boolean celsius = s.is(i + 1, "c")
                && Numbers.at(s.tokens(), i).filter(f -> f.low() >= BOILING).isPresent();
        return celsius
                || s.isBefore(i, 2, AT) && (s.has(HOT) || cold)
                || (s.has(BOILING_POINT) || s.has(THERMOMETER))
                        && s.token(i).raw().matches("(19|20|21|22)\\d")
                || s.token(i).raw().matches("(1[6-9]|2[01])\\d") && s.isBefore(i, 5, SIMMERS)
                || s.token(i).raw().matches("[89]") && s.isAround(i, 0, 4, OVER_BOILING);
    }

    private Degrees() {}
}
