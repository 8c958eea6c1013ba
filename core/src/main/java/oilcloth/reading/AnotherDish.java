package oilcloth.reading;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/**
 * Another dish than that of the letter: last year's question, what a sister cans, what the letter nearly was about. It is
 * passed over where nothing of the canning is told with it, or where the letter turns to its own dish right behind it.
 */
final class AnotherDish {
    /** "You helped me with my corn relish last fall", "Last year you answered me on apple butter". */
    private static final Cue HELPED = Cue.of(
            "^((last|this|the other|that|two|three|four|some|a few|several) [a-z]+( ago| back)? |hi,? |hello,? |again,? )*you(r office|r people| folks)?( were kind enough to| so kindly| kindly| already| once| all)? (help|answer|wrote|written|told|taught|sent|fix|save|advis|set me straight)\\w*( (me|us|my [a-z]+))?( back| out)? (with|about|on|regarding|over) ((?!(and(?! (it|they|all of it) (won|was|were|turned|came|is|are|got|tasted)\\b)|but|so|which|while|without|minus|except|only)\\b)[a-z'-]+ ?){1,16}[.!]?$");

    /** "I nearly wrote to ask about pear butter but decided to just do halves": up to what was done. */
    private static final Cue NEARLY = Cue.of(
            "^(i|we) (nearly|almost|was going to|were going to|was about to|meant to|had meant to|thought (of|about)|considered|planned on|had planned on|set out to|started out to|wanted to|intended to) (to )?(write|wrote|asked|called|made|did|tried|canned|sent in|ask|inquire|call|see|make|do|try|can|put up|put together|send in)( to| in| you)*( ask| asking)?( about| for| regarding)? ((?!(with|without|in|by|like|using|from)\\b)[a-z'-]+ ?){1,5}?,? but (?=(then )?((i|we) )?(decided|ended up|settled|went with|stuck|just|here|this is|it's|these are|made|am|are|chose)\\b)");

    /** "I am not canning soup, only the stock for it": up to what it is. */
    private static final Cue NOT_THIS = Cue.of(
            "^(i'm|i am|we're|we are|this is|it's|it is|that's|these are|they're) not (canning|making|doing|asking about|talking about|asking for|about|for|a|an|the|your|my)\\b[^.;!?0-9]{2,40}?(, |; |\\. ?|[—–-]+ ?|,? but )(?=((i|we|this|it|they) )?(('m|'re|'s|am|is|are) )?(only|just|but|it's|this is|they're|these are|i'm|plain|simply)\\b)"
                    + "|^(my|the|our) [^.;!?0-9]{3,40} (isn't|is not|aren't|are not) (for|about|what|in) (you|today|this|now)[^.;!?0-9]{0,20}?(, |; |[—–-]+ ?|,? but )(?=(just|only|plain|it's|this is|these are)\\b)");

    /** "The kids wanted jam but there are forty pounds of them". */
    private static final Cue WANTED = Cue.of(
            "^(the|my|our) (kids|children|grand\\w+|husband|wife|family|boys|girls|sister|brother|mother|daughter|son|neighbou?rs?|in-?laws) (want(ed|s)?|asked for|begged for|hoped for|voted for|would rather have|would have liked|prefers?)( to (make|have|do))?( (some|more|a|the|my|it as))? [^.;!?0-9,]{3,24},? but (?!(then )?(so|i gave in|we gave in)\\b)");

    /** "Summer squash is a no so I froze that, but here are my green beans". */
    private static final Cue BUT_HERE = Cue.of(
            "^(?=[^.;]*\\b(froze|freeze|freezing|ate|eaten|gave|given|sold|dried|a no|a bust|no good|failed|flopped|fed|gone|skipped|another day|next year)\\b[^.;]*,? but here)(?!.*\\b(with|mix\\w*|together|in it|in with)\\b.*,? but here)[^.;!?0-9]{4,80},? but (?=here (is|are|'s) (my|our|the)\\b)");

    /** "Corn relish is on my list for next year, this year just tomatoes". */
    private static final Cue LATER = Cue.of(
            "^[^.;!?0-9]{4,60}\\b(next (year|time|week|month|summer|fall|weekend)|another (day|time|year)|some other (time|day)|(is|are|comes?|will be) (up )?next)[,;]? ?(and |but |so )?(?=(this (year|time|week|summer|fall)|today|for now|now|here)\\b)"
                    + "|^(?![^.;]*\\b(vent\\w*|exhaust\\w*|vinegar|lemon|acid|process\\w*|pressure|headspace|peel\\w*|bacon|ham)\\b)[^.;!?0-9]{4,60}\\b(was|were) (last (year|week|time|month|summer|fall)|yesterday|the other day)[,;] ?(and |but |so )?(?=(this (time|one|one's)|today|now|these are|these're)\\b)"
                    + "|^[^.;!?0-9]{4,60}\\b(later|afterwards|another day|next),? ?(and |but )?(?=first,? (it's |here's |here is |here are )?(my|the|our|a)\\b)");

    /** "I put up okra and tomatoes once and it scared me, so this year just plain okra". */
    private static final Cue ONCE = Cue.of(
            "^(i|we) (put up|put by|made|did|canned|tried|used to (can|make|put up)) [^.;!?0-9]{3,40}\\b(once|last (year|summer|fall|time)|one time|before|for years)\\b[^.;!?0-9]{0,50}?,? (so|but) (?=(this (year|time|summer|fall)|now|today),? ((it's|it is|i|we|we're|i'm|i did|i made|it was) )?(just|only|plain|did|doing|made))");

    /** "Frozen asparagus is no good, so we can it". */
    private static final Cue WORSE = Cue.of(
            "^(the )?(frozen|store|bought|store[- ]bought|canned|fresh-frozen|freezing|supermarket) [a-z]+( [a-z]+)? (is|are|was|were|tastes?|turns?|gets?|goes|has|have) ((so|too|always|all|just|just too|never) )*(no good|no (taste|flavor|texture)|mush|mushy|soggy|limp|watery|rubbery|tasteless|woody|awful|terrible|horrible|not (as good|the same|worth \\w+)|expensive|dear|high|poor)( (any ?more|now|here|lately|these days|to us))?,? so ");

    /** "The label says peaches because I ran out of the others." */
    private static final Cue LABELLED = Cue.of(
            "^the (labels?|lids?|tags?|tape|box) (says?|reads?|still says?|is marked|are marked) (?!.*\\bbecause (?!(i|we) (ran out|was out|were out|had no|had only|only had|used up)\\b))[^.;!?0-9]{3,80}\\.?$");

    /** "My sister cans stew with the potatoes right in it." */
    private static final Cue THEIRS = Cue.of(
            "^(my|our|the|his|her) (older |younger |little |big |old |late )?([a-z]+'s )?(sister|brother|mother|mom|dad|father|husband|wife|aunt|uncle|cousin|neighbou?rs?|friend|grandma|grandmother|granny|mother-in-law|sister-in-law|daughter|son|nieces?|neighbou?r lady|lady next door|ladies at church)( [a-z]+)? (always |usually |still |never |only |also )*(cans?|canned|makes?|made|puts? up|thinks?|calls?|figures?)\\b[^.;!?0-9]*[.!]?$");

    /** "I gave up on mixing in celery and carrots." */
    private static final Cue GIVEN_UP = Cue.of(
            "^(i|we)('ve| have)? (gave up( on)?|given up( on)?|quit|stopped|am done|are done|was through|swore off|no longer bother with|don't bother with|got tired of|grew tired of)( with)?( (canning|making|doing|mixing in|adding|putting in))?(?!.*ing\\b) [^.;!?0-9]{3,50}[.!]?$");

    /** "Joyce did hers raw but that's Joyce." */
    private static final Cue HER_WAY = Cue.of(
            "^(my )?[a-z]+( [a-z]+)? (did|does|cans|canned|makes|packs|packed|likes) (hers|his|theirs)\\b[^.;!?0-9]{0,40}\\bbut that('s| is| was) ((just|only) )?(her|him|them|his|hers|theirs|(?!(this|these|it|us|me|here|how|what|right|fine|good|okay|best)\\b)[a-z]+)( (way|business|lookout|choice|look-out|affair))?[.!]?$");

    /** "Last summer I used lemon from my tree and you told me to use bottled. This year: …" */
    private static final Cue LAST_YEAR = Cue.of(
            "^((ok|okay|so|well|hi|hello|anyway),? )*last (summer|year|fall|time|winter|spring|season) (i|we) (?!.*\\b(still|again|anyway|keep|kept|now|always|same|so|but (i|we))\\b)[^.;!?0-9]{4,80}\\b(and|but) you( folks| all)? (told|said|wrote|advised|warned|set|explained)\\b[^.;!?0-9]{2,60}[.!]?$");

    private static final Pattern THIS_YEAR =
            Pattern.compile("(?i)^(so |now |well,? )*(this (year|time|summer|fall|batch|season)|now)\\b");

    /** "When I was little we put up everything on a wood stove." */
    private static final Cue CHILDHOOD = Cue.of(
            "^(back )?when (i|we) (was|were) (little|small|young|kids|children|a (child|kid|girl|boy|bride)|growing up|first married),? (?!.*\\b(still|same|too|also|now|these|mine|(so|and|but|that's how) (i|we|my|our|that|it|this))\\b)");

    /** "My friend swears by her way but I did it by your sheet: okra". */
    private static final Cue BY_THE_SHEET = Cue.of(
            "^(my |our |the )?[a-z]+( [a-z]+){0,2} (swears by|sticks to|goes by|likes|does it) (her|his|their)( own)? (way|method|recipe|times?|card),? but (i|we) (did|do|went|go|made|follow(ed)?)( it| them| these| mine)?( by)? (your|the|this|my) (sheet|book|guide|handout|leaflet|bulletin|directions|paper) ?[:,;.] ?");

    /** "Peach pie filling is sold out in my freezer, ha." */
    private static final Cue GONE = Cue.of(
            "^[^.;!?0-9]{4,40} (is|are|was|were) (all |already |just |way )?(sold out|too (pricey|expensive|dear|high|costly|much (trouble|money|work))|gone|eaten|finished|used up|done with|next( up)?|for (later|tomorrow|another (day|time)))\\b[^.;!?0-9]{0,30}[.!]?$");

    /** "Jam with the rest.", "The odd ones went into a pie." */
    private static final Cue OF_THE_REST = Cue.of(
            "^((and|then|also|plus|(i|we) (made|make|got|had)|made) )*((a|some|one) )?((big|small|little|good|nice) )?((pot|batch|pan|pitcher) of )?(jam|jelly|soup|juice|sauce|pies?|salsa|butter|syrup|cobbler|crisp|broth|stock|stew) (with|from|out of|of) (the |what was )?(rest|leftovers?|left|extras?|others|(odd|small|little|ripe|bruised|soft|broken|ugly) ones|scraps|peel(ing)?s|cores|ends|trimmings|culls|pieces)( (of (them|it)|left))?[.!]?$"
                    + "|^the (rest|leftovers?|extras?|(odd|small|little|ripe|bruised|soft|broken|ugly) ones|scraps|peel(ing)?s|cores|culls|trimmings)( of (them|it))? (went (in|into|to|for)|became|got made into|made|are for|were for|ended up (in|as)|turned into) (a |some |the )?((pot|batch|pan|pitcher) of )?(jam|jelly|soup|juice|sauce|pies?|salsa|butter|syrup|cobbler|crisp|broth|stock|stew|compost|chickens|pigs|hens)( (that (night|day)|for (supper|dinner|tonight)))?[.!]?$");

    /** "He wants beef stew next." */
    private static final Cue WANTED_NEXT = Cue.of(
            "^(he|she|they|everybody|everyone|(my|the|our) \\w+) (wants?|asked for|(is|are) asking for|(is|are) begging for) [^.;!?0-9]{3,30} next( (time|week|year))?[.!]?$");

    /** Behind it the letter turns to its own dish. */
    private static final Pattern TURN = Pattern.compile(
            "(?i)^(but |so |and |well,? |now |anyway,? |instead,? |today |this (year|time|week),? )*(i|we|mine|ours|this|these|what|it's|it is|here|just|only|plain|now|today|they are|they're|his|hers)\\b(?=[:,]?( [^ .!?]+){3})");

    private static final Pattern LIKEWISE = Pattern.compile(
            "(?i)^[^.!?]*\\b((do|did|does) (it|so|that|them|this)|that( is|'s) how|so (do|did) (i|we)|too|also|same|again|both|still|likewise|as well|agree|tried|copied|copy|follow\\w*|hers?|his|theirs?|that way|like (him|them|she|he|they)|added|add|put)\\b");

    /** Nothing of these may be passed over. */
    private static final Cue CANNED = Cue.of(
            "\\b(jars?|pints?|quarts?|lids? (?!says?|reads?|still|is|are)|rims?|gauge|canner|vent\\w*|process\\w*|boil\\w*|simmer\\w*|pack\\w*|minutes?|pounds?|cups?|teaspoons?|tablespoons?|vinegar|lemon|acid|headspace|pressure|bath|mine|ours)\\b");

    /** How many characters at the start of a sentence tell of another dish. @param rest what follows the sentence */
    static int start(Sentence s, Range rest, IngredientFinder ingredients) {
        if (s.has(LAST_YEAR) && isAnewThisYear(s, rest, ingredients)) {
            return s.low().length();
        }
        if (s.has(OF_THE_REST) || s.has(WANTED_NEXT)) {
            return s.low().length();
        }
        if (s.has(BY_THE_SHEET)) {
            return s.findAny(BY_THE_SHEET).orElseThrow().end() - s.range().start();
        }
        if (s.has(CHILDHOOD) && turns(rest.of(s.whole()).strip())) {
            return s.low().length();
        }
        int cut = cut(s, ingredients);
        if (cut > 0 || s.has(CANNED)) {
            return cut;
        }
        if (s.has(HELPED) || s.has(LABELLED)) {
            return namesDish(s, s.range(), ingredients) ? s.low().length() : 0;
        }
        if (s.has(HER_WAY)) {
            return s.low().length();
        }
        boolean others = s.has(GIVEN_UP) && namesDish(s, s.range(), ingredients)
                || (s.has(THEIRS) || s.has(GONE)) && ProductName.namesForm(s);
        return others && turns(rest.of(s.whole()).strip()) ? s.low().length() : 0;
    }

    private static boolean isAnewThisYear(Sentence s, Range rest, IngredientFinder ingredients) {
        Range next = new Range(rest.start(), Math.min(rest.end(), rest.start() + REACH));
        String behind = next.of(s.whole()).strip();
        return THIS_YEAR.matcher(behind).find() && !LIKEWISE.matcher(behind).find() && namesDish(s, next, ingredients);
    }

    private static boolean turns(String behind) {
        return TURN.matcher(behind).find() && !LIKEWISE.matcher(behind).find();
    }

    private static boolean namesDish(Sentence s, Range part, IngredientFinder ingredients) {
        return Retracted.namesDish(s.whole(), part, ingredients)
                || ProductName.namesAnyForm(new Sentence(s.whole(), part, false));
    }

    /** Where a clause tells of the other dish, and the canning behind it is of this one. */
    private static int cut(Sentence s, IngredientFinder ingredients) {
        for (Cue clause : CLAUSES) {
            if (!s.searched().mayHold(clause)) {
                continue;
            }
            Matcher said = clause.matcher(s.low());
            if (said.lookingAt()
                    && !CANNED.in(said.group())
                    && (clause != LATER || namesDish(s, nextWords(s, said.end()), ingredients))
                    && namesDish(s, new Range(0, said.end()).shift(s.range().start()), ingredients)) {
                return said.end();
            }
        }
        return 0;
    }

    /** Where this year's dish is named. */
    private static Range nextWords(Sentence s, int from) {
        return new Range(from, Math.min(s.low().length(), from + REACH))
                .shift(s.range().start());
    }

    private static final List<Cue> CLAUSES = List.of(WANTED, NEARLY, NOT_THIS, BUT_HERE, WORSE, LATER, ONCE);

    /** Characters in which a dish is named. */
    private static final int REACH = 36;

    private AnotherDish() {}
}
