package oilcloth.acidity;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.guide.TestedIngredient;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.Amount;
import oilcloth.measure.Unit;
import oilcloth.measure.Volume;
import oilcloth.recipe.Ingredient;
import oilcloth.recipe.Recipe;

/**
 * The covering liquid: how much vinegar, how much water, how strong (formulas, section 12; sugar and salt not counted).
 *
 * @param vinegar all the vinegar
 * @param water water and juices mixed with it
 * @param percent acetic acid, % w/v
 */
public record Brine(Volume vinegar, Volume water, double percent) {
    /** What canning vinegar holds; assumed for the sum when a strength was not said (that is asked separately). */
    public static final double VINEGAR_PERCENT = 5;

    /** The brine of a recipe as read; empty without measured vinegar. */
    public static Optional<Brine> of(Recipe recipe) {
        return of(recipe, Food::isVinegar);
    }

    /** The same of a salsa, where lemon or lime juice may stand for the vinegar measure for measure (rules, salsas). */
    public static Optional<Brine> ofSalsa(Recipe recipe) {
        return of(recipe, food -> food.isVinegar() || food.isCitrusJuice());
    }

    private static Optional<Brine> of(Recipe recipe, Predicate<Food> sours) {
        List<Ingredient> liquids = recipe.inJar().stream()
                .filter(i -> i.perJar().isEmpty() && (sours.test(i.food()) || dilutes(i.food())))
                .toList();
        Volume vinegar = Volume.ZERO;
        Volume water = Volume.ZERO;
        double acid = 0;
        for (Ingredient i : liquids) {
            boolean acidic = sours.test(i.food());
            Optional<Volume> volume = acidic ? least(i) : most(i);
            if (volume.isEmpty()) {
                if (acidic) {
                    return Optional.empty();
                }
                continue;
            }
            if (acidic) {
                vinegar = vinegar.plus(volume.get());
                acid += volume.get().millilitres() * strength(i);
            } else {
                water = water.plus(volume.get());
            }
        }
        return vinegar.isZero() ? Optional.empty() : Optional.of(of(vinegar, water, acid));
    }

    /** The brine of a tested recipe; empty when it has no vinegar. */
    public static Optional<Brine> of(TestedRecipe tested) {
        Volume vinegar = Volume.ZERO;
        Volume water = Volume.ZERO;
        for (TestedIngredient i : tested.ingredients()) {
            if (i.aside() || i.foods().isEmpty() || i.amount().isEmpty()) {
                continue;
            }
            Food food = i.foods().get(0);
            Amount amount = i.amount().get();
            if (food.isVinegar()) {
                vinegar = vinegar.plus(food.volume(amount, amount.middle()).orElse(Volume.ZERO));
            } else if (dilutes(food)) {
                water = water.plus(food.volume(amount, amount.middle()).orElse(Volume.ZERO));
            }
        }
        return vinegar.isZero()
                ? Optional.empty()
                : Optional.of(of(vinegar, water, vinegar.millilitres() * VINEGAR_PERCENT));
    }

    private static Brine of(Volume vinegar, Volume water, double acid) {
        return new Brine(vinegar, water, acid / vinegar.plus(water).millilitres());
    }

    /** The acetic acid of a vinegar as said, or 5 % when nothing was said. */
    public static double strength(Ingredient vinegar) {
        double weak = vinegar.food().name().equals("vinegar, 4%")
                ? 4
                : vinegar.food().name().equals("vinegar, rice") ? 4.2 : VINEGAR_PERCENT;
        return vinegar.strengthPercent().orElse(weak);
    }

    private static boolean dilutes(Food food) {
        return (food.kind() == FoodClass.WATER && !food.name().equals("ice"))
                || food.isCitrusJuice()
                || food.isFruitJuice();
    }

    private static Optional<Volume> least(Ingredient i) {
        return part(i).or(i::leastVolume);
    }

    private static Optional<Volume> most(Ingredient i) {
        return part(i).or(i::mostVolume);
    }

    private static Optional<Volume> part(Ingredient i) {
        return i.amount().filter(a -> a.unit() == Unit.PART).map(a -> Volume.ofCups(a.middle()));
    }

    public Volume total() {
        return vinegar.plus(water);
    }

    /** Vinegar to water as cooks say it: {@code 2 : 1}. */
    public double ratio() {
        return water.isZero() ? Double.POSITIVE_INFINITY : vinegar.millilitres() / water.millilitres();
    }
}
