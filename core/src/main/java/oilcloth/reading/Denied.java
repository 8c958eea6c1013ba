package oilcloth.reading;

import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.text.Cue;

/** A short question, or somebody's advice, that the next sentence says no to. */
final class Denied {
    private static final Pattern NO = Pattern.compile(
            "(?i)^(((also |again |still )?no|nope|nah|neither|wrong again|not that either)( ?[,—–-].*|[.!]?)|none[.!]?|never[.!]?|(i|we) (did not|didn't|do not|don't|never( did)?|haven't|have not)[.!]?|not (a bit|at all|this time|one|here|yet)[.!]?)$");

    /** Tokens. */
    private static final int SHORT_QUESTION = 6;

    /** Tokens. */
    private static final int SHORT_ADVICE = 14;

    private static final Set<String> MUST_BE_DONE = Set.of(
            "removed",
            "peeled",
            "vented",
            "exhausted",
            "processed",
            "washed",
            "drained",
            "soaked",
            "rinsed",
            "trimmed",
            "boiled",
            "heated",
            "covered",
            "sterilized");

    /** "My aunt says add corn." */
    private static final Cue ADVISED = Cue.of(
            "\\b(says?|said|told (me|us)|wants?|wanted|swears|insists?|insisted|suggests?|suggested|recommends?|thinks?|thought)\\b[^.;,]{0,24}\\b(add(ing)?|(put|putting|throw|throwing|toss|tossing|stir|stirring|mix|mixing) in)\\b");

    private static final Pattern DECLINED = Pattern.compile(
            "(?i)^(but |well,? |so )?(i|we)( just)? (didn't|don't|did not|do not|won't|never (do|did|have|would))( do (it|that|so))?[.!]?$|^(not me|no thanks?|no thank you|nope|not a chance)[.!]?$");

    private static final Set<FoodClass> WANTED =
            Set.of(FoodClass.ACID, FoodClass.SALT, FoodClass.WATER, FoodClass.PECTIN, FoodClass.SWEETENER);

    /** Whether somebody's advice to add a food was not taken; what a recipe cannot do without is no such food. */
    static boolean isAdviceDeclined(Sentence s, String next, IngredientFinder ingredients) {
        if (!DECLINED.matcher(next).find() || !s.has(ADVISED) || s.size() > SHORT_ADVICE) {
            return false;
        }
        List<Food> foods = ingredients.foodsOf(s);
        return !foods.isEmpty() && foods.stream().noneMatch(f -> WANTED.contains(f.kind()));
    }

    private static final Cue KEPT_OTHERWISE =
            Cue.of("\\b(freez\\w*|frozen|froze|dry|dried|drying|dehydrat\\w*|fresh|refrigerator|fridge)\\b");

    private static final Pattern CANNED = Pattern.compile(
            "(?i)^(no|nope|nah)\\b[^;]{0,24}\\b(cann(ed|ing)|jarred|put (them |it )?up|for the shelf)\\b");

    /** "Green beans for the freezer? No, canned this time.": denied is how they are kept, and not they. */
    static boolean isKeptOtherwise(Sentence s, String next) {
        return s.has(KEPT_OTHERWISE) && CANNED.matcher(next).find();
    }

    /** Whether a sentence says nothing but no. */
    static boolean is(String sentence) {
        return NO.matcher(sentence).find();
    }

    /** "Chopped onion? No.", "Slimy? Not a bit.": what is not there; whether there was acid is another question. */
    static boolean asksOfFood(Sentence s, IngredientFinder ingredients) {
        if (!isShort(s)) {
            return false;
        }
        List<Food> foods = ingredients.foodsOf(s);
        return Deviations.isOfSpoilage(s)
                || !foods.isEmpty() && foods.stream().noneMatch(f -> f.kind() == FoodClass.ACID);
    }

    /** "Bones removed? No.": something was not done. */
    static boolean asksOfAStep(Sentence s) {
        return isShort(s)
                && s.size() > 1
                && IntStream.range(0, s.size())
                        .anyMatch(i -> MUST_BE_DONE.contains(s.token(i).norm()));
    }

    private static final Cue PACK = Cue.of("\\b(raw|hot|cold)[- ]?pack(ed)?\\b");

    /** "Raw pack? No — hot." */
    static boolean asksOfThePack(Sentence s) {
        return isShort(s) && s.has(PACK);
    }

    private static boolean isShort(Sentence s) {
        return s.size() <= SHORT_QUESTION && s.low().endsWith("?");
    }

    private Denied() {}
}
