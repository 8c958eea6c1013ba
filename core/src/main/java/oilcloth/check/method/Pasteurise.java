package oilcloth.check.method;

import java.util.Set;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.text.Cue;

/** Low-temperature pasteurising. */
public final class Pasteurise implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "method.pasteurise",
            "Low-temperature pasteurising where it was not tested",
            "180 to 185 °F for 30 minutes, by thermometer, was tested for a few full-salt cucumber pickles only.",
            "Guide 6");

    private static final Set<String> ALLOWED = Set.of(
            "dill-pickles-fermented",
            "bread-and-butter-pickles",
            "quick-fresh-pack-dill",
            "sweet-gherkins",
            "fourteen-day-sweet",
            "quick-sweet");

    private static final Cue PATTERN = Cue.of(
            "\\b1(80|82|85)( ?(to|-|–) ?1?8?5)? ?(°|º|degrees|deg|f\\b)[^.;\\n]{0,60}\\b(30|thirty|half an hour)\\b|\\b(30|thirty) min[^.;\\n]{0,40}\\b1(80|82|85)\\b|\\b(at|to) 1(80|82|85)\\b[^.;\\n]{0,30}\\b(30|thirty|half an hour)\\b|\\bpasteuri[sz](e|ed|ing|ation)\\b");
    private static final Cue THERMOMETER = Cue.of("\\bthermometer\\b");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        s.said().anywhere(PATTERN).ifPresent(range -> {
            boolean allowed =
                    s.placement().recipe().filter(r -> ALLOWED.contains(r.id())).isPresent();
            boolean thermometer = s.said().anywhere(THERMOMETER).isPresent();
            boolean met = allowed && thermometer;
            Finding.Builder finding = Finding.of(
                            INFO.code(),
                            met ? "met" : allowed ? "thermometer" : "untested",
                            met ? Severity.MET : Severity.CORRECT,
                            s.citePlaced(INFO))
                    .at(range);
            out.add(met ? finding : finding.fix());
        });
    }
}
