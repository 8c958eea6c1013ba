package oilcloth.check.method;

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

/** A steam canner for a process of more than 45 minutes. */
public final class SteamLimit implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "method.steam-limit",
            "A steam canner for a process of more than 45 minutes",
            "The water in a steam canner may boil dry.",
            "Extension");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        if (s.method().filter(m -> m == CanningMethod.STEAM).isEmpty() || !s.methodFits()) {
            return;
        }
        double limit = s.guide().figure(Threshold.STEAM_LIMIT);
        s.jars().stream()
                .flatMap(j -> Requirement.of(s.rows(j), s.altitude()).stream())
                .filter(r -> r.most().value() > limit)
                .findFirst()
                .ifPresent(r -> out.add(Finding.of(INFO.code(), "long", Severity.CORRECT, s.cite(INFO.source()))
                        .at(s.facts().methods().stream()
                                .filter(f -> f.value() == CanningMethod.STEAM)
                                .findFirst())
                        .figure("requiredMinutes", r.most().value())
                        .figure("limitMinutes", (int) limit)
                        .fix(new Edit.SetMethod(CanningMethod.BOILING_WATER))));
    }
}
