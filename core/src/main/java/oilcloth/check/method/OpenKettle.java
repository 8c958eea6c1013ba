package oilcloth.check.method;

import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.Method;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Edit;

/** Jars are filled hot and closed without a process. */
public final class OpenKettle implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "method.open-kettle",
            "Jars are filled hot and closed without a process",
            "A lid can pull down without the food being safe. Nothing has heated the jar, the lid or the air on top.",
            "Guide 1");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        if (s.method().filter(m -> m == CanningMethod.OPEN_KETTLE).isEmpty()) {
            return;
        }
        Severity severity = s.kind().isAcid() ? Severity.CORRECT : Severity.DANGER;
        Finding.Builder finding = Finding.of(INFO.code(), "unprocessed", severity, s.citePlaced(INFO))
                .at(s.facts().openKettle());
        s.placement()
                .method()
                .ifPresentOrElse(
                        m -> finding.fix(new Edit.SetMethod(
                                m == Method.PRESSURE ? CanningMethod.PRESSURE : CanningMethod.BOILING_WATER)),
                        finding::fix);
        out.add(finding);
    }
}
