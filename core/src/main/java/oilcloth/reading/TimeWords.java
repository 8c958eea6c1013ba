package oilcloth.reading;

import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Words of time, and the words that say what the time is for. */
final class TimeWords {
    static final Set<String> MINUTE = Set.of("min", "mins", "minute", "minutes", "minuets", "minites", "mn");

    static final Set<String> HOUR = Set.of("hour", "hours", "hr", "hrs", "h");

    static final Set<String> OTHER = Set.of(
            "s", "second", "seconds", "sec", "secs", "day", "days", "week", "weeks", "wk", "wks", "month", "months",
            "year", "years", "yrs", "night", "nights", "am", "pm");

    static final Set<String> PROCESS = Set.of(
            "process",
            "processed",
            "processing",
            "canner",
            "bath",
            "bwb",
            "bwc",
            "wb",
            "bw",
            "hwb",
            "psi",
            "pressure",
            "canning",
            "can",
            "canned",
            "waterbath",
            "waterbathed",
            "gauge",
            "gage",
            "weighted",
            "bathed",
            "pc",
            "pressured",
            "processes");

    /** Food is heated in water or steam. */
    static final Set<String> HEAT = Set.of(
            "simmer",
            "simmered",
            "simmering",
            "cook",
            "cooked",
            "cooking",
            "blanch",
            "blanched",
            "parboil",
            "parboiled",
            "precook",
            "precooked",
            "steam",
            "steamed",
            "heat",
            "heated",
            "stew");

    private static final Set<String> OTHER_STEPS = Set.of(
            "soak",
            "soaked",
            "steams",
            "roast",
            "roasted",
            "saute",
            "sauteed",
            "brown",
            "scald",
            "dip",
            "reduce",
            "stir",
            "bake",
            "baked",
            "preheat",
            "steep",
            "microwave",
            "fry",
            "drip",
            "brine",
            "salt",
            "cover",
            "refrigerate",
            "ferment",
            "drain",
            "hold",
            "soften",
            "thicken",
            "melt",
            "bring",
            "brought",
            "vent",
            "vented",
            "venting",
            "exhaust",
            "exhausted");

    static final Set<String> COOK =
            Stream.concat(HEAT.stream(), OTHER_STEPS.stream()).collect(Collectors.toUnmodifiableSet());

    static final Set<String> WAIT = Set.of(
            "zero",
            "wait",
            "waited",
            "rest",
            "rested",
            "resting",
            "stand",
            "sit",
            "let",
            "leave",
            "cool",
            "cooled",
            "cooling",
            "undisturbed",
            "chill",
            "chilled",
            "soak",
            "soaked",
            "soaking",
            "aged",
            "store",
            "stored",
            "keep",
            "keeps",
            "kept",
            "after",
            "eat",
            "sits",
            "stood");

    private TimeWords() {}
}
