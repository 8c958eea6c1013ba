package oilcloth.reading;

import java.util.Set;
import oilcloth.text.Cue;

/** A pot called by what it holds: "an 8-quart saucepot", "a 4-gallon stock pot". No jar, and no amount of anything. */
final class Vessel {
    private static final Set<String> UNITS =
            Set.of("quart", "qt", "gallon", "gal", "liter", "litre", "cup", "quarts", "liters", "litres");
    private static final Set<String> NAMES = Set.of(
            "saucepan",
            "pot",
            "stockpot",
            "kettle",
            "bowl",
            "crock",
            "pan",
            "pitcher",
            "container",
            "bucket",
            "jug",
            "canner",
            "saucepot",
            "stewpot",
            "roaster",
            "casserole",
            "kettles",
            "saucepans",
            "pots",
            "buckets",
            "crocks",
            "bag",
            "bags",
            "gauge",
            "model");
    private static final Set<String> KINDS = Set.of(
            "big",
            "weighted",
            "dial",
            "pressure",
            "deep",
            "dutch",
            "enamel",
            "enameled",
            "food",
            "grade",
            "plastic",
            "zip",
            "freezer",
            "stoneware",
            "glass",
            "old",
            "heavy",
            "large",
            "nonreactive",
            "soup",
            "stainless",
            "steel",
            "stock");

    /** "The canner is a sixteen quart and holds seven". */
    private static final Cue CALLED = Cue.of(
            "\\b(canner|cooker|pot|kettle|roaster|crock) (is|was|'s|that's) (only |just )?(a |an |my )?(big |old |\\w+ )?(8|1\\d|2\\d|3\\d|eight|ten|twelve|sixteen|twenty|twenty - \\w+) (- )?$"
                    + "|\\b(canner|cooker)\\b[^.;]* the (1\\d|2[1-9]|3\\d|twelve|sixteen|twenty - (one|two|three)) (- )?$"
                    + "|\\b(it|mine|ours|which) ?('s|is) (only |just )?a (big |old )?(16|2[123]|sixteen|twenty - (one|two|three)) (- )?$");

    /** "A 1- or 2-gallon crock": the first of the two figures. */
    static boolean isFirstOfTwo(Sentence s, int figure) {
        int or = s.is(figure + 1, "-") ? figure + 2 : figure + 1;
        int unit = s.is(or + 2, "-") ? or + 3 : or + 2;
        return (s.is(or, "or") || s.is(or, "to"))
                && or + 1 < s.size()
                && s.token(or + 1).isNumber()
                && unit < s.size()
                && at(s, unit);
    }

    private Vessel() {}

    /** @param unit the token of the measure */
    static boolean at(Sentence s, int unit) {
        int name = s.is(unit + 1, ".") ? unit + 2 : unit + 1;
        while (name < s.size() && KINDS.contains(s.token(name).norm())) {
            name++;
        }
        boolean oven = s.is(name, "oven") && s.is(name - 1, "dutch");
        if (UNITS.contains(s.token(unit).norm()) && s.isBefore(unit, 7, CALLED)) {
            return true;
        }
        return UNITS.contains(s.token(unit).norm())
                && name < s.size()
                && (oven || NAMES.contains(s.token(name).norm()));
    }
}
