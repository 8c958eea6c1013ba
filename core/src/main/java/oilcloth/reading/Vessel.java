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
            "stock",
            "kettle",
            "bowl",
            "crock",
            "pan",
            "pitcher",
            "container",
            "bucket",
            "jug",
            "dutch",
            "canner",
            "enamel",
            "stainless",
            "large",
            "heavy",
            "saucepot",
            "stewpot",
            "enameled",
            "nonreactive",
            "roaster",
            "deep",
            "casserole",
            "kettles",
            "saucepans",
            "pots");

    private Vessel() {}

    /** @param unit the token of the measure */
    static boolean at(Sentence s, int unit) {
        return UNITS.contains(s.token(unit).norm())
                && unit + 1 < s.size()
                && NAMES.contains(s.token(unit + 1).norm());
    }
}
