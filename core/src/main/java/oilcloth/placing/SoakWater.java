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
import oilcloth.text.Range;
import oilcloth.text.Sentences;

/**
 * Water the tested recipe drains off. A canner lists it among the rest ("1 quart water") and only drains it in the steps; it
 * is known by its amount, and counts as drained only where the steps salt or soak something in it, drain, and never put
 * water together with the vinegar.
 */
public final class SoakWater {
    private static final Pattern DRAINED = Pattern.compile("(?i)\\bdrain(ed|s|ing)?\\b");

    private static final String LIQUID = "(?<!boiling[- ])\\bwater\\b(?! ?-?(?:bath|canner))";
    private static final Pattern WATER = Pattern.compile("(?i)" + LIQUID);

    /** The water of the list, not salt water made besides. */
    private static final Pattern THAT_WATER =
            Pattern.compile("(?i)(?<!\\b(?:salt|salted|salty|ice|iced|cold|fresh)[- ])" + LIQUID);

    private static final Pattern SOAKED = Pattern.compile("(?i)\\b(?:salt(?:ed)?|soak\\w*)\\b");
    private static final Pattern WITH_VINEGAR = Pattern.compile("(?i)\\b(?:vinegar|brine)\\b");

    /** Water that only washes, chills or runs off is no ingredient. */
    private static final Pattern NO_INGREDIENT = Pattern.compile(
            "(?i)\\b(?:(?:under|in|with|through) (?:clean |fresh )?(?:cold|running|fresh|ice|clean|tap) water"
                    + "|(?:rins|wash)\\w* (?:\\w+ ){0,4}(?:in|under|with) (?:\\w+ )?water"
                    + "|water (?:drips|drains|runs))\\b");

    private SoakWater() {}

    private static boolean isDrained(Recipe recipe) {
        if (!DRAINED.matcher(recipe.words()).find()) {
            return false;
        }
        List<Ingredient> waters = recipe.inJar().stream()
                .filter(i -> i.food().kind() == FoodClass.WATER)
                .toList();
        List<String> told = steps(recipe, waters).stream()
                .map(step -> NO_INGREDIENT.matcher(step).replaceAll(" "))
                .filter(step -> WATER.matcher(step).find())
                .toList();
        // where two are listed, the other one goes with the vinegar
        return told.stream().anyMatch(SoakWater::soaks)
                && (waters.size() > 1 || told.stream().allMatch(SoakWater::soaks));
    }

    /** "- 1 quart water": nothing but a bullet before it. */
    private static boolean lists(String text, Range line, Ingredient water) {
        int start = water.range().start();
        return line.contains(water.range())
                && text.substring(line.start(), start).chars().noneMatch(Character::isLetterOrDigit);
    }

    /** Measured ingredients; no step names so many with their amounts. */
    private static final int OF_A_LIST = 5;

    private static final Pattern COOKS = Pattern.compile(
            "(?i)\\b((boil|combin|heat|stir|simmer|pour|dissolv|add)\\w*|mix(es)?|bring|brought|put|cook|make|made)\\b");

    /** "12 cups chopped tomatillos, …, 2 quarts water, …": the list told in a sentence; what is boiled with so many is no list. */
    private static boolean isList(Recipe recipe, Range sentence) {
        return !COOKS.matcher(sentence.of(recipe.text())).find()
                && recipe.ingredients().stream()
                                .filter(i -> i.amount().isPresent() && sentence.contains(i.range()))
                                .count()
                        >= OF_A_LIST;
    }

    private static boolean soaks(String step) {
        return SOAKED.matcher(step).find()
                && THAT_WATER.matcher(step).find()
                && !WITH_VINEGAR.matcher(step).find();
    }

    /** The sentences, those over wrapped lines whole, without the lines that only list the water. */
    private static List<String> steps(Recipe recipe, List<Ingredient> waters) {
        StringBuilder text = new StringBuilder(recipe.text());
        for (int i = text.indexOf("\n"); i >= 0 && i + 1 < text.length(); i = text.indexOf("\n", i + 1)) {
            int next = i + 1;
            if (Character.isLowerCase(text.charAt(next))
                    && recipe.ingredients().stream().noneMatch(x -> x.range().start() == next)) {
                text.setCharAt(i, ' ');
            }
        }
        String whole = text.toString();
        return Sentences.lines(whole).stream()
                .filter(line -> waters.stream().noneMatch(w -> lists(whole, line, w)))
                .flatMap(line -> Sentences.of(whole, line).stream())
                .filter(sentence -> !isList(recipe, sentence))
                .map(sentence -> sentence.of(whole))
                .toList();
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
