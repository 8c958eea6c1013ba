package oilcloth.reading;

import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import oilcloth.recipe.Fact;
import oilcloth.recipe.Preparation;
import oilcloth.text.Cue;

/** What is done to the food before the jars are filled: how long it is boiled, how large it is cut, what is left out. */
final class Preparing {
    /** A time behind one of these is another one's. */
    private static final Set<String> ENDS = Set.of(
            ".",
            ";",
            "soak",
            "soaked",
            "drain",
            "drained",
            "cool",
            "cooled",
            "dip",
            "dipped",
            "stand",
            "stood",
            "rest",
            "rested",
            "vent",
            "vented",
            "process",
            "processed",
            "jars",
            "jar",
            "lids",
            "lid",
            "rings");

    /** What is boiled beside the food. */
    private static final Set<String> BESIDE = Set.of(
            "syrup", "brine", "vinegar", "liquid", "juice", "pickling", "jars", "lids", "rings", "spices", "sugar");

    private static final Set<String> IN = Set.of("in", "with", "into", "of", "from", "under");

    /** "10 minutes at a boil", "a five-minute boil". */
    private static final Cue BOIL_NEXT = Cue.of(
            "(' )?(at |of )?(a |the )?(full |gentle |hard |good |rolling )*(boil|boiling|simmer|simmering|blanch|blanching)\\b(?! water)");

    private static final Cue SKINS = Cue.of("\\bskins?\\b|\\bslip|\\bto peel\\b|\\bpeel(s|ed)? (easily|off|right)");

    /** Minutes a skin is loosened in. */
    private static final int LONGEST_DIP = 3;

    private static final int REACH = 12;

    /** "New flats, not boiled since the box says you needn't", "the water was hot but not boiling when the jars went in". */
    private static final Cue OF_LIDS_OR_WATER = Cue.of(
            "\\b(flats|lids?|discs?|domes)\\b(,? (were|are|was|is|just|only|in|simmered|heated|scalded|softened|dipped|washed|rinsed|hot|warm|warmed|soapy|water|and|but|kept|new))*,? not boil|\\b((the|canner) water|water in the (canner|kettle|pot))\\b[^.;]{0,30}\\bnot (yet |quite |at a )?boil");

    private static final Cue UNHEATED = Cue.of(
            "\\b(unheated|uncooked|unboiled|nothing (is |was |gets |got )?(ever )?(boiled|cooked|heated)|never (sees|saw|touche[sd]|meets|met) (the |a |any )?(stove|heat|fire|flame|pan|pot))\\b|\\b(straight|right) (from|out of) the (fridge|refrigerator|icebox|freezer|cellar)\\b[^.;]{0,20}\\b(in|into|to) (the |my |clean |hot )*(jars?|pints?|quarts?)\\b|"
                    + "(?<!\\b(jars|lids|jar) )(?<!\\b(jars|lids) (are|were) )(?<!\\b(canner|kettle|bath) (\\w{1,9} )?(\\w{1,9} )?(\\w{1,9} )?(\\w{1,9} )?)\\b(not|never|without|no|don'?t|didn'?t|do not|did not|doesn'?t|skip(ped|ping)?|omit(ted)?|left out|leave out|leaving out|forgot)( to)?( bother(ed)?( to| with)?| need( to)?)?( ever| even| being| been| any| all| the| a| that| pre-?| par-?| first| \\w+[- ]minute)*[ -](boil(ed|ing)?|blanch(ed|ing)?|simmer(ed|ing)?|parboil(ed|ing)?|precook(ed|ing)?|pre ?cook(ed|ing)?|pre ?heat(ed|ing)?|cook(ed|ing)?(?= ?[.,;:)!]|$| (at all|them|it|mine|first|before|ahead|the|and (fill|pack|jar))\\b)( (them|it|mine|first|before|ahead))?)\\b"
                    + "(?! (hard|over|away|dry|down|to|too|long|through|again|soft|until|till|for|water|canner|off|much|more|past|the (jars|lids|rings)|jars|lids|rings|so|very|any|but|point|the canner|onions?))"
                    + "(?! (it|them|the \\w+) (hard|over|away|dry|down|to|too|long|through|again|soft|until|till|for|off|much|more|so|very))");

    private static final Cue UNSOAKED = Cue.of(
            "\\b(cups?|handful|scoop|third|half) (of )?(\\w+ )?(dry|dried)( (beans|peas|ones))? (in|into|to) (each|every|the|my) (pint|quart|jar)s?\\b|\\b(beans|pintos|peas|limas) (go|goes|went|are put|were put) in (dry|dried|hard)\\b|\\b(beans|pintos|peas|limas),? (dry|dried)\\b[^.;]{0,40}\\b(put|poured|dropped|spooned|go|goes|went)\\b[^.;]{0,24}\\b(in|into|to) (each|the|every|my)\\b|\\b(dry|dried) (beans?|peas|pintos?|kidneys?|navy beans)\\b[^.;]{0,50}\\b(straight (in|into|from)|right (in|into)|(in|into) (the|each|every|my|hot) (hot )?(jar|pint|quart)s?|no soak\\w*|without soaking|unsoaked)\\b|\\b(no|without|didn'?t|don'?t|skip(ped)?|never) (need to |bother (to |with )?|the )?(soak(ing|ed)?|pre-?soak\\w*)\\b[^.;]{0,30}\\b(beans|them|peas)\\b(?! too (long|much))|\\bunsoaked (beans|pintos|peas)\\b|\\b(beans|pintos|peas)\\b[^.;:]{0,20}\\b(without|no|never|not) (the |a |any |being )?soak\\w*");

    private static final Cue SOAKED_AFTER_ALL =
            Cue.of("(?<!\\b(not|never|aren't|isn't|weren't|without being) )\\b(soaked|rehydrated|drained|boiled)\\b");

    private static final Set<String> INCH = Set.of("inch", "inches", "in", "\"", "″", "''");

    private static final Cue PIECES = Cue.of("\\.?[ -]*(wide |square |thick )*(cubes?|chunks?|squares|dice)\\b");

    private Preparing() {}

    /** What a sentence says is left out. */
    static void leftOut(Sentence s, Draft draft) {
        s.findAny(UNHEATED).filter(r -> !s.has(OF_LIDS_OR_WATER)).ifPresent(r -> draft.facts
                .prepared()
                .add(Fact.read(new Preparation(Preparation.Kind.UNHEATED, 0), r)));
        if (!s.has(SOAKED_AFTER_ALL)) {
            s.find(UNSOAKED)
                    .ifPresent(r ->
                            draft.facts.prepared().add(Fact.read(new Preparation(Preparation.Kind.UNSOAKED, 0), r)));
        }
    }

    /** "New water, brought to a boil, 30 min." */
    private static final Cue AT_A_BOIL =
            Cue.of("\\b(fresh|new|clean) water ?,? ?((brought|bring|back|and) )*to a (full |hard )?boil ?,? ?(for )?$");

    static boolean isInNewWater(Sentence s, int i) {
        return s.isBefore(i, 9, AT_A_BOIL);
    }

    /** Minutes; longer is the canner's until something tells otherwise. */
    private static final int LONGEST_BLANCH = 10;

    private static final Cue WORKED_ON = Cue.of(
            "\\b(wash|rins|scrub|snap|string|peel|cut|trim|shell|slic|dic|chop|cor|pit|husk|hull|stem|tipp|tail|broke|pod)\\w*\\b");

    private static final Cue BOILED_NEXT = Cue.of(
            "((in|into) (the |some )?(boiling|hot|simmering) water|(at|of) (a |the )?(full |gentle |hard |good |rolling )*boil)\\b(?! ?-?(bath|canner))");

    /** "Pulled the strings, snapped them, gave them five minutes in boiling water": the food, before any jar is told of. */
    static boolean isBlanched(Sentence s, Draft draft, int i, TimeSpan d) {
        return d.most() <= LONGEST_BLANCH
                && !draft.filled
                && !draft.inCanner
                && draft.facts.headspace().isEmpty()
                && s.opensAt(d.next(), 7, BOILED_NEXT)
                && s.isBefore(i, REACH, WORKED_ON);
    }

    /** Whether the food is blanched so anywhere in a sentence. */
    static boolean blanches(Sentence s, Draft draft) {
        return IntStream.range(0, s.size()).anyMatch(i -> TimeSpan.at(s, i)
                .filter(d -> isBlanched(s, draft, i, d))
                .isPresent());
    }

    /** A time that is not the canner's: how long the food is boiled, where that is what it is. */
    static void time(Sentence s, Draft draft, int i, TimeSpan d) {
        if (!d.clock()) {
            days(s, draft, i, d);
            return;
        }
        boolean dip = d.most() <= LONGEST_DIP && s.has(SKINS);
        if (dip || s.negatedToken(i)) {
            return;
        }
        if (soakBefore(s, i)) {
            draft.facts
                    .prepared()
                    .add(Fact.read(new Preparation(Preparation.Kind.SOAKED, d.most()), s.span(i, d.next())));
        } else if (heatBefore(s, i)
                || isInNewWater(s, i)
                || isBlanched(s, draft, i, d)
                || s.opensAt(d.next(), 6, BOIL_NEXT)) {
            draft.facts
                    .prepared()
                    .add(Fact.read(new Preparation(Preparation.Kind.HEATED, d.most()), s.span(i, d.next())));
        }
    }

    /** "Every few days", "two weeks ago": not how long it stood. */
    private static final Cue RECURRING = Cue.of("\\b(every|each|per|a|once|for the next|in) $");

    /** "It keeps six months". */
    private static final Cue KEEPS =
            Cue.of("\\b(keeps?|lasts?|stor\\w+|shelf|good|within|eat\\w*|fridge|refrigerat\\w+)\\b");

    private static final Cue AGO = Cue.of("(ago|old|later|before|after|apart|early|of)\\b");

    private static final int SECONDS_OF_A_MINUTE = 60;

    private static void days(Sentence s, Draft draft, int i, TimeSpan d) {
        String unit = s.token(d.next() - 1).norm().equals(".")
                ? s.token(d.next() - 2).norm()
                : s.token(d.next() - 1).norm();
        if (unit.startsWith("sec") && heatBefore(s, i) && !s.has(SKINS)) {
            double minutes = d.most() / SECONDS_OF_A_MINUTE;
            draft.facts
                    .prepared()
                    .add(Fact.read(new Preparation(Preparation.Kind.HEATED, minutes), s.span(i, d.next())));
            return;
        }
        double each = unit.startsWith("day")
                ? 1
                : unit.startsWith("week") || unit.startsWith("wk") ? 7 : unit.startsWith("month") ? 30 : 0;
        if (each > 0 && !s.isBefore(i, 2, RECURRING) && !s.isBefore(i, 5, KEEPS) && !s.opensAt(d.next(), 2, AGO)) {
            draft.facts
                    .prepared()
                    .add(Fact.read(new Preparation(Preparation.Kind.STOOD, d.most() * each), s.span(i, d.next())));
        }
    }

    /** "Soaked 14 hours", "soak in plenty of water for an hour". */
    private static boolean soakBefore(Sentence s, int i) {
        for (int k = i - 1; k >= Math.max(0, i - REACH); k--) {
            String w = s.token(k).norm();
            if (w.startsWith("soak")) {
                return true;
            }
            if (heats(w) || ENDS.contains(w)) {
                return false;
            }
        }
        return false;
    }

    private static boolean heatBefore(Sentence s, int i) {
        for (int k = i - 1; k >= Math.max(0, i - REACH); k--) {
            String w = s.token(k).norm();
            if (ENDS.contains(w)) {
                return false;
            }
            if (heats(w) && !(w.equals("boiling") && s.is(k + 1, "water"))) {
                return !isBeside(s, k, i);
            }
        }
        return false;
    }

    private static boolean heats(String word) {
        return TimeWords.HEAT.contains(word)
                || word.startsWith("boil")
                || word.startsWith("simmer")
                || word.startsWith("wilt");
    }

    /** "Boil the syrup", "jars boiled": not the food, unless it is boiled in it. */
    private static boolean isBeside(Sentence s, int verb, int end) {
        for (int k = Math.max(0, verb - 3); k < verb; k++) {
            if (BESIDE.contains(s.token(k).norm())) {
                return true;
            }
        }
        for (int k = verb + 1; k < end; k++) {
            if (IN.contains(s.token(k).norm())) {
                return false;
            }
            if (BESIDE.contains(s.token(k).norm())) {
                return true;
            }
        }
        return false;
    }

    /** "cut in 2-inch cubes". */
    static void pieces(Sentence s, Draft draft) {
        for (int i = 0; i < s.size(); i++) {
            Optional<Numbers.Figure> figure = Numbers.at(s.tokens(), i);
            if (figure.isEmpty()) {
                continue;
            }
            int u = figure.get().next();
            while (s.is(u, "-")) {
                u++;
            }
            if (u < s.size() && INCH.contains(s.token(u).norm()) && s.opensAt(u + 1, 4, PIECES)) {
                draft.facts
                        .prepared()
                        .add(Fact.read(
                                new Preparation(
                                        Preparation.Kind.CUT, figure.get().high()),
                                s.span(i, u + 1)));
            }
            i = Math.max(i, figure.get().next() - 1);
        }
    }
}
