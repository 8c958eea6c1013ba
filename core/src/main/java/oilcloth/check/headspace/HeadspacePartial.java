package oilcloth.check.headspace;

import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;

/** A jar that is not full is canned. */
public final class HeadspacePartial implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "headspace.partial",
            "A jar that is not full is canned",
            "Too much air stays in a part-filled jar. It may not seal and the food may spoil.",
            "Guide 1");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        s.facts()
                .partlyFilled()
                .ifPresent(part -> out.add(Finding.of(INFO.code(), "partial", Severity.CORRECT, s.cite(INFO.source()))
                        .at(part)
                        .fix()));
    }
}
