package oilcloth.check.method;

import java.util.List;
import java.util.Optional;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.Food;
import oilcloth.guide.Kitchen;
import oilcloth.placing.FoodKind;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Fact;
import oilcloth.recipe.Facts;
import oilcloth.text.Range;
import oilcloth.text.Token;
import oilcloth.text.Tokens;

/** Low-acid food is canned by a time nobody tested: the food or the dish has no process at all. */
public final class NoProcess implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "method.no-process",
            "Low-acid food is canned by a time nobody tested",
            "How fast heat moves depends on everything in the jar. A borrowed time may leave the middle too cool.",
            "Guide 4");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        boolean kept = s.method().filter(m -> m == CanningMethod.COLD_STORAGE).isPresent();
        if (kept || s.placement().isPlaced()) {
            return;
        }
        Optional<Kitchen.NoProcess> refused = dish(s).or(() -> food(s));
        Optional<Fact<CanningMethod>> pressure = s.facts().methods().stream()
                .filter(f -> f.value() == CanningMethod.PRESSURE)
                .findFirst();
        boolean borrowed = pressure.isPresent()
                || s.method().filter(m -> m == CanningMethod.PRESSURE).isPresent();
        if (s.kind() != FoodKind.LOW_ACID || s.produce().isEmpty() && dish(s).isEmpty()) {
            return;
        }
        if (refused.isPresent()) {
            out.add(Finding.of(
                            INFO.code(),
                            "refused",
                            Severity.DANGER,
                            s.cite(refused.get().source()))
                    .at(pressure)
                    .word("why", refused.get().why())
                    .word("instead", refused.get().instead())
                    .fix());
        } else if (borrowed && !isOnlyLiquid(s)) {
            out.add(Finding.of(INFO.code(), "none", Severity.DANGER, s.cite(INFO.source()))
                    .at(pressure)
                    .fix());
        }
    }

    /** "We canned our bear in pints, with hot broth": what was canned is a word nobody knows, and asked about. */
    private static boolean isOnlyLiquid(Subject s) {
        boolean stock = Facts.values(s.facts().forms()).contains("stock");
        return !stock && s.produce().foods().stream().allMatch(Food::isOfBones);
    }

    /** A letter without a title says what it is in its first words. */
    private static final int OPENING = 40;

    /** "Chicken pot pie", "carrot cake": refused by its name, whatever is in it. */
    private static Optional<Kitchen.NoProcess> dish(Subject s) {
        Range title = s.recipe()
                .title()
                .orElse(new Range(0, Math.min(OPENING, s.recipe().text().length())));
        List<Token> words = Tokens.of(s.recipe().text(), title);
        return words.stream()
                .flatMap(w -> s.guide().kitchen().noProcess(w.norm()).stream())
                .findFirst();
    }

    /** The main food, plain or in a form that was never tested. */
    private static Optional<Kitchen.NoProcess> food(Subject s) {
        return s.produce().main().flatMap(f -> s.guide()
                .kitchen()
                .noProcess(f, Facts.values(s.facts().forms())));
    }
}
