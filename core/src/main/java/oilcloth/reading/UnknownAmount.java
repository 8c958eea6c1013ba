package oilcloth.reading;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.measure.Unit;
import oilcloth.recipe.Ingredient;
import oilcloth.recipe.Unread;
import oilcloth.text.Cue;

/** An amount of something nobody knows: fail safe, it is listed as not understood. */
final class UnknownAmount {
    private static final Cue HAVING =
            Cue.of("\\b(have|had|got|bought|picked|grew|was given|ended up with|brought|ate|eaten|drank)\\b");

    /** How the work is shared out, not how much there is. */
    private static final Cue AT_A_TIME = Cue.of(
            "^(of (greens|leaves|fruit|berries|cabbage|them|it) )?at (a|one) time\\b|^a time\\b|^(lots?|batch(es)?)\\b|^(with|and) (\\S+ ){1,2}(t|tbsps?|tbs|tablespoons?)( of)?( (canning |pickling )?salt)? at (a|one) time\\b|^per ([.,;]|$)");
    /** "5 lb at a time with 3 Tbsp": of what is listed already. */
    private static final Cue SHARE_OF_IT = Cue.of("\\bat (a|one) time,? (with|to|and|using) $");

    /** "15 lb in the pod made 4 pints": as it was picked. */
    private static final Cue IN_THE_POD = Cue.of("in ((the|their) )?(pods?|shells?|husks?|hulls?|skins?)\\b");

    /** "20 lb ears", "24 lb for the load": of what is canned, as it was bought. */
    private static final Cue OF_PRODUCE = Cue.of(
            "(of )?((the|whole|fresh|big|small|nice|husked|shucked|unhusked|trimmed) )*(ears|cobs|pods|heads|spears|roots|produce)\\b|(for|to|in) (the|a|one|each|my|this) ((whole|full|canner|pressure) )*(load|canner|canner full|canner load)\\b");

    /** "cooled juice about 4 1/2 to 5 cups": what the fruit gave. */
    private static final Cue PRESSED = Cue.of(
            "\\b(juice|pulp|liquid|puree)( (about|is|was|measured|measures|left|makes|made|came to|should be|around))* $");

    /** "Strained through cheesecloth to get 2 1/4 cups juice". */
    private static final Cue STRAINED = Cue.of(
            "\\b(strain|press|drip|drain|mill|squeeze|sieve)\\w*\\b[^.;]{0,40}\\b(to|get|got|for|gave|giving|making|made|yielded|yielding)( (me|us))?( about)? $|\\b(strained|pressed|dripped|drained|squeezed)\\b[^.;]{0,24}\\b(bags?|cheesecloth|sieve|strainer|colander|cloth) , $");

    /** "30 pounds from the co-op": of what is canned. */
    private static final Cue FROM_SOMEWHERE = Cue.of("from (the|my|our|a|an|his|her|their|some) \\w");

    /** "Quartered about a pound into the pan and crushed". */
    private static final Cue INTO_THE_PAN = Cue.of(
            "(or so )?(quartered |cut |cut up )?(right |straight )?(in|into) ((the|a|my) )?(\\w+ )?(pan|pot|kettle)\\b");

    private static final Cue FROM_A_GROWER = Cue.of(
            "(from|out of|off) (the|my|our|a|his|her|their) (\\w+ )?(u - pick|u-pick|co-op|co - op|market|farm|farmer|stand|garden|neighbou?rs?|store|grocer|orchard|auction|csa|patch|field|trees?|vines?|bush|bushes)\\b");

    /** "The other 20 lbs went in the freezer". */
    /** "Holding: ascorbic acid, 1 teaspoon to a gallon": it is poured off. */
    private static final Cue OF_A_GALLON = Cue.of("(to|per|in|for) (a|the|each|every|one|1)? ?(gallon|gal)\\b");

    private static final Cue HELD_IN = Cue.of(
            "\\b(ascorbic|vitamin c|anti-?browning|holding|held in|kept in|so (they|it) (won't|don't|wouldn't|didn't))\\b");

    /** "1 tsp salt per quart so 1/2 tsp". */
    private static final Cue SALT_OF_A_PINT = Cue.of(
            "\\bsalt (per|to the|to a|to each|for a|a) (quart|pint),? ?\\(?(so|or|which is|that's|meaning) (just |only |about )?$");

    private static final Cue OTHERS = Cue.of("\\b(other|others|rest|remaining|last|extra|leftover|another) $");

    private static final Cue PUT_BY = Cue.of(
            "\\b(in the freezer|froze|were frozen|were dried|dehydrated|gave|given|ate|eaten|sold|chickens|hens|pigs|compost|neighbou?rs?|food bank)\\b");

    private static final Cue MAKES = Cue.of(
            "\\bmakes?\\b|\\b(gave|got|made|yielded|filled) (me |us )?(about )?(\\d+|one|two|three|four|five|six|seven|eight|nine|ten|twelve) (pints|quarts|jars|half)");

    /** "14 lb/9 pt": what it came to. */
    private static final Cue PER_JARS = Cue.of("(/|- ?>|→|=) \\d+ (pts?|qts?|pints|quarts)\\b");

    /** "Just ground venison. 12 lb. ground": of what is canned, as it was weighed. */
    private static final Cue AS_WEIGHED = Cue.of(
            "^(\\( )?(w/o|without|less|minus|no) (the |their )?(tops|stems|pits|greens|husks|pods|shells|bones)\\b|^([.,] )?(washed|rinsed|stemmed|cored|ground|peeled|shelled|trimmed|cleaned|pitted|snapped|husked|as bought|as picked) ((them|em|'em|it|all) )?([,.;(]|$)");

    /** "We do pints mostly but did four quarts also": how many jars there were. */
    private static final Cue DID = Cue.of("\\b(did|do|canned|filled|put up)( (about|only|just|another))? $");

    /** "Weighted it with two quart jars filled with water". */
    private static final Cue FULL_JARS = Cue.of("jars? (filled with|full of|of) (water|brine)\\b");

    /** "Nine quarts, by the way, from 25 lb". */
    private static final Cue OUT_OF =
            Cue.of("\\b(pints|quarts|jars)\\b[^.;]{0,24}\\b(from|out of) (about |my |the )?$");

    /** "Was the lemon juice enough for nine pounds?" */
    private static final Cue ENOUGH_FOR = Cue.of("\\benough for (about |only )?$");

    /** "Forty pounds gave 31 pints". */
    private static final Cue GAVE = Cue.of(
            "(between|among|amongst) (the )?\\w+ of us\\b|(all |have |are )?(sealed|pinged|popped|came out|turned out)\\b|(gave|made|makes|yielded|yields|filled|came to) (me |us )?(about )?\\w+");

    /** "Pitted 40 lb by hand". */
    private static final Cue READIED = Cue.of(
            "\\b(pitted|peeled|shelled|snapped|shucked|husked|picked|processed|canned|browned|trimmed|cubed|cored|scrubbed|washed|halved|quartered|sliced|chopped|shredded|stemmed|cleaned|scalded)( (about|only|just|another))? $|\\b(want|wanted|going|plan|planning|hope|hoping|like|need|ready|trying|have) to (can|pickle|do|put up|make|process|preserve|use up)( (about|only|just|another))? $");

    /** "That gave 4 1/2 to 5 cups juice": what came of what was measured before. */
    private static final Cue GAVE_SO_MUCH = Cue.of(
            "\\b(that|this|which|it|they) (gave|made|yielded|came to|gives|yields)( (me|us))?( (about|around))? $");

    private static final Cue OF_JUICE = Cue.of("(of )?(the )?(juice|pulp|puree|liquid|mash)\\b");

    /** No name follows. */
    private static final Cue NO_NAME = Cue.of(
            "^([^a-z]|$|(right|straight|also|too|more|all|by|from|off|in|into|on|at|and|but|or so|or thereabouts|last|this|before|after|till|until|yesterday|today|total|altogether|so|then|of (them|it|these|those))\\b)");

    /** No word of every day or of the kitchen, and nobody's name. */
    private static boolean isStrange(Sentence s, int noun) {
        if (noun >= s.size()
                || !s.token(noun).isWord()
                || Character.isUpperCase(s.token(noun).raw().charAt(0))) {
            return false;
        }
        String word = s.token(noun).norm();
        return !StepWords.isPlain(word) && !Talk.isCommon(word);
    }

    /** "A whole cup is too sour for us". */
    private static final Cue JUDGED =
            Cue.of("(is|was|would be|seems|seemed) (way |just |much |far |a bit |a little )?too\\b");

    /** "4 cups juice (from about 2 1/2 quarts, a fourth of them red)": what it was pressed from. */
    private static final Cue SOURCE = Cue.of(
            "(\\(|\\b(cut|shelled|picked|taken|pressed|came)( it| them)? off|\\b(shelled|cut|pressed)) (from )?(of )?(about |around |some |roughly )?$");

    /** "17 lb for 7 quarts", "22 lb = 7 quarts", "10 lb after trimming". */
    private static final Cue COMES_TO = Cue.of(
            "(for (about |my |the )?|= (about )?)\\w+ (pints?|quarts?|qts|pts|jars?)\\b|after (they were |it was |the )?\\w+(ing|ed)\\b");

    /** "20 lb of a tart variety": of what is canned. */
    private static final Cue OF_A_KIND =
            Cue.of("of (a|an|the|some) (\\w+ ){0,2}(variety|varieties|kind|kinds|sort|type)\\b");

    /** "A pint of water to 5 lb": of what is canned. */
    private static final Cue WATER_TO = Cue.of("\\b(water|syrup|juice) (to|per|for) (each |every )?$");

    /** "Boiled in 1/2 cup syrup per quart of fruit". */
    private static final Cue LIQUID_RATE = Cue.of(
            "(of )?((hot|boiling|light|medium|heavy) )*(water|syrup|juice|liquid) (per|for) (each |every |a )?(quart|qt|pint|pt|lb|pound|gallon)\\b");

    private static final Set<String> PULP = Set.of("pulp", "juice", "puree", "kernels");

    /** "Simmered 30 min in the 5 1/2 cups", "measured 4 cups pulp": what is listed already. */
    private static boolean unnamedAgain(Sentence s, Draft draft, int i, Amounts.Found amount) {
        boolean pulp =
                amount.next() < s.size() && PULP.contains(s.token(amount.next()).norm());
        boolean referred = s.is(i - 1, "the") || s.is(i - 1, "that") || s.is(i - 1, "those");
        return (referred || pulp && !s.has(Vocabulary.ADD))
                && draft.ingredients.stream()
                        .filter(known -> referred || known.food().kind().isProduce())
                        .flatMap(known -> known.amount().stream())
                        .anyMatch(amount.amount()::equals);
    }

    private static boolean isOfJars(Unit unit) {
        return unit == Unit.PINT || unit == Unit.QUART;
    }

    /** "till two drops run together off the spoon". */
    private static final Cue RUNS = Cue.of("(run|slide|fall|form|flow|join|sheet|come|hang|drip)s?\\b");

    private UnknownAmount() {}

    private static final Cue COVERING = Cue.of(
            "(of )?(the )?((hot|boiling|warm|cooking|canning|light|medium|thin) )*(juice|syrup|liquid) (\\( [^)]* \\) )?((in|into|to) (each|every|ea|the)|per (quart|pint|jar)|first)\\b");

    /** "Into pints over a half cup hot juice". */
    private static final Cue INTO_JARS_OVER = Cue.of("\\b(jars|pints|quarts) over (a |about )?$");

    private static final Cue LIQUID =
            Cue.of("(of )?(the )?((hot|boiling|light|medium|thin) )*(juice|syrup|water|liquid)\\b");

    /** "Hot syrup, medium, half a cup in each quart first". */
    private static final Cue LIQUID_BEFORE = Cue.of(
            "\\b(syrup|juice|water|liquid)( [,(]? ?(light|medium|thin|heavy|hot|boiling|extra|very) ?\\)?)* [,:] $");

    /** "3/4 cup canning salt, 5 pounds of cabbage at a time with 3 tablespoons each time". */
    private static final Cue EACH_TIME = Cue.of("(to |for )?(each|every) (time|layer|round|five pounds)\\b");

    /** "Took 3 hrs & 35 lb." */
    private static final Cue TOOK =
            Cue.of("^(it |they |this |that |these |all told )?(took|used( up)?|went through) (\\S+ ){0,4}$");

    private static final Cue IN_EACH = Cue.of("(in|into|to) (each|every|ea|the|jars?)\\b");

    private static final Cue LIQUID_IN_EACH = Cue.of(
            "(of )?(the )?((hot|boiling|light|medium|heavy|very) )*(water|syrup|juice|liquid) (in|into|to) ((each|every|the|a) )?((hot|empty) )*(jars?|pints?|quarts?)\\b");

    /** "I used to use ten pounds." */
    private static final Cue BEFORE_NOW =
            Cue.of("^(and |but )?(i|we) used to (use|do|run|go|set|give)\\b(?![^.;]*\\b(still|but|and|so|now)\\b)");

    private static final Cue CANNER_WATER = Cue.of(
            "\\b(canner|rack|kettle)\\b[^.;]{0,40}\\b(qts?|quarts?|inch(es)?|liters?|litres?|cups?) (of )?(hot |warm |boiling |simmering |hot tap |tap )*water\\b"
                    + "|\\b(of )?(hot |warm |boiling |simmering |tap |cold )*water (and \\w+ \\w+ \\w+ )?(goes |went |stands? |is )?(in|into|to) (the |my |our |a )?(\\w+ )?(bottom of the |bottom of my )?(pressure )?(canner|cooker)\\b");

    /** @return the token after what was listed, or {@code i} when the amount is none of an ingredient */
    static int read(Sentence s, Draft draft, int i, Amounts.Found amount) {
        int rate = Rate.end(s, draft, amount);
        if (rate > 0) {
            return rate;
        }
        Unit.Kind kind = amount.amount().unit().kind();
        boolean measured = amount.unitSaid() && (kind == Unit.Kind.VOLUME || kind == Unit.Kind.MASS)
                || (amount.unitSaid() && kind == Unit.Kind.PACK && (s.isItem() || s.has(Vocabulary.ADD)));
        if (!measured) {
            return i;
        }
        if (kind == Unit.Kind.MASS && s.has(BEFORE_NOW)) {
            return amount.next();
        }
        // "a quart", "the pint" in passing are jars; they were read before
        if (amount.amount().unit() == Unit.CAN
                && !s.isItem()
                && amount.amount().low() >= 1
                && s.around(amount.next(), 3, 0).contains("jar")) {
            return i;
        }
        int noun = s.is(amount.next(), "of") ? amount.next() + 1 : amount.next();
        noun = s.is(noun, "the") || s.is(noun, "this") || s.is(noun, "that") ? noun + 1 : noun;
        boolean part = noun > amount.next() && isOfTheRecipe(s, noun) && !isUnnamedJuice(s, draft, noun);
        int end = amount.next();
        while (end < s.size() && end < amount.next() + 4 && s.token(end).isWord() && !s.isClaimed(end)) {
            end++;
        }
        boolean unnamed = s.isAround(amount.next(), 0, 2, NO_NAME);
        boolean covers = s.opensAt(amount.next(), 9, COVERING)
                || s.isBefore(i, 4, INTO_JARS_OVER) && s.opensAt(amount.next(), 4, LIQUID);
        // what was weighed, and not what was added
        boolean told = kind == Unit.Kind.MASS && !s.has(Vocabulary.ADD);
        boolean again = noun == amount.next() && unnamedAgain(s, draft, i, amount);
        boolean leftover = s.isBefore(i, 4, WATER_TO) && kind == Unit.Kind.MASS
                || s.opensAt(amount.next(), 6, LIQUID_RATE)
                || s.opensAt(amount.next(), 3, JUDGED)
                || again
                || told && s.opensAt(amount.next(), 6, OF_A_KIND)
                || kind == Unit.Kind.MASS && s.opensAt(amount.next(), 5, COMES_TO)
                || kind == Unit.Kind.PACK && s.is(i - 1, "from") && unnamed
                || part && (!covers || isFruit(draft))
                || s.around(amount.next(), 0, 2).matches("(total|altogether|in all|all told).*")
                || s.opensAt(amount.next(), 3, IN_THE_POD)
                || told && kind == Unit.Kind.MASS && s.opensAt(amount.next(), 5, OF_PRODUCE)
                || noun == amount.next() && s.isBefore(i, 5, PRESSED)
                || noun < s.size() && PULP.contains(s.token(noun).norm()) && s.isBefore(i, 12, STRAINED)
                || s.isAround(amount.next(), 0, 8, PUT_BY) && s.isBefore(i, 2, OTHERS)
                || told && s.opensAt(amount.next(), 6, FROM_SOMEWHERE)
                || s.opensAt(amount.next(), 6, FROM_A_GROWER)
                // "Figs again! 2 gallons."
                || amount.amount().unit() == Unit.GALLON && i == 0 && !s.isItem() && amount.next() >= s.size() - 1
                // "Venison, ground. 18 lb."
                || told && i == 0 && !s.isItem() && (amount.next() >= s.size() - 1 || isAside(s, amount.next()))
                || kind == Unit.Kind.MASS && s.opensAt(amount.next(), 4, PER_JARS)
                || isOfJars(amount.amount().unit()) && unnamed && s.isBefore(i, 6, WEIGHED_INTO)
                || s.isAround(amount.next(), 0, 3, AS_WEIGHED)
                || isOfJars(amount.amount().unit())
                        && (i == 0 && !s.isItem() && unnamed || s.isBefore(i, 3, DID) && unnamed)
                // "Pears from the convent tree, 31 lb."
                || told && unnamed && s.is(i - 1, ",") && !s.isItem() && (noun >= s.size() || s.is(noun, "."))
                || kind == Unit.Kind.MASS && unnamed && s.isBefore(i, 3, READIED)
                || isOfJars(amount.amount().unit()) && s.opensAt(amount.next(), 4, FULL_JARS)
                || isOfJars(amount.amount().unit())
                        && unnamed
                        && (s.is(i - 1, "for")
                                || s.isBefore(i, 2, RESULT)
                                || s.is(i - 1, "(")
                                || s.is(amount.next(), ":")
                                || s.is(i - 1, ",")
                                        && (noun >= s.size() || s.is(noun, "."))
                                        && !s.isItem()
                                        && !s.has(Vocabulary.ADD))
                || s.opensAt(amount.next(), 4, GAVE)
                || s.low().endsWith("?") && s.isBefore(i, 3, ENOUGH_FOR)
                || s.isBefore(i, 3, SOURCE)
                || kind == Unit.Kind.VOLUME && s.isBefore(i, 5, GAVE_SO_MUCH) && s.opensAt(amount.next(), 3, OF_JUICE)
                || s.low().contains("salt") && s.opensAt(amount.next(), 3, EACH_TIME)
                || told && unnamed && (s.isBefore(i, 9, OUT_OF) || s.isBefore(i, 6, TOOK))
                || s.opensAt(amount.next(), 2, RUNS)
                || s.isAround(amount.next(), 0, 7, AT_A_TIME)
                || kind == Unit.Kind.MASS && s.opensAt(amount.next(), 8, INTO_THE_PAN)
                || noun == amount.next() && s.isBefore(i, 6, SHARE_OF_IT)
                // "the spices in a bag", "4 tsp of salt to a gallon"
                || s.is(i - 1, "in") && s.is(i + 1, "bag")
                || s.is(i - 1, "to") && s.around(i, 0, 3).startsWith("a gallon") && !s.is(amount.next(), "of")
                // "half a cup of hot juice in each jar", "canner, 3 quarts of hot water"
                || (covers
                                || s.opensAt(amount.next(), 7, LIQUID_IN_EACH)
                                || s.opensAt(amount.next(), 3, IN_EACH) && s.isBefore(i, 5, LIQUID_BEFORE))
                        && isFruit(draft)
                || s.is(amount.next(), "weight") && PressurePounds.isOfACrock(s)
                || s.opensAt(amount.next(), 3, OF_A_GALLON) && s.has(HELD_IN)
                || s.isBefore(i, 8, SALT_OF_A_PINT)
                || s.isAround(amount.next(), 8, 6, CANNER_WATER)
                || s.low().contains("left")
                || s.has(MAKES)
                || kind == Unit.Kind.MASS && s.opensAt(amount.next(), 4, TO_BUY)
                || isOfJars(amount.amount().unit()) && s.is(amount.next(), "load")
                || s.low().contains("yield")
                || s.low().contains("bushel")
                || s.has(HAVING) && !s.has(Vocabulary.ADD);
        leftover &= !(kind == Unit.Kind.VOLUME && isSecondMeasure(s, i, amount));
        boolean strange = kind != Unit.Kind.PACK && !again && isStrange(s, noun);
        if (strange) {
            draft.unknownThings++;
        }
        draft.unread.add(new Unread(s.span(i, Math.max(i + 1, end)), strange || !leftover));
        return end;
    }

    /** "Vinegar 4 cups (2 cups)": another amount of the same thing, in the same kind of measure. */
    private static boolean isSecondMeasure(Sentence s, int i, Amounts.Found amount) {
        return s.is(i - 1, "(")
                && s.is(amount.next(), ")")
                && i > 1
                && Units.at(s.tokens(), i - 2)
                        .filter(u -> u.unit() == amount.amount().unit())
                        .isPresent();
    }

    private static final Cue ASIDE = Cue.of(
            "\\( ((on|from|at|the|a|big|sale|last|this|my|our|store|farm|local|[a-z]+'s) ?)*(sale|deal|special|store|farm|market|co - op|haul|batch|week|year|one|load) ?!* \\) ?[.!]?$");

    /** "30 lb (on sale!)." */
    private static boolean isAside(Sentence s, int from) {
        return ASIDE.is(s.around(from, 0, s.size()).strip());
    }

    /** "24 lb beets -> 8 qt", "Result: 7 qts". */
    private static final Cue RESULT = Cue.of("(>|→|\\b(results?|yields?|total|makes|got|output|amount|quantity) :) $");

    /** "18 lb to 7 qts", "14 lb/9 pt": of what was picked; but not "vinegar, water to 3 quarts". */
    private static final Cue WEIGHED_INTO = Cue.of(
            "\\b(lbs?|pounds?|#|bushels?|bu|pecks?|dozen|doz|husks?|pods?)\\b[^,;]* (/|to|per) $|# [^,;]*(/|to|per) $");

    /** "2 to 3 pounds a quart": what it takes. */
    private static final Cue TO_BUY =
            Cue.of("(of \\w+ )?(a|per|to a|to the|for a|for each|each) (quart|qt|pint|pt|jar)\\b");

    /** "A dash of juice" among beets: nothing listed gives any. */
    private static boolean isUnnamedJuice(Sentence s, Draft draft, int noun) {
        boolean given = Stream.concat(
                        draft.titleFoods.stream(), draft.ingredients.stream().map(Ingredient::food))
                .anyMatch(f -> f.kind() == FoodClass.FRUIT
                        || f.kind() == FoodClass.TOMATO
                        || f.isFruitJuice()
                        || f.isCitrusJuice()
                        || f.kind() == FoodClass.MEAT
                        || f.group().equals("cabbage"));
        return s.is(noun, "juice") && s.is(noun - 1, "of") && !given;
    }

    /** "Half a cup of the simmered mixture", but not "a tin of mystery mix". */
    private static boolean isOfTheRecipe(Sentence s, int noun) {
        for (int k = noun; k < Math.min(s.size(), noun + 3); k++) {
            String word = s.token(k).norm();
            if (Vocabulary.KITCHEN.contains(word)) {
                return !(s.isItem() && VAGUE.contains(word));
            }
        }
        return false;
    }

    /** What a list calls something it does not name. */
    private static final Set<String> VAGUE = Set.of("mix", "ones", "one", "that", "this", "them", "it");

    /** Fruit takes any juice or syrup; tomatoes and vegetables have a process for each liquid. */
    private static boolean isFruit(Draft draft) {
        List<Food> produce = Stream.concat(
                        draft.titleFoods.stream(), draft.ingredients.stream().map(Ingredient::food))
                .filter(f -> f.kind().isProduce())
                .toList();
        return !produce.isEmpty() && produce.stream().allMatch(f -> f.kind() == FoodClass.FRUIT);
    }
}
