package oilcloth.placing;

import java.util.Map;
import java.util.TreeMap;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.guide.TestedIngredient;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.Volume;
import oilcloth.recipe.Ingredient;
import oilcloth.recipe.Recipe;

/**
 * What a list measures out: where nobody names the dish, a list that is a tested recipe's own tells it.
 *
 * @param cups by the food, the least where a range is told; of a tested recipe without its seasoning
 */
record MeasuredList(Map<String, Double> cups) {
    /** Below this many measured foods two dishes may share a list. */
    private static final int TELLING = 3;

    /** How far one food may stray from the batch the others make: a pound of this weighs no cup of that. */
    private static final double NEAR = 1.1;

    static MeasuredList of(Recipe recipe) {
        Map<String, Double> cups = new TreeMap<>();
        for (Ingredient i : recipe.inJar()) {
            cups.merge(key(i.food()), i.leastVolume().map(Volume::cups).orElse(0.0), Double::sum);
        }
        return new MeasuredList(cups);
    }

    static MeasuredList of(TestedRecipe tested) {
        Map<String, Double> cups = new TreeMap<>();
        for (TestedIngredient line : tested.ingredients()) {
            if (!line.optional() && !line.aside() && !line.foods().isEmpty() && !seasons(line)) {
                Food food = line.foods().get(0);
                line.amount()
                        .flatMap(a -> food.volume(a, a.low()))
                        .filter(v -> v.cups() > 0)
                        .ifPresent(v -> cups.merge(key(food), v.cups(), Double::sum));
            }
        }
        return new MeasuredList(cups);
    }

    /** Whether every food of this list is in another in its own proportion. */
    boolean isIn(MeasuredList other) {
        if (cups.size() < TELLING || !other.cups.keySet().containsAll(cups.keySet())) {
            return false;
        }
        double[] batches = cups.entrySet().stream()
                .mapToDouble(e -> other.cups.get(e.getKey()) / e.getValue())
                .sorted()
                .toArray();
        return batches[0] > 0 && batches[batches.length - 1] <= batches[0] * NEAR;
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
}
