package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.IntUnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import oilcloth.corpus.Part;
import oilcloth.guide.Confidence;
import oilcloth.guide.Gauge;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.PlacingRule;
import oilcloth.guide.ProcessRow;
import oilcloth.measure.Altitude;
import oilcloth.measure.JarSize;
import oilcloth.recipe.Context;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Times and pressures printed for several altitudes: the one for this altitude is what is told. */
class AltitudeTablesTest {
    private static final GuideSnapshot GUIDE = GuideSnapshot.shipped();
    private static final Engine ENGINE = new Engine(GUIDE);
    private static final Altitude LOW = Altitude.ofFeet(500);

    /** How a guide, a card or a letter prints its bands; {@code @} is the band and {@code #} the figure. */
    private enum Style {
        LINES(":\n", "@ ft: # ¤", "\n", "\n"),
        DOTTED(" as follows:\n", "@ feet ...... # ¤", "\n", "\n"),
        ROW(", ", "# ¤ at @ ft", ", ", ". "),
        BAND_FIRST(": ", "@ ft = # ¤", "; ", ". "),
        BRACKETS(" ", "# ¤ (@')", ", ", ". "),
        BARE(", ¤: ", "# at @", " / ", " ft. "),
        TABLE(", ¤:\n| Altitude | ¤ |\n|---|---|\n", "| @ ft | # |", "\n", "\n"),
        TWO_COLUMNS("\nAltitude (ft) | ¤\n", "@ | #", "\n", "\n");

        private final String opening;
        private final String entry;
        private final String between;
        private final String end;

        Style(String opening, String entry, String between, String end) {
            this.opening = opening;
            this.entry = entry;
            this.between = between;
            this.end = end;
        }

        /** @param edges upper ones in feet, the last open where it is {@link Integer#MAX_VALUE} */
        String table(List<Integer> edges, IntUnaryOperator figure, String unit) {
            String entries = IntStream.range(0, edges.size())
                    .mapToObj(
                            i -> entry.replace("@", band(edges, i)).replace("#", String.valueOf(figure.applyAsInt(i))))
                    .collect(Collectors.joining(between));
            return (opening + entries + end).replace("¤", unit);
        }

        private static String band(List<Integer> edges, int i) {
            String from = i == 0 ? "0" : grouped(edges.get(i - 1) + 1);
            return edges.get(i) == Integer.MAX_VALUE
                    ? "above " + grouped(edges.get(i - 1))
                    : from + "-" + grouped(edges.get(i));
        }

        private static String grouped(int feet) {
            return String.format(Locale.ROOT, "%,d", feet);
        }
    }

    private record Printed(String text, ProcessRow row) {}

    /** Plain processes told for 500 feet, without the altitude. */
    private static List<Printed> plain(boolean pressure) {
        List<Printed> all = new ArrayList<>();
        for (PlacingRule rule : GUIDE.placing()) {
            for (ProcessRow row : rule.process().rows().values()) {
                boolean usual = row.confidence() == Confidence.HIGH && row.jar() != JarSize.HALF_GALLON;
                Optional<String> text = PlainProcessesTest.told(rule, row.jar(), LOW);
                if (usual && row.isPressure() == pressure && text.isPresent()) {
                    all.add(new Printed(text.get().replaceFirst("Our altitude is 500 feet\\.\\s*$", ""), row));
                }
            }
        }
        return all;
    }

    private static String timed(Printed p, Style style, IntUnaryOperator figure) {
        return p.text()
                .replaceFirst(
                        "Process \\d+ minutes in a boiling-water canner\\. ",
                        "Process in a boiling-water canner"
                                + style.table(p.row().bandEdges(), figure, "minutes"));
    }

    private static String pressed(Printed p, Style style, IntUnaryOperator figure) {
        return p.text()
                .replaceFirst(
                        " at \\d+ psi, dial gauge\\. ",
                        ". Dial gauge" + style.table(ProcessRow.DIAL_BANDS, figure, "pounds"));
    }

    private static Call call(String text, int feet) {
        return ENGINE.review(text, Context.planning(Altitude.ofFeet(feet))).call();
    }

    /** One within each band. */
    private static final List<Integer> BATH_FEET = List.of(400, 1_001, 6_000, 7_500);

    private static final List<Integer> DIAL_FEET = List.of(2_000, 2_100, 6_000, 6_400);
    private static final int STEP = 6;

    @ParameterizedTest
    @EnumSource(Style.class)
    void theTimeForThisAltitudeIsWhatIsTold(Style style) {
        for (Printed p : Part.of(plain(false), STEP, style.ordinal())) {
            List<Integer> minutes = p.row().minutes();
            String right = timed(p, style, minutes::get);
            String lowest = timed(p, style, i -> minutes.get(0));
            for (int feet : BATH_FEET) {
                assertThat(call(right, feet)).as(feet + " ft: " + right).isEqualTo(Call.SOUND);
            }
            if (!minutes.get(minutes.size() - 1).equals(minutes.get(0))) {
                assertThat(call(lowest, 7_500)).as(lowest).isGreaterThanOrEqualTo(Call.CORRECT);
            }
        }
    }

    @ParameterizedTest
    @EnumSource(Style.class)
    void thePressureForThisAltitudeIsWhatIsTold(Style style) {
        for (Printed p : Part.of(plain(true), STEP, style.ordinal())) {
            String right = pressed(p, style, i -> p.row()
                    .psiAt(Gauge.DIAL, Altitude.ofFeet(DIAL_FEET.get(i)))
                    .orElseThrow());
            String lowest =
                    pressed(p, style, i -> p.row().psiAt(Gauge.DIAL, LOW).orElseThrow());
            for (int feet : DIAL_FEET) {
                assertThat(call(right, feet)).as(feet + " ft: " + right).isEqualTo(Call.SOUND);
            }
            assertThat(call(lowest, 5_000)).as(lowest).isEqualTo(Call.STOP);
        }
    }
}
