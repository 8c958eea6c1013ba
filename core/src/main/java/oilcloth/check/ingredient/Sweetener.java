package oilcloth.check.ingredient;

import java.util.Set;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.FoodClass;
import oilcloth.placing.FoodKind;
import oilcloth.recipe.Ingredient;

/** Honey, syrups and sugar substitutes. */
public final class Sweetener implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "ingredient.sweetener",
            "Another sweetener in place of sugar",
            "In syrup for fruit any sweetener will do. In a jam the set depends on the pectin and the sugar it was made for.",
            "Guide 7");

    private static final Set<String> SUGARS = Set.of("sugar, granulated", "sugar, brown", "sugar, powdered");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        for (Ingredient i : s.recipe().inJar()) {
            if (i.food().kind() != FoodClass.SWEETENER
                    || SUGARS.contains(i.food().name())) {
                continue;
            }
            if (Preserve.is(s) && Preserve.hasRegularPectin(s)) {
                out.add(Finding.of(INFO.code(), "jam", Severity.CAUTION, s.citePlaced(INFO))
                        .at(i.range())
                        .word("food", i.food().name())
                        .fix());
            } else if (s.kind() == FoodKind.ACID
                    && !Preserve.is(s)
                    && s.placement().recipe().isEmpty()) {
                out.add(Finding.of(INFO.code(), "syrup", Severity.MET, s.citePlaced(INFO))
                        .at(i.range())
                        .word("food", i.food().name()));
            }
        }
    }
}
