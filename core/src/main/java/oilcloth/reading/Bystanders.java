package oilcloth.reading;

import java.util.List;
import java.util.stream.Stream;
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
                    + "|\\b" + SOME
                    + " ((left over )?from last (year|summer|fall|winter|spring|season) )?still (down |out )?in the (cellar|freezer|pantry|barn|basement|attic|shed)\\b"
                    + "|\\b(smell(s|ed)?|reek(s|ed)?) of (last (week|night|year)'s |yesterday's )\\w+\\b|\\bback of (a|the|my) \\w+ (bag|box|sack|packet|carton)\\b";

    /** What is wanted, put off or fetched: "the pork chops will have to wait", "out of butter so I ran to the store". */
    private static final String WISHES = "\\b(the|my|our) \\w+( \\w+)? (will have to|has to|have to|can) wait\\b"
            + "|\\b(the|my|our) \\w+ (is|are) next( if| when| as soon as|,|[.!]?$)"
            + "|\\b(i|we|he|she|they)('d| would) rather have \\w+( \\w+)?\\b"
            + "|\\b(out of|ran out of|low on|short of|short on) \\w+ so (i|we) (ran|went|drove|sent|walked)\\b"
            + "|\\b(i|we) can \\w+( \\w+)? on (mon|tues|wednes|thurs|fri|satur|sun)days\\b";

    /** What a pot is cleaned with: "I soaked the sticky pot with baking soda". */
    private static final String CLEANING =
            "\\b(scrub|scrubbed|clean|cleaned|soak|soaked|wash|washed|scour|scoured) (the|my|our) (\\w+ )?(pot|pan|kettle|canner|stove|counter|sink|floor|burner|oven)s? (out )?(with|in) \\w+( \\w+)?\\b";

    private static final String NAMED_FOR =
            "(rice|eggs?|bacon|turkey|chicken|hen|coffee|tea|fish|meat|cheese|potato|milk|cream|bread|butter|sugar|salt|flour|soup|stew|gravy|jam|jelly|pickle|corn|popcorn|wine|beer|honey|olive|peach|apple|cherry|plum|pear|fig|lemon|orange|grapefruit|bean|pea|tomato|carrot|vegetable|onion|garlic|pasta|noodle|cake|pie|cookie|biscuit|nut|peanut|berry|strawberry|melon|pumpkin|cabbage|kraut|sausage|ham|pork|beef|oyster|crab|shrimp|pepper|mustard|spice|sauce|salad|pizza|lard|grease)";

    /** Nothing that holds a food could be emptied into a jar, and no cut or bird is called so. */
    private static final String THING =
            "(cookers?|timers?|urn|knife|knives|mashers?|forks?|ladles?|grinders?|mills?|peelers?|slicers?|cutters?|corers?|pitters?|stoners?|ricers?|frenchers?|brush|brushes|scrubbers?|wedgers?|strippers?|shellers?|hullers?|press|tools?|gadgets?|thing|steamers?|tongs|thermometer|scales?|graters?|coop|barn|truck|aisle|counter|department|shop|market|factory|festival|money|maker|machine|cellar|shed|wagon|apron|(?<!(chicken|hen) )(fryer|roaster))";

    /** "The rice cooker", "an egg timer", "the fish market", "over the bacon can": things and places named for foods. */
    private static final String THINGS = "\\b" + NAMED_FOR + " " + THING
            + "\\b|(?<!\\bin (a|the|my|our) (\\w{1,9} )?)\\b(bacon|grease|coffee) cans?\\b(?! of)"
            + "|\\b(soup|stew|bean|chili|gumbo|pasta|coffee|tea) (pot|kettle)\\b(?! (full )?of)"
            + "|\\b(by|near|beside|next to|behind|across from|past) the (\\w+ and )?\\w+ (at|in) the (store|shop|market|grocery)\\b"
            + "|\\b\\w+( \\w+)? (was|were|is|are) (in the way|taking up|hogging) (on|in|the)\\b"
            + "|\\b(best|good|great|fine|nice|perfect|quick) (base|start|starter) for\\b";

    /** For {@link Vocabulary#NO_INGREDIENT}. */
    static final String PHRASES = String.join("|", THINGS, MEALS, PLACES, WISHES, CLEANING);

    private static final String OLD_LIDS = "((the|my|our|those|all my|all the) )?(old|used) (flat )?lids";
    private static final String OTHER_USE =
            "(for|to) ((the|my|our|some|keep|keeping|storing|store|hold|sprout\\w*) )*(kids'? )?((dry|dried) (goods|beans|herbs)|storage|crafts?|art( projects?)?|projects?|sprout\\w*|seeds?|freezer( jars)?|fridge|leftovers|rice|buttons|nails|screws|ornaments|coasters|decorations|plant \\w+|saucers|bird\\w*|scaring \\w+|school|church)( [a-z]+){0,2}";
    private static final String MEANWHILE =
            "( (for|while|as|in|that|before|after|and|between) ((the|my|our|it|they|i|we|he|she) )?(canner |jars )?(lunch|dinner|supper|breakfast|me|myself|us|kids|men|ran|run|runs|waited|wait|worked|cooked|sat|meantime|day|night|morning|meanwhile|loads|batches)( \\w+)?| meanwhile)?";

    /** "The used lids I keep for crafts", "the oven was full of bread", "I microwaved my lunch": nothing else is told with it. */
    private static final Cue OF_OTHER_THINGS = Cue.of(
            "^" + OLD_LIDS + " (i|we) (use|keep|save) " + OTHER_USE
                    + "[.!]?$|^(i|we) (keep|save|use) " + OLD_LIDS + " " + OTHER_USE
                    + "[.!]?$|^(the|my|our|her) (oven|microwave|dishwasher|smoker|dehydrator) (is|was|had been) ((already|all|always|still) )?((full of|busy with|taken up (by|with)|in use for|on for) ((the|my|her|some) )?(bread|rolls|pies?|cookies|biscuits|cakes?|dishes|supper|dinner|turkey|roast|ham|apples|herbs|jerky)|broken|on the fritz|acting up)"
                    + MEANWHILE
                    + "[.!]?$|^(i|we|he|she|they|my \\w+) (microwaved|baked|roasted|fried|boiled|cooked|heated( up)?|reheated) (my|our|his|her|their|a|an|some|us|me)( a| an| some)? ((cold|leftover|little|quick|own|egg|ham|soup|cup of|bowl of|can of|plate of|pot of) )*(lunch|dinner|supper|breakfast|leftovers|coffee|tea|eggs?|soup|sandwich(es)?|potato|pizza|burrito|hot ?dog|oatmeal|plate)"
                    + MEANWHILE
                    + "[.!]?$|^(i|we|my \\w+) (scrubbed|cleaned|soaked|washed|scoured|wiped|descaled) (the|my|our) ((big|sticky|old|burnt|dirty|stained) )*(pot|pan|kettle|stove|counter|sink|floor|burner|oven) (out |down )?(with|in) [a-z]+( [a-z]+)?( (to (get|take|lift|clean|loosen)|after|before|overnight) [^.;!?0-9]{3,30})?[.!]?$");

    /** "They sat on the counter till the next day and then I took the bands off": the jars cooled. */
    private static final Cue COOLED = Cue.of(
            "^((and|then|so),? )*(they|the jars|mine|these|all of them|everything|all (seven|six|nine|eight|the jars)) (just )?(sat|stood|stayed|rested|cooled|were left) (undisturbed |alone |out )?(on|out on) (the|my|a) (counter|table|sideboard|towels?|shelf|cupboard|bench)( top)?((?!\\b(process|canner|ran|boil)\\w*)[^.;!?]){0,40}\\b(then|and|before) (i |we )?(then )?(took|taking|removed|removing|checked|checking|washed|washing|wiped|wiping|labell?ed|labell?ing|put away|carried|dated) (the |my |them |all |off |up )*(rings|bands|seals|lids for|jars|down|them|away|labels?)\\b((?!\\b(process|canner|ran|boil|again)\\w*)[^.;!?]){0,24}[.!]?$");

    private static final String NO_CANNING =
            "(?!.*\\b(home|house|here|kitchen|live|cabin|can|canned|jars?|vent\\w*|boil\\w*|process\\w*|minutes?|mins?|pressure|lids?|canner|skip\\w*|cut|add\\w*|put|left|pack\\w*|seal\\w*|unsealed|time[ds]?|only)\\b(?! (hers|his|theirs|her own|his own)\\b))";

    /** "We drove over the pass at 9,000 feet to get them": nobody cans there. */
    private static final Cue AWAY_FROM_HOME = Cue.of(
            "^(i|we|he|she|they) (drove|drives|hiked|climbed|flew|walked|rode|camped|got lost|hunted|fished)\\b"
                    + NO_CANNING
                    + "[^.;]*\\b(pass|summit|peak|ridge|mountain|trail|lookout)\\b[^.;]*\\b(feet|ft)\\b[^.;]{0,30}[.!]?$"
                    + "|^(my|our|the) (\\S+ ){1,3}(up |out |over |down )?(at|lives at|is at) [\\d,]+ (feet|ft)\\b"
                    + NO_CANNING
                    + " (has to|must|needs to|gets to) (do|can|make|time|cook) (hers|his|theirs|her own|his own)\\b(?![^.;]*\\b(i|we|me|us|mine|ours|my|our)\\b)[^.;]{0,30}[.!]?$");

    /** Nothing in it is of this batch. */
    static boolean isAll(Sentence s, boolean canned) {
        return s.has(OF_OTHER_THINGS) || s.has(AWAY_FROM_HOME) || canned && s.has(COOLED);
    }

    /** What puts a food into the jars, or says that it is in them. */
    private static final Cue PUT_IN = Cue.of(
            "^with \\b|\\b(mine|ours|these|they|it|each|jar) (all )?(has|have|had|is all|are all)\\b|\\bfor (body|taste|flavou?r|colou?r|richness|thickness|luck)\\b|\\bon top\\b|\\b(makes?|gives?) (it|them)\\b|\\bwhat makes\\b|\\bthe (trick|secret|key)\\b|\\b(floats?|floating|through the glass|at the bottom|without|always)\\b|\\b(in|into|on|over|under|among|between|with|to|of) (it|them|these|those|mine|ours|each|every|both|some|one|two|three|half|all)\\b|\\b(in|into|to|of) (the|my|our) (jars?|last|first|other|others|batch|pot|mix\\w*|kettle|brine|syrup|recipe|pints?|quarts?)\\b|\\b(went|goes|go|put|puts|add|adds|added|adding|stir\\w*|threw|throw\\w*|dropped|pour\\w*|topped|mix\\w*|thicken\\w*|got|gets|fill\\w*|made up|season\\w*|flavou?r\\w*|brown\\w*|fried|saute\\w*|use|uses|used|using|swap\\w*|instead|substitut\\w*|layer\\w*|toss\\w*|pack\\w*|slipped|snuck|drop|drops|leave|left|cook\\w*|mash\\w*|poke[ds]?|tuck\\w*|stuff\\w*|lay|laid|line[ds]?|cover\\w*|need\\w*|call\\w*|want\\w*|like|likes|sneak|include\\w*|contains?|is in|are in|was in|were in)\\b|\\b(jars?|pints?|quarts?|too|also|as well|plus|along with|together|ingredients?|recipe|bits? of|taste of)\\b|:|^(and |with |some |a |bit of |little )*\\w+( and \\w+)?[.!]?$");

    private static final Cue BY_A_PAPER =
            Cue.of("\\b(sheet|leaflet|book|guide|chart|handout|bulletin|card) (says?|said|allows?|lists?|gives?)\\b");

    /**
     * Foods that a sentence behind the canning names, and that nothing in it puts into a jar, are asked about.
     *
     * @param foods how many were known before the sentence
     */
    static void settle(Sentence s, Draft draft, int foods) {
        if (s.isItem() || draft.ingredients.size() <= foods || s.has(PUT_IN) || s.has(BY_A_PAPER)) {
            return;
        }
        List<Ingredient> named = draft.ingredients.subList(foods, draft.ingredients.size());
        if (named.removeIf(i -> isGrave(i) && !isOfTheDish(i, draft))) {
            draft.doubt(s.range());
        }
    }

    static boolean isPutIn(Sentence s) {
        return s.has(PUT_IN);
    }

    private static boolean isOfTheDish(Ingredient named, Draft draft) {
        return Stream.concat(draft.titleFoods.stream(), draft.inPassing.stream().map(Ingredient::food))
                .anyMatch(f -> f.group().equals(named.food().group()));
    }

    /** What would be a danger in the jars, and was not measured. */
    private static boolean isGrave(Ingredient i) {
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
