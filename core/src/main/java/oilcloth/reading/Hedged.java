package oilcloth.reading;

import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;
import oilcloth.guide.FoodClass;
import oilcloth.measure.Altitude;
import oilcloth.recipe.Fact;
import oilcloth.recipe.Ingredient;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/**
 * A figure the recipe rests on, told of less or of nobody is sure how much: "ran hardly 90 minutes", "shy of 6 cups of
 * vinegar", "2 tablespoons, if that". It is asked about; so is more of what the acid has to do for.
 */
final class Hedged {
    private static final String UNDENIED = "(?<!\\b(never|not|no|nor|without|\\w{2,6}n't)\\b[^.;,]{0,30})";

    private static final String LESS = "(" + UNDENIED
            + "((less|fewer) than|(just|well|way|slightly|a (bit|little|hair|touch)) (under|below)|short of|shy of)"
            + "|(not|never) (quite|even|fully|nearly|always|really)|nearly|almost|barely|hardly|scarcely|close to|scant|(no|not) (more|longer|over) than|at (the )?(very )?most|maybe|perhaps|possibly|probably|something like|somewhere (around|near|about)|supposed to (be|have been)|meant to be|(should|would|could|might) (have|'ve|of) been|half of|part of)";

    /** "90 minutes under 15 lb" is no less. */
    private static final String BEFORE = "(" + LESS + "|" + UNDENIED + "(under|below))";

    /** "Brought it up to 11 pounds" reaches it. */
    private static final String UP_TO = "up to";

    private static final String ABOUT = " (about |a |an |the |that |full |of |around )*";

    private static final String FIGURE =
            "(\\d|[½¼¾⅓⅔⅛]|half|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|fifteen|twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety|hundred)";

    private static final String BEHIND =
            "(or (so )?(less|fewer|under|lower|below|thereabouts?)|if (even )?that|tops|at (the )?(very )?(most|outside)|max(imum)?|minus|more or less|give or take|(or )?was it|i (think|guess|believe|suppose|reckon|hope|imagine)|maybe|perhaps|probably|possibly|supposedly|not quite|or close to (it|that)|close enough|on a good day|hopefully)";

    private static final String SIGNS = " ?[,;(–—-]* ?";

    private static final Cue LESS_BEFORE = Cue.of("\\b" + LESS + ABOUT + "$");
    private static final Cue RIGHT_BEFORE = Cue.of("\\b" + BEFORE + ABOUT + "$");
    private static final Cue UP_TO_BEFORE = Cue.of("\\b" + UP_TO + ABOUT + "$");
    private static final Cue RIGHT_BEHIND = Cue.of("^[a-z.]{0,4}" + SIGNS + "(" + BEHIND + "\\b|\\?)");
    private static final Cue INSIDE =
            Cue.of("\\b(" + BEFORE + "|" + UP_TO + ")" + ABOUT + FIGURE + "|" + FIGURE + "[^.;]*\\b" + BEHIND + "\\b");
    private static final Cue OF_THE_VENT = Cue.of("\\b" + BEFORE + ABOUT
            + "(10|ten)( full)?[ -]?min|\\b(10|ten)( full)?[ -]?min\\w*\\.?" + SIGNS + "(" + BEHIND + "\\b|\\?)");

    private static final String MORE =
            "(at least|more than|over|upwards of|better than|a generous|generous|heap(ing|ed)|rounded|a good|(close|nearer) to (double|twice))";

    private static final String MORE_BEHIND =
            "(or (so )?more|and (then )?some|or better|at least|(maybe|sometimes|often|usually) more|to start( with)?)";

    private static final Cue MORE_BEFORE = Cue.of("\\b" + MORE + ABOUT + "$");
    private static final Cue MORE_THEN = Cue.of("^" + SIGNS + MORE_BEHIND + "\\b");
    private static final Cue MORE_INSIDE = Cue.of("\\b" + MORE + ABOUT + FIGURE + "|" + FIGURE + "[^.;]*\\b("
            + MORE_BEHIND + "\\b|plus\\b(?!" + ABOUT + FIGURE + "))");

    private static final Cue HIGHER_BEFORE = Cue.of("\\b(" + MORE
            + "|above|higher than|(a (little|bit|hair)|slightly) (over|above|more than|higher than))" + ABOUT + "$");
    private static final Cue HIGHER_BEHIND = Cue.of(
            "^[a-z.]{0,5}" + SIGNS + "(or (so )?(more|higher|better)|at least|plus\\b|\\+|if not (more|higher))");
    private static final Cue UNSURE_BEFORE =
            Cue.of("\\b(maybe|perhaps|possibly|probably|i (think|guess|believe)( (it's|it is|we're|we are)( at)?)?)"
                    + ABOUT + "$");
    private static final Cue UNSURE_BEHIND = Cue.of(
            "^[a-z.]{0,5}" + SIGNS
                    + "((maybe|perhaps|possibly|probably)\\b(?! (a )?(bit |little |hair )?(less|lower|under|below))|i (think|guess|believe))");

    /** Feet at which a time or a pressure ends. */
    private static final Set<Integer> LIMITS = Set.of(1000, 2000, 3000, 4000, 6000, 8000);

    /** Who guesses is seldom off by more. */
    private static final double GUESS = 1.25;

    /** By how much nobody knows; "nearly an inch" is all but one. */
    private static final Cue LOWER_SPACE = Cue.of(
            "\\b((less|fewer) than|at (the )?(very )?most|(no|not) more than|maybe|perhaps|possibly|probably|supposed to (be|have been)|meant to be|should (have|'ve|of) been|something like)"
                    + ABOUT + "$|\\bhead ?(space|room)( \\w+){0,3} (under|below)" + ABOUT + "$");

    private static final Cue LOWER_SPACE_BEHIND = Cue.of(
            "^" + SIGNS
                    + "(or (so )?less|if (even )?that|tops|maybe|perhaps|i (think|guess))\\b|^ (of )?head ?(space|room) (or (so )?less|if (even )?that|tops)\\b");

    /** Inches; of so little nothing much can be missing. */
    private static final double LITTLE_SPACE = 0.5;

    /** What takes the strength of an acid. */
    private static final Set<FoodClass> WEAKENING = EnumSet.of(
            FoodClass.VEGETABLE,
            FoodClass.ROOT,
            FoodClass.LEGUME,
            FoodClass.PEPPER,
            FoodClass.ALLIUM,
            FoodClass.NUT,
            FoodClass.MEAT,
            FoodClass.SEAFOOD,
            FoodClass.WATER);

    /** Letters on either side of a figure. */
    private static final int NEAR = 48;

    private Hedged() {}

    static void read(Sentence s, Draft draft) {
        Stream<Range> minutes = Stream.concat(draft.facts.times().stream(), draft.facts.sterilised().stream())
                .flatMap(f -> f.range().stream())
                .filter(r -> areHedged(s, r));
        Stream<Range> pressures = draft.facts.pressures().stream()
                .flatMap(f -> f.range().stream())
                .filter(r -> isHedged(s, r, LESS_BEFORE));
        Stream<Range> acids = draft.ingredients.stream()
                .filter(i -> i.food().isAcidulant() && i.amount().isPresent())
                .map(Ingredient::range)
                .filter(r -> isHedged(s, r, RIGHT_BEFORE));
        Stream<Range> vent = draft.facts.vented().filter(Fact::value).flatMap(Fact::range).stream()
                .filter(r -> s.range().contains(r) && s.has(OF_THE_VENT));
        Stream<Range> heights = draft.facts.altitude().filter(a -> isUncertain(s, a)).flatMap(Fact::range).stream();
        Stream<Range> headspace = draft
                .facts
                .headspace()
                .filter(h -> h.value().least().inches() > LITTLE_SPACE)
                .flatMap(Fact::range)
                .filter(r ->
                        isBefore(s, r, LOWER_SPACE) || s.range().contains(r) && LOWER_SPACE_BEHIND.in(behind(s, r)))
                .stream();
        Stream.of(minutes, pressures, acids, vent, heights, headspace)
                .flatMap(r -> r)
                .toList()
                .forEach(draft::doubt);
        draft.ingredients.stream()
                .filter(i -> WEAKENING.contains(i.food().kind()) && i.amount().isPresent())
                .map(Ingredient::range)
                .filter(r -> isOfMore(s, r))
                .forEach(draft.moreThanTold::add);
        draft.looseTimes.stream()
                .filter(t -> t.range().filter(r -> areHedged(s, r)).isPresent())
                .forEach(draft.hedgedTimes::add);
    }

    /** "At least 10 cups of corn", "4 cups onions or more", once the acid that has to do for all of it is told. */
    static void settle(Draft draft) {
        boolean measured = draft.ingredients.stream()
                .anyMatch(i -> i.food().isAcidulant()
                        && i.amount().isPresent()
                        && i.perJar().isEmpty());
        if (measured) {
            draft.moreThanTold.forEach(draft::doubt);
        }
    }

    private static boolean isOfMore(Sentence s, Range figure) {
        return s.range().contains(figure)
                && (isBefore(s, figure, MORE_BEFORE)
                        || MORE_THEN.in(behind(s, figure))
                        || MORE_INSIDE.in(figure.of(s.whole()).toLowerCase(Locale.ROOT)));
    }

    /** "At least 900 ft"; "maybe 900 ft", and 1,000 is near. */
    private static boolean isUncertain(Sentence s, Fact<Altitude> told) {
        Range r = told.range().orElseThrow();
        if (!s.range().contains(r)) {
            return false;
        }
        int feet = told.value().feet();
        boolean nearLimit = LIMITS.stream().anyMatch(limit -> feet <= limit && limit < feet * GUESS);
        return isBefore(s, r, HIGHER_BEFORE)
                || HIGHER_BEHIND.in(behind(s, r))
                || nearLimit && (isBefore(s, r, UNSURE_BEFORE) || UNSURE_BEHIND.in(behind(s, r)));
    }

    private static boolean areHedged(Sentence s, Range minutes) {
        return isHedged(s, minutes, RIGHT_BEFORE) || isBefore(s, minutes, UP_TO_BEFORE);
    }

    private static boolean isHedged(Sentence s, Range figure, Cue less) {
        return s.range().contains(figure)
                && (isBefore(s, figure, less)
                        || RIGHT_BEHIND.in(behind(s, figure))
                        || INSIDE.in(figure.of(s.whole()).toLowerCase(Locale.ROOT)));
    }

    private static boolean isBefore(Sentence s, Range figure, Cue hedge) {
        return s.range().contains(figure) && hedge.in(before(s, figure));
    }

    private static String before(Sentence s, Range figure) {
        int at = figure.start() - s.range().start();
        return s.low().substring(Math.max(0, at - NEAR), at);
    }

    private static String behind(Sentence s, Range figure) {
        int at = figure.end() - s.range().start();
        return s.low().substring(at, Math.min(s.low().length(), at + NEAR));
    }
}
