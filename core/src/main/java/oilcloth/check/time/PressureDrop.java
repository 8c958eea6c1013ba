package oilcloth.check.time;

import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;

/** The pressure fell and the time was not started again. */
public final class PressureDrop implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "time.pressure-drop",
            "The pressure fell and the time was not started again",
            "The whole time must run at or above the pressure in one go.",
            "Guide 1");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        s.facts()
                .pressureDropped()
                .ifPresent(drop -> out.add(Finding.of(INFO.code(), "drop", Severity.DANGER, s.cite(INFO.source()))
                        .at(drop)
                        .fix()));
    }
}
