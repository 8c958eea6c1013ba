package oilcloth.check.headspace;

import java.util.Optional;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.ProcessRow;
import oilcloth.guide.Threshold;
import oilcloth.measure.Headspace;
import oilcloth.measure.JarSize;
import oilcloth.recipe.Edit;
import oilcloth.recipe.Fact;
import oilcloth.recipe.HeadspaceStated;

/** Stated against tested headspace; a cue on the jar counts as the range it stands for. */
record HeadspaceGap(Fact<HeadspaceStated> stated, Headspace tested, ProcessRow row) {

    static Optional<HeadspaceGap> of(Subject s) {
        if (s.facts().headspace().isEmpty() || !s.placement().isPlaced()) {
            return Optional.empty();
        }
        Optional<ProcessRow> row = s.jars().stream()
                .findFirst()
                .flatMap(j -> s.rows(j).stream().findFirst())
                .or(() -> s.strictest().map(p -> p.rows().get(firstJar(p))));
        return row.map(r -> new HeadspaceGap(s.facts().headspace().orElseThrow(), r.headspace(), r));
    }

    private static JarSize firstJar(oilcloth.guide.Process p) {
        return p.rows().firstKey();
    }

    /** Inches too little, judged by the largest the words may mean. */
    boolean isSmall() {
        return tested.inches() - stated.value().most().inches() >= Headspace.NOTICEABLE_INCHES;
    }

    boolean isLarge() {
        return stated.value().least().inches() - tested.inches() >= Headspace.NOTICEABLE_INCHES;
    }

    void report(Subject s, CheckInfo info, boolean off, String variant, Findings out) {
        boolean smallSide = variant.equals("small");
        if (!off) {
            // "met" is said once, by the first of the two checks
            if (smallSide && !isLarge()) {
                out.add(builder(s, info, "met", Severity.MET));
            }
            return;
        }
        // filled "to the brim" may mean nothing left at all: how grave that is, is judged by the least
        double by = smallSide
                ? tested.inches() - stated.value().least().inches()
                : stated.value().least().inches() - tested.inches();
        Severity severity = by >= s.guide().figure(Threshold.SEAL_AT_RISK) ? Severity.CORRECT : Severity.CAUTION;
        out.add(builder(s, info, variant, severity).fix(new Edit.SetHeadspace(tested)));
    }

    private Finding.Builder builder(Subject s, CheckInfo info, String variant, Severity severity) {
        double middle = (stated.value().least().inches() + stated.value().most().inches()) / 2;
        return Finding.of(info.code(), variant, severity, s.cite(row))
                .at(stated)
                .figure("statedInches", middle)
                .figure("testedInches", tested.inches());
    }
}
