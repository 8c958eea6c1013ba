package oilcloth.placing;

import java.util.Set;
import oilcloth.guide.Food;
import oilcloth.guide.TestedIngredient;
import oilcloth.guide.TestedRecipe;

/** Which food may stand for which in a tested recipe. */
final class Swaps {
    private static final Set<String> SALSA_TOMATOES = Set.of("tomato, green", "tomatillo");

    /** How the tested berry syrup names its fruit. */
    private static final String ANY_BERRIES = "fresh or frozen berries";

    /** Sour ones; elderberries and mulberries are not. */
    private static final Set<String> BERRIES =
            Set.of("blackberry", "blueberry", "raspberry", "strawberry", "gooseberry");

    /** Whether a food group may stand for a tested line: the same group, or a swap the tested recipe names. */
    static boolean stands(String group, TestedIngredient line, TestedRecipe tested) {
        boolean tomatoes = false;
        boolean cucumbers = false;
        for (Food food : line.foods()) {
            String theirs = food.group();
            if (theirs.equals(group)) {
                return true;
            }
            tomatoes |= theirs.equals("tomato");
            cucumbers |= theirs.equals("cucumber");
        }
        if (line.item().equals(ANY_BERRIES) && BERRIES.contains(group)) {
            return true;
        }
        if (tested.form().equals("salsa") && tomatoes && SALSA_TOMATOES.contains(group)) {
            return true;
        }
        return tested.id().equals("bread-and-butter-pickles") && cucumbers && group.equals("summer squash");
    }

    private Swaps() {}
}
