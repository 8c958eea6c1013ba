package oilcloth.check.ingredient;

import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.FoodClass;
import oilcloth.recipe.Ingredient;

/** Sugar cut with regular pectin or none. */
public final class SugarCut implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "ingredient.sugar-cut",
            "Sugar cut where the pectin needs it",
            "With regular pectin or none the sugar makes the set and keeps mould away after opening. It is not there for canning safety.",
            "Guide 7");

    /** Cups of sugar to a cup of fruit: the tested recipes with pectin have 1.25 and more, those without 0.73 and more. */
    private static final double LEAST_WITH_PECTIN = 1.1;

    private static final double LEAST_WITHOUT = 0.65;

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        if (!Preserve.is(s) || Preserve.hasPectin(s) && !Preserve.hasRegularPectin(s)) {
            return;
        }
        double fruit = Preserve.fruitCups(s);
        double sugar = Preserve.sugarCups(s);
        boolean measured = s.recipe().inJar().stream()
                .filter(i -> i.food().kind() == FoodClass.SWEETENER)
                .allMatch(i -> i.amount().isPresent());
        double least = Preserve.hasPectin(s) ? LEAST_WITH_PECTIN : LEAST_WITHOUT;
        if (fruit > 0 && measured && sugar < fruit * least) {
            Finding.Builder finding = Finding.of(INFO.code(), "cut", Severity.CAUTION, s.citePlaced(INFO))
                    .figure("statedSugarCups", Math.round(sugar * 4) / 4.0)
                    .figure("usualSugarCups", Math.round(fruit * least * 4) / 4.0);
            s.recipe().inJar().stream()
                    .filter(i -> i.food().name().startsWith("sugar"))
                    .map(Ingredient::range)
                    .forEach(finding::at);
            out.add(finding.fix());
        }
    }
}
