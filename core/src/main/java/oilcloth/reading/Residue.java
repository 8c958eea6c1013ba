package oilcloth.reading;

import java.util.Set;
import java.util.regex.Pattern;
import oilcloth.recipe.Fact;
import oilcloth.recipe.Unread;
import oilcloth.text.Cue;

/** What no reader accounted for: figures left over, and {@link Additions}. */
final class Residue {
    private static final Cue KITCHEN_SENTENCE = Cue.of(
            "\\b(add|stir|mix|put|pour|process|boil|simmer|cook|cup|cups|jar|jars|vinegar|sugar|salt|brine|fill|pack|leave|pressure|spoon|measure|canner|headspace)\\w*\\b");

    /** "The needle was 9": a pressure, where no minutes stand beside it. */
    private static final Cue OF_A_GAUGE =
            Cue.of("^(?!.*\\bmin(ute)?s?\\b).*\\b(needle|(?<!(dial|weighted) )gau?ge|dial(?! gauge))\\b");

    private static final Set<String> COOKING = Set.of(
            "boil", "boiled", "simmer", "simmered", "cook", "cooked", "simmering", "boiling", "blanch", "blanched");

    private static final Set<String> GOES_ON = Set.of(
            "more", "and", "or", "to", "then", "longer", "until", "till", "covered", "uncovered", "stirring", "at");

    /** "till 2/3 done": how far it is cooked. */
    private static final Set<String> DONENESS = Set.of(
            "done", "cooked", "tender", "soft", "under", "underripe", "unripe", "ripe", "green", "depth", "deep");

    /** "3/4 the depth of the kernel". */
    private static final Cue OF_THE_DEPTH = Cue.of("(of )?(the |its |their )?(depth|way (down|through)|of the way)\\b");

    /** "6 lb cucumbers, sliced 3/16, 8 cups onions": how thick. */
    private static final Cue CUT = Cue.of("\\b(slice|dice|cube|shred)(d|s)?( (at|to|about|them))? $");

    private static final Cue ENDS = Cue.of("^ ?([,;.)]|$)");

    private static final Cue PINGED = Cue.of(
            "(are |were |is )?(all )?(down|up and down)\\b(?! (to|from))|seal(ed|s)\\b|(did not|didn't)( seal)?(?=[^.;]{0,24}\\b(ate|eaten|eat|fridge|refrigerat\\w*|freez\\w*|froze|reprocess\\w*)\\b)|jars in\\b|(jars?|pints?|quarts?|lids?|of them) (all )?(have |has )?(pinged|popped|sealed|ping|pop|seal|came out|are sealed)\\b");

    /** "Pressure was 2 down by the end". */
    private static final Cue FALLEN = Cue.of("\\b(pressure|needle|gauge|gage|dial)\\b");

    private static final Cue MAKES = Cue.of(
            "\\b(get|gets|got|make|makes|made|give|gives|gave|yields?|yielded|had|have|did|filled|(ended|wound) up with|came to|comes to) (me |us |you )?(about |around |only |just |roughly )*$");

    private static final Cue PER = Cue.of("(per|in each|to each|to a|in a|for each|each) (pint|quart|jar|half)?");

    void read(Sentence s, Draft draft) {
        figures(s, draft);
        Additions.read(s, draft);
    }

    private static void figures(Sentence s, Draft draft) {
        for (int i = 0; i < s.size(); i++) {
            if (!s.isClaimed(i) && BareFigure.mayBeTheTime(s, draft, i)) {
                draft.doubt(s.span(i, i + 1));
                s.claim(i, i + 1);
            }
            if (s.isClaimed(i) || !s.token(i).isNumber()) {
                continue;
            }
            if (isMinutes(s, i) && isVenting(s, i)) {
                // "Vent 10:00": how long is for another reader
                s.claim(i, i + FIGURES_OF_A_CLOCK);
                continue;
            }
            if (isMinutes(s, i)) {
                draft.unread.add(new Unread(s.span(i, i + FIGURES_OF_A_CLOCK), true));
                s.claim(i, i + FIGURES_OF_A_CLOCK);
                continue;
            }
            if (isClock(s, i)) {
                if (s.has(OUT) && !s.has(MINUTES)) {
                    draft.unread.add(new Unread(s.span(i, i + FIGURES_OF_A_CLOCK), true));
                }
                s.claim(i, i + FIGURES_OF_A_CLOCK);
                continue;
            }
            if (s.opensAt(i + 1, 5, OF_CLOTH)
                    || isNumbered(s, i)
                    || isEars(s, i)
                    || isSound(s, i)
                    || isClub(s, i)
                    || isAcidReading(s, i)
                    || isAge(s, i)
                    || s.token(i).raw().contains("/") && s.isBefore(i, 3, CUT) && s.isAround(i + 1, 0, 1, ENDS)
                    || BareFigure.isToldAgain(s, draft, i)) {
                s.claim(i, i + 1);
                continue;
            }
            // "8 cloves garlic (1 per jar)" only shares out what was read
            boolean shares = s.opensAt(i + 1, 3, PER)
                    && !s.low().contains("juice")
                    && !s.low().contains("acid")
                    && !s.low().contains("vinegar");
            boolean bears = !shares
                    && (s.isItem()
                            || s.has(KITCHEN_SENTENCE)
                            || s.has(OF_A_GAUGE)
                            || isOtherAltitude(s, draft, i)
                            || isHeight(s, i));

            bears &= !isDate(s.token(i).norm())
                    && !isYear(s, i)
                    && !s.isBefore(i, 3, DATED)
                    && !isTime(s, i)
                    && !Degrees.are(s, i)
                    && !isVenting(s, i)
                    && !Altitudes.isOfABandTold(s, draft, i)
                    && !isCountOfJars(s, i)
                    && !DONENESS.contains(i + 1 < s.size() ? s.token(i + 1).norm() : "")
                    && !s.opensAt(i + 1, 4, OF_THE_DEPTH);
            int end = i + 1;
            while (end < s.size() && end < i + 4 && s.token(end).isWord() && !s.isClaimed(end)) {
                end++;
            }
            draft.unread.add(new Unread(s.span(i, end), bears));
            s.claim(i, end);
        }
    }

    /** What the other readers of figures make of it. */
    static boolean isOfSomethingElse(Sentence s, int i) {
        return isMinutes(s, i)
                || Venting.isOfTheSteam(s, i)
                || isClock(s, i)
                || s.is(i - 1, ":")
                || isNumbered(s, i)
                || isAge(s, i)
                || isAcidReading(s, i)
                || isClub(s, i)
                || isVenting(s, i)
                || isTime(s, i)
                || Degrees.are(s, i)
                || isCountOfJars(s, i)
                || isDate(s.token(i).norm())
                || s.isBefore(i, 3, DATED)
                || s.opensAt(i + 1, 4, OF_THE_DEPTH);
    }

    private static final int FIGURES_OF_A_CLOCK = 3;

    static final Cue HOUR = Cue.of("\\b(at|by|till|until|from|since|around|about|to|before|after) $");

    private static final Set<String> HALF_DAY = Set.of("am", "pm", "a", "p", "o'clock");

    /** "Processed 8:00": minutes and seconds, and not the hour of the day. */
    private static boolean isMinutes(Sentence s, int i) {
        return s.is(i + 1, ":")
                && s.is(i + 2, "00")
                && !s.isBefore(i, 1, HOUR)
                && !(i + 3 < s.size() && HALF_DAY.contains(s.token(i + 3).norm()));
    }

    /** "In 2:10, out 2:15" tells the time of the canner. */
    private static final Cue OUT = Cue.of("\\b(out|off|stopped|done|lifted|pulled)\\b");

    private static final Cue MINUTES = Cue.of("\\b(min|mins|minutes)\\b");

    /** "In the canner 14:15, rolling boil 14:27". */
    private static boolean isClock(Sentence s, int i) {
        return s.token(i).raw().matches("[01]?\\d|2[0-3]")
                && s.is(i + 1, ":")
                && i + 2 < s.size()
                && s.token(i + 2).raw().matches("[0-5]\\d")
                && !isMinutes(s, i);
    }

    private static final Set<String> NUMBERED = Set.of(
            "room",
            "class",
            "grade",
            "unit",
            "apartment",
            "apt",
            "route",
            "highway",
            "hwy",
            "page",
            "bulletin",
            "troop",
            "district",
            "exit",
            "chapter",
            "lesson");

    /** "I'm in Room 12's cooking club". */
    private static boolean isNumbered(Sentence s, int i) {
        return i > 0
                && NUMBERED.contains(s.token(i - 1).norm())
                && !(i + 1 < s.size()
                        && TimeWords.MINUTE.contains(s.token(i + 1).norm()));
    }

    private static final Cue EARS = Cue.of("(\\w+ )?(ears|cobs)\\b");

    /** "Bones from three birds": how many gave them. */
    private static final Cue BIRDS = Cue.of("(\\w+ )?(birds|carcasses|frames)\\b");

    /** "Through 2 thicknesses of cheesecloth". */
    private static final Cue OF_CLOTH = Cue.of(
            "(thickness(es)?|layers?|folds?|pieces?) (of )?(\\w+ )?(cheesecloth|muslin|cloth|towels?|jelly bag|coffee filters?|paper)\\b");

    private static final Pattern CORN = Pattern.compile("(?i)\\b(corn|kernels)\\b");

    /** "I boiled 20 ears five minutes": as they grew, where the corn is named. */
    private static boolean isEars(Sentence s, int i) {
        String behind = s.around(i + 1, 0, 2);
        return EARS.opens(behind) && s.wholeHas(CORN) || BIRDS.opens(behind);
    }

    /** "Doing this for 4-H". */
    private static boolean isClub(Sentence s, int i) {
        return s.is(i, "4") && s.is(i + 1, "-") && s.is(i + 2, "h");
    }

    /** "My father in law (87) is convinced". */
    private static boolean isAge(Sentence s, int i) {
        return s.has(AGED)
                        && s.is(i - 1, "at")
                        && s.token(i).raw().matches("\\d\\d")
                        && Integer.parseInt(s.token(i).raw()) >= AGED_FROM
                || s.is(i - 1, "(")
                        && s.is(i + 1, ")")
                        && i > 1
                        && (Talk.isAbout(s.token(i - 2).norm())
                                || s.is(i - 2, "law")
                                || i > 2
                                        && Character.isUpperCase(
                                                s.token(i - 2).raw().charAt(0)))
                        && s.token(i).raw().matches("\\d{1,2}|10\\d");
    }

    /** "Am I too old to learn at 84?". */
    private static final Cue AGED = Cue.of("\\b(too (old|young)|years old|at my age|learn(ing)?)\\b");

    /** Years; a younger age may be a pressure or a time. */
    private static final int AGED_FROM = 50;

    private static final Cue ACID_READING = Cue.of("\\bph\\b[^.;,\\d]{0,30}$");

    /** "pH of the final product by meter: 3.4": it stands for no process, and is no amount. */
    private static boolean isAcidReading(Sentence s, int i) {
        String before =
                s.low().substring(0, s.token(i).range().start() - s.range().start());
        return ACID_READING.in(before)
                && Numbers.at(s.tokens(), i).filter(f -> f.high() <= LOW_ENOUGH).isPresent();
    }

    /** pH that acid foods have, with room for the meter's error. */
    private static final double LOW_ENOUGH = 4.2;

    /** "Let cool b4 opening". */
    private static boolean isSound(Sentence s, int i) {
        return i > 0
                && s.is(i, "4")
                && s.is(i - 1, "b")
                && s.token(i - 1).range().end() == s.token(i).range().start();
    }

    /** "Altitude 1,240 at the house, but I can at the cabin, which is 4,400". */
    private static boolean isOtherAltitude(Sentence s, Draft draft, int i) {
        return s.token(i).raw().matches("\\d{1,2},?\\d{3}")
                && draft.facts
                        .altitude()
                        .flatMap(Fact::range)
                        .filter(s.range()::contains)
                        .isPresent();
    }

    private static final Cue HERE = Cue.of("(here|up here|huh|up|or so|i (think|believe)|by|according)\\b");

    /** "I looked and it's 4,150 here": four figures with a comma, and of nothing that is counted. */
    private static boolean isHeight(Sentence s, int i) {
        return s.token(i).raw().matches("1?\\d,\\d{3}")
                && !s.is(i - 1, "$")
                && (i + 1 >= s.size() || !s.token(i + 1).isWord() || s.opensAt(i + 1, 2, HERE));
    }

    /** "Dial gauge (checked 5/2)". */
    private static final Cue DATED = Cue.of("\\b(checked|tested|calibrated|dated?) (:|on|in|at the office)? ?$");

    private static final Set<String> KITCHEN = Set.of("2", "3", "4", "8", "16");

    /** "Gauge tested 3/26": no fraction a kitchen has. */
    private static boolean isDate(String figure) {
        int slash = figure.indexOf('/');
        if (slash < 0) {
            return false;
        }
        String above = figure.substring(0, slash);
        String below = figure.substring(slash + 1);
        return !KITCHEN.contains(below)
                || above.length() > below.length()
                || above.length() == below.length() && above.compareTo(below) > 0;
    }

    private static final Cue YEAR = Cue.of("\\b(in|since|of|summer of|year|back in|around|about|from) $");

    /** "Since '64". */
    private static boolean isYear(Sentence s, int i) {
        int before = s.token(i).range().start() - 1;
        boolean cut =
                before >= 0 && (s.whole().charAt(before) == '\'' || s.whole().charAt(before) == '’');
        return cut && s.token(i).raw().matches("\\d\\d") && s.isBefore(i - 1, 3, YEAR);
    }

    /** "11 lb, vented 10, 60 min", "30 min, 10 vent", "lid off, waited 10": minutes of steam, and of rest. */
    private static boolean isVenting(Sentence s, int i) {
        int of = s.is(i + 1, "of") ? i + 2 : i + 1;
        if ((s.is(of, "vent") || s.is(of, "venting")) && !s.is(of + 1, "pipe")) {
            return true;
        }
        if (Venting.isOfTheSteam(s, i)) {
            return true;
        }
        // "vented a full 10", "vented for 10"
        int verb = s.is(i - 1, "full") ? i - 3 : s.is(i - 1, "for") ? i - 2 : i - 1;
        verb = s.is(verb, "first") || s.is(verb, "it") ? verb - 1 : verb;
        return verb >= 0
                && (s.token(verb).norm().startsWith("vent")
                        || s.token(verb).norm().startsWith("exhaust")
                        || s.token(verb).norm().startsWith("steam")
                        || s.is(verb, "waited") && !s.token(i).raw().matches("\\d"))
                && (i + 1 >= s.size() || !s.token(i + 1).isWord() || s.is(i + 1, "first") || s.is(i + 1, "and"));
    }

    /** Tokens of "12 jars." */
    private static final int COUNT_ALONE = 3;

    /** "Chicken broth, 2 big pots". */
    private static final Cue POTS = Cue.of(
            "((big|large|huge|full|good|small|canner|separate) )*(pots|potfuls|kettles|stockpots|saucepans|skillets|batches|loads|canner loads|runs|burners|trips|helpers|people|scouts|kids|peelers|knives|hands|cooks|cousins|ladies|ones)\\b(?! of (vinegar|lemon|water))");

    /** "Jars: pints, 16 of them". */
    private static final Cue JARS_BEFORE = Cue.of("\\b(pints|quarts|jars|half[- ]pints) ?[,(–-]? $");

    /** "Siphoning in 5 of 7 jars". */
    private static final Cue SO_MANY_OF = Cue.of("\\b\\d+ of (the |my |our )?\\d+ (jars|pints|quarts|lids)\\b");

    /** "all 14 jars pinged": a count that nothing rests on. */
    /** "Got 6 and a spoonful for me." */
    private static final Cue AND_A_TASTE = Cue.of(
            "(jars? )?(and|plus) (a|one|half a) (spoonful|taste|bit|little|dab|smidge|sample|lick|partial|half|short one)\\b");

    /** "Jars - quarts, 14". */
    private static final Cue FIELD_OF_JARS = Cue.of(
            "^(jars?|size|jar size)( used)? [:=–-] (hot |wide mouth |regular )*(half - )?(pints?|quarts?)( jars)?( [,(x×-])? $");

    private static boolean isCountOfJars(Sentence s, int i) {
        return s.opensAt(i + 1, 4, PINGED) && !s.has(FALLEN)
                || s.is(i + 1, "jars") && i == 0 && s.size() <= COUNT_ALONE
                || s.isBefore(i, 9, FIELD_OF_JARS)
                        && !(i + 1 < s.size() && s.token(i + 1).isWord())
                || s.is(i + 1, "jars")
                        && s.is(i - 1, ".")
                        && (i + 2 >= s.size() || !s.token(i + 2).isWord())
                || s.is(i + 1, "of") && s.is(i + 2, "them") && s.isBefore(i, 2, JARS_BEFORE)
                || s.opensAt(i + 1, 3, POTS)
                || s.isBefore(i, 4, SEAL_ON_ALL)
                        && (i + 1 >= s.size() || !s.token(i + 1).isWord())
                || s.opensAt(i + 1, 4, AND_A_TASTE)
                || s.isAround(i, i > 1 ? 2 : i, 4, SO_MANY_OF)
                || s.is(i + 1, "jars") && s.isBefore(i, 4, MAKES);
    }

    /** "Good seal on all 16." */
    private static final Cue SEAL_ON_ALL = Cue.of("\\bseal(s|ed)?( on)? (all|all of the|every one of the) $");

    /** "Simmered 30 minutes or so, more like 45". */
    private static final Cue MORE_LIKE = Cue.of("^(more like|closer to|nearer to|nearly|almost) $");

    private static final Cue ON_THE_STOVE = Cue.of(
            "\\b(simmer|cook|stew|soak|blanch|parboil)(s|ed|ing)?\\b(?!.*\\b(process\\w*|canner|pressure|bath|pounds|lbs?|vent\\w*)\\b)");

    /** "Boil pears in it 5." */
    private static final Cue BOILS_IT = Cue.of(
            "\\b(boil|simmer|cook|blanch|scald)(ed|s)? (?!jars?|pints?|quarts?|pts|qts)(\\w+ )?(in|with) (it|them|that|the (syrup|juice|brine|water)) (for )?$");

    /** "simmer 5, through the mill", "simmer 5 and 5": minutes on the stove, and nothing they could be a number of. */
    private static boolean isTime(Sentence s, int i) {
        boolean again = i > 2
                && (s.is(i - 1, "and") || s.is(i - 1, "+"))
                && s.token(i - 2).isNumber();
        int before = again ? i - 3 : i - 1;
        // "boiled gently 5"
        String verb = before < 0
                ? ""
                : s.token(before > 0 && StepWords.isManner(s.token(before).norm()) ? before - 1 : before)
                        .norm();
        boolean cooking = COOKING.contains(verb)
                || s.is(i - 1, "another")
                        && (s.low().contains("boil") || s.low().contains("simmer"))
                || s.isBefore(i, 5, BOILS_IT)
                || s.isBefore(i, 2, MORE_LIKE) && s.has(ON_THE_STOVE);
        return cooking
                && (i + 1 >= s.size()
                        || !s.token(i + 1).isWord()
                        || GOES_ON.contains(s.token(i + 1).norm()));
    }
}
