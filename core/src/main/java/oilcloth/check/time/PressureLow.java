package oilcloth.check.time;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Message;
import oilcloth.check.Question;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.Gauge;
import oilcloth.guide.ProcessRow;
import oilcloth.guide.Threshold;
import oilcloth.measure.Altitude;
import oilcloth.measure.Pressure;
import oilcloth.recipe.Assertion;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Edit;
import oilcloth.recipe.Fact;

/** Pressure below the row for this gauge and altitude, or air left in the canner. */
public final class PressureLow implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "time.pressure",
            "Pressure below the row for this gauge and altitude, or air left in the canner",
            "At lower pressure, or with air trapped inside, it is not hot enough to kill the spores of botulism.",
            "Guide 1");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    private static final int LAST_DIAL_FEET = 8_000;

    @Override
    public void look(Subject s, Findings out) {
        if (!s.methodFits()
                || s.method().filter(m -> m == CanningMethod.PRESSURE).isEmpty()) {
            return;
        }
        ProcessRow row = s.strictest().orElseThrow().anyRow();
        vented(s, out, row);
        if (s.facts().pressures().isEmpty()) {
            out.ask(new Question(
                    "ask.psi",
                    Message.of("ask.psi"),
                    List.of(INFO.code()),
                    Stream.of("10", "11", "15")
                            .map(p -> new Question.Answer(
                                    new Message("ask.psi.answer", Map.of("psi", p)),
                                    new Assertion(Assertion.Field.PSI, p)))
                            .toList(),
                    List.of()));
            return;
        }
        if (s.altitude().isEmpty()) {
            return;
        }
        pressure(s, out, row, s.altitude().get());
    }

    private static void vented(Subject s, Findings out, ProcessRow row) {
        Optional<Fact<Boolean>> vented = s.facts().vented();
        if (vented.isEmpty()) {
            out.ask(new Question(
                    "ask.vented",
                    Message.of("ask.vented"),
                    List.of(INFO.code()),
                    List.of(
                            new Question.Answer(
                                    Message.of("ask.vented.yes"), new Assertion(Assertion.Field.VENTED, "yes")),
                            new Question.Answer(
                                    Message.of("ask.vented.no"), new Assertion(Assertion.Field.VENTED, "no"))),
                    List.of()));
        } else if (!vented.get().value()) {
            out.add(Finding.of(INFO.code(), "unvented", Severity.DANGER, s.cite(row))
                    .at(vented)
                    .figure("ventMinutes", (int) s.guide().figure(Threshold.VENTING))
                    .fix());
        }
    }

    private static void pressure(Subject s, Findings out, ProcessRow row, Altitude altitude) {
        Fact<Pressure> stated = s.facts().pressures().stream()
                .min(Comparator.comparingDouble(p -> p.value().psi()))
                .orElseThrow();
        // Beyond the end of the table its last figure is the least that could be asked for.
        Altitude judged = altitude.feet() > LAST_DIAL_FEET ? Altitude.ofFeet(LAST_DIAL_FEET) : altitude;
        OptionalInt dial = row.psiAt(Gauge.DIAL, judged);
        OptionalInt weighted = row.psiAt(Gauge.WEIGHTED, altitude);
        OptionalInt required = s.gauge()
                .map(g -> g == Gauge.DIAL ? dial : weighted)
                .orElse(
                        dial.isPresent() && weighted.isPresent()
                                ? OptionalInt.of(Math.max(dial.getAsInt(), weighted.getAsInt()))
                                : dial.isPresent() ? dial : weighted);
        OptionalInt least = s.gauge().isPresent()
                ? required
                : dial.isPresent() && weighted.isPresent()
                        ? OptionalInt.of(Math.min(dial.getAsInt(), weighted.getAsInt()))
                        : required;
        if (required.isEmpty()) {
            return;
        }
        double psi = stated.value().psi();
        if (psi >= least.getAsInt() && psi < required.getAsInt()) {
            out.ask(new Question(
                    "ask.gauge",
                    Message.of("ask.gauge"),
                    List.of(INFO.code()),
                    List.of(
                            new Question.Answer(
                                    Message.of("ask.gauge.dial"), new Assertion(Assertion.Field.GAUGE, "dial")),
                            new Question.Answer(
                                    Message.of("ask.gauge.weighted"),
                                    new Assertion(Assertion.Field.GAUGE, "weighted"))),
                    stated.range().map(List::of).orElse(List.of())));
            return;
        }
        boolean low = psi < required.getAsInt();
        Finding.Builder finding = Finding.of(
                        INFO.code(), low ? "low" : "met", low ? Severity.DANGER : Severity.MET, s.cite(row))
                .at(stated)
                .figure("statedPsi", psi)
                .figure("requiredPsi", required.getAsInt())
                .figure("altitudeFt", altitude.feet())
                .word(
                        "gauge",
                        s.gauge()
                                .map(g -> g == Gauge.DIAL ? "dial" : "weighted")
                                .orElse("pressure"));
        out.add(low ? finding.fix(new Edit.SetPressure(Pressure.ofPsi(required.getAsInt()))) : finding);
    }
}
