package oilcloth.check.ingredient;

import java.util.Optional;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/** Batch size with regular pectin. */
public final class Batch implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "ingredient.batch",
            "A jam batch doubled",
            "A big batch boils slowly and unevenly, and often does not set.",
            "Guide 7");

    private static final Cue DOUBLED = Cue.of(
            "(?<!never )(?<!not )(?<!n't )\\b(doubled|tripled|double batch|triple batch|twice the recipe|(double|triple) (the|my|this) (recipe|batch)|two batches (at once|in one pot|together))\\b");
    /** Cups; the largest tested batch has six and a half. */
    private static final double MOST_FRUIT_CUPS = 8;

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        if (!Preserve.is(s) || !Preserve.hasRegularPectin(s)) {
            return;
        }
        Optional<Range> doubled = s.said().anywhere(DOUBLED);
        if (doubled.isPresent() || Preserve.fruitCups(s) > MOST_FRUIT_CUPS) {
            Finding.Builder finding = Finding.of(INFO.code(), "doubled", Severity.CAUTION, s.citePlaced(INFO));
            doubled.ifPresent(finding::at);
            out.add(finding.fix());
        }
    }
}
