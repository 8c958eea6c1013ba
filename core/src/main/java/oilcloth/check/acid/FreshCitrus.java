package oilcloth.check.acid;

import java.util.List;
import java.util.Map;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Message;
import oilcloth.check.Question;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.Food;
import oilcloth.guide.Process;
import oilcloth.placing.FoodKind;
import oilcloth.recipe.Assertion;
import oilcloth.recipe.Edit;
import oilcloth.recipe.Ingredient;

/** Fresh lemon or lime juice where bottled is required. */
public final class FreshCitrus implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "acid.fresh-citrus",
            "Fresh lemon or lime juice where bottled is required",
            "The acid of fresh fruit varies from lemon to lemon. Bottled juice is kept to one strength.",
            "Guide 3");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        if (!citrusMatters(s)) {
            return;
        }
        for (Ingredient i : s.recipe().acids()) {
            if (i.food().name().endsWith("fresh")) {
                boolean only = s.kind() == FoodKind.ACIDIFIED
                        && s.recipe().acids().stream().noneMatch(a -> a.food().isVinegar());
                Food bottled = s.guide().food(i.food().name().replace("fresh", "bottled"));
                Finding.Builder finding = Finding.of(
                                INFO.code(), "fresh", only ? Severity.DANGER : Severity.CORRECT, s.citePlaced(INFO))
                        .at(i.range())
                        .figure("stated", i.food().name())
                        .figure("required", bottled.name())
                        .word("amount", i.amount().map(Object::toString).orElse("the same amount"));
                out.add(
                        i.amount().isPresent()
                                ? finding.fix(new Edit.SetIngredient(
                                        i.range(), bottled, i.amount().get()))
                                : finding.fix());
            } else if (i.food().name().endsWith("kind unsaid")) {
                out.ask(new Question(
                        "ask.lemon-kind",
                        new Message(
                                "ask.lemon-kind",
                                Map.of("juice", i.food().name().startsWith("lime") ? "lime juice" : "lemon juice")),
                        List.of(INFO.code()),
                        List.of(
                                new Question.Answer(
                                        Message.of("ask.lemon-kind.bottled"),
                                        new Assertion(Assertion.Field.LEMON_KIND, "bottled")),
                                new Question.Answer(
                                        Message.of("ask.lemon-kind.fresh"),
                                        new Assertion(Assertion.Field.LEMON_KIND, "fresh"))),
                        List.of(i.range())));
            }
        }
    }

    /** Where the juice is what makes the jar safe; in jam of acid fruit or to keep pears white it does not matter. */
    private static boolean citrusMatters(Subject s) {
        boolean perJar = s.placement().open().stream().anyMatch(Process::needsAcidPerJar);
        boolean tested = s.placement()
                .recipe()
                .map(r -> r.ingredients().stream()
                        .anyMatch(l ->
                                l.role().equals("acid") && l.foods().stream().anyMatch(Food::isCitrusJuice)))
                .orElse(false);
        boolean plainAcid = s.kind() == FoodKind.ACID
                && s.placement().isPlaced()
                && s.placement().recipe().isEmpty();
        return perJar || tested || (s.kind().isGrave() && !plainAcid && s.kind() != FoodKind.LOW_ACID);
    }
}
