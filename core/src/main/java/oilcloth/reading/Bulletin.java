package oilcloth.reading;

import java.util.Locale;
import oilcloth.text.Cue;

/** Sentences of a leaflet copied into a letter: what to buy, what may be left out, what to take heed of. */
final class Bulletin {
    /** "An average of 14 pounds is needed per canner load": what to buy, in general. */
    private static final Cue BUYING = Cue.of(
            "\\b(per canner load|(average|pounds?|lbs?) [^.;]{0,40}\\bcanner load|bushel (weighs|yields|gives|makes|gets (me|us|you)|will (give|make|yield)|comes to)|an average of\\b[^.;]{0,40}\\bneeded|is needed per|weighs? \\d+ pounds? and yields?|yields? an average)\\b"
                    + "|\\b(need|takes?|figure|allow|plan (on|for)) (on )?(about |around |roughly |at least )?(\\d|one|two|three)[^.;]{0,12}(pounds|lbs?|lb)( of \\w+)? (per|to the|to a|for a|a|for each|for every) (quart|pint|jar)|^(quantity|quality)\\b ?[:–—-]|^(you (will |'ll )?need |allow |about |roughly )*\\d+( \\d/\\d)? (pounds?|lbs?) (for|makes?) \\d+ (quarts|pints)\\b");

    /** "Turnip greens, 28 lb for a canner load": what it is about is named before. */
    private static final Cue NAMED = Cue.of(
            "^(?!(quantity|quality|yield|about|an average)\\b)[a-z][a-z ]{2,30}, (about )?\\d+ (lbs?|pounds)\\b");

    /** Then the sentence tells of the canning as well. */
    private static final Cue ALSO_DONE = Cue.of(
            "\\b(minutes?|mins?|hours?|water ?bath|bwb|bwc|canner(?! load)|process\\w*|add(ed)?|put|stir\\w*|fill\\w*|each|with|vinegar|butter|oil|i|we)\\b");

    /** "Can pints of carrots and pints of beets go in the same load?": of the canner, and not of a jar. */
    private static final Cue SAME_LOAD = Cue.of(
            "^([(\\d). ]*)(can|could|may|is it (ok|okay|safe|all right)|do|does|should|would)\\b[^?]*\\b(same|one) (load|canner|canner load|run)\\b[^?]*\\?$");

    private static final Cue JARS_OF_EACH =
            Cue.of("\\b(pints|quarts|jars) of \\w+( \\w+)? and (pints|quarts|jars) of \\w+");

    private static final Cue IN_ONE_JAR = Cue.of("\\b(mix\\w*|jar|combin\\w*|add\\w*|with)\\b");

    private static final Cue WARNING = Cue.of(
            "(?<!\\b(i|we|they|you|she|he) )\\bdo not use (this|these) (process|recipe|direction|method|time)\\w* (for|with|if|on|to can)\\b");

    /** "If desired, thicken with flour paste; I did not". */
    private static final Cue DECLINED = Cue.of(
            "\\b(if desired|optional|if you (like|want|prefer|wish)|you (may|can)( also)? (add|use|thicken|stir)|you may|may be added)\\b.*\\b(i|we) (did not|didn't|do not|don't|never do|never did|skipped|left|leave)( (it|that|this|them|so|any|do it|do so|add (it|any|them)|(it|that|this|them|those) out))?[.) ]*$");

    /** "You may substitute other vegetables except leafy greens", "berries are easily made into toppings". */
    private static final Cue GENERAL = Cue.of(
            "\\b(be|are|is) (best |better )?frozen (for (best|better) quality|instead|rather than canned)\\b|\\byou may (change|substitute|vary)\\b[^.;]*\\bexcept\\b|^bottled (lemon|lime)( or (lemon|lime))? juice (can|may) (also )?be (used|substituted) (in place of|instead of|for) (the )?vinegar\\b|\\b(are|is) easily made into\\b|\\b(no|not) more than \\S+ cups? of other vegetables may be added (for|to|per) each\\b|^use (an? )?(electric )?(blender|food processor) and (eliminate|avoid) (the )?need\\b");

    /** "Is bone-in really shorter than boneless?" */
    private static final Cue ASKS_OF_A_RULE = Cue.of(
            "^(and |so |but |also,? )?(is|are|does|do|how come|why (is|are|does|do|would)) (?![^?]*(\\d|\\b(ten|fifteen|twenty|half|mine|it|this|these|our|my|i|we)\\b))[^?]*\\b(shorter|longer|less( time)?|more( time)?|lower|higher|quicker|faster) than\\b[^?]*\\?$");

    private static final Cue OF_ONESELF = Cue.of("\\b(i|we|my|our)\\b");

    /** Words of a bulletin that tell nothing of this batch. */
    static boolean isTold(Sentence s) {
        return s.has(BUYING) && !s.has(ALSO_DONE) && !s.has(NAMED)
                || s.has(WARNING)
                || s.has(SAME_LOAD) && s.has(JARS_OF_EACH) && !s.has(IN_ONE_JAR)
                || s.has(DECLINED)
                || s.has(ASKS_OF_A_RULE)
                || s.has(GENERAL) && !s.has(OF_ONESELF);
    }

    private static final Cue QUANTITY = Cue.of(
            "((an )?average of|quantity|about \\d+ (lbs?|pounds)( \\([^)]*\\))? (is|are) needed|you (will )?need)\\b");

    /** "Spinach and other greens: an average of 28 pounds is needed": what stands before it is the name. */
    static boolean opensWithQuantity(String words) {
        return QUANTITY.opens(words.toLowerCase(Locale.ROOT));
    }

    private Bulletin() {}
}
