package oilcloth.check.ingredient;

import java.util.Set;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.FoodClass;

/** Milk, egg, pasta, rice or bread in a canned product. */
public final class DairyEggStarch implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "ingredient.dairy-egg-starch",
            "Milk, egg, pasta, rice or bread in a canned product",
            "They are low in acid and slow the heat. No home canning time was ever tested with them.",
            "Guide 1");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        UnlistedFood.each(
                s,
                INFO,
                Set.of(FoodClass.DAIRY, FoodClass.EGG),
                Set.of("rice", "pasta", "barley", "bread", "oats", "egg noodle"),
                Severity.DANGER,
                out);
    }
}
