package oilcloth.check.headspace;

import java.util.Set;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.Pack;
import oilcloth.recipe.Facts;

/** Raw pack where only a hot pack was tested. */
public final class RawPack implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "pack.raw",
            "Raw pack where only a hot pack was tested",
            "Cold food takes longer to heat through, so the time for a hot pack is too short for it.",
            "Guide 1");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        boolean raw = Facts.values(s.facts().packs()).equals(Set.of(Pack.RAW));
        boolean hotOnly =
                s.placement().isPlaced() && s.placement().open().stream().allMatch(p -> p.pack() == Pack.HOT);
        if (raw && hotOnly) {
            out.add(Finding.of(
                            INFO.code(),
                            "raw",
                            s.kind().isGrave() ? Severity.DANGER : Severity.CORRECT,
                            s.citePlaced(INFO))
                    .at(s.facts().packs().get(0))
                    .fix());
        }
    }
}
