package oilcloth.reading;

/** Foods told of beside the canning: on the table, on the stove, on the way to the store. They are in no jar. */
final class Bystanders {
    private static final String SOME = "(the |my |our |some |a |an |all the )?\\w+( \\w+)?";

    private static final String STANDS =
            "(the |my |our )?(other |back )?(counter|barn|garage|porch|attic|oven|smoker|smokehouse|yard|garden|field|patch|shed|table|sink|windowsill|cellar|freezer|fridge|slow cooker|stove|burner)";

    /** Meals: "lunch was eggs", "I cooked bacon for breakfast". */
    private static final String MEALS = "\\b(breakfast|lunch|dinner|supper) (was|is|were) " + SOME
            + "(?= ?[.,;!]|$)|\\b(cooked|fried|made|fixed|had|ate) " + SOME
            + " for (breakfast|lunch|dinner|supper|the (kids|men|boys|crew))\\b"
            + "|\\b(made|making|ate|eating|had|having|fixed|fixing) (a |an |some |us |me |the )*\\w+ (sandwich(es)?|pancakes?|omelets?|casserole|cookies|biscuits|muffins|cake)\\b"
            + "|\\b(making|made|flipping|baking) (pancakes|waffles|cookies|doughnuts|biscuits|bread) so \\w+ was everywhere\\b"
            + "|\\b(put|puts|pours?|stirs?) \\w+( \\w+)? in (her|his|their) (own )?(soup|bowl|coffee|tea|plate)\\b";

    /** Where they stand: "the bread was rising on the other counter", "there was a ham in the oven". */
    private static final String PLACES =
            "\\b(the|my|our) \\w+( \\w+)? (is|are|was|were) (rising|drying|curing|thawing|baking|roasting|smoking|growing|ripening|coming on|coming in) (on|in|out|by|under) "
                    + STANDS + "\\b|\\bthere (was|were|is|are) " + SOME + " (on|in) " + STANDS
                    + "\\b|\\b(cleared|moved|took|pulled) (the |some |all the |my )?(\\w+ and )?\\w+ out of (the|my) (fridge|refrigerator|freezer|icebox|way|sink|pantry)\\b"
                    + "|\\b(sits?|keep|kept|stand|store) (it |them )?(right )?next to (the|my|our|her) (\\w+'s |canned |other )?\\w+\\b"
                    + "|\\b(smell(s|ed)?|reek(s|ed)?) of (last (week|night|year)'s |yesterday's )\\w+\\b|\\bback of (a|the|my) \\w+ (bag|box|sack|packet|carton)\\b";

    /** What is wanted, put off or fetched: "the pork chops will have to wait", "out of butter so I ran to the store". */
    private static final String WISHES = "\\b(the|my|our) \\w+( \\w+)? (will have to|has to|have to|can) wait\\b"
            + "|\\b(the|my|our) \\w+ (is|are) next( if| when| as soon as|,|[.!]?$)"
            + "|\\b(i|we|he|she|they)('d| would) rather have \\w+( \\w+)?\\b"
            + "|\\b(out of|ran out of|low on|short of|short on) \\w+ so (i|we) (ran|went|drove|sent|walked)\\b"
            + "|\\b(i|we) can \\w+( \\w+)? on (mon|tues|wednes|thurs|fri|satur|sun)days\\b";

    /** What a pot is cleaned with: "I soaked the sticky pot with baking soda". */
    private static final String CLEANING =
            "\\b(scrub|scrubbed|clean|cleaned|soak|soaked|wash|washed|scour|scoured) (the|my|our) (\\w+ )?(pot|pan|kettle|canner|stove|counter|sink|floor|burner|oven)s? (out )?with \\w+( \\w+)?\\b";

    /** For {@link Vocabulary#NO_INGREDIENT}. */
    static final String PHRASES = String.join("|", MEALS, PLACES, WISHES, CLEANING);

    private Bystanders() {}
}
