package oilcloth.check.method;

import java.util.Optional;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.Threshold;
import oilcloth.heat.Requirement;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Edit;
import oilcloth.recipe.Fact;
import oilcloth.recipe.ProcessTime;

/** A steam canner for low-acid food, for more than 45 minutes, or with the air left in. */
public final class SteamLimit implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "method.steam-limit",
            "A steam canner for low-acid food, for more than 45 minutes, or not vented",
            "The water in a steam canner may boil dry, and steam without pressure is no hotter than boiling water.",
            "Extension");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        if (s.method().filter(m -> m == CanningMethod.STEAM).isEmpty()) {
            return;
        }
        if (LowAcidBoiling.isBoiled(s)) {
            out.add(found("low-acid", Severity.DANGER, s).fix());
            return;
        }
        if (!s.methodFits()) {
            return;
        }
        s.facts()
                .vented()
                .filter(v -> !v.value())
                .ifPresent(v -> out.add(Finding.of(INFO.code(), "unvented", Severity.CORRECT, s.cite(INFO.source()))
                        .at(v)
                        .fix()));
        int limit = (int) s.guide().figure(Threshold.STEAM_LIMIT);
        Optional<Requirement> required = s.jars().stream()
                .flatMap(j -> Requirement.of(s.rows(j), s.altitude()).stream())
                .max((a, b) -> Integer.compare(a.most().value(), b.most().value()));
        if (required.filter(r -> r.most().value() > limit).isPresent()) {
            out.add(found("long", Severity.CORRECT, s)
                    .figure("requiredMinutes", required.get().most().value())
                    .figure("limitMinutes", limit)
                    .fix(new Edit.SetMethod(CanningMethod.BOILING_WATER)));
            return;
        }
        s.facts().times().stream()
                .filter(t -> t.value().least().value() > limit)
                .findFirst()
                .ifPresent(t -> out.add(run(s, t, limit)));
    }

    /** More minutes than are needed, and more than the water lasts. */
    private static Finding.Builder run(Subject s, Fact<ProcessTime> time, int limit) {
        return Finding.of(INFO.code(), "run", Severity.CORRECT, s.cite(INFO.source()))
                .at(time)
                .figure("statedMinutes", time.value().least().value())
                .figure("limitMinutes", limit)
                .fix(new Edit.SetMethod(CanningMethod.BOILING_WATER));
    }

    private static Finding.Builder found(String variant, Severity severity, Subject s) {
        return Finding.of(INFO.code(), variant, severity, s.cite(INFO.source()))
                .at(s.facts().methods().stream()
                        .filter(f -> f.value() == CanningMethod.STEAM)
                        .findFirst());
    }
}
