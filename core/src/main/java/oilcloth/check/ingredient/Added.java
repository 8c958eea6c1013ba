package oilcloth.check.ingredient;

import java.util.Set;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.check.headspace.PackLiquid;
import oilcloth.guide.Acidity;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.placing.FoodKind;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Edit;
import oilcloth.recipe.Ingredient;

/** Something the tested recipe does not have. */
public final class Added implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "ingredient.added",
            "Something the tested recipe does not have",
            "The tested process holds for what was in the jar when it was tested, and for nothing else.",
            "Guide 1");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    /** These have a code of their own. */
    private static final Set<FoodClass> ELSEWHERE = Set.of(
            FoodClass.THICKENER, FoodClass.STARCH, FoodClass.FAT, FoodClass.DAIRY, FoodClass.EGG, FoodClass.ALCOHOL);

    @Override
    public void look(Subject s, Findings out) {
        if (s.method().filter(m -> m == CanningMethod.COLD_STORAGE).isPresent()) {
            return;
        }
        if (s.placement().isPlaced() && s.placement().unlisted().isEmpty()) {
            out.add(Finding.of(INFO.code(), "met", Severity.MET, s.citePlaced(INFO)));
            return;
        }
        boolean acidified =
                s.placement().recipe().isPresent() && (s.kind() == FoodKind.ACIDIFIED || s.kind() == FoodKind.PICKLE);
        boolean plain = s.kind() == FoodKind.LOW_ACID
                && s.placement().recipe().isEmpty()
                && s.placement().family().equals("pieces");
        for (Ingredient i : s.placement().unlisted()) {
            Food food = i.food();
            if (ELSEWHERE.contains(food.kind())
                    || food.name().equals("coconut")
                    || food.name().equals("bacon")
                    || plain && PackLiquid.isLiquid(food)
                    || acidified && FreshHerbGarlic.judges(food)) {
                continue;
            }
            out.add(Finding.of(INFO.code(), "added", severity(s, food), s.citePlaced(INFO))
                    .at(i.range())
                    .figure("stated", i.amount().map(Object::toString).orElse("some"))
                    .figure("tested", "none")
                    .word("food", food.name())
                    .fix(new Edit.Remove(i.range(), food)));
        }
    }

    private static Severity severity(Subject s, Food food) {
        boolean lowAcid = food.kind().isProduce() && food.acidity() == Acidity.LOW;
        if (lowAcid) {
            return Severity.DANGER;
        }
        if (food.kind().isProduce()
                && food.acidity() == Acidity.BORDERLINE
                && s.kind().isGrave()) {
            return Severity.DANGER;
        }
        return Severity.CORRECT;
    }
}
