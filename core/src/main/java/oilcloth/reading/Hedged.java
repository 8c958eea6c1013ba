package oilcloth.reading;

import static oilcloth.reading.HedgeWords.ABOUT;
import static oilcloth.reading.HedgeWords.FIGURE;
import static oilcloth.reading.HedgeWords.MAYBE;
import static oilcloth.reading.HedgeWords.NEAR;
import static oilcloth.reading.HedgeWords.SIGNS;
import static oilcloth.reading.HedgeWords.UNIT;

import java.util.Locale;
import java.util.stream.Stream;
import oilcloth.recipe.Fact;
import oilcloth.recipe.Ingredient;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/**
 * A figure the recipe rests on, told of less or of nobody is sure how much: "ran hardly 90 minutes", "shy of 6 cups of
 * vinegar", "2 tablespoons, if that". It is asked about.
 */
final class Hedged {
    private static final String UNDENIED = "(?<!\\b(never|not|no|nor|without|\\w{2,6}n't)\\b[^.;,]{0,30})";

    private static final String LESS = "(" + UNDENIED
            + "((less|fewer) than|(just|well|way|slightly|a (bit|little|hair|touch)) (under|below)|short of|shy of)"
            + "|(not|never) (quite|even|fully|nearly|always|really)|nearly|almost|barely|hardly|scarcely|close to|scant|(no|not) (more|longer|over) than|at (the )?(very )?most|"
            + MAYBE
            + "|something like|somewhere (around|near|about)|supposed to (be|have been)|meant to be|(should|would|could|might) (have|'ve|of) been|half of|part of)";

    /** "90 minutes under 15 lb" is no less. */
    private static final String BEFORE = "(" + LESS + "|" + UNDENIED + "(under|below))";

    /** "Brought it up to 11 pounds" reaches it. */
    private static final String UP_TO = "up to";

    private static final String BEHIND =
            "(or (so )?(less|fewer|under|lower|below|thereabouts?)|if (even )?that|tops|at (the )?(very )?(most|outside)|max(imum)?|minus|more or less|give or take|(or )?was it|i (think|guess|believe|suppose|reckon|hope|imagine)|"
                    + MAYBE + "|supposedly|not quite|or close to (it|that)|close enough|on a good day|hopefully)";

    private static final Cue LESS_BEFORE = Cue.of("\\b" + LESS + ABOUT + "$");
    private static final Cue RIGHT_BEFORE = Cue.of("\\b" + BEFORE + ABOUT + "$");
    private static final Cue UP_TO_BEFORE = Cue.of("\\b" + UP_TO + ABOUT + "$");
    private static final Cue RIGHT_BEHIND = Cue.of("^" + UNIT + SIGNS + "(" + BEHIND + "\\b|\\?)");
    private static final Cue INSIDE =
            Cue.of("\\b(" + BEFORE + "|" + UP_TO + ")" + ABOUT + FIGURE + "|" + FIGURE + "[^.;]*\\b" + BEHIND + "\\b");
    private static final Cue OF_THE_VENT =
            Cue.of("\\b" + BEFORE + ABOUT + "(10|ten)( full)?[ -]?min|\\bvent\\w*[ :=-]*" + BEFORE + ABOUT
                    + "(10|ten)\\b|\\b(10|ten)( full)?([ -]?min\\w*)?\\.?" + SIGNS + "(" + BEHIND + "\\b|\\?)");

    /** By how much nobody knows; "nearly an inch" is all but one. */
    private static final Cue LOWER_SPACE = Cue.of("\\b((less|fewer) than|at (the )?(very )?most|(no|not) more than|"
            + MAYBE + "|supposed to (be|have been)|meant to be|should (have|'ve|of) been|something like)" + ABOUT
            + "$|\\bhead ?(space|room)( \\w+){0,3} (under|below)" + ABOUT + "$");

    private static final Cue LOWER_SPACE_BEHIND = Cue.of(
            "^" + SIGNS
                    + "(or (so )?less|if (even )?that|tops|maybe|perhaps|i (think|guess))\\b|^ (of )?head ?(space|room) (or (so )?less|if (even )?that|tops)\\b");

    /** Inches; of so little nothing much can be missing. */
    private static final double LITTLE_SPACE = 0.5;

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
        Stream<Range> headspace = draft
                .facts
                .headspace()
                .filter(h -> h.value().least().inches() > LITTLE_SPACE)
                .flatMap(Fact::range)
                .filter(s.range()::contains)
                .filter(r -> LOWER_SPACE.in(s.before(r, NEAR)) || LOWER_SPACE_BEHIND.in(s.behind(r, NEAR)))
                .stream();
        Stream.of(minutes, pressures, acids, vent, headspace)
                .flatMap(r -> r)
                .toList()
                .forEach(draft::doubt);
        draft.looseTimes.stream()
                .filter(t -> t.range().filter(r -> areHedged(s, r)).isPresent())
                .forEach(draft.hedgedTimes::add);
    }

    private static boolean areHedged(Sentence s, Range minutes) {
        return isHedged(s, minutes, RIGHT_BEFORE)
                || s.range().contains(minutes) && UP_TO_BEFORE.in(s.before(minutes, NEAR));
    }

    private static boolean isHedged(Sentence s, Range figure, Cue less) {
        return s.range().contains(figure)
                && (less.in(s.before(figure, NEAR))
                        || RIGHT_BEHIND.in(s.behind(figure, NEAR))
                        || INSIDE.in(figure.of(s.whole()).toLowerCase(Locale.ROOT)));
    }
}
