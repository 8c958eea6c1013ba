package oilcloth.reading;

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

    private static final Cue WARNS = Cue.of(
            NOT + "(skip|omit|leave out|forget|neglect|miss|skimp on) " + NEEDED
                    + "|" + NOT
                    + "(change|alter|weaken|dilute|cut( down| back| short)?( on)?|reduce|shorten|lower|stretch|thin|guess( at)?|lessen|skimp on|decrease) "
                    + MEASURED
                    + "|" + NOT + "(add|use|put|put in|pour in|stir in|include|can|mix in) " + NOT_CANNED
                    + "|" + NOT
                    + "(use|reuse|re-use|can (it |them |these |\\w+ )?(in|with)|process (it |them )?in|bake|can in) "
                    + NOT_USED
                    + "|" + NOT
                    + "(reuse|re-use|use) (the |your |any |old )*(flat |canning )?lids?( twice| again| over)?\\b"
                    + "|" + NOT
                    + "(thicken|water ?bath|oven can|microwave|flour|dredge|invert|overfill|over-fill|overpack|crowd|cram|force|hurry|rush|quick[- ]?release|turn (the jars|them|jars) (over|upside down|on their heads)|fill (it |them |the jars )?(to the (top|rim|brim)|too full)|pack (it |them |the \\w+ )?(too )?(tight(ly)?|hard|solid|down)|press (it |them |the \\w+ )?down|scrape|leave (the )?(stove|canner|kitchen|room|it unattended)|let (the )?(pressure|boil|water) (drop|fall|stop|go (down|off)|get low)|(open|unlock) (it|the (canner|cooker|lid|petcock))|(take|lift|remove) (off )?(the )?(weight|lid|regulator|petcock)|start (timing|counting|the (time|clock|timer|count)))\\b"
                    + "|^(and |absolutely )*no (wax|paraffin|shortcuts?|ham( bones?| hocks?)?|bacon|fat|fatback|butter|oil|cream|milk|flour|corn ?starch|gravy|thicken(ing|er)|noodles|rice|pasta|eggs?|cheese|bananas?|oven)( (in|on) ((the|any|these|this|my) jars?|these|this|mine|it|them))?[.!]?$");

    /** Then it may be told of this batch, or half taken back. */
    private static final Cue TAKEN_BACK = Cue.of(
            "\\b(but|except|unless|instead|anyway|though|although|i|we|my|our|me|us|mine|only|more than|necessarily|have to|need to|worry|bother|just|or you|if)\\b|[,;?]|\\b(until|till|before|when|while) (?!(it|they|the (pressure|dial|gauge|needle|time|lock|water|canner|steam|vent|timer|boil)|all|time|pressure|zero|\\w+ minutes)\\b)");

    private Forbidden() {}

    /** Whether the sentence forbids what nobody should do, and does nothing else; told before the time it may be a step. */
    static boolean isTold(Sentence s, Draft draft) {
        return !draft.facts.times().isEmpty() && s.size() <= LONGEST && s.has(WARNS) && !s.has(TAKEN_BACK);
    }
}
