package oilcloth.check.headspace;

import java.util.Set;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;

/** Nothing is said of air bubbles. */
public final class Bubbles implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "headspace.bubbles",
            "Nothing is said of air bubbles",
            "Trapped air comes out in the canner and leaves too much headspace.",
            "Guide 1");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    /** Poured products hold no pockets worth a remark. */
    private static final Set<String> POURED =
            Set.of("jam", "jelly", "juice", "sauce", "puree", "ketchup", "syrup", "stock", "butter", "hot-sauce");

    @Override
    public void look(Subject s, Findings out) {
        if (s.placement().isPlaced()
                && s.facts().bubblesRemoved().isEmpty()
                && !POURED.contains(s.placement().family())) {
            out.add(Finding.of(INFO.code(), "bubbles", Severity.NOTE, s.cite(INFO.source()))
                    .fix());
        }
    }
}
