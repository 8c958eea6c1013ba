package oilcloth.check.ingredient;

import java.util.List;
import java.util.Map;
import oilcloth.acidity.Proportions;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Message;
import oilcloth.check.Question;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.measure.Amount;
import oilcloth.measure.Unit;
import oilcloth.recipe.Edit;
import oilcloth.recipe.Ingredient;

/** More of a low-acid vegetable than the tested recipe carries. */
public final class LowAcidRaised implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "ingredient.low-acid-raised",
            "More of a low-acid vegetable than the tested recipe carries",
            "Onion, pepper, garlic, celery and corn take up acid. More of them makes the whole jar less sour.",
            "Guide 3");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        if (s.placement().recipe().isEmpty()) {
            return;
        }
        Proportions p = Proportions.of(s.recipe(), s.placement().recipe().get(), s.guide());
        for (Proportions.Raised raised : p.raised()) {
            List<Ingredient> of = s.produce().ingredients().stream()
                    .filter(i -> p.isOf(i.food(), raised.group()))
                    .toList();
            String food = of.isEmpty() ? raised.group() : of.get(0).food().group();
            if (!raised.certain()) {
                out.ask(new Question(
                        "ask.cups",
                        new Message("ask.cups-of", Map.of("food", food)),
                        List.of(INFO.code()),
                        List.of(),
                        of.stream().map(Ingredient::range).toList()));
                continue;
            }
            Finding.Builder finding = Finding.of(INFO.code(), "raised", Severity.DANGER, s.citePlaced(INFO))
                    .figure(
                            "statedCups",
                            round((raised.stated().least() + raised.stated().most()) / 2))
                    .figure("testedCups", round(raised.tested()))
                    .word("food", food);
            of.forEach(i -> finding.at(i.range()));
            out.add(
                    of.size() == 1
                            ? finding.fix(new Edit.SetIngredient(
                                    of.get(0).range(), of.get(0).food(), Amount.of(round(raised.tested()), Unit.CUP)))
                            : finding.fix());
        }
    }

    private static double round(double value) {
        return Math.floor(value * 8) / 8.0;
    }
}
