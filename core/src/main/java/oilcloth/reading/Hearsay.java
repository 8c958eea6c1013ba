package oilcloth.reading;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oilcloth.text.Cue;
import oilcloth.text.Range;
import oilcloth.text.Sentences;

/** What others do or say, where the canner tells that it was not followed. */
final class Hearsay {
    /** "She'd have boiled them three hours in the wash tub, God rest her": another's way, and not followed. */
    private static final Cue WOULD_HAVE = Cue.of(
            "^(mother|mom|mama|dad|grand\\w+|gran|granny|my (aunt|mother|sister|grand\\w+|neighbou?r)|she|he)('d| would) have\\b|^(mother|mom|mama|dad|grand\\w+|gran|granny|my (aunt|mother|sister|grand\\w+|neighbou?r)|she|he) (would've|'d've|used to)\\b");

    /** "My cousin puts eggs in hers but those she keeps in the fridge": told of now, and of nobody's jars here. */
    private static final Cue HERS = Cue.of(
            "^((and|also|now|well),? )?(my|the|our) (\\S+ ){1,4}(puts|adds|uses|packs|thickens|leaves) ((?!\\b(i|we|me|us|my own|mine|ours)\\b)[^;])*\\b(hers|his|theirs)\\b(?![^;]*\\b(i|we|me|us|my|mine|our|ours|so|these|this)\\b)");

    private static final Cue OURSELVES = Cue.of(
            "\\b(i|we(?! (kids|children|girls|boys|cousins|little ones)\\b)|me|us|my own|mine|ours|so|but|however|though|except|these|this|jars?|lids?)\\b|;");

    /** "My mother would've put a ham bone in but I know better now". */
    private static final Cue KNOWS_BETTER = Cue.of(
            "^(mother|mom|mama|dad|grand\\w+|gran|granny|my \\w+|she|he) (would|would've|'d|always|used to|used|did|does|put|puts|made|makes|cans|canned) [^,;]*(, (bless (her|his|their)( \\w+)?|god (rest|bless) \\w+( \\w+)?|rest (her|his) soul),? )?\\bbut (i|we) (now )?(know better|don't|do not|never do|won't|leave it out|skip it|(gave|have given|'ve given) (that|it) up|(quit|stopped) (that|doing (that|it)))( now| any ?more| these days| (many |some |a few )?years ago| long ago)?[.!]?$|^(my |our )?(mother|mom|mama|dad|grand\\w+|aunt|neighbou?r|she|he) (always |used to |never )?(did|does|made|cans|canned|put up) (hers|his|theirs|them)\\b[^,;]*[,;] ?(but )?(i|we) (now )?know better( now| these days)?[.!]?$"
                    + "|^(my |our )?(mother|mom|mama|dad|grand\\w+|aunt|neighbou?r|sister|cousin|she|he) (always|never|used to|would always) [^,;]*\\b(and|but),? (i|we)( (told|said to|promised) (her|him|them))? ?((that )?(i|we))?('d|'ll| would| will| wanted to| thought (i|we) would| thought i'd| am going to)? (ask|check with|write to) (you|the office|the extension|somebody|someone|first)( first)?[.!]?$");

    /** "My cousin swears by aspirin but I don't", "I used to reuse lids, I've stopped": told, and not done. */
    private static final Cue DISOWNED = Cue.of(
            "\\bbut (i|we) (don'?t|didn'?t|never|won'?t|wouldn'?t|do not|did not|haven'?t|would never|never (do|did|have))( do| did| do that| did that| any ?more| (hold with|believe in|trust|go for|care for|agree with|approve of) (it|that|them|such))?[.!]?$|\\bbut (i|we) (gave|have given|'ve given) (that|it) up( (many |some |a few )?(years|ages|long) ago| long since)?[.!]?$|\\bbut (i|we)('ve| have)? (quit|stopped)( (that|doing (that|it|so)))?( (many |some |a few )?years ago)?[.!]?$|\\bi wish (she|he|they|people|folks) (wouldn'?t|didn'?t|would stop|would quit)\\b|\\bused to\\b.*\\b(i|we)( have|'ve) (stopped|quit)\\b");

    /** "My neighbor swears you can just water bath them for 3 hours but I told her no way". */
    private static final Cue REFUSED = Cue.of(
            "^(my|our|the) (\\S+ ){1,3}(wants?|wanted|asked for|asks for|begged for) [^.;]{2,30}(\\band|\\bbut|&) (i|we) (said|told (him|her|them)) (not in the jars?|no( ma'am| sir| way| indeed| thank you)?|never|not on (his|her|your) life)[.!]?$|^((and|so|but|now|also|well|ps|p\\.s\\.),? )?((my|our|a|the|his|her|one of my) (\\S+ ){1,4}|(mother|mom|mama|dad|grand\\w+|aunt \\w+|uncle \\w+|she|he|somebody|someone|people|folks|they|everyone|everybody) )(\\w+ )?(says?|said|swears?|insists?|insisted|claims?|claimed|thinks?|told me|tells me|keeps? (saying|telling me|insisting)|argues?|wanted me to|wants me to)\\b(?![^.;]*\\b(so|and) (i|we) (do|did|have|went|used|put|added|gave|boiled|processed)\\b)[^.;]*\\b(but|and) (i|we) (told (her|him|them)( that)?( absolutely| definitely)? ((no|never|not)( way| sir| ma'am| thank you)?|(i|we|you) (can't|can not|cannot|couldn't|shouldn't|should not|don't|do not|won't|wouldn't|mustn't|aren't|may not)( \\w+){0,3}|it's not (safe|tested|allowed))|said( absolutely)? no( way| sir| ma'am| thank you)?|know better( than that)?|don't believe (it|that|her|him|them)|didn't (listen|believe (it|her|him|them))|ignored (her|him|them|that)|refused|((just|only) )?(laughed|shook my head|rolled my eyes)( at (her|him|them|that))?|(wouldn't|won't|would never|'d never|never will|don't|didn't|do not|did not|never)( (risk|do|try|dare|follow|take) (it|that|her advice|his advice|so))?)[.!]?$");

    /** "I read you can do it in the oven but I stuck with the canner", "they say water bath is fine but I used the pressure canner". */
    private static final Cue STUCK_WITH = Cue.of(
            "^((i|we) (read|saw|see|heard|hear|have (read|seen|heard)|was told|were told|know)|(my |our |the |some |a )?([a-z]+ ){0,3}(says?|said|swears?|told me|tells me|claims?|insists?|thinks?))\\b(?=[^.;]*\\b(oven|dishwasher|microwave|sun|open[- ]kettle|upside|aspirin|wax|paraffin)\\b[^.;]* (but|and) (i|we)\\b)[^.;]*\\b(but|and) (i|we) (stuck (with|to)|kept (to|with)|went (with|by)|followed|used|trusted) (the |my |our |your )?((pressure |boiling[- ]water |water[- ]bath |regular |real )*(canner|sheet|directions|book|guide|chart|leaflet|instructions)|new lids)( method| instead| here)?[.!]?$"
                    + "|^((i|we) (read|saw|see|heard|hear|have (read|seen|heard)|was told|were told|know)|(my |our |the |some |a )?([a-z]+ ){0,3}(says?|said|swears?|told me|tells me|claims?|insists?|thinks?))\\b(?=[^.;]*\\b(water[- ]?bath|boil\\w*|three hours)\\b[^.;]* (but|and) (i|we)\\b)[^.;]*\\b(but|and) (i|we) (stuck (with|to)|kept (to|with)|went (with|by)|used|trusted) (the |my |our )?pressure( canner)?[.!]?$");

    /** "I read you can do it in the oven but I used the water bath". */
    private static final Cue BATH_INSTEAD = Cue.of(
            "^((i|we) (read|saw|see|heard|hear|was told|were told|know)|(my |our |the |some |a )?([a-z]+ ){0,3}(says?|said|swears?|told me|tells me|claims?|insists?|thinks?))\\b[^.;]*\\b(oven|dishwasher|microwave|sun|open[- ]kettle|upside)\\b[^.;]*\\b(but|and) (i|we) (stuck (with|to)|kept (to|with)|went with|used|trusted) (the |my |our )?(boiling[- ])?water[- ]bath( method| instead| here| canner)?[.!]?$");

    /** "My cousin uses the five-pound weight, but I follow your table": another's way, and by the paper here. */
    private static final Cue BY_THE_PAPER = Cue.of(
            "^(my|our|some|a|an|one|the (lady|man|woman|fellow|girl|boy)) [^.;]{2,60}\\b(uses?|does|do|cans?|skips?|skipped|says?|said|swears?|adds?|puts?|runs?|gives?|goes|go) [^.;]*, ?but (i|we) (follow|followed|go by|went by|stick (to|with)|stuck (to|with)|keep to|kept to|trust|trusted) (the |your )(table|chart|sheet|guide|book|leaflet|bulletin|directions|instructions|class)[.!]?$");

    /** "A man on the radio said the oven will do, and I turned him off". */
    private static final Cue TURNED_OFF = Cue.of(
            "^(my|our|some|a|an|one|the) [^.;]{2,60}\\b(says?|said|swears?|swore|claims?|claimed|told|tells|showed|shows|skipped|skips|does|did) [^.;]*,? (and|but|so) (i|we) (turned (him|her|it|them|that) off|walked (off|away|out)|changed the (channel|subject)|shut (it|him|her) off|wrote (a comment|to (him|her|them)) to say so|said absolutely not|put (him|her|them) straight|set (him|her|them) straight)[.!]?$");

    /** "My neighbor does hers in the oven and I told her to stop". */
    private static final Cue TOLD_OFF = Cue.of(
            "^((and|but|now|well),? )?((my|our|the|a|one) (\\S+ ){1,3}|(she|he|they|some(body|one)?|people) )((always|still|just|only|has always) )*(does|do|did|cans|canned|puts|put|runs|ran|bakes|baked|uses|used|skips|skipped|turns|turned) (?![^.;]*\\b(mine|ours|these|this|both|we both|so i|like me|too|same|i|we)\\b[^.;]*,? (and|but|so) (i|we)\\b)(?=[^.;]*\\b(hers|theirs|(her|his|their) own|(does|do|did|cans|canned) his)\\b)(?![^.;]*\\b(my|our|us|me)\\b)[^.;]*\\b(and|but|so) (i|we)('ve| have)? ((always|already|keep|kept) )?(told|telling|warned|warning|begged|begging|scolded|got after|fussed at|gave) (her|him|them)\\b[^.;]{0,40}\\b(stop|quit|not|unsafe|dangerous|better|sheet|leaflet|number|wrong|sick|about it)\\b[^.;]{0,30}[.!]?$");

    private static final String ONE_HEARS =
            "^((and|also|now|well|but),? )?(i|we)('ve|'d| have| had)?( always| often| also| only)? (been told|heard|read|was told|were told|seen it said)( it said)?";

    /**
     * "I read that you should start over if the pressure drops, but mine never did", "I have been told for years that figs
     * don't need lemon": what would have to be done, and what need not be; nothing of what was.
     */
    private static final Cue BELIEF = Cue.of(
            ONE_HEARS
                    + "( (for years|all my life|somewhere|online|once|before|in a magazine|from \\w+( \\w+)?))?,? (that )?(?!.*\\b(but|and|so|instead|same|enough|plenty|less|shorter|half|i|we|mine|ours|vent\\w*)\\b)[^.;!?0-9,]{2,40}\\b((do|does)(n't| not) need|need(n't| not)) (any |the |to add |added |extra )*(lemon( juice)?|acid|citric acid|vinegar|salt|sugar|syrup|peeling|to be peeled|peeled)\\b[^.;!?0-9,]{0,30}[.!]?$"
                    + "|" + ONE_HEARS
                    + ",? (that )?[^.;!?0-9,]{2,40}\\b(if|in case|whenever) (it|they|the (pressure|needle|dial|gauge|weight|water|boil)) (ever )?(drops?|falls?|stops?|dips?|goes (down|off|under)|sags?)\\b[^.;!?0-9,]{0,20},? (but|and|though) (mine|ours|it|that|they|the (dial|needle|weight|gauge|pressure|water)) (never|didn't|did not|hasn't|has not)( (did|do|has|have|dropped|fell|stopped|moved|drop|fall))?( once)?(,? so (no harm( done)?|(i|we)('m| am|'re| are) (fine|safe|okay|ok|good)|all('s| is)? (well|good|fine)|(i|we) (didn't|did not) (have|need) to))?[.!]?$");

    /** "I hear people do these in a water bath. Not me." */
    private static final Cue PEOPLE_DO = Cue.of(
            "^((i|we)('ve| have)? (hear|heard|know|read|see|seen)( that| of)? )?(some |other |most |lots of |plenty of |the |my |our )?(people|folks|women|ladies|neighbou?rs?|others|they|cousins?|sisters?|aunts?) (still |all |will |just )*(do|does|doing|can|cans|canning|use|uses|using|put|puts|putting|skip|skips|skipping|turn|turns) (?!.*\\b(i|we|me|mine|ours)\\b.*)");

    private static final Pattern NOT_ME = Pattern.compile(
            "(?i)^[\\s.!]*(not (me|us|i|mine|ours|here|in (my|this) (house|kitchen))|never me|no thank you|no sir|no ma'am|(i|we) (don't|do not|never (do|have|will|would)|won't|wouldn't))[.!]");

    /** The "I don't." behind it. */
    private static boolean saysOnlyThat(Sentence s) {
        Matcher notMe = NOT_ME.matcher(s.low());
        if (!notMe.matches()) {
            return false;
        }
        List<Range> before = Sentences.of(s.whole(), new Range(0, s.range().start()));
        return !before.isEmpty() && isTheirWay(new Sentence(s.whole(), before.get(before.size() - 1), false));
    }

    private static boolean isTheirWay(Sentence s) {
        return s.has(HERS) || s.has(PEOPLE_DO) && s.has(BAD_ADVICE);
    }

    /** "Butter would keep the foam down, my friend says, but I skimmed it instead." */
    private static final Cue WOULD_HELP = Cue.of(
            "^(a )?(little |bit of |dab of |spoon of |splash of |drop of )?[a-z]+( [a-z]+)? would (keep|help|stop|hold|make|thicken|cut|fix|do|save)\\b[^.;]*\\b(says?|said|told me|tells me|swears?|claims?|thinks?)\\b[^.;]*,? but (i|we) (just |only )?(skimmed|skipped|didn't|did not|don't|never|won't|left it|kept|stuck|went without|stirred|do without|did without)\\b(?![^.;]*\\b(add|added|put|used)\\b)[^.;]*[.!]?$");

    /** What nobody should do; the refusing of anything else is told of the batch. */
    private static final Cue BAD_ADVICE = Cue.of(
            "\\b(water ?bath|oven|open[- ]kettle|upside|turn (it|them|the jars) over|aspirin|paraffin|wax|bacon|ham|fatback|flour|butter|cornstarch|peppers?|onions?|garlic|oil|reuse|mash\\w*|puree\\w*|thicken\\w*|cream|milk|cheese|three hours|3 (hours|hrs)|dishwasher|microwave|sun|aluminum)\\b");

    /** "She says not to add bacon but I ignored her": then it is in. */
    private static final Cue AGAINST = Cue.of(
            "\\b(not|no(?! way)|never|nothing|without|leave|leaving|omit|skip|stop|quit|cut|less|avoid|against|forget|\\w+n't)\\b.*\\b(but|and) (i|we)\\b");

    private static final Cue GOOD_ADVICE = Cue.of(
            "\\b(vent|dial|gauge|weighted|new lids|fresh lids|lemon|acid|bottled|headspace|pressure|altitude|peel|minutes)\\b");

    private static final Cue OF_A_PAPER = Cue.of(
            "^((and|so|but|now|also|well),? )?(the |my |your |our )?(\\w+ )?(sheet|book|recipe|guide|chart|leaflet|class|handout|card|office|box|manual|instructions|directions|extension|you|they)\\b");

    private Hearsay() {}

    static boolean wouldHave(Sentence s) {
        return s.has(WOULD_HAVE);
    }

    static boolean isAnothers(Sentence s) {
        return s.has(WOULD_HAVE) && !s.has(OURSELVES) || s.has(KNOWS_BETTER);
    }

    static boolean isDisowned(Sentence s) {
        return s.has(DISOWNED) || isAnothers(s);
    }

    /** Then nothing in the sentence is of this batch. */
    static boolean isRefused(Sentence s, Draft draft) {
        // beside a pressure the bath would be a second method
        return s.has(STUCK_WITH)
                || s.has(BY_THE_PAPER)
                || s.has(TURNED_OFF)
                || s.has(TOLD_OFF)
                || s.has(WOULD_HELP) && s.has(BAD_ADVICE)
                || isTheirWay(s)
                        && NOT_ME.matcher(s.whole().substring(s.range().end())).find()
                || saysOnlyThat(s)
                || s.has(BATH_INSTEAD) && draft.facts.pressures().isEmpty()
                || s.has(REFUSED) && s.has(BAD_ADVICE) && !s.has(AGAINST) && !s.has(GOOD_ADVICE) && !s.has(OF_A_PAPER);
    }

    /** What ought to be done or need not be, by what one hears; what was done is told elsewhere. */
    static boolean isBelief(Sentence s) {
        return s.has(BELIEF);
    }

    /** What goes into somebody else's jars. */
    static boolean isOfTheirs(Sentence s) {
        return s.has(HERS);
    }

    /** Advice against what nobody should do, that was not taken. */
    static Optional<Range> defied(Sentence s) {
        return s.has(STUCK_WITH) || s.has(REFUSED) && s.has(BAD_ADVICE) && s.has(AGAINST)
                ? Optional.of(s.range())
                : Optional.empty();
    }
}
