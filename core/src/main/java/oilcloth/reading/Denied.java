package oilcloth.reading;

import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.text.Range;

/** A short question that the next sentence denies. */
final class Denied {
    private static final Pattern NO = Pattern.compile(
            "(?i)^((no|nope|nah)(,.*|[.!]?)|none[.!]?|not (a bit|at all|this time|one|here|yet)[.!]?)$");

    /** Tokens. */
    private static final int SHORT_QUESTION = 6;

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

    private Denied() {}

    /** Whether a sentence says nothing but no. */
    static boolean is(String text, Range sentence) {
        return NO.matcher(sentence.of(text)).find();
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
                && MUST_BE_DONE.contains(s.token(s.size() - 2).norm());
    }

    private static boolean isShort(Sentence s) {
        return s.size() <= SHORT_QUESTION && s.low().endsWith("?");
    }
}
