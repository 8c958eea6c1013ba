package oilcloth.check.acid;

import java.util.List;
import java.util.Optional;
import oilcloth.acidity.Brine;
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
import oilcloth.measure.Amount;
import oilcloth.measure.Unit;
import oilcloth.placing.FoodKind;
import oilcloth.recipe.Edit;
import oilcloth.recipe.Ingredient;

/** The covering liquid is weaker than tested. */
public final class BrineWeak implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "acid.brine-weak",
            "The covering liquid is weaker than tested",
            "The brine has to sour the vegetables all the way through. Water in place of vinegar takes that away.",
            "Guide 6");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    /** Rounding of measures; a brine is not allowed the ten per cent that solids are. */
    private static final double ROUNDING = 0.98;

    @Override
    public void look(Subject s, Findings out) {
        boolean pickle = s.kind() == FoodKind.PICKLE || s.kind() == FoodKind.ACIDIFIED;
        boolean fermented = s.placement()
                .recipe()
                .map(TestedRecipe::isFermented)
                .orElse(s.placement().family().equals("kraut"));
        Optional<Brine> tested = s.placement().recipe().flatMap(Brine::of);
        boolean vinegarExpected = tested.isPresent()
                || (s.placement().recipe().isEmpty() && s.placement().family().equals("pickle"));
        if (!pickle || fermented || !vinegarExpected) {
            return;
        }
        List<Ingredient> vinegars =
                s.recipe().acids().stream().filter(i -> i.food().isVinegar()).toList();
        Optional<Brine> vinegar = Brine.of(s.recipe());
        boolean salsa =
                s.placement().recipe().filter(t -> t.form().equals("salsa")).isPresent();
        Optional<Brine> brine =
                vinegar.isPresent() && salsa ? Brine.ofSalsa(s.recipe()).or(() -> vinegar) : vinegar;
        if (brine.isEmpty()) {
            unmeasured(s, out, vinegars);
            return;
        }
        // where water is part of the tested brine, water without an amount thins the vinegar nobody knows how far
        List<Ingredient> waters = s.recipe().inJar().stream()
                .filter(i -> i.food().name().equals("water"))
                .toList();
        boolean thinned = s.placement().recipe().filter(BrineWeak::hasWater).isPresent();
        if (thinned
                && !waters.isEmpty()
                && waters.stream().allMatch(i -> i.amount().isEmpty())) {
            askBrine(out, waters);
        }
        double required = tested.map(Brine::percent).orElse(s.guide().figure(Threshold.BRINE_LEAST));
        boolean weak = brine.get().percent() < required * ROUNDING;
        Finding.Builder finding = Finding.of(
                        INFO.code(), weak ? "weak" : "met", weak ? Severity.DANGER : Severity.MET, s.citePlaced(INFO))
                .at(vinegars.get(0).range())
                .figure("statedPercent", round(brine.get().percent()))
                .figure("requiredPercent", round(required))
                .figure("vinegarCups", round(brine.get().vinegar().cups()))
                .figure("waterCups", round(brine.get().water().cups()));
        s.recipe().inJar().stream()
                .filter(i -> i.food().kind() == FoodClass.WATER && i.amount().isPresent())
                .findFirst()
                .ifPresent(w -> finding.at(w.range()));
        if (weak) {
            double most = Math.max(0, brine.get().vinegar().cups() * (Brine.VINEGAR_PERCENT / required - 1));
            finding.word("waterMost", most);
            s.recipe().inJar().stream()
                    .filter(i ->
                            i.food().kind() == FoodClass.WATER && i.amount().isPresent())
                    .findFirst()
                    .ifPresentOrElse(
                            w -> finding.fix(
                                    new Edit.SetIngredient(w.range(), w.food(), Amount.of(round(most), Unit.CUP))),
                            finding::fix);
        }
        out.add(finding);
    }

    private static boolean hasWater(TestedRecipe tested) {
        return tested.ingredients().stream()
                .anyMatch(l ->
                        !l.aside() && l.foods().stream().anyMatch(f -> f.name().equals("water")));
    }

    private static void unmeasured(Subject s, Findings out, List<Ingredient> vinegars) {
        if (vinegars.isEmpty()) {
            if (s.recipe().acids().isEmpty()) {
                out.add(Finding.of(INFO.code(), "none", Severity.DANGER, s.citePlaced(INFO))
                        .fix());
            }
            return;
        }
        askBrine(out, vinegars);
    }

    private static void askBrine(Findings out, List<Ingredient> liquids) {
        out.ask(new Question(
                "ask.brine",
                Message.of("ask.brine"),
                List.of(INFO.code()),
                List.of(),
                liquids.stream().map(Ingredient::range).toList()));
    }

    private static double round(double value) {
        return Math.round(value * 100) / 100.0;
    }
}
