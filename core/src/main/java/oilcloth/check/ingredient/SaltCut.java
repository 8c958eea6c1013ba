package oilcloth.check.ingredient;

import java.util.List;
import java.util.Optional;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Message;
import oilcloth.check.Question;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.FoodClass;
import oilcloth.guide.TestedRecipe;
import oilcloth.guide.Threshold;
import oilcloth.measure.Volume;
import oilcloth.recipe.Ingredient;

/** Less salt in a ferment than the tested batch has. */
public final class SaltCut implements Check {

    private static final CheckInfo INFO = new CheckInfo(
            "ingredient.salt-cut",
            "Less salt in a ferment than tested",
            "In a ferment the salt holds back harmful germs until the cabbage is sour.",
            "Guide 6");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        if (s.placement().recipe().filter(TestedRecipe::isFermented).isEmpty()) {
            return;
        }
        List<Ingredient> salts = s.recipe().ingredients().stream()
                .filter(i -> i.food().kind() == FoodClass.SALT)
                .toList();
        Optional<Double> salt = grams(salts);
        Optional<Double> vegetables = grams(s.produce().ingredients());
        if (salt.isEmpty() || vegetables.isEmpty()) {
            out.ask(new Question(
                    "ask.salt",
                    Message.of("ask.salt"),
                    List.of(INFO.code()),
                    List.of(),
                    salts.stream().map(Ingredient::range).toList()));
            return;
        }
        double percent = Math.round(salt.get() / vegetables.get() * 1000) / 10.0;
        boolean cut = salt.get() / vegetables.get() * 100 < s.guide().figure(Threshold.KRAUT_SALT_LEAST);
        Finding.Builder finding = Finding.of(
                        INFO.code(), cut ? "cut" : "met", cut ? Severity.DANGER : Severity.MET, s.citePlaced(INFO))
                .at(salts.get(0).range())
                .figure("statedPercent", percent)
                .figure("requiredPercent", 1.9);
        out.add(cut ? finding.fix() : finding);
    }

    /** The least it may weigh; empty when nothing is there or something was not measured. */
    private static Optional<Double> grams(List<Ingredient> of) {
        double grams = 0;
        for (Ingredient i : of) {
            Optional<Volume> volume = i.leastVolume();
            if (volume.isEmpty() || i.food().gramsPerCup().isEmpty()) {
                return Optional.empty();
            }
            grams += volume.get().cups() * i.food().gramsPerCup().getAsDouble();
        }
        return grams == 0 ? Optional.empty() : Optional.of(grams);
    }
}
