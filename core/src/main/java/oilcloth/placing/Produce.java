package oilcloth.placing;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import oilcloth.guide.Acidity;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.measure.Volume;
import oilcloth.recipe.Ingredient;
import oilcloth.recipe.Recipe;

/** What the jar is filled with: vegetables, fruit, meat, by food group and volume. */
public final class Produce {
    private static final double UNMEASURED_CUPS = 2;

    private final List<Ingredient> ingredients;
    private final List<Food> foods;
    private final Map<String, Double> cupsByGroup;

    private Produce(List<Ingredient> ingredients, List<Food> foods) {
        this.ingredients = ingredients;
        this.foods = foods;
        this.cupsByGroup = sorted(ingredients, foods);
    }

    public static Produce of(Recipe recipe) {
        List<Ingredient> solids = recipe.inJar().stream()
                .filter(i -> isSolid(i.food()))
                .filter(i -> !i.food().name().equals("vegetables")
                        && !i.food().name().equals("fruit"))
                .toList();
        List<Food> foods =
                new ArrayList<>(solids.stream().map(Ingredient::food).distinct().toList());
        boolean solid = recipe.titleFoods().stream().anyMatch(Produce::isSolid)
                && recipe.titleFoods().stream().noneMatch(Produce::isLiquid);
        if (foods.isEmpty() && !solid) {
            // "Grape juice", "Chicken stock": the liquid itself is the food
            recipe.inJar().stream()
                    .map(Ingredient::food)
                    .filter(f -> f.kind().isProduce() && isLiquid(f))
                    .distinct()
                    .forEach(foods::add);
        }
        // "Turkey stock: simmered the carcass with celery", "Pickled asparagus: 7 lb spears": said once, at the top
        boolean mock = recipe.title()
                .map(t -> t.of(recipe.text()).toLowerCase(Locale.ROOT).contains("mock"))
                .orElse(false);
        recipe.titleFoods().stream()
                .filter(f -> isSolid(f) && !mock && f.kind() != FoodClass.ALLIUM)
                .filter(f -> foods.stream()
                        .noneMatch(known -> known.group().equals(f.group())
                                || known.kind() == f.kind()
                                        && f.kind() != FoodClass.VEGETABLE
                                        && f.kind() != FoodClass.FRUIT))
                .distinct()
                .limit(1)
                .forEach(foods::add);
        if (foods.isEmpty()) {
            recipe.titleFoods().stream()
                    .filter(f -> f.kind().isProduce())
                    .distinct()
                    .forEach(foods::add);
        }
        return new Produce(solids, foods);
    }

    /** What counts as filling: not a juice poured over it, not peel, raisins or bones that go along. */
    static boolean isSolid(Food food) {
        return food.kind().isProduce() && !isLiquid(food) && !isPeel(food);
    }

    private static boolean isLiquid(Food food) {
        return food.isFruitJuice()
                || food.name().equals("tomato juice")
                || food.name().equals("broth");
    }

    private static boolean isPeel(Food food) {
        return food.name().endsWith(" peel")
                || food.name().equals("raisin")
                || food.name().equals("bone");
    }

    public List<Ingredient> ingredients() {
        return ingredients;
    }

    public List<Food> foods() {
        return foods;
    }

    public boolean isEmpty() {
        return foods.isEmpty();
    }

    /** Cups by food group, the largest first; what was not measured counts as a little. */
    public Map<String, Double> cupsByGroup() {
        return cupsByGroup;
    }

    private static Map<String, Double> sorted(List<Ingredient> ingredients, List<Food> foods) {
        Map<String, Double> cups = new LinkedHashMap<>();
        for (Ingredient i : ingredients) {
            cups.merge(i.food().group(), i.mostVolume().map(Volume::cups).orElse(UNMEASURED_CUPS), Double::sum);
        }
        foods.forEach(f -> cups.putIfAbsent(f.group(), UNMEASURED_CUPS));
        Map<String, Double> sorted = new LinkedHashMap<>();
        cups.entrySet().stream()
                .sorted(Comparator.comparingDouble((Map.Entry<String, Double> e) -> -e.getValue()))
                .forEach(e -> sorted.put(e.getKey(), e.getValue()));
        return Collections.unmodifiableMap(sorted);
    }

    public Optional<Food> main() {
        if (foods.isEmpty()) {
            return Optional.empty();
        }
        String group = cupsByGroup.keySet().iterator().next();
        return foods.stream().filter(f -> f.group().equals(group)).findFirst();
    }

    public boolean hasLowAcid() {
        return foods.stream().anyMatch(f -> f.acidity() == Acidity.LOW && !isSeasoningAllium(f));
    }

    private static boolean isSeasoningAllium(Food food) {
        return food.name().equals("garlic");
    }

    public boolean hasMeat() {
        return foods.stream().anyMatch(f -> f.kind() == FoodClass.MEAT || f.kind() == FoodClass.SEAFOOD);
    }
}
