package oilcloth.placing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
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

/**
 * Water the tested recipe drains off. A canner lists it among the rest ("1 quart water") and only drains it in the steps; it
 * is known by its amount, and counts as drained only where the steps salt or soak something in it, drain, and never put
 * water together with the vinegar.
 */
public final class SoakWater {
    private static final Pattern DRAINED = Pattern.compile("(?i)\\bdrain(ed|s|ing)?\\b");

    /** On in the same sentence, over a wrapped line but not into the next item or step. */
    private static final String WITH = "(?:[^.;\\n]|\\n(?=\\p{Ll}))*";

    private static final String WATER = "\\b(?<!(?i:boiling)[- ])(?i:water)\\b(?! ?-?(?i:bath))";
    private static final String SALT = "\\b(?i:salt|salted|soak\\w*)\\b";
    private static final String VINEGAR = "\\b(?i:vinegar)\\b";

    private static final Pattern SOAKED = together(SALT);

    /** "Combine sugar, vinegar and water": this water is in the jar, however much was drained before. */
    private static final Pattern WITH_VINEGAR = together(VINEGAR);

    private static Pattern together(String word) {
        return Pattern.compile(word + WITH + WATER + "|" + WATER + WITH + word);
    }

    private SoakWater() {}

    private static boolean isDrained(Recipe recipe) {
        String text = recipe.text();
        // where two are told, the other one goes with the vinegar
        long waters = recipe.inJar().stream()
                .filter(i -> i.food().kind() == FoodClass.WATER)
                .count();
        return DRAINED.matcher(text).find()
                && SOAKED.matcher(text).find()
                && (waters > 1 || !WITH_VINEGAR.matcher(text).find());
    }

    /** The recipe with that water set aside, or the same recipe. */
    public static Recipe settle(Recipe recipe, Placement placement, GuideSnapshot guide) {
        Optional<TestedRecipe> tested = placement.recipe();
        if (tested.isEmpty() || !isDrained(recipe)) {
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
