package oilcloth.check.time;

import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.Gauge;
import oilcloth.guide.ProcessRow;
import oilcloth.measure.Altitude;
import oilcloth.recipe.CanningMethod;

/** The kitchen lies beyond the end of the table. */
public final class OffTable implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "time.off-table",
            "The kitchen lies beyond the end of the table",
            "Nobody tested the process that high, so no figure can be given.",
            "Guide 1");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        if (s.altitude().isEmpty() || !s.methodFits()) {
            return;
        }
        Altitude here = s.altitude().get();
        if (s.method().filter(m -> m == CanningMethod.PRESSURE).isEmpty()) {
            s.jars().stream()
                    .flatMap(j -> s.rows(j).stream())
                    .filter(r -> r.endsBelow(here))
                    .findFirst()
                    .ifPresent(r -> out.add(Finding.of(INFO.code(), "source", Severity.CORRECT, s.cite(r))
                            .figure("altitudeFt", here.feet())
                            .fix()));
            return;
        }
        ProcessRow row = s.strictest().orElseThrow().anyRow();
        boolean weighted = s.gauge().filter(g -> g == Gauge.WEIGHTED).isPresent();
        boolean off = weighted
                ? row.psiAt(Gauge.WEIGHTED, here).isEmpty()
                : ProcessRow.band(ProcessRow.DIAL_BANDS, here) >= ProcessRow.DIAL_BANDS.size();
        if (off) {
            out.add(Finding.of(INFO.code(), weighted ? "weighted" : "dial", Severity.CORRECT, s.cite(row))
                    .figure("altitudeFt", here.feet())
                    .fix());
        }
    }
}
