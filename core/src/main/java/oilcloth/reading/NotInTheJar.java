package oilcloth.reading;

import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import oilcloth.guide.Food;
import oilcloth.recipe.Ingredient;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/** Foods named because they are not in the jar: a crop that failed, advice that is not taken. */
final class NotInTheJar {
    /** "Strawberries weren't ready yet", "the corn never came up". */
    private static final Cue NOT_THERE = Cue.of(
            "^(\\w+ |- )*(idea|plan|project|experiment) (fell through|fizzled|flopped|didn't (pan|work) out)\\b|^(plants? |crop |vines? |trees? |bushes )?((this|that|last) (year|summer|season) |all |just )?((are|is|was|were) ?(not|n't)|(have|has|had) ?(not|n't)|aren't|isn't|wasn't|weren't|hadn't|haven't|(never|didn't|did not)) (yet |quite |even |been )*(ready|ripe|ripen\\w*|in yet|in season|up yet|come|came|came up|make it|made it|set|bear|bore|produced?|do well|did well|grow|amount to|to be (had|found))\\b"
                    + "|^, there (isn't|wasn't|is not|was not|aren't) any\\b"
                    + "|^(is|are) for the (skillet|pan|table|plate|frying pan|stew pot|soup pot)\\b(?! (first|before))"
                    + "|^(i|we) (just |all )?(froze|freeze|ate|gave away|sold|dried|dehydrated)( (instead|fresh|raw|separately|this year|last year|already))?(?= ?[.;!?]|$)"
                    + "|^(plants? |crop |vines? |trees? |bushes )?(failed|flopped|fizzled|died( off)?|blew down|got cut down|drowned|froze out|got eaten|bolted|were (a failure|a bust|finished|long gone|over)|was (a failure|a bust|finished|over))\\b");

    /** "My neighbor says to add vinegar but I don't care for that", "follow the directions for peaches". */
    private static final Cue NOT_HEEDED = Cue.of(
            "\\b(says?|said|would'?ve|would have|used to|tells?|told|wants?|swears?|insists?|thinks?|suggests?|suggested)\\b[^.;]{0,30}\\b(add|put|use|throw|need|adding|using|putting)\\w*\\b((?!\\b(i|we) (do|did|use|used|add|added|put|have)\\b).)*\\bbut (i|we) (now |do )?(do not|don't|didn't|did not|never|won't|haven't|know better|stopped|quit|gave that up|skip|skipped|leave it out|left it out)\\b"
                    + "|^.*\\b(so|but|and) (i|we) (leave|left|keep|kept|can|do|did) (it|them|mine|ours|the jars|my jars|the \\w+) (plain|bare)\\b"
                    + "|\\b(hates?|hated|dislikes?|can'?t (stand|have|eat)|(doesn|don|didn)'?t (like|care for)|allergic to)\\b[^.,;]{0,24}\\b(so|and|but) (i|we) (skip|skipped|left|leave|omit|omitted|dropped)( (it|that|them|those))?( out| off)?\\b(?=[.,;!]|$)"
                    + "|^[^.;,]{0,40}\\b(puts?|adds?|uses?|likes?|has|wants?)\\b[^.;,]{0,24}\\b(in|to) (hers|his|theirs)\\b[^.;]*\\b(but|though) (i|we|mine|ours)\\b[^.;]*\\b(do not|don't|never|didn't|did not|aren't|isn't|plain|none)\\b"
                    + "|\\b(directions|instructions|steps) (as )?for( \\w+){1,2}"
                    + "|\\b(lemon|vinegar|citric acid|acid|salt|sugar)( juice)? (would|will|just|only|might|could) (ruin|ruins|spoil|spoils|change|kill|kills|wreck|hurt|mess)\\b"
                    + "|\\b(lemon|vinegar|citric acid|acid)( juice)? makes? (it|them|everything|mine) (taste (?!(good|better|fine|right|great))|too |all |like )(?![^.;]*\\b(so|but|and) (i|we) )");

    /** "There's no ham, bacon or onion in mine." */
    private static final Cue NONE_OF_THEM = Cue.of(
            "\\bno (ham|bacon|fatback|meat|fat|lard|butter|oil|cream|milk|cheese|eggs?|flour|cornstarch|noodles|rice|pasta|barley|potatoes|onions?|garlic|peppers?|celery|carrots?|mushrooms?|corn|beans)(, ((or|nor) )?[a-z]+){0,4},? (or|nor) [a-z]+\\b");

    /** "I thought about using cornstarch but the sheet says no". */
    private static final Cue THOUGHT_OF = Cue.of(
            "\\b(thought|think|thinking|was going) (about|of|to) (using|adding|putting|use|add|put)( in)? [^.;]{2,40}\\bbut (the (sheet|book|guide|class|leaflet|recipe)|you|your \\w+) (says?|said|told me|warns?|warned)( (me|us))? (no|not|never)\\b");

    private static boolean isInNone(Sentence s, int i) {
        return Stream.of(NONE_OF_THEM, THOUGHT_OF)
                .flatMap(c -> s.findAny(c).stream())
                .anyMatch(r -> r.contains(s.span(i, i + 1)));
    }

    private static final Cue LEAVES = Cue.of("\\b(leave|leaves|left|leaving|keep|kept) (the |my |any |all )*$");

    /** "Left the meat out overnight": it was not kept cold. */
    private static final Cue STAYS = Cue.of("(overnight|all|on|over|in|since|for|to|of the|too|until|till|half)\\b");

    /** "I have always left the lemon out". */
    private static boolean isLeftOut(Sentence s, int i, int end) {
        return s.is(end, "out") && !s.opensAt(end + 1, 2, STAYS) && s.isBefore(i, 4, LEAVES);
    }

    /** "Her card has flour and butter, I left both out". */
    private static final Cue LEFT_THEM = Cue.of(
            "^[^;]*\\b(i|we) (left|leave) (both|them|those|all that|all of (it|them|that)|both of (them|those)) out\\b(?! (of|on|in|over|all|overnight|for))");

    private static final Cue WE_PUT = Cue.of(
            "\\b(i|we) (also |then |just |only )?(put|add|added|use|used|mix|mixed|stir|stirred|threw|throw|pack|packed|cook|cooked|kept|keep)\\b");

    private static final Cue DIRECTIONS_FOR =
            Cue.of("\\b(directions|instructions|steps) (as )?for (the |your )?(\\w+ )?$");

    /** Remembers whose directions were followed: they may be another food's. */
    static void noteDirections(Sentence s, Draft draft, int i, int end, Food food) {
        boolean followed = s.isBefore(i, 5, DIRECTIONS_FOR) || isAboutIt(s, i) && s.has(GONE_BY);
        if (followed && food.kind().isProduce()) {
            draft.directionsFor.put(s.span(i, end), food);
            // where no other food is named they are its own
            draft.inPassing.add(Ingredient.named(s.span(i, end), food));
        }
    }

    /** "Odile boils hers with tomatoes but that is her way". */
    private static final Cue HERS = Cue.of(
            "^[^.;]{0,40}\\b(boils?|cans?|canned|does|did|makes?|made|puts?|packs?|packed|cooks?|fixes|likes|has|tops|fills) (hers|his|theirs)\\b(?=.*\\b(but|though|however)\\b)(?!.*\\b(i|we|me|us|mine|ours|these|this|my own|same|too)\\b)");

    /** How somebody else does it. */
    private static boolean isHers(Sentence s) {
        return s.has(HERS);
    }

    /** "I used the hot tomato-pepper sauce recipe": a name, and no ingredient. */
    private static final Cue OF_A_RECIPE = Cue.of(
            "(\\w+ )?(recipe|receipt|directions|instructions|formula|leaflet|handout)\\b(?! (but|with|plus|and (added|put))\\b)");

    private static final Cue FOLLOWED = Cue.of(
            "\\b(used|use|using|followed|follow|following|from|by|with|did|made|is|was|it's) (the|my|her|your|this|that|our|a|his)( [\\w-]+| -){0,4} $");

    /** @param end the token behind the food */
    static boolean isNameOfRecipe(Sentence s, int i, int end) {
        return s.opensAt(end, 2, OF_A_RECIPE) && s.isBefore(i, 6, FOLLOWED);
    }

    /** "Got your handout on summer squash": what a paper is about. */
    private static final Cue PAPER_ON = Cue.of(
            "\\b(handout|leaflet|bulletin|fact sheet|sheet|pamphlet|brochure|article|class|lesson|talk|letter|question|answer|advice) (on|about|for|regarding) (the |your |canning )?(\\w+ )?$");

    private static final Cue GONE_BY =
            Cue.of("\\b(went|go|going|goes) by\\b|\\b(used?|follow\\w*|says?|said|has|gives?|gave|called for)\\b");

    private static boolean isAboutIt(Sentence s, int i) {
        return !s.isItem() && s.isBefore(i, 6, PAPER_ON);
    }

    private static final Cue OR_CALLED = Cue.of(
            ", or $|\\b(also called|aka|or as (we|they|some|folks|people|my \\w+) (call|calls|say|says)( them| it)?|(we|some|folks|they) call (them|it|those|these)) $");

    private static final Cue SOMEWHERE = Cue.of(
            "if you( are|'re)? (from|ask|come from)\\b|depending on where|where (i|we|you|they)('m| am|'re| are| come| live)?\\b|as (some|we|they|folks|my \\w+) (call|calls|say|says)\\b");

    /** "Dried limas, or butter beans if you're from here": another name of it. */
    private static boolean isAnotherName(Sentence s, int i, int end) {
        return !s.isItem() && s.isBefore(i, 6, OR_CALLED) && s.opensAt(end, 5, SOMEWHERE);
    }

    private static final Cue TRADE = Cue.of("\\b(trades?|traded|swaps?|swapped|exchanged?)\\b");

    private static final Cue IN_IT_WENT = Cue.of("\\bin (it|they|that) (went|goes|go)\\b");

    private static final Cue CHANGES_HANDS = Cue.of(
            "\\b(get|gets|got|give|gives|gave|for|take|took|send|sent) (me |us |them |her |him )?(my|our|their|his|her|some) $|\\b(trades?|traded)( fresh| some| my| our)? $");

    /** "We trade recipes and I got their applesauce": it goes from one to another. */
    private static boolean isTraded(Sentence s, int i) {
        return !s.isItem()
                && s.has(TRADE)
                && !s.has(Vocabulary.ADD)
                && !s.has(IN_IT_WENT)
                && !Serving.isPutIn(s)
                && s.isBefore(i, 4, CHANGES_HANDS);
    }

    /** "Sauce without meat", "mock apple rings", "squash instead of pumpkin". */
    private static final Cue DENIED = Cue.of(
            "\\b(without|w/o|minus|no|not|instead of|in place of|rather than|mock) (any |the |my |added |fresh |real |actual |a lick of )*(\\w+ (or|nor) )?$");

    static boolean isDenied(Sentence s, int i) {
        return s.isBefore(i, 6, DENIED);
    }

    /** "It gels like pudding", "bright as marigolds": what it looks or tastes like. */
    private static final Cue LIKENESS = Cue.of(
            "\\b(faster|slower|quicker|sooner|longer|easier|harder|tougher|softer|safer|cheaper|lighter) than (a |the )?$|\\b(tastes?|tasted|looks?|looked|smells?|smelled|gels?|gelled|shines?|feels?|felt|sounds?|it's|they're|is|are|was|were|turned out|came out|comes out) (just |exactly |kind of |sort of |something |a (bit|little) |more )?like (a |an |the |some |real |fresh |good |weak |strong |dirty |old )*$|\\b(thick|thin|clear|stringy|stiff|slimy|sticky|cloudy|white|brown|sour|sweet|hard|soft) like (a |an |the )?$|, (just |sort of |kind of |something |much |exactly |almost )?like (a |an |the |some )?$|\\b(blue|pale|black|round|bright|red|sweet|green|yellow|dark|thick|smooth|clear|hard|soft|pretty|big|small|crisp|brown|white|orange|gold\\w*) as (a |an |the |robin'?s? |goose |bird'?s? )*$");

    private static boolean isLikeness(Sentence s, int i) {
        return !s.isItem() && s.isBefore(i, 7, LIKENESS);
    }

    /** "Corn relish is next week", "the ketchup is for another day". */
    private static final Cue LATER = Cue.of(
            " ?(\\w+ ){0,3}(is|are|comes?|will be|has to wait till) ((for )?next (week|weekend|month|year|time|summer|fall|saturday|sunday)|(for )?tomorrow|(for )?another (day|time|letter|week))\\b");

    /** "Potatoes go in at suppertime, not before". */
    private static final Cue AT_SUPPER = Cue.of(
            " ?((and|or|&) \\w+ )?(will |to |can |may |always |only )*((comes?|goes?|go|get|gets)( (in|on|added|put in|made|stirred in))?|(is|are|be) (added|put in|stirred in)),? ?(only )?(later,? (in the (pan|skillet|stew ?pot)|at the table|at supper|when|once)\\b|at (supper|suppertime|dinner|dinnertime|the table|serving( time)?)\\b|in the (stew pot|stew|skillet|frying pan|pan) (later|after|when|at)\\b|(when|once|after) (i|we|you|they) (open|serve|eat)s?\\b)"
                    + "| ?(ones? |sort |kind )?(i|we) (do|did|make|made|cook|cooked|fix|fixed|keep|kept|put up|canned|froze|freeze)( (it|them))?,? ((in|on) the (refrigerator|fridge|icebox|freezer|skillet)|for (supper|dinner|lunch|breakfast)|another (day|time))\\b(?!,? (and|then) )"
                    + "| ?(ones? |sort |kind )?(i|we) (do|did|can|canned|keep|kept|put up|froze|freeze)( (it|them))? (separate(ly)?|apart|by (itself|themselves)) ?[.!]? ?$"
                    + "| ?(i|we) (make|made|fix|fixed) (after(wards)?|later) ?[.!]? ?$");

    /** @param behind what follows the name of a food or a dish */
    static boolean isForLater(String behind) {
        return LATER.opens(behind);
    }

    /** "The handout got coffee on it", "I spilled milk on the card". */
    private static final Cue SPILLED =
            Cue.of("\\b(got|gets|spilled|spilt|dripped|splashed|splattered|dropped|smeared)( \\w+)? $");

    private static final String PAPER =
            "(card|page|handout|sheet|leaflet|book|cookbook|paper|letter|notes?|floor|apron|shirt|sleeve|keyboard|phone)";

    private static final Cue ON_A_THING =
            Cue.of("(all )?(on|over|onto|down) (the|my|her|his|our|your) (\\w+ )?" + PAPER + "\\b");

    private static final Cue ON_IT = Cue.of("(all )?(on|over|onto|down) (it|them)\\b");

    /** What it was spilled on, at the head of the sentence. */
    private static final Cue OF_PAPER = Cue.of("^(the|my|your|our|her|his) (\\w+ )?" + PAPER + " (got|gets)\\b");

    /** @param end the token behind the food */
    private static boolean isSpilled(Sentence s, int i, int end) {
        String behind = s.around(end, 0, 5);
        return s.isBefore(i, 2, SPILLED) && (ON_A_THING.opens(behind) || s.has(OF_PAPER) && ON_IT.opens(behind));
    }

    /** "Chased by a goose", "the turkey got out": an animal about its own business. */
    private static final Cue BY_AN_ANIMAL = Cue.of(
            "\\b(chased|bitten|bit|stung|kicked|scared|scolded|followed|watched|woken|helped|pestered|charged) by (a|an|the|our|my|one|some|his|her|their)( \\w+)? $|\\b(in spite of|despite|thanks to|ahead of|because of|away from|safe from|fight off|fought off|spared by|left by) (a|an|the|our|my|one|some|his|her|their)( \\w+)? $|\\b(milk|feed|fed|feeding|chase|chased|chasing|shoo|shooed) (a|an|the|our|my|his|her|their)( \\w+)? $");

    private static final Cue ACTS = Cue.of(
            "((left|spared?|took|found|beat) (us|me|most|half|some|a few|the|it|them|none)\\b|(get|gets|got|had|have|has|enjoy|enjoyed|eat|eats|ate|will (get|have|love|enjoy)) (all |most |some )?(of )?(the|my|our|their) (\\w+ )?(peel\\w*|skins?|scraps|cores|cobs|husks|pods|pulp|leavings|leftovers|culls|trimmings|parings|seconds|(bad|soft|wormy) ones)|got (out|loose|most|half|the rest|to them|(in|into)(?! (the |each |every )?(jars?|pots?|kettle|pan|pints?|quarts?|mix|canner)))|(didn't|did not) (get|find|eat)|come|came|comes|missed|love|loves|like|(is|are|was|were) (laying|loose|lambing|calving|hollering|bawling)|chased|escaped|slept|barked|ran off|stole|wandered|trampled|ate (the|my|all|some|half))\\b");

    /** Names of the animal and not of its meat: no bacon gets out. */
    private static final Set<String> LIVE = Set.of(
            "goose",
            "geese",
            "turkey",
            "turkeys",
            "hen",
            "hens",
            "rooster",
            "chicken",
            "chickens",
            "duck",
            "ducks",
            "deer",
            "elk",
            "pig",
            "pigs",
            "hog",
            "hogs",
            "cow",
            "cows",
            "calf",
            "goat",
            "goats",
            "sheep",
            "lamb",
            "lambs",
            "rabbit",
            "rabbits");

    static boolean isAnimal(Sentence s, int i, int end) {
        return LIVE.contains(s.token(end - 1).norm()) && (s.isBefore(i, 5, BY_AN_ANIMAL) || s.opensAt(end, 3, ACTS));
    }

    /** What comes after the "but I don't" is done. */
    private static boolean isNotHeeded(Sentence s, int i) {
        return s.find(NOT_HEEDED).filter(r -> r.contains(s.span(i, i + 1))).isPresent();
    }

    private static boolean isNotThere(Sentence s, int end) {
        return s.isAround(end, 0, 6, NOT_THERE);
    }

    /** "Gave away the other 40 zucchini". */
    private static final Cue GIVEN_AWAY = Cue.of(
            "\\b(gave|give|given|giving|sold|traded|donated)( away)? (the |my |all |some )*(other|rest of the|extra|remaining) $");

    /** @param i the amount, or the food where it has none */
    static boolean isGivenAway(Sentence s, int i) {
        return s.isBefore(i, 6, GIVEN_AWAY);
    }

    /** "My neighbor left four zucchini on my porch again so I had no choice". */
    private static final Cue BROUGHT = Cue.of(
            "^(?!.*\\b(jars?|pints?|quarts?|pot|kettle|mix|batch|recipe|brine|went|go|goes|put|puts|add\\w*|use|used|stir\\w*|toss\\w*|threw|throw|chop\\w*|dice\\w*|slice\\w*|cook\\w*|pack\\w*|can|canned|more|another|extra|waste\\w*|had to|(dumped|dropped|left|pulled) in|in (too|there|with|each|every|mine|these|them|it)|so (it|they|those|these|them|that|in))\\b)"
                    + "((then|and|also|so|well|anyway),? )?((my|our|his|her|the|a|an|some|one|somebody|someone|folks) ([a-z'-]+ ){0,5}?(left|dropped|brought|gave|handed|sent|hauled|pulled|picked|dumped|traded|had)|(i|we) (was|were|got|have been|had been|get) (given|handed|left|sent|brought)) ");

    /** What somebody brought, where the recipe has told how much of it is used. */
    static boolean isBrought(Sentence s, Draft draft, Food food) {
        return food.kind().isProduce()
                && s.has(BROUGHT)
                && draft.ingredients.stream()
                        .anyMatch(known -> known.amount().isPresent()
                                && known.food().group().equals(food.group())
                                && !s.range().contains(known.range()));
    }

    /** Said to have been left out, spilled, lost or put off. */
    static boolean isAbsent(Sentence s, int i, int end) {
        return isFreeOfIt(s, end)
                || isNotThere(s, end)
                || isForLater(s.around(end, 0, 6))
                || s.opensAt(end, 8, AT_SUPPER)
                || isSpilled(s, i, end)
                || isLeftOut(s, i, end)
                || isInNone(s, i)
                || s.isAround(end, 0, s.size(), LEFT_THEM) && !s.has(WE_PUT)
                || isNotHeeded(s, i);
    }

    /** "75 minutes, same as we do the venison": whose way it is done. */
    private static final Cue AS_WE_DO = Cue.of(
            "\\b(same|just|exactly|like|as) (as |like )?(i|we|she|he|they|mom|mother|grandma|you) (always |usually |also )?((do|does|did|can|canned|process\\w*)( (it|them))?( for| with| on)?|(use|used|run|ran|give|gave)( (it|them))? (for|with|on)) (the |our |my |her |his |your )?$");

    private static boolean isModel(Sentence s, int i) {
        return !s.isItem() && s.isBefore(i, 7, AS_WE_DO);
    }

    /** Another's, a likeness, a model, or another name of what is named already. */
    static boolean isOnlyCompared(Sentence s, int i, int end) {
        return isHers(s) || isAnotherName(s, i, end) || isLikeness(s, i) || isModel(s, i);
    }

    /** "Out on fish hatchery road", "from the corn festival": a food in the name of a place. */
    private static final Cue PLACE = Cue.of(
            "(\\w+ )?(road|rd|street|st|lane|ln|creek|river|lake|hill|hills|avenue|ave|drive|hatchery|festival|church|hollow|valley|mountain|county|township|school|bay|island|ridge|fair|days|flats?|falls|springs|corners?|junction|crossing|gap|grove|heights|mills?|city|meadows?|canyon|mesa|prairie|bluffs?|forks?|bend)\\b");

    private static final Cue AT =
            Cue.of("\\b(on|out|at|near|off|from|up|by|in|over|along|down) (the |our |old )?(\\w+ )?$");

    private static boolean isPlace(Sentence s, int i, int end) {
        boolean place = !s.isItem() && s.opensAt(end, 2, PLACE) && (s.isBefore(i, 3, AT) || isProperName(s, i, end));
        if (place) {
            s.claim(end, Math.min(s.size(), end + 2));
        }
        return place;
    }

    /** "Address is Tallow Flats": both words with a capital, within a sentence. */
    private static boolean isProperName(Sentence s, int i, int end) {
        return i > 0
                && end < s.size()
                && Character.isUpperCase(s.token(i).raw().charAt(0))
                && Character.isUpperCase(s.token(end).raw().charAt(0));
    }

    /** "Peach-free", "egg free". @param end the token behind the food */
    static boolean isFreeOfIt(Sentence s, int end) {
        return s.is(end, "free") || s.is(end, "-") && s.is(end + 1, "free");
    }

    /** What a paper is about, or what was traded: it may be what the letter is about. */
    static boolean isPassedOn(Sentence s, int i, int end) {
        return isAboutIt(s, i) || isTraded(s, i) || isPlace(s, i, end);
    }

    private NotInTheJar() {}

    /** "Peach lady", "apple peeler": names of foods in the names of other things. */
    static void claimNames(Sentence s) {
        int token = 0;
        Optional<Range> phrase = Vocabulary.NO_INGREDIENT.find(s.searched(), 0);
        while (phrase.isPresent()) {
            Range words = phrase.get().shift(s.range().start());
            while (token < s.size() && s.token(token).range().end() <= words.start()) {
                token++;
            }
            int k = token;
            for (; k < s.size() && s.token(k).range().start() < words.end(); k++) {
                if (!s.token(k).isNumber()) {
                    s.claim(k, k + 1);
                }
            }
            if (Brackets.isStrength(s, k)) {
                // "vinegar water (2 Tbsp per quart)"
                s.claim(k, Brackets.closing(s, k) + 1);
            }
            phrase = Vocabulary.NO_INGREDIENT.find(s.searched(), phrase.get().end());
        }
    }
}
