package oilcloth.placing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import oilcloth.acidity.Proportions;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.TestedIngredient;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.Volume;
import oilcloth.recipe.Ingredient;
import oilcloth.recipe.Recipe;
import oilcloth.text.Cue;

/**
 * Water the tested recipe drains off. A canner lists it among the rest ("1 quart water") and only drains it in the steps; it
 * is known by its amount, and never counts as drained where nothing is said to be.
 */
public final class SoakWater {
    private static final Cue DRAINED = Cue.of("\\bdrain(ed|s|ing)?\\b");

    private SoakWater() {}

    /** The recipe with that water set aside, or the same recipe. */
    public static Recipe settle(Recipe recipe, Placement placement, GuideSnapshot guide) {
        Optional<TestedRecipe> tested = placement.recipe();
        if (tested.isEmpty()
                || !DRAINED.matcher(recipe.text().toLowerCase(Locale.ROOT)).find()) {
            return recipe;
        }
        double scale = Proportions.of(recipe, tested.get(), guide).scale();
        double tolerance = guide.proportionTolerance() - 1;
        List<Double> soaks = tested.get().ingredients().stream()
                .filter(TestedIngredient::aside)
                .flatMap(line -> cups(line).stream())
                .map(cups -> cups * scale)
                .collect(Collectors.toCollection(ArrayList::new));
        recipe.ingredients().stream()
                .filter(i -> i.food().kind() == FoodClass.WATER && i.aside())
                .forEach(i -> soaks.stream().findFirst().ifPresent(soaks::remove));
        List<Ingredient> settled = new ArrayList<>(recipe.ingredients());
        for (double cups : soaks) {
            settled.stream()
                    .filter(i -> isAbout(i, cups, tolerance))
                    .findFirst()
                    .ifPresent(i -> settled.set(settled.indexOf(i), i.withAside(true)));
        }
        return settled.equals(recipe.ingredients()) ? recipe : recipe.withIngredients(settled);
    }

    private static Optional<Double> cups(TestedIngredient line) {
        return line.foods().stream()
                .filter(f -> f.kind() == FoodClass.WATER)
                .findFirst()
                .flatMap((Food f) -> line.amount().flatMap(a -> f.volume(a, a.low())))
                .map(Volume::cups);
    }

    private static boolean isAbout(Ingredient i, double cups, double tolerance) {
        return i.food().kind() == FoodClass.WATER
                && !i.aside()
                && i.perJar().isEmpty()
                && i.leastVolume()
                        .map(Volume::cups)
                        .filter(stated -> Math.abs(stated - cups) <= tolerance * cups)
                        .isPresent();
    }
}
