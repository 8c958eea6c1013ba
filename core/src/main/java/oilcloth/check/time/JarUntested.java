package oilcloth.check.time;

import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Subject;
import oilcloth.guide.Process;
import oilcloth.measure.JarSize;
import oilcloth.recipe.Edit;

/** The jar is larger than any tested for this food. */
public final class JarUntested implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "time.jar",
            "The jar is larger than any tested for this food",
            "Heat takes longer to reach the middle of a larger jar, and no time was ever worked out for it.",
            "Guide 1");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        if (!s.placement().isPlaced()) {
            return;
        }
        for (JarSize jar : s.jars()) {
            if (!s.rows(jar).isEmpty()) {
                continue;
            }
            Process process = s.strictest().orElseThrow();
            JarSize largest = process.rows().lastKey();
            out.add(Finding.of(
                            INFO.code(),
                            "large",
                            s.grave(),
                            s.cite(process.rows().get(largest)))
                    .at(s.facts().jars().stream().filter(f -> f.value() == jar).findFirst())
                    .figure("statedJar", jar.label())
                    .figure("largestTestedJar", largest.label())
                    .fix(new Edit.SetJar(largest)));
            return;
        }
    }
}
