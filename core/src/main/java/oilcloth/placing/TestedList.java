package oilcloth.placing;

import java.util.HashMap;
import java.util.Map;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.guide.TestedIngredient;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.Volume;
import oilcloth.recipe.Ingredient;
import oilcloth.recipe.Recipe;

/** A list that is a tested recipe's own, line for line: it tells what the dish is where nobody names it. */
final class TestedList {
    /** Below this many measured lines two dishes may share a list. */
    private static final int TELLING = 3;

    /** How far one line may stray from the batch the others make: a pound of this weighs no cup of that. */
    private static final double NEAR = 1.1;

    private TestedList() {}

    /** Whether every measured line of the tested recipe is in the list in its own proportion, seasoning apart. */
    static boolean isIn(Recipe recipe, TestedRecipe tested) {
        Map<String, Double> theirs = new HashMap<>();
        for (TestedIngredient line : tested.ingredients()) {
            if (!line.optional()
                    && !line.aside()
                    && !line.foods().isEmpty()
                    && line.amount().isPresent()
                    && !seasons(line)) {
                theirs.merge(key(line.foods().get(0)), cups(line), Double::sum);
            }
        }
        Map<String, Double> mine = new HashMap<>();
        for (Ingredient i : recipe.inJar()) {
            mine.merge(key(i.food()), i.leastVolume().map(Volume::cups).orElse(0.0), Double::sum);
        }
        double[] batches = theirs.entrySet().stream()
                .filter(e -> e.getValue() > 0)
                .mapToDouble(e -> mine.getOrDefault(e.getKey(), 0.0) / e.getValue())
                .sorted()
                .toArray();
        return batches.length >= TELLING && batches[0] > 0 && batches[batches.length - 1] <= batches[0] * NEAR;
    }

    /** White sugar and brown, one raisin and the other, are one. */
    private static String key(Food food) {
        return food.kind() == FoodClass.SWEETENER || food.isVinegar()
                ? food.kind().name()
                : food.group();
    }

    private static boolean seasons(TestedIngredient line) {
        return line.role().equals("spice")
                || line.foods().stream().allMatch(f -> f.isSeasoning() || f.kind() == FoodClass.SALT);
    }

    private static double cups(TestedIngredient line) {
        Food food = line.foods().get(0);
        return line.amount()
                .flatMap(a -> food.volume(a, a.low()))
                .map(Volume::cups)
                .orElse(0.0);
    }
}
