package oilcloth.reading;

import java.util.Set;

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
            "bags");
    private static final Set<String> KINDS = Set.of(
            "big",
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

    private Vessel() {}

    /** @param unit the token of the measure */
    static boolean at(Sentence s, int unit) {
        int name = s.is(unit + 1, ".") ? unit + 2 : unit + 1;
        while (name < s.size() && KINDS.contains(s.token(name).norm())) {
            name++;
        }
        boolean oven = s.is(name, "oven") && s.is(name - 1, "dutch");
        return UNITS.contains(s.token(unit).norm())
                && name < s.size()
                && (oven || NAMES.contains(s.token(name).norm()));
    }
}
