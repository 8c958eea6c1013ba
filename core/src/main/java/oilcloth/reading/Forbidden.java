package oilcloth.reading;

import java.util.regex.Matcher;
import java.util.stream.Stream;
import oilcloth.text.Cue;

/** "Never thicken first.", "Do not skip the venting.": a recipe that warns of what nobody should do tells of no fault. */
final class Forbidden {
    /** Words; a longer warning has more in it. */
    private static final int LONGEST = 16;

    private static final String NOT =
            "^((caution|warning|notes?|important|remember|nb|tips?|please) ?[:!,-]? ?)*(do not|don'?t|never|avoid|(you|one) (should|must|can) ?(not|never|n't)|(you|one) (shouldn't|mustn't|can't)) (ever |just |simply )*";

    /** What a recipe cannot do without. */
    private static final String NEEDED =
            "(the |your |any |this |that )*(bottled )?(vinegar|lemon( juice)?|acid|citric( acid)?|vent(ing)?|exhaust(ing)?|boil(ing)?|process(ing)?|(water )?bath|canner|head ?space|bubbles?|blanch(ing)?|soak(ing)?|heating|steps?|peeling|altitude|lids?|rims?|time|waiting|cooling)\\b";

    private static final String MEASURED =
            "(the |your |any |this |that )*(amount of |proportions? of |strength of )?(vinegar|brine|acid|lemon( juice)?|proportions?|ratio|time|minutes|pressure|recipe|processing( time)?|venting( time)?|water or vinegar|vinegar or water)\\b";

    private static final String NOT_CANNED =
            "(a |an |any |the |some |bit of |piece of |slice of )*(bacon|ham( bone)?|fatback|salt pork|meat|fat|grease|drippings|lard|butter|oil|cream|milk|cheese|eggs?|flour|cornstarch|starch|thicken(er|ers|ing)|noodles|rice|pasta|barley|bananas?|mayonnaise|gravy|bread)\\b";

    private static final String NOT_USED =
            "(a |an |any |the |your |those |fruit with |from )*(chipped|cracked|rusty|dented|bent|old lids?|used lids?|flat lids? (twice|again)|overripe|over-ripe|spoiled|spoilt|bruis\\w+|rotten|mou?ldy|diseased|dead|frosted|fresh lemons?|homemade vinegar|home made vinegar|weak vinegar|half[- ]gallon|gallon|wax|paraffin|(an |the )?oven|dishwasher|microwave|slow cooker|multi[- ]?cooker|pressure (sauce)?pan|pressure saucepan|water ?bath|open[- ]kettle)\\b";

    private static final Cue WARNS = Cue.of("^("
            + String.join(
                    "|",
                    "(skip|omit|leave out|forget|neglect|miss|skimp on) " + NEEDED,
                    "(change|alter|weaken|dilute|cut( down| back| short)?( on)?|reduce|shorten|lower|stretch|thin|guess( at)?|lessen|skimp on|decrease|eke out) "
                            + MEASURED,
                    "(add|use|put|put in|pour in|stir in|include|can|mix in) " + NOT_CANNED,
                    "(use|reuse|re-use|can (it |them |these |\\w+ )?(in|with)|process (it |them )?in|bake|can in) "
                            + NOT_USED,
                    "(reuse|re-use) (the |your |any |old )*(flat |canning )?lids?\\b|use (the |your |any |flat )*(old lids?|lids? (twice|again|over))\\b",
                    "(use|can|keep) (the |any )?(limp|soft|bruised|windfall|overripe|brown|wilted|spotted) (ones|fruit|beans|pears|peaches|tomatoes)\\b",
                    "(over-?cook|over-?do|over-?ripen|thicken|water ?bath|oven can|microwave|flour|dredge|invert|overfill|over-fill|overpack|crowd|cram|force(?! (the |out )?(the )?(air|bubbles))|hurry|rush|quick[- ]?release|turn (the jars|them|jars) (over|upside down|on their heads)|fill (it |them |the jars )?(to the (top|rim|brim)|too full)|pack (it |them |the \\w+ )?(too )?(tight(ly)?|hard|solid|down|like sardines)|press (it |them |the \\w+ )?down|scrape|cream (it|them|mine|the corn)|squeeze|double the (corn|okra|beans|onions|peppers|vegetables)|run (cold )?water (on|over)|leave (the )?(stove|canner|kitchen|room|it unattended)(?! (on|off|open|shut|closed)\\b)|let (the )?(pressure|boil|water) (drop|fall|stop|go (down|off)|get low)|(open|unlock) (it|the (canner|cooker|lid))|(take|lift|remove|touch) (off )?(the )?(weight|lid|regulator)|start (timing|counting|the (time|clock|timer|count)))\\b")
            + ")");

    private static final Cue PREFIX = Cue.of(NOT);

    /** "I didn't turn them over." */
    private static final Cue NOT_DONE = Cue.of(
            "^((and|so|well|no) ?,? ?)*(i|we) (do not|don't|did not|didn't|never|would not|wouldn't|would never|won't)( ever| just)? (?!have to|need to)");

    private static final Cue NONE = Cue.of(
            "^(and |absolutely )*no (wax|paraffin|shortcuts?|ham( bones?| hocks?)?|bacon|fat|fatback|butter|oil|cream|milk|flour|corn ?starch|gravy|thicken(ing|er)|noodles|rice|pasta|eggs?|cheese|bananas?|oven)( went in)?( (in|on) ((the|any|these|this|my) jars?|these|this|mine|it|them))?[.!]?$");

    private static final Cue BATH = Cue.of("\\bwater ?bath\\b");

    /** Then it may be told of this batch, or half taken back. */
    private static final Cue TAKEN_BACK = Cue.of(
            "\\band (then )?(the |some |a )?\\w+( \\w+)? (was|were|went|goes|go|got|gets) (\\w+ )?(poured|put|added|over|in|on|stirred|mixed|laid|thrown)\\b|\\b(but|except|unless|instead|anyway|though|although|i|we|my|our|me|us|only|more than|vent|steam|exhaust|often|as a rule|mostly|normally|generally|all of|each|every|some|most|half|heavily|lightly|thickly|fully|completely|entirely|long|all the way|necessarily|have to|need to|worry|bother|just|or you|if|enough|much|any ?more|this time|always|every time|usually)\\b|[,;?]|\\b(until|till|before|when|while) (?!(packing|filling|canning|jarring|it|they|the (pressure|dial|gauge|needle|time|lock|water|canner|steam|vent|timer|boil)|all|time|pressure|zero|\\w+ minutes)\\b)");

    private Forbidden() {}

    /** Whether the sentence forbids what nobody should do, or tells that it was not done; before the time it may be a step. */
    static boolean isTold(Sentence s, Draft draft) {
        if (draft.facts.times().isEmpty() || s.size() > LONGEST || Deviations.isOfSpoilage(s)) {
            return false;
        }
        if (s.has(NONE)) {
            return true;
        }
        return Stream.of(PREFIX, NOT_DONE)
                .filter(s::has)
                .map(p -> p.matcher(s.low()))
                .filter(Matcher::find)
                .map(m -> s.low().substring(m.end()))
                .anyMatch(bad -> WARNS.in(bad)
                        && !TAKEN_BACK.in(bad)
                        && !(BATH.in(bad) && draft.facts.pressures().isEmpty()));
    }
}
