package oilcloth.reading;

import java.util.Optional;
import java.util.Set;
import oilcloth.measure.JarSize;
import oilcloth.measure.Minutes;
import oilcloth.recipe.Fact;
import oilcloth.recipe.ProcessTime;
import oilcloth.text.Cue;
import oilcloth.text.Folded;
import oilcloth.text.Range;

/** Minutes in the canner whose unit was said before, or beside another time. */
final class ImpliedMinutes {
    /** "It was 25 minutes back home. Here I now do 35". */
    private static final Cue STILL = Cue.of("\\b(here|now|still|always)\\b( \\w+)? (do|did|give (it|them)|go|run) $");

    /** "She does fifteen minutes, so fifteen it was". */
    private static final Cue SO_IT_WAS = Cue.of("it (was|is)\\b");

    /** "The chart has 75 min; mine went 85 because the phone rang". */
    private static final Cue MINE_WENT = Cue.of(
            "\\b(mine|ours|these|they) (went|got|had|ran|stayed|boiled|processed)( (in|for|about|nearly|a full|only|just))* $");

    private static final Cue BECAUSE = Cue.of("[.,;]|because|since|as|when|so|and|but");

    private static final Cue HERE = Cue.of("\\b(here|now)\\b");

    private static final Cue GIVEN = Cue.of("\\b(give|gave) (it|them|these|mine|ours) $");

    /** "Took the canner 20 minutes to boil and then I gave them the 25." */
    private static final Cue THEN_GAVE =
            Cue.of("\\b(then|so|and) (i|we) (gave|give) (it|them|these) (the|a full|a good|their)? ?$");

    private ImpliedMinutes() {}

    private static final Cue BATH = Cue.of("\\b(bwb|bwc|bw|hwb|wb|water ?bath|boiling water) (- |: |for )?$");

    /** "25 BWB". */
    private static final Cue BATH_NEXT = Cue.of("(bwb|bwc|hwb|water ?bath)\\b");

    /** What ends "BWB 20". */
    private static final Set<String> ENDS = Set.of(".", ",", ";", "(", ")", "/", "-", "–", "—", "|", "@", "at");

    private static final int SHORTEST = 5;
    private static final int LONGEST = 100;

    /** "1/2 inch. BWB 15. Elev 890.", "25 BWB / 540 ft". */
    private static boolean besideTheBath(Sentence s, Draft draft, int i) {
        Optional<Numbers.Figure> f = Numbers.at(s.tokens(), i)
                .filter(n -> n.low() >= SHORTEST && n.high() <= LONGEST && n.low() == Math.rint(n.low()));
        if (f.isEmpty()) {
            return false;
        }
        int next = f.get().next();
        boolean alone = next >= s.size() || ENDS.contains(s.token(next).norm());
        boolean before = s.opensAt(next, 3, BATH_NEXT);
        boolean behind = alone && s.isBefore(i, 3, BATH);
        if (!behind && !before) {
            return false;
        }
        add(s, draft, i, f.get(), Optional.empty());
        return true;
    }

    /** "Vent 10, 40 @ 11 (dial)", "75 @ 10 lb". */
    private static final Cue AT_PRESSURE = Cue.of(
            "@ (\\d+|ten|eleven|twelve|fifteen) ?(#|lbs?|psi|pounds?|[(,]? ?(on )?(the |my )?(dial|weight(ed)?|gauge|jiggler|rocker))\\b");

    private static boolean atPressure(Sentence s, Draft draft, int i) {
        Optional<Numbers.Figure> f = s.token(i).isNumber()
                ? Numbers.at(s.tokens(), i).filter(n -> n.low() >= SHORTEST && n.high() <= LONGEST_AT_PRESSURE)
                : Optional.empty();
        if (f.isEmpty() || !s.opensAt(f.get().next(), 5, AT_PRESSURE)) {
            return false;
        }
        add(s, draft, i, f.get(), Optional.empty());
        return true;
    }

    private static final int LONGEST_AT_PRESSURE = 200;

    /** "Vent 10, time 25, elev 1180": a log on one line. */
    private static final Cue TIME_IS = Cue.of("(^|[,;.(/|] )((process|processing|canning) )?time ([:=-] )?$");

    private static boolean labelled(Sentence s, Draft draft, int i) {
        Optional<Numbers.Figure> f = Numbers.at(s.tokens(), i)
                .filter(n -> n.low() >= SHORTEST && n.high() <= LONGEST_AT_PRESSURE && n.low() == Math.rint(n.low()));
        if (f.isEmpty()
                || !s.isBefore(i, 5, TIME_IS)
                || f.get().next() < s.size()
                        && !ENDS.contains(s.token(f.get().next()).norm())) {
            return false;
        }
        add(s, draft, i, f.get(), Optional.empty());
        return true;
    }

    /** Whether such a time stands at the token; it has then been read. */
    static boolean read(Sentence s, Draft draft, int i) {
        return !Durations.isElsewhere(s, i)
                && (besideTheBath(s, draft, i)
                        || atPressure(s, draft, i)
                        || labelled(s, draft, i)
                        || s.token(i).isNumber() && figured(s, draft, i)
                        || s.opensAt(i + 1, 2, SO_IT_WAS) && figured(s, draft, i));
    }

    /** "20 minutes plus one for each thousand, so I figured 27": the unit was said before. */
    private static boolean figured(Sentence s, Draft draft, int i) {
        boolean still = s.isBefore(i, 4, STILL) || s.has(HERE) && s.isBefore(i, 3, GIVEN);
        boolean mine = s.isBefore(i, 5, MINE_WENT) && (i + 1 >= s.size() || s.opensAt(i + 1, 1, BECAUSE));
        boolean said = still
                || mine
                || s.is(i - 1, "figured")
                || draft.facts.times().isEmpty() && s.isBefore(i, 7, THEN_GAVE)
                || s.opensAt(i + 1, 2, SO_IT_WAS)
                || s.is(i - 1, "processed")
                || s.is(i - 1, "did")
                || s.is(i - 1, "used") && s.is(i - 2, "i");
        boolean alone = i + 1 >= s.size() || s.is(i + 1, ".") || s.is(i + 1, ",") || s.is(i + 1, ";");
        if (!said || !alone && !mine && !s.opensAt(i + 1, 2, SO_IT_WAS)) {
            return false;
        }
        String before =
                still ? Folded.of(s.whole(), new Range(0, s.token(i).range().start())) : s.around(i, i, 0);
        if (!before.contains("minute") && !before.contains("min ")) {
            return false;
        }
        Optional<Numbers.Figure> f = Numbers.at(s.tokens(), i);
        if (f.isEmpty() || f.get().low() < 5 || f.get().high() > 200) {
            return false;
        }
        add(s, draft, i, f.get(), Optional.empty());
        return true;
    }

    private static void add(Sentence s, Draft draft, int i, Numbers.Figure f, Optional<JarSize> jar) {
        ProcessTime time = new ProcessTime(Minutes.of((int) f.low()), Minutes.of((int) Math.ceil(f.high())), jar);
        draft.facts.times().add(Fact.read(time, s.span(i, f.next())));
        s.claim(i, f.next());
    }
}
