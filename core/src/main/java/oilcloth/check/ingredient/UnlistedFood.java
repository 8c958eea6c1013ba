package oilcloth.check.ingredient;

import java.util.List;
import java.util.Set;
import oilcloth.acidity.Proportions;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.Volume;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Edit;
import oilcloth.recipe.Ingredient;

/** What the checks on unlisted foods share: which ingredients are theirs, and how grave it is. */
final class UnlistedFood {
    private UnlistedFood() {}

    /** Reports every ingredient of these classes or names that the placed process does not list. */
    static void each(
            Subject s, CheckInfo info, Set<FoodClass> kinds, Set<String> names, Severity severity, Findings out) {
        if (s.method().filter(m -> m == CanningMethod.COLD_STORAGE).isPresent()) {
            return;
        }
        for (Ingredient i : s.recipe().inJar()) {
            if (isOne(i.food(), kinds, names) && !isListed(s, i)) {
                out.add(Finding.of(info.code(), "added", severity, s.cite(info.source()))
                        .at(i.range())
                        .figure("stated", i.amount().map(Object::toString).orElse("some"))
                        .figure("tested", "none")
                        .word("food", i.food().name())
                        .fix(new Edit.Remove(i.range(), i.food())));
            }
        }
    }

    /**
     * Reports what the tested recipe does list, where there is more of it than at the same acid was tested. Counts, and
     * amounts nobody told, are left to be asked about.
     */
    static void raised(Subject s, CheckInfo info, Set<FoodClass> kinds, Severity severity, Findings out) {
        if (s.placement().recipe().isEmpty()) {
            return;
        }
        TestedRecipe tested = s.placement().recipe().get();
        Proportions proportions = Proportions.of(s.recipe(), tested, s.guide());
        // where the acid alone was cut, the brine is at fault
        double scale = Math.max(proportions.scale(), proportions.batch());
        double most = tested.ingredients().stream()
                .filter(line -> !line.foods().isEmpty()
                        && kinds.contains(line.foods().get(0).kind()))
                .flatMap(line -> line.amount().flatMap(a -> line.foods().get(0).volume(a, a.high())).stream())
                .mapToDouble(Volume::cups)
                .sum();
        List<Ingredient> stated = s.recipe().inJar().stream()
                .filter(i -> kinds.contains(i.food().kind()))
                .toList();
        double least = stated.stream()
                .mapToDouble(i -> i.leastVolume().map(Volume::cups).orElse(0.0))
                .sum();
        if (most > 0 && scale > 0 && least > most * scale * s.guide().proportionTolerance()) {
            Finding.Builder finding = Finding.of(info.code(), "raised", severity, s.cite(info.source()))
                    .figure("statedCups", Math.round(least * 100) / 100.0)
                    .figure("testedCups", Math.round(most * scale * 100) / 100.0)
                    .word("food", stated.get(0).food().name());
            stated.forEach(i -> finding.at(i.range()));
            out.add(finding.fix());
        }
    }

    static boolean isOne(Food food, Set<FoodClass> kinds, Set<String> names) {
        return kinds.contains(food.kind()) || names.contains(food.name());
    }

    private static boolean isListed(Subject s, Ingredient i) {
        return s.placement().isPlaced() && !s.placement().unlisted().contains(i);
    }
}
