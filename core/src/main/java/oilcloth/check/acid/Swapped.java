package oilcloth.check.acid;

import java.util.List;
import java.util.Optional;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.Food;
import oilcloth.guide.TestedIngredient;
import oilcloth.guide.TestedRecipe;
import oilcloth.placing.FoodKind;
import oilcloth.recipe.Ingredient;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/** One acid in place of another. */
public final class Swapped implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "acid.swapped",
            "Vinegar stands in for lemon or lime juice",
            "Vinegar is the weaker acid: measure for measure it leaves the jar less sour than the tested juice.",
            "Guide 3");

    private static final Cue TOLD = Cue.of(
            "\\bvinegar\\b[^.;\\n]{0,24}\\b(instead of|in place of|in lieu of|for) (the )?(bottled )?(lemon|lime)\\b"
                    + "|\\b(calls?|called|asks?|asked) for\\b[^.;\\n]{0,40}\\b(lemon|lime)\\b[^.;\\n]{0,60}\\b(so|but|instead)\\b[^.;\\n]{0,40}\\bvinegar\\b"
                    + "|\\b(no|out of|don'?t (like|care for|have)|instead of( the)?|in place of( the)?|had no) (bottled )?(lemon|lime)( juice)?\\b[^.;\\n]{0,40}\\bvinegar\\b");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        Optional<Range> told = s.said().anywhere(TOLD);
        if (s.kind() == FoodKind.ACIDIFIED && told.isPresent()) {
            out.add(Finding.of(INFO.code(), "vinegar", Severity.DANGER, s.citePlaced(INFO))
                    .at(told.get())
                    .fix());
            return;
        }
        s.placement().recipe().ifPresent(tested -> {
            List<Ingredient> mine = s.recipe().acids().stream()
                    .filter(i -> i.perJar().isEmpty())
                    .toList();
            boolean juice = tests(tested, true) && !tests(tested, false);
            boolean vinegar = tests(tested, false) && !tests(tested, true);
            boolean onlyVinegar =
                    !mine.isEmpty() && mine.stream().allMatch(i -> i.food().isVinegar());
            boolean onlyJuice =
                    !mine.isEmpty() && mine.stream().allMatch(i -> i.food().isCitrusJuice());
            if (juice && onlyVinegar) {
                out.add(Finding.of(INFO.code(), "vinegar", Severity.DANGER, s.cite(tested))
                        .at(mine.get(0).range())
                        .fix());
            } else if (vinegar && onlyJuice && tested.form().equals("salsa")) {
                out.add(Finding.of(INFO.code(), "juice", Severity.MET, s.cite(tested))
                        .at(mine.get(0).range()));
            }
        });
    }

    private static boolean tests(TestedRecipe tested, boolean juice) {
        return tested.ingredients().stream()
                .filter(l -> !l.aside() && !l.foods().isEmpty())
                .map(TestedIngredient::foods)
                .map(f -> f.get(0))
                .filter(Food::isAcidulant)
                .anyMatch(f -> f.isCitrusJuice() == juice);
    }
}
