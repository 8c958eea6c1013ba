package oilcloth.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oilcloth.text.Cue;
import oilcloth.text.Folded;
import oilcloth.text.Range;
import oilcloth.text.Shortened;

/**
 * Words beside a figure that say it was all of it, or more: "at least 20 minutes", "no less than 11 psi", "2 tablespoons at
 * least". The figure is read as if they were not there. Of what weakens an acid, and of heights, more is worse: there they stay.
 */
final class Padding {
    private static final String WORDS =
            "(?<!\\b(not|never|no|hardly|barely|scarcely|almost|nearly|\\w{2,6}n't) )(at least|(no|not|never) (less|fewer) than|fully|exactly|precisely|(?<!\\b(it|them|steady|gauge|dial|needle|pressure|hand) )right at|just over|(a (little|bit|hair)|slightly) (over|more than)|a (full|good|solid|whole)) ";

    private static final String NUMBER =
            "(\\d[\\d ./½¼¾-]*|[½¼¾]|(an?|half|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|fifteen|eighteen|twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety)([ -](five|hundred|and a half))?)";

    private static final String TIME = "[ -]?(minutes?|mins?|hours?|hrs?|days?|weeks?)\\b";

    private static final String PRESSURE =
            "[ -]?(psi\\b|(lbs?\\b\\.?|pounds?|#)(?= ?((of )?pressure|(on|by) (the|my)|per square|steady|and (stayed|held|kept)|from (start|when)|throughout|all the)))";

    /** Pounds alone may be of produce, unless something is held at them. */
    private static final String HELD =
            "(?<=\\b(at|to|it|held|kept|keep|hold|reached|hit|reads?|says?|said|showed|ran|run|was|dial|gauge|pressure|needle) )";

    private static final String SPOONS = "[ -]?(tbsps?|tablespoons?|tb|tsps?|teaspoons?|t)\\b\\.?";

    private static final String ACID = "(lemon|lime|citric|vinegar|acid)\\b";

    private static final String OF_ACID =
            "( of)?( (the|white|cider|apple|distilled|bottled|plain|5|5%|percent))* (vinegar|lemon|lime)\\b";

    private static final Cue BEFORE = Cue.of("\\b" + WORDS + "(?=" + NUMBER + "(" + TIME + "|" + PRESSURE + "|" + SPOONS
            + "[^.;]{0,30}\\b" + ACID + "|[ -]?(cups?|c)\\b" + OF_ACID + "))"
            + "|" + HELD + WORDS + "(?=" + NUMBER + "[ -]?(lbs?\\b\\.?|pounds?|#) ?([.,;)]|$))"
            + "|(?<=\\b" + ACID + "[^.;]{0,24})\\b" + WORDS + "(?=" + NUMBER + SPOONS + ")");

    private static final String AT_LEAST = " (at least|or more|or better|and then some)";

    private static final Cue BEHIND = Cue.of(
            AT_LEAST
                    + "(?= ?([.,;)(]|$|(of|per|in|for|to|at|on|with|once|from|by|after|when|bottled|lemon|citric|vinegar)\\b))");

    private static final Cue FIGURE_BEFORE = Cue.of("\\b" + NUMBER + "(" + TIME + "|[ -]?psi\\b|" + SPOONS + ")\\.?$");

    /** Pounds and cups may be of what weakens the acid. */
    private static final Cue BEHIND_POUNDS =
            Cue.of(AT_LEAST + "(?= (of )?pressure\\b| (on|by) (the|my) (dial|gauge|weight)\\b)");

    private static final Cue POUNDS_BEFORE = Cue.of("\\b" + NUMBER + "[ -]?(lbs?|pounds?)\\.?$");

    private static final Cue BEHIND_PRESSURE = Cue.of(AT_LEAST + "(?= ?([.,;)]|$))");

    private static final Cue PRESSURE_BEFORE =
            Cue.of("\\b(at|to|reached|hit|reads?|says?|said|showed) " + NUMBER + "[ -]?(lbs?|pounds?)\\.?$");

    private static final Cue BEHIND_CUPS = Cue.of(AT_LEAST + "(?=" + OF_ACID + ")");

    private static final Cue CUPS_BEFORE = Cue.of("\\b" + NUMBER + "[ -]?(cups?|c)\\.?$");

    /** Letters in which a figure and its measure stand. */
    private static final int NEAR = 24;

    private Padding() {}

    /** The text without such words. */
    static Shortened without(String text) {
        String low = Folded.of(text, new Range(0, text.length()));
        Cue.Searched searched = new Cue.Searched(low);
        List<Range> padding = new ArrayList<>();
        all(BEFORE, searched).forEach(padding::add);
        behind(BEHIND, FIGURE_BEFORE, searched, low, padding);
        behind(BEHIND_POUNDS, POUNDS_BEFORE, searched, low, padding);
        behind(BEHIND_PRESSURE, PRESSURE_BEFORE, searched, low, padding);
        behind(BEHIND_CUPS, CUPS_BEFORE, searched, low, padding);
        padding.sort(null);
        return Shortened.without(text, padding);
    }

    private static void behind(Cue words, Cue figure, Cue.Searched searched, String low, List<Range> padding) {
        all(words, searched).stream()
                .filter(r -> figure.in(low.substring(Math.max(0, r.start() - NEAR), r.start())))
                .filter(r -> padding.stream().noneMatch(r::overlaps))
                .forEach(padding::add);
    }

    private static List<Range> all(Cue cue, Cue.Searched searched) {
        List<Range> found = new ArrayList<>();
        Optional<Range> next = cue.find(searched, 0);
        while (next.isPresent()) {
            found.add(next.get());
            next = cue.find(searched, next.get().end());
        }
        return found;
    }
}
