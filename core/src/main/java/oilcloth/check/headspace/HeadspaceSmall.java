package oilcloth.check.headspace;

import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Findings;
import oilcloth.check.Subject;

/** Less headspace than tested. */
public final class HeadspaceSmall implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "headspace.small",
            "Less headspace than tested",
            "Food boils out over the rim and the lid may not seal.",
            "Guide 1");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        HeadspaceGap.of(s).ifPresent(gap -> gap.report(s, INFO, gap.isSmall(), "small", out));
    }
}
