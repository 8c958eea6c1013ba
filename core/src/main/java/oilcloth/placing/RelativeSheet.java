package oilcloth.placing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import oilcloth.acidity.Proportions;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.TestedIngredient;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.Amount;
import oilcloth.measure.Volume;
import oilcloth.recipe.Ingredient;
import oilcloth.recipe.Recipe;

/**
 * A recipe beside its tested relative, line by line, the tested one scaled to the same produce.
 *
 * @param scale how many tested batches the produce makes; 0 when nothing measured can be compared
 */
public record RelativeSheet(TestedRecipe tested, double scale, List<Line> lines) {
    /** How a line compares. */
    public enum Verdict {
        SAME,
        /** Within the tolerance. */
        CLOSE,
        MORE,
        LESS,
        /** The tested recipe has it, this one does not. */
        LEFT_OUT,
        /** This one has it, the tested recipe does not. */
        ADDED,
        /** Soaking water, drained salt: not in the jar. */
        ASIDE,
        /** Amounts that cannot be compared: not measured, or of another kind. */
        NOT_COMPARED
    }

    /**
     * One line.
     *
     * @param scaled the tested amount for this much produce
     * @param cups difference in cups, more is positive; empty where volumes are not known
     * @param percent difference in per cent of the scaled amount
     * @param free it may be changed without harm: dry spice, sugar, salt for taste
     */
    public record Line(
            Optional<TestedIngredient> tested,
            Optional<Amount> scaled,
            List<Ingredient> stated,
            OptionalDouble cups,
            OptionalDouble percent,
            Verdict verdict,
            boolean free) {}

    private static final double SAME = 0.02;

    public static RelativeSheet of(Recipe recipe, TestedRecipe tested, GuideSnapshot guide) {
        double scale = scale(recipe, tested, guide);
        List<Ingredient> left = new ArrayList<>(recipe.ingredients());
        List<Line> lines = new ArrayList<>();
        for (TestedIngredient line : tested.ingredients()) {
            List<Ingredient> all =
                    left.stream().filter(i -> standsFor(i.food(), line, tested)).toList();
            // "salt" twice: the line that is poured off takes the salt that is poured off, if there is one
            List<Ingredient> alike =
                    all.stream().filter(i -> i.aside() == line.aside()).toList();
            List<Ingredient> mine = alike.isEmpty() ? all : alike;
            left.removeAll(mine);
            lines.add(line(tested, line, mine, scale, guide));
        }
        for (Ingredient i : left) {
            lines.add(new Line(
                    Optional.empty(),
                    Optional.empty(),
                    List.of(i),
                    i.mostVolume().map(v -> OptionalDouble.of(v.cups())).orElse(OptionalDouble.empty()),
                    OptionalDouble.empty(),
                    i.aside() ? Verdict.ASIDE : Verdict.ADDED,
                    i.food().isSeasoning()));
        }
        return new RelativeSheet(tested, scale, List.copyOf(lines));
    }

    /** By the largest line of produce that both measure; else by the acid. */
    private static double scale(Recipe recipe, TestedRecipe tested, GuideSnapshot guide) {
        Optional<TestedIngredient> main = tested.ingredients().stream()
                .filter(l -> !l.aside()
                        && !l.foods().isEmpty()
                        && l.foods().get(0).kind().isProduce())
                .filter(l -> tested(l).isPresent())
                .max(Comparator.comparing(l -> tested(l).orElse(Volume.ZERO)));
        if (main.isPresent()) {
            double mine = recipe.inJar().stream()
                    .filter(i -> standsFor(i.food(), main.get(), tested))
                    .mapToDouble(i -> middle(i).map(Volume::cups).orElse(0.0))
                    .sum();
            if (mine > 0) {
                return mine / tested(main.get()).orElseThrow().cups();
            }
        }
        return Proportions.of(recipe, tested, guide).scale();
    }

    private static Optional<Volume> tested(TestedIngredient line) {
        return line.amount().flatMap(a -> line.foods().get(0).volume(a, a.middle()));
    }

    private static Optional<Volume> middle(Ingredient i) {
        return i.leastVolume()
                .flatMap(least -> i.mostVolume().map(most -> least.plus(most).times(0.5)));
    }

    private static boolean standsFor(Food food, TestedIngredient line, TestedRecipe tested) {
        if (Swaps.stands(food.group(), line, tested)) {
            return true;
        }
        return line.foods().stream()
                .anyMatch(f -> f.isVinegar() && food.isVinegar()
                        || f.isCitrusJuice() && food.isCitrusJuice()
                        || f.kind() == FoodClass.SALT && food.kind() == FoodClass.SALT
                        || f.kind() == FoodClass.SWEETENER && food.kind() == FoodClass.SWEETENER
                        || f.kind() == FoodClass.WATER && food.kind() == FoodClass.WATER
                        || f.name().startsWith("dill") && food.name().startsWith("dill"));
    }

    private static Line line(
            TestedRecipe tested, TestedIngredient line, List<Ingredient> mine, double scale, GuideSnapshot guide) {
        Optional<Amount> scaled = scale > 0 ? line.amount().map(a -> a.times(scale)) : Optional.empty();
        boolean free = !line.foods().isEmpty()
                && (line.foods().get(0).isSeasoning()
                        || line.foods().get(0).kind() == FoodClass.SWEETENER
                        // salt picks the right bacteria in a ferment; elsewhere it is taste
                        || line.foods().get(0).kind() == FoodClass.SALT && !tested.isFermented()
                        || line.optional());
        if (mine.isEmpty()) {
            Verdict verdict = line.aside() ? Verdict.ASIDE : Verdict.LEFT_OUT;
            return new Line(
                    Optional.of(line),
                    scaled,
                    mine,
                    OptionalDouble.empty(),
                    OptionalDouble.empty(),
                    verdict,
                    free || line.aside());
        }
        Optional<Double> want = scaled.flatMap(
                        a -> line.foods().stream().findFirst().flatMap(f -> f.volume(a, a.middle())))
                .map(Volume::cups);
        boolean aside = line.aside() || mine.stream().allMatch(Ingredient::aside);
        // "12 whole cloves", "2 sticks": counted alike, compared by count
        Optional<Amount> only = mine.size() == 1 ? mine.get(0).amount() : Optional.empty();
        if (!aside
                && want.isEmpty()
                && scaled.isPresent()
                && only.isPresent()
                && only.get().unit() == scaled.get().unit()) {
            double share = only.get().middle() / scaled.get().middle() - 1;
            return compared(line, scaled, mine, OptionalDouble.empty(), share, guide, free);
        }
        boolean measured = mine.stream().allMatch(i -> middle(i).isPresent());
        if (aside || want.isEmpty() || want.get() == 0 || !measured) {
            return new Line(
                    Optional.of(line),
                    scaled,
                    mine,
                    OptionalDouble.empty(),
                    OptionalDouble.empty(),
                    aside ? Verdict.ASIDE : Verdict.NOT_COMPARED,
                    free || aside);
        }
        double have =
                mine.stream().mapToDouble(i -> middle(i).orElseThrow().cups()).sum();
        return compared(line, scaled, mine, OptionalDouble.of(have - want.get()), have / want.get() - 1, guide, free);
    }

    private static Line compared(
            TestedIngredient line,
            Optional<Amount> scaled,
            List<Ingredient> mine,
            OptionalDouble cups,
            double share,
            GuideSnapshot guide,
            boolean free) {
        double tolerance = guide.proportionTolerance() - 1;
        Verdict verdict = Math.abs(share) <= SAME
                ? Verdict.SAME
                : Math.abs(share) <= tolerance ? Verdict.CLOSE : share > 0 ? Verdict.MORE : Verdict.LESS;
        return new Line(Optional.of(line), scaled, mine, cups, OptionalDouble.of(share * 100), verdict, free);
    }
}
