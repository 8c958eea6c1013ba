package oilcloth.check.ingredient;

import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.FoodClass;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Edit;
import oilcloth.recipe.Ingredient;

/** Liqueur, wine and spirits. */
public final class Alcohol implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "ingredient.alcohol",
            "Wine, beer or spirits that were not tested",
            "They thin the acid and the syrup, and nobody tested the process with them.",
            "Extension");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        if (s.method().filter(m -> m == CanningMethod.COLD_STORAGE).isPresent()) {
            return;
        }
        for (Ingredient i : s.recipe().inJar()) {
            if (i.food().kind() == FoodClass.ALCOHOL) {
                out.add(Finding.of(
                                INFO.code(),
                                "alcohol",
                                s.kind().isGrave() ? Severity.CORRECT : Severity.CAUTION,
                                s.cite(INFO.source()))
                        .at(i.range())
                        .word("food", i.food().name())
                        .fix(new Edit.Remove(i.range(), i.food())));
            }
        }
    }
}
