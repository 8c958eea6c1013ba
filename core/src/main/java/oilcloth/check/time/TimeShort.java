package oilcloth.check.time;

import java.util.Optional;
import oilcloth.acidity.Brine;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.TestedRecipe;
import oilcloth.guide.Threshold;
import oilcloth.heat.Requirement;
import oilcloth.measure.JarSize;
import oilcloth.placing.FoodKind;
import oilcloth.recipe.Edit;
import oilcloth.recipe.Fact;
import oilcloth.recipe.ProcessTime;

/** Stated minutes below the tested time for this style, pack, jar and altitude. */
public final class TimeShort implements Check {

    private static final CheckInfo INFO = new CheckInfo(
            "time.short",
            "The stated time is shorter than the tested time",
            "The tested time is the shortest that heats the middle of the jar enough at that altitude.",
            "Guide 1");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        if (!s.methodFits()) {
            return;
        }
        for (JarSize jar : s.jars().isEmpty()
                ? Timing.jars(s).subList(0, Math.min(1, Timing.jars(s).size()))
                : Timing.jars(s)) {
            Optional<Fact<ProcessTime>> stated = Timing.stated(s, jar);
            Optional<Requirement> required = Timing.required(s, jar);
            if (stated.isPresent() && required.isPresent()) {
                judge(s, out, jar, stated.get(), required.get());
            }
        }
    }

    private static void judge(Subject s, Findings out, JarSize jar, Fact<ProcessTime> stated, Requirement required) {
        int minutes = stated.value().least().value();
        boolean tooShort = minutes < required.least().value();
        boolean enough = minutes >= required.most().value();
        if (!tooShort && !enough) {
            return;
        }
        String place = s.altitude()
                .map(a -> String.format(java.util.Locale.ROOT, "at %,d ft", a.feet()))
                .orElse("at any altitude");
        Finding.Builder finding = Finding.of(
                        INFO.code(),
                        tooShort ? "short" : "met",
                        tooShort ? severity(s, required.least().value() - minutes) : Severity.MET,
                        s.cite(required.deciding()))
                .at(stated)
                .figure("statedMinutes", minutes)
                .figure(
                        "requiredMinutes",
                        tooShort ? required.most().value() : required.most().value())
                .figure("jar", jar.id())
                .word("required", required.words())
                .word("place", place)
                .word("food", s.strictest().orElseThrow().food());
        if (tooShort) {
            finding.figure("shortBy", required.most().value() - minutes);
            if (s.altitude().isPresent()) {
                finding.fix(new Edit.SetMinutes(required.most()));
            } else {
                finding.fix();
            }
        }
        out.add(finding);
    }

    private static Severity severity(Subject s, int shortBy) {
        if (s.kind() != FoodKind.PICKLE) {
            return s.grave();
        }
        boolean strong = s.placement()
                .recipe()
                .flatMap(Brine::of)
                .map(t -> Brine.of(s.recipe())
                        .map(b -> b.percent() >= t.percent() * 0.98)
                        .orElse(false))
                .orElse(false);
        // what a ferment lacks in salt or weeks, other checks tell
        boolean soured =
                s.placement().recipe().filter(TestedRecipe::isFermented).isPresent();
        return (strong || soured) && shortBy <= s.guide().figure(Threshold.PICKLE_TIME_MARGIN)
                ? Severity.CORRECT
                : Severity.DANGER;
    }
}
