package oilcloth.reading;

import static oilcloth.reading.HedgeWords.ABOUT;
import static oilcloth.reading.HedgeWords.MAYBE;
import static oilcloth.reading.HedgeWords.MORE;
import static oilcloth.reading.HedgeWords.NEAR;
import static oilcloth.reading.HedgeWords.SIGNS;
import static oilcloth.reading.HedgeWords.UNIT;

import java.util.Optional;
import java.util.Set;
import oilcloth.measure.Altitude;
import oilcloth.recipe.Fact;
import oilcloth.text.Cue;
import oilcloth.text.Range;
import oilcloth.text.Token;

/** A height that may be another: "at least 900 ft"; "maybe 900 ft", where 1,000 is near; two that were told. */
final class UnsureHeight {
    private static final Cue HIGHER_BEFORE = Cue.of("\\b(" + MORE
            + "|above|higher than|(a (little|bit|hair)|slightly) (over|above|more than|higher than))" + ABOUT + "$");
    private static final Cue HIGHER_BEHIND =
            Cue.of("^" + UNIT + SIGNS + "(or (so )?(more|higher|better)|at least|plus\\b|\\+|if not (more|higher))");
    private static final Cue UNSURE_BEFORE =
            Cue.of("\\b(" + MAYBE + "|i (think|guess|believe)( (it's|it is|we're|we are)( at)?)?)" + ABOUT + "$");
    private static final Cue UNSURE_BEHIND = Cue.of("^" + UNIT + SIGNS + "((" + MAYBE
            + ")\\b(?! (a )?(bit |little |hair )?(less|lower|under|below))|i (think|guess|believe))");

    /** "900 ft?", but not at the end of a question about something else. */
    private static final Cue ASKED_BEHIND = Cue.of("^" + UNIT + SIGNS + "\\?");

    /** Feet at which a time or a pressure ends. */
    private static final Set<Integer> LIMITS = Set.of(1000, 2000, 3000, 4000, 6000, 8000);

    /** Who guesses is seldom off by more. */
    private static final double GUESS = 1.25;

    /** Words of "Elevation: about 4,900 ft." */
    private static final int LABEL = 8;

    private static final Cue SAYS_HOW_HIGH =
            Cue.of("^((our|my|the|this) )?(elevation|altitude|elev|alt)\\b|^live at\\b");

    private UnsureHeight() {}

    static void read(Sentence s, Draft draft) {
        Optional<Fact<Altitude>> told = draft.facts.altitude();
        told.flatMap(Fact::range)
                .filter(s.range()::contains)
                .filter(r -> isUnsure(s, r, told.get().value().feet()))
                .ifPresent(draft::doubt);
    }

    private static boolean isUnsure(Sentence s, Range r, int feet) {
        String before = s.before(r, NEAR);
        String behind = s.behind(r, NEAR);
        boolean nearLimit = LIMITS.stream().anyMatch(limit -> feet <= limit && limit < feet * GUESS);
        return HIGHER_BEFORE.in(before)
                || HIGHER_BEHIND.in(behind)
                || nearLimit
                        && (UNSURE_BEFORE.in(before)
                                || UNSURE_BEHIND.in(behind)
                                || isShort(s) && ASKED_BEHIND.in(behind));
    }

    /** "Elevation: 400 ft" on a line of its own; where the letter has told another it is asked which holds. */
    static void label(Altitude altitude, Range range, Draft draft) {
        boolean told = draft.facts
                .altitude()
                .filter(a -> a.value().feet() > 0
                        && Math.abs(a.value().feet() - altitude.feet()) > Altitudes.WIDEST_GUESS_FEET)
                .isPresent();
        if (told) {
            draft.doubt(range);
        } else {
            draft.facts.altitude(Fact.read(altitude, range));
        }
    }

    /** Whether a sentence says how high it is here, and nothing else. */
    static boolean isLabel(Sentence s) {
        return isShort(s) && !s.has(Altitudes.RULE) || s.has(SAYS_HOW_HIGH);
    }

    private static boolean isShort(Sentence s) {
        return s.tokens().stream()
                        .filter(t -> t.kind() != Token.Kind.SIGN)
                        .limit(LABEL + 1L)
                        .count()
                <= LABEL;
    }
}
