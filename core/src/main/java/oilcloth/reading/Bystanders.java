package oilcloth.reading;

import oilcloth.guide.FoodClass;
import oilcloth.recipe.Ingredient;
import oilcloth.text.Cue;

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

    /** What puts a food into the jars, or says that it is in them. */
    private static final Cue PUT_IN = Cue.of(
            "^with \\b|\\b(mine|ours|these|they|it|each|jar) (all )?(has|have|had|is all|are all)\\b|\\bfor (body|taste|flavou?r|colou?r|richness|thickness|luck)\\b|\\bon top\\b|\\b(makes?|gives?) (it|them)\\b|\\bwhat makes\\b|\\bthe (trick|secret|key)\\b|\\b(floats?|floating|through the glass|at the bottom|without|always)\\b|\\b(in|into|on|over|under|among|between|with|to|of) (it|them|these|those|mine|ours|each|every|both|some|one|two|three|half|all)\\b|\\b(in|into|to|of) (the|my|our) (jars?|last|first|other|others|batch|pot|mix\\w*|kettle|brine|syrup|recipe|pints?|quarts?)\\b|\\b(went|goes|go|put|puts|add|adds|added|adding|stir\\w*|threw|throw\\w*|dropped|pour\\w*|topp?ed|mix\\w*|thicken\\w*|got|gets|fill\\w*|made up|season\\w*|flavou?r\\w*|brown\\w*|fried|saute\\w*|use|uses|used|using|swapp?\\w*|instead|substitut\\w*|layer\\w*|toss\\w*|pack\\w*|slipp?ed|snuck|dropp?|dropped|leave|left|cook\\w*|mash\\w*|poke[ds]?|tuck\\w*|stuff\\w*|lay|laid|line[ds]?|cover\\w*|need\\w*|call\\w*|want\\w*|like|likes|sneak|include\\w*|contains?|is in|are in|was in|were in)\\b|\\b(jars?|pints?|quarts?|too|also|as well|plus|along with|together|secret|ingredients?|recipe|floating|bits? of|taste of)\\b|:|^(and |with |some |a |bit of |little )*\\w+( and \\w+)?[.!]?$");

    private static final Cue BY_A_PAPER =
            Cue.of("\\b(sheet|leaflet|book|guide|chart|handout|bulletin|card) (says?|said|allows?|lists?|gives?)\\b");

    /** Whether a sentence that names foods behind the canning says nothing of their being in the jars. */
    static boolean areTold(Sentence s) {
        return !s.has(PUT_IN) && !s.has(BY_A_PAPER);
    }

    /** What would be a danger in the jars, and was not measured. */
    static boolean isOne(Ingredient i) {
        FoodClass kind = i.food().kind();
        return i.amount().isEmpty()
                && i.perJar().isEmpty()
                && !i.food().isOfBones()
                && kind != FoodClass.ALCOHOL
                && (kind == FoodClass.MEAT
                        || kind == FoodClass.SEAFOOD
                        || kind.isProduce()
                        || RecipeReader.TRIMMINGS.contains(kind));
    }

    private Bystanders() {}
}
