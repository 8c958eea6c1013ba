package oilcloth.check.ingredient;

import java.util.Set;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.FoodClass;

/** A thickener in a canned product. */
public final class Thickener implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "ingredient.thickener",
            "A thickener in a canned product",
            "Starch slows the heat on its way to the middle of the jar, so the tested time no longer holds.",
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
                Set.of(FoodClass.THICKENER),
                Set.of(
                        "flour",
                        "cornstarch",
                        "modified starch, instant",
                        "tapioca",
                        "arrowroot",
                        "modified starch, cook-type"),
                severity(s),
                out);
        UnlistedFood.raised(s, INFO, Set.of(FoodClass.THICKENER, FoodClass.STARCH), severity(s), out);
    }

    private static Severity severity(Subject s) {
        return s.kind().isGrave() || !s.placement().isPlaced() ? Severity.DANGER : Severity.CORRECT;
    }
}
