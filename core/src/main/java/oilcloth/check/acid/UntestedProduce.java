package oilcloth.check.acid;

import java.util.List;
import java.util.Set;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.DenseFood;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.Food;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Facts;
import oilcloth.recipe.Ingredient;

/** Elderberries, melon, banana, ripe mango, pumpkin butter and their like. */
public final class UntestedProduce implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "acid.produce",
            "Produce low in acid, or of varying acid, without a tested process",
            "Its acid is too low or differs from fruit to fruit, and no amount of added acid was ever tested for it.",
            "Extension");

    private static final Set<String> NO_AMOUNT = Set.of(
            "peach, white",
            "papaya",
            "elderberry",
            "mango, ripe",
            "banana",
            "cantaloupe",
            "honeydew",
            "watermelon",
            "persimmon",
            "coconut",
            "avocado",
            "dates");

    private static final Set<String> SPREADS = Set.of("butter", "jam", "jelly", "spread", "pie-filling");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        if (s.placement().isPlaced()
                || s.method().filter(m -> m == CanningMethod.COLD_STORAGE).isPresent()) {
            return;
        }
        boolean spread = Facts.values(s.facts().forms()).stream().anyMatch(SPREADS::contains);
        for (Food food : s.produce().foods()) {
            if (hasNoAmount(food) || spread && DenseFood.is(food)) {
                List<Ingredient> of = s.produce().ingredients().stream()
                        .filter(i -> i.food().equals(food))
                        .limit(1)
                        .toList();
                Finding.Builder finding = Finding.of(INFO.code(), "untested", Severity.DANGER, s.cite(INFO.source()))
                        .word("food", food.name());
                of.forEach(i -> finding.at(i.range()));
                out.add(finding.fix());
            }
        }
    }

    /** Foods for which no amount of acid per jar was ever tested, and none is offered. */
    static boolean hasNoAmount(Food food) {
        return NO_AMOUNT.contains(food.name());
    }
}
