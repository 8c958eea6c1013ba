package oilcloth.check.ingredient;

import java.util.List;
import oilcloth.acidity.Proportions;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.guide.TestedIngredient;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.Volume;
import oilcloth.placing.FoodKind;
import oilcloth.recipe.Ingredient;

/** Fresh garlic and herbs in an acidified product. */
public final class FreshHerbGarlic implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "ingredient.fresh-herb-garlic",
            "More fresh garlic or herbs than tested",
            "Fresh garlic and herbs are low in acid. Dried spices may be changed freely, fresh ones may not be raised.",
            "Guide 6");

    /** A clove for each of nine pints. */
    private static final double FREE_CUPS = 0.25;

    /** Up to here more is a matter of taste rather than of acid. */
    private static final double SMALL_CUPS = 0.5;

    private static final double SPOON_CUPS = 0.0625;
    private static final double PER_JAR_CUPS = 4;
    private static final double BUNCH_CUPS = 1;

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        if (s.kind() != FoodKind.ACIDIFIED && s.kind() != FoodKind.PICKLE) {
            return;
        }
        for (Ingredient i : s.recipe().inJar()) {
            if (judges(i.food())) {
                s.placement().recipe().ifPresent(tested -> judge(s, tested, i, out));
            }
        }
    }

    /** What no other check counts among the low-acid solids. */
    static boolean judges(Food food) {
        return food.name().equals("garlic") || food.kind() == FoodClass.FRESH_HERB;
    }

    private static void judge(Subject s, TestedRecipe tested, Ingredient i, Findings out) {
        double scale = Math.max(Proportions.of(s.recipe(), tested, s.guide()).scale(), 0.25);
        List<TestedIngredient> lines = tested.ingredients().stream()
                .filter(l -> l.foods().stream().anyMatch(f -> same(f, i.food())))
                .toList();
        double listed = lines.stream()
                .mapToDouble(l -> l.amount()
                        .flatMap(a -> l.foods().get(0).volume(a, a.high()))
                        .map(Volume::cups)
                        // "2 heads of dill per jar": by the jar, not by the batch
                        .orElse(PER_JAR_CUPS))
                .sum();
        // one clove or one head of dill in each jar goes with any tested pickle
        double free = tested.isPacked() || i.food().name().equals("garlic") ? FREE_CUPS : SPOON_CUPS;
        double allowed = Math.max(listed, free) * scale * s.guide().proportionTolerance();
        boolean named = i.perJar().isPresent() || i.amount().isEmpty();
        double mine = i.mostVolume().map(Volume::cups).orElse(named ? 0.0 : BUNCH_CUPS);
        Severity severity = mine <= allowed || named && !lines.isEmpty()
                ? Severity.MET
                : mine <= Math.max(2 * allowed, SMALL_CUPS) || i.amount().isEmpty()
                        ? Severity.CAUTION
                        : Severity.CORRECT;
        Finding.Builder finding = Finding.of(
                        INFO.code(), severity == Severity.MET ? "met" : "raised", severity, s.cite(tested))
                .at(i.range())
                .figure("stated", i.amount().map(Object::toString).orElse("some"))
                .word("food", i.food().name());
        out.add(severity == Severity.MET ? finding : finding.fix());
    }

    private static boolean same(Food a, Food b) {
        return a.group().equals(b.group())
                || a.name().startsWith("dill") && b.name().startsWith("dill");
    }
}
