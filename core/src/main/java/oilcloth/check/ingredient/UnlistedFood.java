package oilcloth.check.ingredient;

import java.util.Set;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
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

    static boolean isOne(Food food, Set<FoodClass> kinds, Set<String> names) {
        return kinds.contains(food.kind()) || names.contains(food.name());
    }

    private static boolean isListed(Subject s, Ingredient i) {
        return s.placement().isPlaced() && !s.placement().unlisted().contains(i);
    }
}
