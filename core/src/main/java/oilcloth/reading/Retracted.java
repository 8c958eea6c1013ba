package oilcloth.reading;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oilcloth.guide.Food;
import oilcloth.text.Range;

/** A dish named at the start of a letter and taken back. */
final class Retracted {
    /** "Blueberry pie filling was too fussy so here's plain blueberries": what it is not. */
    private static final Pattern INSTEAD = Pattern.compile(
            "(?i)^[^0-9.;!?]{4,60}\\b(so|but) (here's|here is|here are|this is|these are|it's|i made|we made|i did|we did|i do)\\b");

    /** "Fig preserves? No, just plain whole figs", "Pickled, no wait, plain carrots": said and taken back. */
    private static final Pattern UNSAID = Pattern.compile(
            "(?i)^[^0-9.;!?]{3,60}\\?{1,3} *(?=(i|we) (only|just) (can|canned|did|do|put up|jarred) (the |our |my )?\\w+( \\w+)? for (it|that|them)\\b)|^[^0-9.;!?]{3,60}\\. *no,? (?=(just|only|plain) )|^[^0-9;]{3,80}?\\b(no|not|isn't|never ?mind)\\b[^0-9;]{0,40}?[.…]+ *(this|it|my question)( is|'s) (really |only |actually |just )?about |^[^0-9.;!?]{3,60}?( ?[,–—…-]|\\.{2,3}) *(h?mm+|u[mh]+|er+|oops|sorry|wait|oh)?,? ?(i mean|i meant|make that)\\b,? *|^[^0-9.;!?]{3,40}?,? no,? (?=(plain|regular|ordinary) )|^[^0-9.;!?]{3,40}(\\.{2,3}|…) ?no,? (?=(just|only) )|^[^0-9.;!?]{3,60}(?<!batch)(\\?{1,3}|\\.{2,3}|…|:(?= ?(nope|nah|never ?mind)\\b)) *((good |oh )?(heavens?|goodness|gosh|lord|lordy|mercy|well|ha|oh),? )?((did (those|that|them)( already| last \\w+)?|(i|we) (don't|didn't|do not|did not|never do|never did)(?=[.!])|no,? (i|we) (haven't|have not|never|didn't|did not) (made|make|done|do|canned|can|tried|try) (that|it|those|them)( yet| ever)?(,? (i|we) (only|just) [^.;!?0-9]{3,40})?(?=[.!])|no(?! such luck| way|ne| vinegar| salt| sugar| added| lemon| acid| water| liquid| brine| headspace| lids?)|nah|nope|(not a chance|no chance|not likely|not on your life|guess again)(?= ?[.,;!])|not (this (time|year|week|batch)|today|now|yet)|sorry|oops|excuse me|never ?mind|nevermind|forget that)\\b(,? (ma'am|sir))?[,.!]*( *(i|we) (did|made|put up|canned) (that|those|them|it) (last|yesterday|already|earlier)[^.;!?0-9]{0,20}[.!])?|(i|we) (was|were|had) [^.;?]{3,40},? but (?=this|these|it|here)|(i|we) (decided on|went with|settled (on|for)|ended up (with|doing)|stuck (to|with)|stayed with)|(?=(just|only|plain) )) *|^[^0-9.;!?]{3,60}\\b(not (doing|making|canning)|changed my mind)\\b[^.]{0,30}\\. *(instead|so|now)\\b[:,]? *|^[^0-9]{3,100}\\b(no,? wait|wait,? no|wait,? (that's|that is|that was)|(\\.\\.\\.|…|—|--) ?no,? (she|he|they) (wants?|wanted|meant)|(i|we) (don'?t|do not) (have|make|do) (any|that|those|them|it)( one| any ?more)?,? but (?=here|this)|wrong (card|recipe|page)|u[mh],? no|scratch that|kidding)\\b[,.!]* *");

    /** "I did the hominy, no I didn't, I did the spinach": the dish is taken back outright, whatever was said with it. */
    private static final Pattern OUTRIGHT = Pattern.compile(
            "(?i)^[^0-9;]{3,200}?\\b(no,? (i'm|i am|just) (joking|kidding)|(?<!no )(just )?joking|no,? (i|we) (didn't|did not|don't|lost|never did|take (that|it) back)|no,? (it's|that's|they're) (not|really|actually))\\b[^.;!?0-9]{0,40}?[,.;!]? *(so )?(?=(it's|it is|here's|here is|this is|(i|we) (did|made|do|have|put up|canned)|really|these are)\\b)");

    /** Nothing of these may be passed over, however it is taken back. */
    private static final Pattern CANNED = Pattern.compile(
            "(?i)\\b(jars?|lids?|gauge|canner|vent\\w*|process\\w*|boil\\w*|pack\\w*|minutes?|vinegar|headspace)\\b");

    /** What is done to every jar is not taken back: "I roll everything in flour so here's my carrots". */
    private static final Pattern DONE = Pattern.compile(
            "(?i)\\b(i|we|my|our|mine|ours|jars?|lids?|gauge|canner|vent\\w*|process\\w*|boil\\w*)\\b(?! (make|made|do|did|can|canned|put up) (my |our |some |a )?[a-z-]+( [a-z]+)? ?(\\.\\.|…|\\?))(?! (decided|went with|settled|ended up|stuck|stayed with|call|wanted|know|question|mean|meant|planned|intended|hoped|thought|was going|were going|tried|had meant|had hoped))");

    /** "How I do our salmon, no wait". */
    private static final Pattern HOW_I_DO = Pattern.compile(
            "(?i)^((hi|hello|hey|please),? )?((could|can|would|will) you( please)? (look at|look over|check|see|review) |i (just )?(want|wanted|would like|'d like) to ((double|triple)[ -]?)?(check|ask about) |(i'm|i am|we're) (checking( on)?|asking about|writing( to ask)? about|wondering about) |this is |here is |here's |it's )?(how (i|we) (do|did|make|made|can|canned|put up) )?(my|our|the) ");

    /** How many characters at the start name a dish only to say that it is another. */
    static int start(String words, IngredientFinder ingredients) {
        Matcher outright = OUTRIGHT.matcher(words);
        if (outright.find()
                && !CANNED.matcher(words.substring(0, outright.end())).find()
                && names(words, new Range(0, outright.end()), ingredients)
                && ingredients.foodsOf(new Sentence(words, new Range(0, outright.end()), false)).stream()
                        .noneMatch(f -> RecipeReader.TRIMMINGS.contains(f.kind()))
                && names(words, new Range(outright.end(), words.length()), ingredients)) {
            return outright.end();
        }
        Matcher cut = (UNSAID.matcher(words).find() ? UNSAID : INSTEAD).matcher(words);
        if (!cut.find()
                || DONE.matcher(HOW_I_DO.matcher(words.substring(0, cut.end()))
                                .replaceFirst("")
                                .replaceFirst(
                                        "(?i)^.*?\\b(asked|wanted|expected) (me|us)( to (submit|send|write|give))?( my| our)?\\b",
                                        "")
                                .replaceFirst("(?i)(so|but) (i|we) \\w+$", "")
                                .replaceFirst(
                                        "(?i)\\b(i|we) (don't|didn't|do not|did not|never do|never did)[.! ]*$", "")
                                .replaceFirst("(?i)\\b(i|we) (did|made|put up|canned) (that|those|them|it)\\b", "")
                                .replaceFirst(
                                        "(?i)\\bno,? (i|we) (haven't|have not|never|didn't|did not) \\w+ (that|it|those|them)\\b.*$",
                                        ""))
                        .find()) {
            return 0;
        }
        String said = words.substring(0, cut.end());
        if ((said.contains("..") || said.contains("…"))
                && !names(words, new Range(cut.end(), Math.min(words.length(), cut.end() + NEXT_DISH)), ingredients)) {
            // "Apple butter from the slow... no, from the stove"
            return 0;
        }
        if (CORRECTED.matcher(said).find()
                && ingredients
                                .foodsOf(new Sentence(words, new Range(0, cut.end()), false))
                                .size()
                        > 1) {
            // "Beans and ham, I mean green beans": nobody knows how much of it is taken back
            return 0;
        }
        if (QUALIFIED.matcher(words).region(cut.end(), words.length()).lookingAt()) {
            return 0;
        }
        if (!namesDish(words, new Range(cut.end(), Math.min(words.length(), cut.end() + NEXT_DISH)), ingredients)
                && namesDish(words, new Range(0, cut.end()), ingredients)) {
            return 0;
        }
        if (MEANT.matcher(said).find()) {
            // "Beans and bacon? Sorry, we love it", "peaches, I mean the yellow ones"
            Matcher clause = CLAUSE.matcher(words).region(cut.end(), words.length());
            int next = clause.find() ? clause.start() : words.length();
            if (!names(words, new Range(cut.end(), next), ingredients)) {
                return 0;
            }
        }
        // "Grape juice, white: no wait, pink": nothing of the dish is taken back
        Matcher ends = ENDS.matcher(said);
        int dish = Math.min(ends.find() ? ends.start() : cut.end(), Math.max(0, cut.end() - REACH));
        int last = words.lastIndexOf(',', dish);
        if (last > 0
                && !names(words, new Range(last, cut.end()), ingredients)
                && names(words, new Range(0, last), ingredients)) {
            return 0;
        }
        // "Stock: roasted? No, just simmered"
        int field = said.indexOf(':');
        if (field > 0 && !names(words, new Range(field, cut.end()), ingredients) && said.indexOf('?') > field) {
            return 0;
        }
        Sentence dishes = new Sentence(words, new Range(0, cut.end()), false);
        List<Food> foods = ingredients.foodsOf(dishes);
        boolean named = !foods.isEmpty() || ProductName.namesForm(dishes) || ProductName.namesStyle(dishes);
        return named && foods.stream().noneMatch(f -> RecipeReader.TRIMMINGS.contains(f.kind())) ? cut.end() : 0;
    }

    /** An apology takes back only what another dish stands right behind. */
    private static final Pattern MEANT = Pattern.compile("(?i)\\b(sorry|oops|excuse me|i meant?|make that)\\b[,.! ]*$");

    private static final Pattern CLAUSE = Pattern.compile("[.,;!?]");

    private static final Pattern ENDS = Pattern.compile("[?!…]|\\.\\.");

    /** Characters in which another dish must be named. */
    private static final int NEXT_DISH = 48;

    /** Characters of "no wait, ". */
    private static final int REACH = 12;

    private static final Pattern CORRECTED = Pattern.compile("(?i)\\b(i meant?|make that|about)\\b[,.! ]*$");

    /** "Grape jelly with pectin? No, without": how it was made is taken back, and not what. */
    private static final Pattern QUALIFIED = Pattern.compile("(?i)(w/o?|without|with|in|on|at|from|by|off)\\b");

    /** Whether a part of a text names a crop, a product or the way a crop is cut. */
    static boolean namesDish(String words, Range part, IngredientFinder ingredients) {
        Sentence s = new Sentence(words, part, false);
        return ingredients.foodsOf(s).stream().anyMatch(f -> f.kind().isProduce())
                || ProductName.namesForm(s)
                || ProductName.namesStyle(s);
    }

    private static boolean names(String words, Range part, IngredientFinder ingredients) {
        Sentence s = new Sentence(words, part, false);
        return !ingredients.foodsOf(s).isEmpty() || ProductName.namesForm(s);
    }

    private Retracted() {}
}
