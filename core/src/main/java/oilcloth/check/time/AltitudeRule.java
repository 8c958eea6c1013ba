package oilcloth.check.time;

import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;

/** The canner adds minutes by a rule of thumb. */
public final class AltitudeRule implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "time.altitude-rule",
            "The canner adds minutes by a rule of thumb",
            "Rules of thumb can fall below the tested row of the product.",
            "Extension");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        s.facts()
                .minutesPerThousandFeet()
                .ifPresent(rule -> out.add(Finding.of(INFO.code(), "rule", Severity.NOTE, s.cite(INFO.source()))
                        .at(rule)
                        .figure("minutesPerThousandFeet", rule.value())));
    }
}
