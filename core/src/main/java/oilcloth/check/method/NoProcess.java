package oilcloth.check.method;

import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.placing.FoodKind;
import oilcloth.recipe.CanningMethod;

/** A low-acid mixture is pressure canned by a time nobody tested. */
public final class NoProcess implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "method.no-process",
            "A low-acid mixture is pressure canned by a time nobody tested",
            "How fast heat moves depends on everything in the jar. A borrowed time may leave the middle too cool.",
            "Guide 4");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        boolean pressure = s.method().filter(m -> m == CanningMethod.PRESSURE).isPresent();
        if (pressure
                && !s.placement().isPlaced()
                && s.kind() == FoodKind.LOW_ACID
                && !s.produce().isEmpty()) {
            out.add(Finding.of(INFO.code(), "none", Severity.DANGER, s.cite(INFO.source()))
                    .at(s.facts().methods().stream()
                            .filter(f -> f.value() == CanningMethod.PRESSURE)
                            .findFirst())
                    .fix());
        }
    }
}
