package oilcloth.check.headspace;

import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Findings;
import oilcloth.check.Subject;

/** More headspace than tested. */
public final class HeadspaceLarge implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "headspace.large",
            "More headspace than tested",
            "The process may not drive all the air out, and the seal may fail.",
            "Guide 1");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        HeadspaceGap.of(s).ifPresent(gap -> gap.report(s, INFO, gap.isLarge(), "large", out));
    }
}
