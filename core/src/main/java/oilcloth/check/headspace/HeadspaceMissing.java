package oilcloth.check.headspace;

import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.ProcessRow;
import oilcloth.recipe.Edit;

/** No headspace is given. */
public final class HeadspaceMissing implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "headspace.missing",
            "No headspace is given",
            "The tested headspace lets the food boil and the air leave without losing liquid.",
            "Guide 1");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        if (s.facts().headspace().isPresent() || !s.placement().isPlaced()) {
            return;
        }
        ProcessRow row = s.jars().stream()
                .findFirst()
                .flatMap(j -> s.rows(j).stream().findFirst())
                .orElse(s.strictest().orElseThrow().anyRow());
        out.add(Finding.of(INFO.code(), "missing", Severity.NOTE, s.cite(row))
                .figure("testedInches", row.headspace().inches())
                .fix(new Edit.SetHeadspace(row.headspace())));
    }
}
