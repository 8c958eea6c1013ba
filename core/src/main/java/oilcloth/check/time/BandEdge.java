package oilcloth.check.time;

import java.util.Optional;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.Threshold;
import oilcloth.heat.Requirement;
import oilcloth.measure.Altitude;
import oilcloth.measure.JarSize;

/** The kitchen lies just under the edge of an altitude band. */
public final class BandEdge implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "time.band-edge",
            "The kitchen lies just under the edge of an altitude band",
            "Maps and weather are not exact to a hundred feet; the next band costs a few minutes.",
            "Extension");

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
        for (JarSize jar : s.jars()) {
            Optional<Requirement> now = Timing.required(s, jar);
            if (now.isEmpty() || now.get().deciding().isPressure()) {
                continue;
            }
            for (int edge : now.get().deciding().bandEdges()) {
                boolean near = edge != Integer.MAX_VALUE
                        && here.feet() <= edge
                        && edge - here.feet() < s.guide().figure(Threshold.BAND_EDGE);
                int next = near
                        ? now.get()
                                .deciding()
                                .minutesAt(Altitude.ofFeet(edge + 1))
                                .value()
                        : 0;
                if (near && next > now.get().most().value()) {
                    out.add(Finding.of(
                                    INFO.code(),
                                    "edge",
                                    Severity.NOTE,
                                    s.cite(now.get().deciding()))
                            .figure("altitudeFt", here.feet())
                            .figure("edgeFt", edge)
                            .figure("requiredMinutes", now.get().most().value())
                            .figure("advisedMinutes", next));
                    return;
                }
            }
        }
    }
}
