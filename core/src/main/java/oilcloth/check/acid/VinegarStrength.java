package oilcloth.check.acid;

import java.util.List;
import oilcloth.acidity.Brine;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Message;
import oilcloth.check.Question;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.placing.FoodKind;
import oilcloth.recipe.Assertion;
import oilcloth.recipe.Ingredient;

/** Vinegar of unknown strength, or under 5 %. */
public final class VinegarStrength implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "acid.vinegar-strength",
            "Vinegar of unknown strength, or under 5 %",
            "Tested recipes are worked out for vinegar of 5 % acetic acid. Weaker vinegar leaves the jar short of acid.",
            "Guide 6");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        boolean tested = s.placement().recipe().flatMap(Brine::of).isPresent();
        boolean matters = tested || (s.kind().isGrave() && s.kind() != FoodKind.LOW_ACID);
        if (!matters) {
            return;
        }
        for (Ingredient i : s.recipe().acids()) {
            if (!i.food().isVinegar()) {
                continue;
            }
            double percent = Brine.strength(i);
            boolean said = i.strengthPercent().isPresent();
            if (i.food().name().equals("vinegar, homemade")) {
                out.add(Finding.of(INFO.code(), "homemade", Severity.DANGER, s.cite(INFO.source()))
                        .at(i.range())
                        .fix());
            } else if (percent < Brine.VINEGAR_PERCENT) {
                out.add(Finding.of(INFO.code(), "weak", Severity.DANGER, s.cite(INFO.source()))
                        .at(i.range())
                        .figure("statedPercent", percent)
                        .figure("requiredPercent", Brine.VINEGAR_PERCENT)
                        .fix());
            } else if (!said) {
                out.ask(new Question(
                        "ask.vinegar-strength",
                        Message.of("ask.vinegar-strength"),
                        List.of(INFO.code()),
                        List.of(
                                new Question.Answer(
                                        Message.of("ask.vinegar-strength.5"),
                                        new Assertion(Assertion.Field.VINEGAR_PERCENT, "5")),
                                new Question.Answer(
                                        Message.of("ask.vinegar-strength.4"),
                                        new Assertion(Assertion.Field.VINEGAR_PERCENT, "4"))),
                        List.of(i.range())));
            }
        }
    }
}
