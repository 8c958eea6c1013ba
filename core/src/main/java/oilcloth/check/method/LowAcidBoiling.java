package oilcloth.check.method;

import java.util.Optional;
import java.util.Set;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.Method;
import oilcloth.guide.Process;
import oilcloth.guide.ProcessRow;
import oilcloth.measure.Minutes;
import oilcloth.placing.FoodKind;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Edit;
import oilcloth.text.Cue;

/** Low-acid food in boiling water or steam. */
public final class LowAcidBoiling implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "method.low-acid-boiling",
            "Low-acid food in boiling water or steam",
            "Boiling never gets hot enough to kill the spores of botulism, however long it lasts. In a closed jar of low-acid food they grow and make poison.",
            "Guide 1");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    /** Whether nothing but pressure makes this food safe, and it gets none. */
    static boolean isBoiled(Subject s) {
        boolean boiled = s.method()
                .map(m -> m == CanningMethod.BOILING_WATER || m == CanningMethod.STEAM)
                .orElse(false);
        boolean lowAcid = s.kind() == FoodKind.LOW_ACID
                && (s.produce().hasLowAcid()
                        || s.produce().hasMeat()
                        || s.placement()
                                .method()
                                .filter(m -> m == Method.PRESSURE)
                                .isPresent());
        boolean otherwise =
                s.placement().method().filter(m -> m == Method.BOILING).isPresent();
        return boiled && lowAcid && !otherwise && !isOnlyNamed(s);
    }

    private static final Cue MADE = Cue.of("\\b(made|make|did|put up|canned|batch of|recipe for)\\b[^.;:]*$");

    /** Letters: "made the sweet and sour corn ". */
    private static final int REACH = 30;

    private static final Set<String> SOURED = Set.of("relish", "pickle", "salsa", "chutney", "ketchup");

    /** "I made the corn relish in the guide": by its name it is sour, and nothing of what is in it was told. */
    private static boolean isOnlyNamed(Subject s) {
        String text = s.recipe().text();
        return !s.placement().isPlaced()
                && s.facts().forms().stream()
                        .filter(f -> SOURED.contains(f.value()))
                        .flatMap(f -> f.range().stream())
                        .anyMatch(r -> MADE.in(text.substring(Math.max(0, r.start() - REACH), r.start())))
                && s.recipe().ingredients().stream().allMatch(i -> i.amount().isEmpty())
                && s.facts().liquids().isEmpty()
                && s.facts().packs().isEmpty();
    }

    @Override
    public void look(Subject s, Findings out) {
        if (!isBoiled(s)) {
            if (s.methodFits()) {
                out.add(Finding.of(INFO.code(), "met", Severity.MET, s.citePlaced(INFO))
                        .at(s.facts().methods().stream().findFirst()));
            }
            return;
        }
        Finding.Builder finding = Finding.of(
                        INFO.code(),
                        s.placement().isPlaced() ? "pressure" : "none",
                        Severity.DANGER,
                        s.citePlaced(INFO))
                .at(s.facts().methods().stream()
                        .filter(f -> f.value() != CanningMethod.PRESSURE)
                        .findFirst());
        Optional<Process> process = s.strictest().filter(p -> p.method() == Method.PRESSURE);
        if (process.isPresent()) {
            ProcessRow row = s.jars().stream()
                    .findFirst()
                    .flatMap(process.get()::rowFor)
                    .orElse(process.get().anyRow());
            finding.figure("requiredMinutes", row.minutes().get(0))
                    .figure("jar", row.jar().id())
                    .word("food", process.get().food());
            finding.fix(new Edit.SetProcess(
                    CanningMethod.PRESSURE, Optional.of(Minutes.of(row.minutes().get(0)))));
        } else {
            finding.fix();
        }
        out.add(finding);
    }
}
