package oilcloth.reading;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oilcloth.measure.Altitude;
import oilcloth.recipe.Fact;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/**
 * A band of altitude the writer calls their own: "0-1,000 ft, and that's us", "the county lies between 400 and 900 feet". Its
 * top is the altitude, as nothing is asked too little then; where another time or pressure begins within it, that is asked.
 */
final class OwnBand {
    private static final String HEIGHT = "\\d{1,2},\\d{3}|\\d{1,5}";

    private static final String BAND =
            "(?<low>sea level|" + HEIGHT + ")( ?(ft\\.?|feet|foot|'))?( ?[-–—] ?| to | and | thru | through )(?<top>"
                    + HEIGHT + ") ?(ft\\.?|feet|foot|')";

    private static final String OURS =
            "((us|me|ours?|mine|here)(?= ?([.,;:)!–—-]|$|and\\b|so\\b))|(our|my) (place|house|home|kitchen|farm|town|county|altitude|elevation|range|band)|where (i|we) (live|am|are|can)|where (i'm|we're) at)";

    /** What takes it back, or makes it a length. */
    private static final String NOT =
            "(?! ?\\?|,? ((i|we) (think|guess|believe|suppose|hope)|maybe|probably|perhaps|i'm not|not|did|used?|would|could|might|may|if|from|away|off|of|up|down|long|apart|or (so|more)))";

    /** "(0-1,000 ft, and that's us)", "0 to 1,000 ft where I live". */
    private static final Cue IS_OURS = Cue.of("\\b" + BAND
            + "\\)?,?( (altitude|elevation|band|range|row|column|line))?,? ((and|so) )?((that|this|which|it)('s| is) )?(just )?"
            + OURS + "\\b" + NOT);

    /** "We lie between 400 and 900 feet". */
    private static final Cue LIES = Cue.of(
            "\\b(we|county|valley|town|village|city|area|region|district|place|kitchen|farm|house|all of us|everybody here)('s|'re| is| are| lies?| sits?| live| runs?| ranges?| falls?)( (here|all|somewhere|anywhere|everywhere|in|at|from|between))* "
                    + BAND + NOT);

    /** "Our elevation is 0 to 1,000 ft", and not "Altitude 0-1,000 ft: 20 min", as a bulletin has it. */
    private static final Cue RUNS = Cue.of(
            "\\b((my|our) (altitude|elevation)( here)?|(altitude|elevation) (here|in (this|our) county))( is| runs?| ranges?| =)?:?( from| between)? "
                    + BAND + NOT);

    /** "Under 1,000 ft.": nothing else in the sentence. */
    private static final Cue BELOW = Cue.of(
            "^((and|but|so) )?((we're|we are|i'm|i am|it's|elevation|altitude) )?((well|just|all|here) )*(?<low>under|below|less than) (?<top>"
                    + HEIGHT
                    + ") ?(ft\\.?|feet|foot|')( (here|above sea level|elevation|altitude|(in|of) (elevation|altitude)|for (us|me)))?[.!]?$");

    private static final Pattern OF_PRESSURE = Pattern.compile(
            "(?i)\\b(psi|pressure (can|cook)\\w*|gauge|dial|weighted|pounds pressure|jiggler|rocker)\\b");

    /** Feet, at which more time, or more pressure, begins. */
    private static final List<Integer> OF_TIME = List.of(1000, 3000, 6000);

    private static final List<Integer> OF_POUNDS = List.of(1000, 2000, 4000, 6000, 8000);

    private OwnBand() {}

    static void read(Sentence s, Draft draft) {
        for (Cue cue : List.of(IS_OURS, LIES, RUNS, BELOW)) {
            if (s.has(cue)) {
                read(s, draft, cue.matcher(s.low()));
            }
        }
    }

    private static void read(Sentence s, Draft draft, Matcher band) {
        while (band.find()) {
            int low = Character.isDigit(band.group("low").charAt(0)) ? feet(band.group("low")) : 0;
            int top = feet(band.group("top"));
            if (top <= low || top > Altitude.HIGHEST_FEET || s.negatedAt(band.start())) {
                continue;
            }
            Range words =
                    new Range(band.start("low"), band.end()).shift(s.range().start());
            boolean higher =
                    draft.facts.altitude().filter(a -> a.value().feet() > top).isPresent();
            if (draft.facts.altitude().isEmpty()) {
                draft.facts.altitude(Fact.read(Altitude.ofFeet(isSplit(s, low, top) ? low : top), words));
            }
            if (higher || isSplit(s, low, top)) {
                draft.doubt(words);
            }
            for (int i = 0; i < s.size(); i++) {
                if (words.contains(s.token(i).range()) && s.token(i).isNumber()) {
                    s.claim(i, i + 1);
                }
            }
        }
    }

    private static int feet(String figure) {
        return Integer.parseInt(figure.replace(",", ""));
    }

    private static boolean isSplit(Sentence s, int low, int top) {
        List<Integer> limits = s.wholeHas(OF_PRESSURE) ? OF_POUNDS : OF_TIME;
        return limits.stream().anyMatch(l -> low < l && l < top);
    }
}
