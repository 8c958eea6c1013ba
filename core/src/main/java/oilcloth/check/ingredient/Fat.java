package oilcloth.check.ingredient;

import java.util.Set;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.FoodClass;

/** Fat or oil in a canned product. */
public final class Fat implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "ingredient.fat",
            "Fat or oil in a canned product",
            "Fat shields spores from heat and acid, and can creep under the lid.",
            "Guide 1");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        UnlistedFood.each(s, INFO, Set.of(FoodClass.FAT), Set.of("coconut", "bacon"), Severity.DANGER, out);
    }
}
