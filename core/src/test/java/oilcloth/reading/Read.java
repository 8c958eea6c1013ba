package oilcloth.reading;

import java.util.stream.Collectors;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Facts;
import oilcloth.recipe.Recipe;

/** What the shipped reader makes of a text. */
final class Read {
    private static final RecipeReader READER = new RecipeReader(GuideSnapshot.shipped());

    private Read() {}

    static Recipe recipe(String text) {
        return READER.read(text);
    }

    static Facts facts(String text) {
        return recipe(text).facts();
    }

    /** The names of the foods in the jar, sorted. */
    static String foods(String text) {
        return recipe(text).ingredients().stream()
                .map(i -> i.food().name())
                .distinct()
                .sorted()
                .collect(Collectors.joining(", "));
    }
}
