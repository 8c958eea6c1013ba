package oilcloth.check.ingredient;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.Acidity;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.guide.TestedIngredient;
import oilcloth.guide.TestedRecipe;
import oilcloth.placing.FoodKind;
import oilcloth.recipe.Ingredient;
import oilcloth.text.Cue;

/** Swaps of the main food: accepted ones and others. */
public final class Substitution implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "ingredient.substitution",
            "Another main vegetable or fruit than was tested",
            "Each vegetable has its own acid and density. A recipe holds for the one it was tested with.",
            "Guide 6");

    private static final Set<FoodClass> SWAPPABLE = Set.of(FoodClass.PEPPER, FoodClass.ALLIUM, FoodClass.TOMATO);
    private static final Set<String> UNRIPE_ONLY = Set.of("mango, ripe", "papaya");
    private static final Cue INSTEAD = Cue.of(
            "\\b(instead of|in place of|in lieu of|subbed|substitut(e|ed|ing)|swapped|used)\\b[^.;\\n]{0,30}\\b(cucumbers?|cukes|beans|okra|asparagus|beets|carrots|cauliflower|tomatoes|peppers|corn|cabbage|zucchini|squash|cantaloupe|mango\\w*|peaches|apples|cranberries)\\b");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        Optional<TestedRecipe> tested = s.placement().recipe();
        if (tested.isPresent()) {
            accepted(s, tested.get(), out);
            return;
        }
        if (s.kind() == FoodKind.ACIDIFIED || s.kind() == FoodKind.PICKLE) {
            s.said()
                    .anywhere(INSTEAD)
                    .filter(r -> s.produce().ingredients().stream()
                            .anyMatch(i -> i.food().acidity() != Acidity.HIGH))
                    .ifPresent(r -> out.add(Finding.of(INFO.code(), "swapped", Severity.DANGER, s.cite(INFO.source()))
                            .at(r)
                            .fix()));
            s.produce().ingredients().stream()
                    .filter(i -> UNRIPE_ONLY.contains(i.food().name()))
                    .findFirst()
                    .ifPresent(i -> out.add(Finding.of(INFO.code(), "ripe", Severity.DANGER, s.cite(INFO.source()))
                            .at(i.range())
                            .word("food", i.food().name())
                            .fix()));
        }
    }

    /** Peppers for peppers, onions for onions, green tomatoes for red in a salsa, squash in bread-and-butter. */
    private static void accepted(Subject s, TestedRecipe tested, Findings out) {
        for (Ingredient i : s.produce().ingredients()) {
            boolean swap =
                    SWAPPABLE.contains(i.food().kind()) || i.food().group().equals("summer squash");
            boolean listed = tested.ingredients().stream()
                    .map(TestedIngredient::foods)
                    .flatMap(List::stream)
                    .anyMatch(f -> f.name().equals(i.food().name()));
            boolean sameGroup = tested.ingredients().stream()
                    .map(TestedIngredient::foods)
                    .flatMap(List::stream)
                    .map(Food::kind)
                    .anyMatch(k -> k == i.food().kind());
            boolean unlisted = s.placement().unlisted().contains(i);
            if (swap && !listed && sameGroup && !unlisted) {
                out.add(Finding.of(INFO.code(), "accepted", Severity.MET, s.cite(tested))
                        .at(i.range())
                        .word("food", i.food().name()));
            }
        }
    }
}
