package oilcloth.check.acid;

import java.util.List;
import java.util.Optional;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.AcidRule;
import oilcloth.guide.Food;
import oilcloth.guide.Process;
import oilcloth.measure.JarSize;
import oilcloth.placing.FoodKind;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Edit;

/** Acid is required and none is added. */
public final class AcidMissing implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "acid.missing",
            "Acid is required and none is added",
            "This food can lie above pH 4.6. Without added acid botulism can grow in the jar, even after the full time.",
            "Guide 1");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        if (s.method().filter(m -> m == CanningMethod.COLD_STORAGE).isPresent()) {
            return;
        }
        Optional<Food> hopeless = s.produce().foods().stream()
                .filter(UntestedProduce::hasNoAmount)
                .findFirst();
        boolean acidified = s.recipe().acids().stream().anyMatch(i -> i.perJar().isEmpty());
        if (hopeless.isPresent() && !s.placement().isPlaced() && !acidified) {
            out.add(Finding.of(INFO.code(), "untested", Severity.DANGER, s.cite("Extension"))
                    .word("food", hopeless.get().name())
                    .fix());
            return;
        }
        boolean perJar = s.placement().open().stream().anyMatch(Process::needsAcidPerJar);
        boolean unplaced = !s.placement().isPlaced() && s.kind() == FoodKind.BORDERLINE;
        if (!(perJar || unplaced) || !s.recipe().acids().isEmpty()) {
            return;
        }
        String food = s.produce().main().map(Food::name).orElse("this food");
        if (s.acidRules().isEmpty()) {
            // whatever it is called: a process that asks for acid in each jar is never right without
            if (perJar) {
                out.add(Finding.of(INFO.code(), "some", Severity.DANGER, s.citePlaced(INFO))
                        .word("food", food)
                        .fix());
            }
            return;
        }
        JarSize jar = s.jars().stream().findFirst().orElse(JarSize.PINT);
        List<AcidRule> rules = s.acidRules();
        out.add(Finding.of(INFO.code(), "missing", Severity.DANGER, s.citePlaced(INFO))
                .figure("statedAcid", "none")
                .figure("requiredAcid", AcidWords.forms(rules, jar))
                .figure("jar", jar.label())
                .word("food", food)
                .fix(new Edit.AddAcidPerJar(
                        s.guide().food("lemon juice, bottled"), rules.get(0).perJar(jar), jar)));
    }
}
