package oilcloth.reading;

import java.util.Locale;
import java.util.Optional;
import oilcloth.recipe.Fact;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/** The pressure fell in the canner; it is mended when the whole time was started again. */
final class PressureFall {
    private static final Cue DROPPED = Cue.of(
            "(?<!\\b(till|until|unless|before) (the |my )?)(?<!\\b(natural|normal|slow) )\\b(pressure|needle|gauge)\\b[^.;]{0,40}(?<!\\b(never|not|didn't|didnt|doesn't|don't|without|nor|hasn't|hadn't) (once |even |ever |really |at all )?)\\b(drop(ped|s)?|fell|falls|went down|dipped|sank|slid|slipped|sagged|crept down)\\b(?! (off|apart|out))(?![^.;]{0,30}\\b(by itself|to zero|on its own|naturally|to 0)\\b)"
                    + "|\\b(it|needle|gauge|pressure|dial) (fell|dropped|dipped|went|slipped|sank|slid) (under|below)\\b|\\b(it|she|canner|cooker)('d|'s| had| has)? (\\w+ )?(dropped|drops|fell|falls|fallen|dipped|slipped|sank|sunk|slid|sagged) (back |down )?to (about |around |almost )?([1-9]|one|two|three|four|five|six|seven|eight|nine)\\b(?! (cups|jars|pints|quarts|inch|minutes|degrees))|\\blost (the |my |some )?pressure\\b(?! (canner|cooker))"
                    + "|\\b(it|canner|pressure|needle|gauge|dial) (was|had (gone|come|got|gotten|fallen|dropped|slipped|sunk)|went|got|came|fell|dropped|slipped|sank|is) (back |clear |way )*(down )(to|below|under|as low as) (about |around |almost )?([1-9]|1\\d|two|three|four|five|six|seven|eight|nine|ten)\\b");
    private static final String CLOCK =
            "((the|my|that|its|all|whole|full|entire) )*(\\d+|(ten|fifteen|twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety)(-five)?|time|timer|timing|clock|count\\w*|hour|process\\w*)( ?(min\\w*|hours?))?";

    private static final Cue RESTARTED = Cue.of("\\b(start(s|ed|ing)?|began|begin|begun|reset) " + CLOCK
            + " (all )?(over|again|from (the )?(start|beginning|scratch|zero))\\b|\\b(the )?(whole )?" + CLOCK
            + " (began|started|begins|starts) (all )?(over|again)\\b|\\brestart(s|ed|ing)? " + CLOCK
            + "\\b|\\b(i|we) (had to |just )?(start(ed)?|began) (all )?(over|again)\\b|\\band started (all )?over\\b");

    /** "If the pressure drops": nothing of the kind has happened. */
    private static final Cue IF = Cue.of("\\bif (the |your )?pressure\\b");
    /** "Did not start over", "should have started again". */
    private static final Cue NOT_RESTARTED = Cue.of(
            "\\b(not|never|no|\\w+n'?t|without|instead of|rather than|forgot|nor|neither|hardly|should|supposed|ought|thought (of|about)|considered|meant|could|would|saw no need|why)\\b[^.;,]{0,30}\\b(re-?)?(start\\w*|beg[aiu]n\\w*|reset)\\b");

    private PressureFall() {}

    static void read(Sentence s, Draft draft) {
        Optional<Range> fell = s.find(DROPPED);
        if (isStartedAgain(s)) {
            draft.facts.pressureHeld();
            draft.restarted = true;
        } else if (fell.isPresent() && !s.has(IF)) {
            draft.facts.pressureDropped(Fact.read(true, fell.get()));
        }
    }

    /** "The needle slid to 8, so I brought it back up and started the whole 75 over": all of it was understood. */
    static boolean isMended(Sentence s) {
        return isStartedAgain(s) && s.find(DROPPED).isPresent();
    }

    private static final Cue POWER =
            Cue.of("^(the )?(power|electric\\w*|current|burner|stove|gas|generator)( \\w+){0,3}$");

    /** "The power blinked … and started the 30 minutes all over." */
    static void settle(String text, Draft draft) {
        draft.unread.removeIf(
                u -> draft.restarted && POWER.in(u.range().of(text).toLowerCase(Locale.ROOT)));
    }

    private static boolean isStartedAgain(Sentence s) {
        return s.has(RESTARTED) && !s.has(NOT_RESTARTED);
    }
}
