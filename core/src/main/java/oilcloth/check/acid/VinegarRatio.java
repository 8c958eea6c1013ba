package oilcloth.check.acid;

import java.util.List;
import java.util.Optional;
import oilcloth.acidity.Proportions;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Message;
import oilcloth.check.Question;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.Acidity;
import oilcloth.guide.FamilyLimit;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.Volume;
import oilcloth.placing.FoodKind;
import oilcloth.recipe.Edit;
import oilcloth.recipe.Ingredient;

/** Too little vinegar for the vegetables. */
public final class VinegarRatio implements Check {
    /** What is to be measured out is told in quarter cups: acid rounded up, vegetables down. */
    private static final double QUARTERS = 4;

    private static final double NEARLY = 1e-6;

    private static final CheckInfo INFO = new CheckInfo(
            "acid.vinegar-ratio",
            "Too little vinegar for the vegetables",
            "The acid is shared out over all the vegetables. More of them, or less vinegar, and each piece gets too little.",
            "Guide 6");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        Optional<TestedRecipe> tested = s.placement().recipe();
        if (tested.isPresent()) {
            Proportions p = Proportions.of(s.recipe(), tested.get(), s.guide());
            if (!tested.get().isPacked() && !tested.get().isFermented()) {
                matched(s, out, p);
            }
            if (p.isShortOfJuice(s.recipe(), tested.get())) {
                askAmount(s, out);
            }
        } else if (s.kind() == FoodKind.ACIDIFIED || s.kind() == FoodKind.PICKLE) {
            unmatched(s, out);
        }
    }

    private static void matched(Subject s, Findings out, Proportions p) {
        if (p.acidTestedCups() == 0) {
            return;
        }
        if (p.acidStatedCups() == 0) {
            if (s.recipe().acids().isEmpty()) {
                out.add(Finding.of(INFO.code(), "none", Severity.DANGER, s.citePlaced(INFO))
                        .figure("statedVinegarCups", 0.0)
                        .fix());
            } else {
                askAmount(s, out);
            }
            return;
        }
        judge(s, out, p.solids(), p.acidStatedCups(), p.testedSolids() / p.acidTestedCups());
        if (!out.has(INFO.code(), Severity.CORRECT)) {
            // Ripe tomatoes and other borderline produce dilute the acid too.
            double all = p.testedAllSolids() / p.acidTestedCups();
            if (p.allSolids().least() / p.acidStatedCups() > all * p.tolerance() + 1e-6) {
                judge(s, out, p.allSolids(), p.acidStatedCups(), all);
            }
        }
    }

    private static void askAmount(Subject s, Findings out) {
        out.ask(new Question(
                "ask.acid-amount",
                Message.of("ask.acid-amount"),
                List.of(INFO.code()),
                List.of(),
                s.recipe().acids().stream().map(Ingredient::range).toList()));
    }

    private static void unmatched(Subject s, Findings out) {
        // A butter or an unnamed mixture is held to the loosest family: beyond that nothing was ever tested.
        Optional<FamilyLimit> limit =
                s.guide().limit(s.placement().family()).or(() -> s.guide().limit("pickle"));
        double acid = s.recipe().acids().stream()
                .filter(i -> i.perJar().isEmpty())
                .mapToDouble(i -> i.leastVolume().map(Volume::cups).orElse(0.0))
                .sum();
        double solids = s.produce().ingredients().stream()
                .filter(i -> i.food().acidity() == Acidity.LOW)
                .mapToDouble(i -> i.leastVolume().map(Volume::cups).orElse(0.0))
                .sum();
        // no vinegar makes pumpkin butter safe
        if (limit.isEmpty() || acid == 0 || solids == 0 || out.has("acid.produce", Severity.CORRECT)) {
            return;
        }
        double most = limit.get().lowAcidCupsPerCupAcidMax();
        if (solids / acid > most * s.guide().proportionTolerance()) {
            judge(s, out, new Proportions.Cups(solids, solids), acid, most);
        }
    }

    private static void judge(Subject s, Findings out, Proportions.Cups solids, double acid, double tested) {
        double limit = tested * s.guide().proportionTolerance() + 1e-6;
        double least = solids.least() / acid;
        boolean over = least > limit;
        List<Ingredient> acids = s.recipe().acids();
        if (!over && solids.most() / acid > limit) {
            out.ask(new Question(
                    "ask.cups",
                    Message.of("ask.cups"),
                    List.of(INFO.code()),
                    List.of(),
                    s.produce().ingredients().stream().map(Ingredient::range).toList()));
            return;
        }
        Finding.Builder finding = Finding.of(
                        INFO.code(), over ? "over" : "met", over ? Severity.DANGER : Severity.MET, s.citePlaced(INFO))
                .at(acids.get(0).range())
                .figure("statedCupsPerCupVinegar", round((solids.least() + solids.most()) / 2 / acid))
                .figure("testedCupsPerCupVinegar", round(tested))
                .figure("vinegarStatedCups", round(acid))
                .figure("vinegarNeededCups", round(solids.most() / tested))
                .word("needed", Math.ceil(solids.most() / tested * QUARTERS - NEARLY) / QUARTERS)
                .word("carried", Math.floor(acid * tested * QUARTERS + NEARLY) / QUARTERS);
        if (over) {
            Ingredient first = acids.stream()
                    .filter(a -> a.amount().isPresent())
                    .findFirst()
                    .orElseThrow();
            double factor = solids.most() / tested / acid;
            finding.fix(new Edit.SetIngredient(
                    first.range(), first.food(), first.amount().orElseThrow().times(factor)));
        }
        out.add(finding);
    }

    private static double round(double value) {
        return Math.round(value * 100) / 100.0;
    }
}
