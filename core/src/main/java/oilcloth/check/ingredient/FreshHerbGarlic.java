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
import oilcloth.text.Cue;

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

    /** Two large cloves. */
    private static final double CLOVES_IN_A_JAR = 0.07;

    /** Up to three heads of dill to a quart, as the tested dill pickles have. */
    private static final double HEADS_IN_A_JAR = 0.5;

    private static final Cue MUCH =
            Cue.of("\\b(lots|plenty|loads|heaps|tons|a (whole |big )?(handful|bunch|pile)|handfuls|whole heads?)\\b");

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
        Severity severity = i.perJar().isPresent()
                ? perJar(i, !lines.isEmpty())
                : i.amount().isEmpty() ? unmeasured(s, i, !lines.isEmpty()) : inBatch(s, i, listed, scale, tested);
        Finding.Builder finding = Finding.of(
                        INFO.code(), severity == Severity.MET ? "met" : "raised", severity, s.cite(tested))
                .at(i.range())
                .figure("stated", i.amount().map(Object::toString).orElse("some"))
                .word("food", i.food().name());
        out.add(severity == Severity.MET ? finding : finding.fix());
    }

    /** A clove or two in each jar goes with any tested pickle, heads of dill with those that have them. */
    private static Severity perJar(Ingredient i, boolean listed) {
        boolean heads = listed && i.food().kind() == FoodClass.FRESH_HERB;
        double allowed = heads ? HEADS_IN_A_JAR : CLOVES_IN_A_JAR;
        double mine = i.mostVolume().map(Volume::cups).orElse(listed ? 0.0 : CLOVES_IN_A_JAR);
        return mine <= allowed ? Severity.MET : mine <= 2 * allowed ? Severity.CAUTION : Severity.CORRECT;
    }

    private static Severity unmeasured(Subject s, Ingredient i, boolean listed) {
        if (s.said().around(i.range(), MUCH)) {
            return Severity.CORRECT;
        }
        return listed ? Severity.MET : Severity.CAUTION;
    }

    private static Severity inBatch(Subject s, Ingredient i, double listed, double scale, TestedRecipe tested) {
        double free = tested.isPacked() ? FREE_CUPS : SPOON_CUPS;
        double allowed = Math.max(listed, free) * scale * s.guide().proportionTolerance();
        double mine = i.mostVolume().map(Volume::cups).orElse(BUNCH_CUPS);
        return mine <= allowed
                ? Severity.MET
                : mine <= Math.max(2 * allowed, SMALL_CUPS) ? Severity.CAUTION : Severity.CORRECT;
    }

    private static boolean same(Food a, Food b) {
        return a.group().equals(b.group())
                || a.name().startsWith("dill") && b.name().startsWith("dill");
    }
}
