package oilcloth.reading;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oilcloth.guide.FoodClass;
import oilcloth.recipe.Ingredient;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/** Talk of the table, where foods are named that go into no jar. */
final class Serving {
    /** Sentences about eating, in which a food is company and no ingredient. */
    private static final Cue CUE = Cue.of(
            "\\b(serve|serves|served|serving)\\b|\\bbest (cold|warm|hot|served|eaten|on|with|over),? |\\b(great|good|delicious|wonderful|lovely|tasty|nice|super) (on|with|over|in|for|as|next to)\\b|(?<!\\b(lids?|rings?|bands?|weight|jars?|petcock|heat|burner|stove|timer|everything) )\\bgoes? (well |great |good )?(on|with)\\b|\\b(likes?|liked|loves?|loved|eats?|ate|have|has|want|wants) (it|them|(this|these|that|those|the|theirs)( \\w+)?) (best )?(with|in|on|over|beside|next to|alongside)\\b|\\b(eats?|ate|eaten) (a|an|one|the|another|our|my|every) (first |last |whole )?(jar|pint|quart|bowl|batch|few|couple)s? (best )?(with|in|on|over|alongside)\\b|\\btastes? (like|just like|of)\\b|\\bover ice cream\\b|\\bon toast\\b"
                    + "|^with [^.;0-9]{3,60}\\b(on|at|for|every) (new year'?s?|the fourth|sundays?|supper|dinner|luck)\\b|\\b(christmas|thanksgiving|easter|sunday dinner|gifts?|fair|ribbon)\\b|\\buses? (it|them|this|hers|his|mine|ours|theirs|these|some) (in|on|for|with|over)\\b|\\breminds\\b|\\b(spread|spoon) (it )?on\\b|\\b(my|our) (grand\\w+|mother|mom|aunt|uncle|neighbo\\w+|husband|wife|kids|children|family|nephew|niece|cousin\\w*|sister\\w*|brother\\w*|son\\w*|daughter\\w*|dad|father) (loves?|loved|likes?|liked|swears?|grew|grows|has|have|gave)\\b|\\b(tree|garden|orchard|patch|plants?|bush|bushes|farm|market|(?<!\\blets? (the |it |them |all )?)(farm|fruit|road ?side|produce|vegetable|market|hot dog|taco|the|a|our|my|his|her|their|concession|fish|berry|corn|peach) stand(?! (for|until|till|over|overnight|in|at least|\\d))|stand (down|up|on|by|near))\\b(?![^.;]{0,20}(add|stir|cups?|pounds))");

    /** "Good in winter, with the barley cooked right in": it is in the jar all the same. */
    private static final Cue IN_IT = Cue.of(
            "^just a (taste|bit|touch|hint) of\\b|\\b(filled|covered|topped|fill|cover|top)( (it|them))?( up)? with (\\w+ ){0,3}(oil|butter|cream|milk|honey|fat|lard)\\b|\\b(cooked|boiled|simmered|stirred|mixed|thrown|beaten|melted|already|chopped|diced) (up )?(right |all |straight )?(in|into|through)\\b"
                    + "|\\b(went|goes|go|put|got|gets|get) (right |all |straight )?in\\b(?! (when|once|after|later|at the table)| (the |my |our |a )?(freezer|fridge|refrigerator|compost|dehydrator|smokehouse|cellar|pantry|oven|soup|stew|chickens|hens|pigs|pig|trash|bin|bucket|garden))"
                    + "|\\band (then )?(i |we )?(canned|jarred|packed|filled)\\b|\\bthat('s| is) how (i|we) (pack|can|put)\\b|\\band (i |we )?(can|jar|pack|put up) (it|them|these|those) (that way|like that|so|the same)\\b|\\bbefore (i|we) (can|jar|fill|pack)\\b|\\bcan (it|them|these|those|everything|the two) (all )?(together|with)\\b|\\bwith (\\w+ ){1,4}in(side)?( (it|them|there|each one|the jars?))?[.,;!?]*$|\\bcanned (right )?(in|with|alongside) (it|them|those)\\b|\\b(in|into|to) (each|every|some of the|half the|half of the|all the) (jars?|pints?|quarts?)\\b");

    /** "Add zucchini or what the garden gives". */
    private static final Cue ADD_FIRST = Cue.of(
            "^((and|then|next|now|\\d+) ?[.)]? ?)*(add|stir in|mix in|fold in|throw in|toss in|drop in|put in) ");

    /** Words of the table, of the stock that is fed, of what was bought, and of a likeness. */
    private static final Cue OF_THE_TABLE = Cue.of(
            "\\b(good|great|better|best|delicious|wonderful|lovely|gone|like|likes|love|loves|eat|eats|eating|ate|serve\\w*|supper|dinner|lunch|breakfast|toast|biscuits?|noodles|casserole|pies?|everything|dog|cat|birds|chickadees|chickens|hens|pigs|freezer|sink|own|open|opened|another letter|heat|reheat)\\b|\\bputs? (it|them|some) on\\b|\\bhop(e|ed|ing) it (was|is)\\b|^is that\\b");

    private static final Cue TO_AN_ANIMAL = Cue.of(
            "\\b(to|for) (the|my|our) (\\w+ )?(birds|chickadees|dogs?|cats?|chickens|hens|pigs?|hogs|crows|jays)\\b");

    /** Then a food that no recipe bears may be in no jar. */
    static boolean mayBeOfTheTable(Sentence s) {
        return s.has(TO_AN_ANIMAL) || s.has(OF_THE_TABLE) && !s.has(IN_IT) && !s.has(Vocabulary.WE_ADD);
    }

    private Serving() {}

    /** "With corn in", "just a taste of corn in each", "what I do different is corn": said to be in the jars, whatever else is said. */
    private static final Cue SAID_IN = Cue.of(
            "\\b(in|at) the bottom of (each|every|the jars?|them)\\b|\\bin (each|every one|every jar|all of them|most of them|some of them|half of them|there too)\\b|^with (a |an |some |the )?\\w+( \\w+)? in\\b|\\b(way|recipe|method|style), ?with \\w+"
                    + "|\\b(season|flavou?r|spike|doctor|stretch)(s|ed|ing)? (mine|them|it|ours|these|each) with\\b|^(seasoned|flavou?red) with\\b|\\bfor (seasoning|flavou?ring)\\b"
                    + "|\\bwhat (i|we) (do|did) (different|differently)\\b|\\b(where|when) there (was|is) no \\w+,? (i|we) use|\\bso there (is|are|was|were)\\b"
                    + "|\\b(had|has) (a |an |some )?\\w+( \\w+)? in (hers|his|theirs),? and so (do|did) (i|we)\\b|\\b(takes?|took) up the (space|room)\\b"
                    + "|\\b(simmer|cook)(ed|s)? (\\w+ ){0,3}with\\b|\\bstir(red|s)? (\\w+ ){1,3}through\\b|^(oh|and|also|plus),? (and )?(a |an |some )?\\w+( \\w+)?[.!]?$|^(ps|p\\.s\\.),? there('s| is| are)\\b|\\bsecret( ingredient)? is\\b|\\b(never|don't|do not|wouldn't|won't) (make|can|do|put up|fix) (it|them|these|this|mine|any) without\\b|^(then|and|also|plus|oh),? (a|an|some) \\w+\\b(?! (of|while|time|little|bit|few|rest|break|nap|cup of (coffee|tea)))|\\b(some|half|most|one|two|a (few|little|bit))( of (it|them|that))? in (the|my|each|two|every) (jars?|pints?|quarts?)\\b");

    static boolean isSaidIn(Sentence s) {
        return s.has(SAID_IN);
    }

    static boolean isPutIn(Sentence s) {
        return s.has(IN_IT) || isSaidIn(s);
    }

    /** Whether foods named in the sentence may be company only. */
    static boolean isTold(Sentence s) {
        return s.has(CUE)
                && !s.has(IN_IT)
                && !s.has(Vocabulary.WE_ADD)
                && !s.has(ADD_FIRST)
                && s.weight() < MarkedRemarks.SUSPECT;
    }

    private static final String ON =
            "\\b(had|ate|eat) ((a little|a bit|some|the|what was|it|them) )?((extra|rest|left( over)?|leftovers?|of it) )?(on|over) (\\w+ ){0,2}(oatmeal|oats|toast|ice cream|pancakes|waffles|biscuits|cornbread|rice|noodles|yogurt|crackers|cereal|eggs|potatoes|burgers|tacos|ham|pork|chops|cheese)";

    /** "Eight quarts, and we ate what was left over with cream". */
    private static final String THE_REST_WITH =
            "\\b(had|ate|eat|finished( off)?) (what|whatever|the|all|everything|that) ((that )?(was|were|is) )?(left( over)?|rest|remained|extra|leftovers?)( over)?( that)? (with|over|on)\\b";

    /** "Seven quarts plus a little extra we had on oatmeal". */
    private static final Cue HAD_ON = Cue.of(ON + "|" + THE_REST_WITH);

    /** "We like it on eggs": what it is eaten with, however the rest of the sentence sounds. */
    private static final Cue EATEN_WITH = Cue.of(
            "\\b(tastes?|tasted|eats) (just |mighty |awful |really |very )*(fine|good|great|grand|better|best|wonderful|delicious|nice|lovely|right|all right) (on|over) (a |an |some |the |top of |hot |cold |fresh )*\\w+|^(the )?(greens|tops|trimmings|scraps|leftovers?|extras?|what was left)( of (it|them|the \\w+))? (went|go|goes) (in|into|to|on) (the |a |my )?(big |iron |cast iron )?(skillet|frying pan|table|griddle)\\b|\\b(have|got|there's|keep|kept) (some |a |the |more )?\\w+( \\w+)? in the (freezer|fridge|icebox) for\\b|\\bfor when (i|we|you|they|he|she) (open|opens|eat|serve|heat|use)\\b|\\b(likes?|loves?|eats?|ate|serves?|served|have|has|had|want|wants) (it|them|these|this|those|mine|ours|hers) (\\w+ ){0,2}(with|on|over|in|beside|alongside)\\b(?! (the |my |a )?(\\w+ )?(stove|heat|burner|fire|boil|simmer|pot|kettle))"
                    + "|" + ON + "|" + THE_REST_WITH
                    + "|\\b(had|have|has|ate|eats?) (a|an|one|two|three|some|his|her|the|their) \\w+( \\w+){0,3} with\\b"
                    + "|^[a-z ]{0,30}\\b(gets?|got|are|is|goes?)( only)? (added|stirred in|put in)( (fresh|later|separately))?,? (when|once|after|the day) (i|we|you|they) (open|serve|heat|reheat|eat|use)\\b(?![^.;]*\\b(or|and|but|sometimes|usually)\\b)"
                    + "|\\b(i|we|he|she) (warm|heat|reheat|fry|saute|butter|cream|dress|eat|fix|serve)s? (it|them|these|mine|a jar|one)( up)? with (a (little|bit of|pat of|dab of) |some )?\\w+( and \\w+)? (for|at) (supper|dinner|lunch|breakfast|sunday|company)\\b"
                    + "|\\b(i|we|he|she) (fry|fries|cream|creams|dress|dresses|warm|warms|heat|heats|saute|sautes) (it|them|these|mine|one|a jar)( up)? (with|in) [^.;]{2,40}(\\bcome (winter|january|cold weather)|\\b(all|in|in the) winter|\\bon (sundays?|cold nights))\\b"
                    + "|\\b(cook|heat|boil|simmer|fry|warm|fix|season|finish|doctor)s? (it|them|these|ours) ((again|up|over|down|all|first) )*with [^.;]{2,30}\\b(when|once|after) (i|we|you|they) (open|serve|eat)s?\\b"
                    + "|\\b(drinks?|drank) (it|them|this|his|hers|ours) with\\b"
                    + "|\\b(had|have|ate|eat|tried) (one|it|some|a (bowl|jar|dish|plate)) with \\w+( \\w+)? (on|over) (it|them|top)\\b|\\b(at|on) the table\\b|\\b(plan|planning|mean|hope|going|want) to (use|eat|serve|save|have) (it|them|these|this|mine) (for|in|on|with|over)\\b|\\b(made|makes?|making) (\\w+ ){1,3}(with|out of|from) (it|them|one|mine|a jar|one of them)\\b|\\b(you|i|we) can (pour|spoon|put|have|sprinkle) (some |a little )?\\w+ (over|on) (it|them|top)\\b|\\b(drain|pour) (them |it )?off\\b[^.;]*\\bcream (them|it)\\b|\\bcream (them|it) for (sunday|supper|dinner|company|the)\\b|\\b(make|makes|made) (a |an |the |my )?(\\w+ )?(hash|pie|pies|cobbler|crisp|crumble|gravy|sauce|soup|stew|casserole|salad|shortcake|dumplings) (with (one|two|three|four|a|\\d) (jars?|pints?|quarts?)|when (i|we|you) open)\\b|\\b(when|once) (i|we|you|they|he|she) (opens?|serves?|eats?|drinks?) (it|them|one|these|a jar|the jar)\\b"
                    + "|\\badds?\\b[^.;]{0,40}\\b(the day|when|once|after|right before|just before) (i|we|you|he|she|they) ((serves?|opens?|eats?)\\b|(heats?|reheats?|cooks?|uses?) (it|them|one|these|mine|a jar|for|before|at)\\b)");

    /** "Lard is a separate story; that went in the freezer". */
    private static final Cue PUT_ELSEWHERE = Cue.of(
            "\\b(that|it|they|those|which|is a separate story)\\b[^.]{0,12}\\b(went|goes|go|is|are) (in|into|to) (the |my |our )?(freezer|smokehouse|smoker|dehydrator|chickens|compost)\\b");

    /** "Seven quarts for gravy and soup". */
    private static final Cue FOR_A_DISH = Cue.of(
            "\\b(quarts?|pints?|jars?|it|them|good|perfect|handy|ready|nice|great|saved?|keep|kept) for (the |our |winter |making |my |some )*(gravy|gravies|soups?|stews?|chili|pies?|cobblers?|burritos|tacos|casseroles?|sandwiches|dumplings|noodles|rice|pasta|pot pies?)\\b");

    /** "It gets added when we open it, or before if I have it", "ham is in when we open it". */
    private static final Cue OR_BEFORE = Cue.of(
            "\\bor (right |just )?(before|sometimes|sooner)\\b|\\b(is|are|was|were) (already |right )?in (when|there|it|them)\\b");

    /** Whether the sentence says no more than what goes in when the jar is opened. */
    static boolean isPutInLater(Sentence s) {
        return s.isWholly(PUT_IN_LATER) || isOfALaterDish(s);
    }

    /** "Serving idea: drain and top with whipped cream." */
    private static final Cue LABEL = Cue.of(
            "^[-*• ]*((serving|table)[- ](ideas?|suggestions?|tips?|notes?)|to serve|for serving|(nice |good )?at the table) ?[:–—-]");

    /** Then it is told of the jars after all. */
    private static final Cue OF_THE_CANNING = Cue.of(
            "\\b(before(?! serving| eating)|jarr\\w*|into jars|each jar|(in|to|into) (each|every|the) jars?|cann(ed|ing)|process\\w*|pack\\w*|fill\\w*|lids?|seal\\w*|headspace|minutes in)\\b|\\b(each|every|per) (pint|quart)\\b|(?<!\\b(open|opened|opening|heat|drain|empty|with|from|of) (a|the|one|your) )\\bjars?\\b|\\b(already|beforehand|in there|went in|goes in first)\\b");

    /** Whether a label says that it is told of the table. */
    static boolean isLabelled(Sentence s) {
        return s.has(LABEL) && !s.has(OF_THE_CANNING);
    }

    static boolean isPlainlyTold(Sentence s) {
        return isPutInLater(s)
                || s.has(FOR_A_DISH) && !s.has(Vocabulary.ADD) && !s.has(IN_IT)
                || (s.has(EATEN_WITH) || s.has(PUT_ELSEWHERE))
                        && !s.has(OR_BEFORE)
                        && !s.has(IN_IT)
                        && (!s.has(IN_THE_JAR) || s.has(HAD_ON))
                        && !s.has(INTO_EACH);
    }

    private static final Cue HEATED = Cue.of(
            "\\b(when|once|after|the day|right before|just before) (i|we|you|he|she|they) (heats?|reheats?|cooks?|uses?)\\b");

    private static final Cue AT_SUPPER =
            Cue.of("\\b(jars plain|plain jars|supper|dinner|lunch|serving|serves?|table)\\b");

    /** "We add cream when we heat it", told before the canning: nobody knows which heat is meant. */
    static boolean mayBeNow(Sentence s, Draft draft) {
        return draft.facts.times().isEmpty() && s.has(HEATED) && !s.has(AT_SUPPER);
    }

    private static final Cue INTO_EACH = Cue.of("\\b(in|into) (each|every|the|all the) jars?\\b");

    /** "We put noodles in when we open it", and nothing else in the sentence. */
    private static final Cue PUT_IN_LATER = Cue.of(
            "^(i|we)( always| usually| just)? (cook|boil|make|fix) (the |some |our )?[a-z]+ (fresh|separate|separately|apart|later),?( and)?( (add|put|stir|throw) (it|them)( in)?)? (at the table|at (supper|dinner|serving)( time)?|(when|once|after) (i|we) (open|serve|eat)( (it|them|a jar))?)[.!]?$|^(the )?(i|we|she|he|they)('ll| will)?( always| usually| just| only)? (thicken|season|salt|sweeten|butter)s? (it|them|ours|mine)( up)?,? (when|once|after) (i|we|she|he|they|you) (opens?|serves?|eats?|reheats?)( (it|them|one|a jar|the jar))?( up)?[.!]?$|^(the )?(i|we|she|he|they|kids|family)('ll| will)?( always| usually| just| only)? (put|add|stir|throw|toss|drop|mix|cook)s?( in)? (the |some |a little |our |cooked |fresh |egg )*\\w+( (and|or) \\w+)?( in)?,? (when|once|after) (i|we|she|he|they|you) (opens?|serves?|eats?)( (it|them|one|a jar|the jar))?[.!]?$"
                    + "|^(the |some |any )?[a-z]+( (and|or) [a-z]+)? (i|we|she|he|they)('ll| will)?( always| usually| just| only)? (put|add|stir|throw|toss|drop|mix|cook)s?( in)?( later)?,? (when|once|after) (i|we|she|he|they|you) (opens?|serves?|eats?|heats?)( (it|them|one|a jar|the jar))?( up)?[.!]?$"
                    + "|^(the |some )?[a-z]+( (and|or) [a-z]+)? (goes|go) in (at (supper(time)?|dinner(time)?|the table|serving)|(when|once|after) (i|we|you|they) (eat|serve|open)( (it|them|one))?)[.!]?$"
                    + "|^[a-z ]{2,30} (may|can|could|should|is|are|gets?)( (also|then|always))*( be)? (stirred in|added|mixed in|put in|sprinkled on)( fresh)?,? (just )?((when|once|after|before) (i|we|you|they) (opens?|serves?|eats?)( (it|them|one|a jar|the jars?))?|(at|before|for) serving( time)?)[.!]?$");

    /** "I add potatoes when I make the stew". */
    private static final Cue MADE_LATER = Cue.of(
            "^(i|we)('ll| will)?( always| usually| just| only)? (put|add|stir|throw|toss|drop)s?( in)? (the |some |a little |our )*[a-z]+( (and|or) [a-z]+)?( in)?,? (when|once) (i|we) (make|fix|cook)s? (a |the |my |our )?([a-z]+ )?(?<dish>stew|soup|pie|casserole|gravy|chili|supper|dinner|hash)[.!]?$");

    /** Whether it is put into a dish that is made of the jars, and not into the dish that is canned. */
    private static boolean isOfALaterDish(Sentence s) {
        Matcher m = MADE_LATER.matcher(s.low());
        return s.has(MADE_LATER)
                && m.find()
                && !AGAIN.matcher(s.whole())
                        .region(0, s.range().start())
                        .results()
                        .anyMatch(r -> r.group().equalsIgnoreCase(m.group("dish")));
    }

    /** A dish that may be canned as it is. */
    private static final Pattern AGAIN =
            Pattern.compile("(?i)\\b(stew|soup|pie|casserole|gravy|chili|supper|dinner|hash)");

    /** What was canned, or who eats it. */
    private static final Cue THE_DISH = Cue.of(
            "\\b(it|its|it's|they|they're|them|these|this|those|that|we|i|he|she|nobody|everybody|everyone|husband|wife|kids|children|mother|father|brother|sister|son|daughter|neighbou?r|dog|cow|chickens|hens|pigs|birds|gone|wonderful|lovely|good|great)\\b");

    private static final Cue IN_THE_JAR =
            Cue.of("\\b(pints?|quarts?|fill\\w*|pack\\w*|canner|headspace|brine|layers?|space|mix\\w*|inside)\\b");

    /**
     * "It is gone in a day, with the ham": foods named after the canning, behind the dish they are eaten with, without an
     * amount, in words that are very like harmless ones. Where they are liker still, no dish need be named; but what is
     * said to belong with the beans may be with them.
     *
     * @param namesTheDish whether it names a food of the recipe itself
     */
    static boolean isCompany(Sentence s, List<Ingredient> named, boolean namesTheDish) {
        Optional<Range> dish = s.find(THE_DISH);
        boolean plain = !namesTheDish && s.size() > FEW && !s.has(AS_WELL) && s.weight() < MarkedRemarks.FAR_OFF;
        return s.weight() < MarkedRemarks.AT_TABLE
                && (dish.isPresent() || plain && !named.isEmpty())
                && !isPutIn(s)
                && !s.has(Vocabulary.ADD)
                && !s.has(IN_THE_JAR)
                && named.stream()
                        .allMatch(i -> i.amount().isEmpty()
                                && i.food().kind() != FoodClass.ACID
                                && (plain || i.range().start() > dish.get().start()));
    }

    /** Words: "Carrots too." is no talk. */
    private static final int FEW = 5;

    private static final Cue AS_WELL = Cue.of(
            "\\b(too|also|as well|belongs?|went|goes|in there|along|besides|plus|same|together|with (it|them|these|those|the))\\b");

    /** "It goes on toast with butter", but not "before the lid goes on I pour olive oil". */
    static boolean reaches(Sentence s, int i) {
        int at = s.token(i).range().start() - s.range().start();
        Optional<Range> eaten = EATEN_WITH.find(s.searched(), 0);
        if (isPutInLater(s)) {
            return true;
        }
        if (eaten.isPresent() && !s.has(PUT_ELSEWHERE)) {
            return at >= eaten.get().start();
        }
        int from = CUE.find(s.searched(), 0).map(Range::end).orElse(s.low().length());
        return at <= from || !PUT_IN.in(s.low().substring(from, at));
    }

    private static final Cue DASH =
            Cue.of("(a |some |with )?(little )?(dash|dab|pat|drop|drizzle|squirt|splash|dollop|sprinkle|shake|bit)\\b");

    /** What is put on at the table has no measure. */
    static boolean isADash(Sentence s, int i) {
        return s.opensAt(i, 3, DASH);
    }

    private static final Cue PUT_IN = Cue.of(
            "\\b(i|we|you|then) (also |always |just |first |then )?(add|stir|mix|pour|put|spoon|ladle|pack|fill|cover|top|drop|drizzle|float)\\w*\\b"
                    + "|\\b(packed|filled|covered|topped|added|stirred|mixed|poured|ladled|spooned|boiled|cooked|simmered|browned)\\b(?! (up|off)\\b)");
}
