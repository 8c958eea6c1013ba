package oilcloth.reading;

import java.util.Optional;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/** Ten minutes of steam before the weight goes on: a time of the canner that is not the process. */
final class Venting {
    private static final String FEW =
            "([1-9]|one|two|three|four|five|six|seven|eight|nine|a|a few|a couple( of)?|half a|few)(?<!(8|9|eight|nine)(?= (or|to) (ten|10)))( ?(to|or|-|–) ?(\\w+))?";

    /** "Vented 4 minutes", "five minutes of steam", "vented ten seconds": the air is not out yet. */
    private static final Cue SHORT = Cue.of(
            "\\b(vent(ed|ing|s)?|exhaust(ed|ing|s)?|let (it|the canner|the steam|steam) (vent|steam|blow|exhaust|escape|out|run|go))\\b[^.;,]{0,24}?(?<![\\d/.-])\\b("
                    + FEW
                    + " ?(full )?(minutes?|mins?)|\\w+ ?(seconds?|secs?))\\b(?! (over|longer|extra|more|past))|\\b(vent(ed)?|exhaust(ed)?) (for |a full |about |just |only )*[2-9](?= ?([.;]|,(?!\\d)|$))|(?<![\\d/.-])\\b"
                    + FEW
                    + " ?-? ?(minutes?|mins?)( of)? (free |steady )?(steam|vent|venting|exhaust\\w*)\\b");

    private Venting() {}

    /** Steam for less than the ten minutes that were tested. */
    static Optional<Range> tooShort(Sentence s) {
        return s.find(SHORT);
    }

    /** "Vent the canner 10 min", "exhaust canner 10 minutes": the canner, but not the process. */
    static boolean names(Sentence s, int canner) {
        String near = s.around(canner, 4, 4);
        return near.contains("vent")
                || near.contains("exhaust")
                || STEAMED_OUT.matcher(near).find()
                || ventsBefore(s, canner);
    }

    private static final Cue STEAMED_OUT =
            Cue.of("\\bsteam(s|ed|ing)? (the |my |our )?(pressure )?canner (out|off)\\b");

    /** "Vent the dial gauge pressure canner": the same clause, and no figure in between. */
    private static boolean ventsBefore(Sentence s, int canner) {
        for (int k = canner - 1; k >= 0 && s.token(k).isWord() && !s.is(k, "then"); k--) {
            String w = s.token(k).norm();
            if (w.startsWith("vent") || w.startsWith("exhaust")) {
                return true;
            }
        }
        return false;
    }

    /** "Vented 10 minutes before I put the weight on, 30 minutes.": a second time, in a clause by itself. */
    static boolean before(Sentence s, int from, int to) {
        boolean alone = from > 0
                && (s.is(from - 1, ",") || s.is(from - 1, ";"))
                && (to >= s.size() || s.is(to - 1, ".") || s.is(to, ".") || s.is(to, ";") || s.is(to, ","));
        int vented = -1;
        for (int k = 0; alone && k < from; k++) {
            String w = s.token(k).norm();
            if (w.startsWith("vent") || w.startsWith("exhaust")) {
                vented = k;
            } else if (vented >= 0 && TimeWords.MINUTE.contains(w)) {
                return true;
            }
        }
        return false;
    }
}
