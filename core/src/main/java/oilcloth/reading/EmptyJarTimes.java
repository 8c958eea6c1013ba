package oilcloth.reading;

import java.util.List;
import java.util.Locale;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Fact;
import oilcloth.recipe.ProcessTime;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/**
 * Minutes in boiling water that are those of jars with nothing in them, for all that is told: "Boiled the quarts 10 minutes. Filled
 * to a quarter inch, lids on", "quarts sterilized 10 minutes in boiling water". Where there are no others it is asked what was
 * processed.
 */
final class EmptyJarTimes {
    private static final String FILLS =
            "\\b(?<!un)(?<!\\bre-?)fill(s|ed|ing)?\\b(?! (the |my |a )?(big |large )?(canner|pot|kettle|tub|sink|boiler|bath|stockpot))"
                    + "|\\b(ladl|spoon)(e|es|ed|ing|s)?\\b(?! (off|out|over))"
                    + "|\\bpour(s|ed|ing)?\\b(?! (\\w+ ){0,3}(off|out|through|over|boiling))"
                    + "|\\b(lidded|capped)\\b"
                    + "|\\b(lids|caps|tops)( (and|&) (rings|bands))?( (went|go|screwed))? (on|tight)\\b"
                    + "|\\b(put|set|screw(ed)?|pop(ped)?) (on )?(the )?(lids?|caps?|tops?)\\b"
                    + "|(?<!\\b(over|above) (the |my )?)\\blids?(?= ?[.,;]|$)";

    private static final Cue FILLED = Cue.of(
            FILLS
                    + "|\\b(in|into|in the|into the) ((hot|clean|sterile|my|pint|quart|half-pint) )*(jars|pints|quarts|half[- ]pints)\\b|\\bpacked\\b");

    private static final Cue FILLS_NOW = Cue.of(
            FILLS
                    + "|\\b(juice|jam|jelly|sauce|butter|puree) (in|into|to|up to)\\b|\\b(then|and) (in|into|to) ((the|hot|clean|my) )*(jars|pints|quarts)\\b");

    private static final String JARS = "(jars|quarts|pints|half[- ]pints|glasses|lids|flats|rings)";

    private static final String BATH =
            "((first|in|by|with|through|for|about|at least|boiled|boiling|boil|canner|water|bath|a|an|the|my|full)[ ,:(–-]+)*";

    /** Before the time. */
    private static final Cue OF_EMPTIES = Cue.of(
            "\\b(" + JARS
                    + "|they)\\b,? ((that|which) (had|have|were|was|came|come)|had|having|coming)( (been|had|already|first|just|their|taken|lifted))* (in|boiled|simmered|out of|out|from|through|sterili[sz]ed|held in|kept in)\\b[^.;:,]{0,20}$"
                    + "|\\b(in|into) ([\\w-]+ ){0,3}" + JARS
                    + "\\b,? (just |fresh |straight )?(boiled|simmered|sterili[sz]ed|out of|from)\\b[^.;:,]{0,20}$"
                    + "|\\b" + JARS + "\\b,? ((that|which) (had|have)( had)?|having( had)?) $"
                    + "|(?<!\\b(process|processed|processing|put|set|place|placed|lower|lowered|boil|boiled) (the |my |all |filled |hot )?(the |filled |hot )?(pint |quart |half-pint |half pint )?)(?<!\\b(filled|closed|lidded|sealed) )\\b(jars|lids?|flats|rings)( were| are)? (boiled|simmered|heated|scalded|in (the )?(boiling|hot|simmering))\\b[^.;:]{0,24}$"
                    + "|\\b(after|before|by) (boiling|sterili[sz]ing|simmering|scalding|heating) (them|the jars|my jars|it)( (for|about))* $"
                    + "|\\bsterili[sz](ed|e|es|ing)( (them|it|(the|my|all the) ((quart|pint|half[- ]pint) )?(jars|quarts|pints)))?[ ,:(–-]+"
                    + BATH + "$"
                    + "|\\bboil(ed)? my jars[ ,:(–-]+(for )?$"
                    + "|\\bempty ((quart|pint|half[- ]pint|canning) )?" + JARS + "\\b[^.;:]{0,40}$"
                    + "|(^|[.;!] )((the|my|quart|pint|half[- ]pint) )*(jars|lids|glasses) ?: [^.;]{0,30}$"
                    + "|\\b(was|is|were|are) (just |only )?for ((the|warming|heating|sterilizing|sterilising|empty|scalding) )+(jars|lids|empties)\\b[ ,:(–-]*$");

    /** Behind it. */
    private static final Cue AS_EMPTIES = Cue.of(
            "^(?! ?'? ?(of )?(vent|exhaust|steam))([ ,.]*((in|of|at|a|an|the|boiling|boil|water|bath|canner|simmering|hot|full|rolling)[ ,)]+)*(to |for |just to |in order to )*sterili"
                    + "|^[^.;]{0,36}\\b(drained|emptied|dumped out|shook out|before ?hand|before (that|this|it)\\b|already\\b|ahead of time|before[.,;]|first[.,;]|until (i|we) (needed|was ready|were ready)))");

    /** "Process time: 25 minutes", on a form that has its own order. */
    private static final Cue PROCESS =
            Cue.of("\\b(process\\w*|canned|time)\\b[^.;\\n]{0,24}$|\\b(minutes|mins?) ?[:=–-] *$");

    /** Letters on either side of a time. */
    private static final int NEAR = 72;

    private EmptyJarTimes() {}

    /** "Quarts sterilized 10 minutes. … Boiling water canner 5 minutes.": where another time is told, theirs is none of the canner's. */
    static void leaveOut(String text, Draft draft) {
        if (draft.facts.times().isEmpty()) {
            return;
        }
        String low = text.toLowerCase(Locale.ROOT);
        List<Fact<ProcessTime>> theirs = draft.facts.times().stream()
                .filter(t -> t.range().filter(r -> isOfEmpties(low, r)).isPresent())
                .toList();
        if (theirs.size() < draft.facts.times().size()) {
            draft.facts.times().removeAll(theirs);
            // "25 minutes. Jars: 10 minutes for the small ones"
            theirs.stream()
                    .flatMap(t -> t.range().stream())
                    .filter(r -> !READIED.in(clause(low, r)))
                    .forEach(draft::doubt);
        } else if (!theirs.isEmpty() && draft.looseTimes.size() == 1) {
            // "Quart jars boiled ten minutes. 1/4 inch. 5 minutes. Boiling water."
            draft.facts.times().clear();
            WholeCanning.takeLooseTime(draft);
        }
    }

    static void settle(String text, Draft draft) {
        List<Range> times =
                draft.facts.times().stream().flatMap(t -> t.range().stream()).toList();
        boolean pressure = draft.facts.methods().stream().anyMatch(m -> m.value() == CanningMethod.PRESSURE);
        if (times.isEmpty() || pressure) {
            return;
        }
        String low = text.toLowerCase(Locale.ROOT);
        boolean labelled = times.stream().anyMatch(t -> PROCESS.in(before(low, t)));
        boolean before = !labelled
                && (times.stream().allMatch(t -> WholeCanning.isClosedLater(text, t))
                        || isFilledAfter(low, times, draft));
        boolean empties = times.stream().allMatch(t -> isOfEmpties(low, t));
        if (before || empties) {
            times.forEach(draft::doubt);
        }
    }

    private static final Cue READIED =
            Cue.of("\\b(sterili\\w+|boil\\w*|scald\\w*|simmer\\w*|empty|wash\\w*|lids?|flats)\\b");

    private static String clause(String low, Range time) {
        String before = before(low, time);
        int from = Math.max(before.lastIndexOf('.'), before.lastIndexOf(';')) + 1;
        String behind = low.substring(time.end(), Math.min(low.length(), time.end() + NEAR));
        int to = behind.indexOf('.');
        return before.substring(from) + behind.substring(0, to < 0 ? behind.length() : to);
    }

    private static String before(String low, Range time) {
        return low.substring(Math.max(0, time.start() - NEAR), time.start());
    }

    private static boolean isOfEmpties(String low, Range time) {
        return OF_EMPTIES.in(before(low, time))
                || AS_EMPTIES.in(low.substring(time.end(), Math.min(low.length(), time.end() + NEAR)));
    }

    private static boolean isFilledAfter(String low, List<Range> times, Draft draft) {
        int last = times.stream().mapToInt(Range::start).max().orElseThrow();
        boolean spaced = draft.facts
                .headspace()
                .flatMap(Fact::range)
                .filter(r -> r.start() < last)
                .isPresent();
        return !spaced && !FILLED.in(low.substring(0, last)) && FILLS_NOW.in(low.substring(last));
    }
}
