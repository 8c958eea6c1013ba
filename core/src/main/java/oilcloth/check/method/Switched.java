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

/** A pressure canner for a food tested only in boiling water. */
public final class Switched implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "method.switched",
            "A pressure canner for a food tested only in boiling water",
            "The boiling-water time does not carry over to a pressure canner, and the other way round.",
            "Guide 1");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        boolean pressure = s.method().filter(m -> m == CanningMethod.PRESSURE).isPresent();
        if (pressure && s.placement().method().filter(m -> m == Method.BOILING).isPresent()) {
            out.add(Finding.of(INFO.code(), "pressure", Severity.CORRECT, s.citePlaced(INFO))
                    .at(s.facts().methods().stream()
                            .filter(f -> f.value() == CanningMethod.PRESSURE)
                            .findFirst())
                    .fix(new Edit.SetMethod(CanningMethod.BOILING_WATER)));
        }
    }
}
