package oilcloth.check.method;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.Pretreatment;
import oilcloth.recipe.Fact;
import oilcloth.recipe.Preparation;
import oilcloth.recipe.Preparation.Kind;
import oilcloth.text.Cue;

/** Less done to the food before filling than was tested: dry beans unsoaked, a boil left out or cut short, larger cubes. */
public final class PretreatmentShort implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "method.prep",
            "A tested step before filling is left out or cut short",
            "The tested time holds for food soaked, heated and cut as it was in the test: cold, dry or larger pieces take longer to heat through.",
            "Guide 1");

    /** Minutes of the boil before a quick soak. */
    private static final int QUICK_BOIL = 5;

    private static final int MINUTES_OF_AN_HOUR = 60;

    private static final Cue WHOLE = Cue.of("\\bwhole\\b");
    private static final Cue CUT_UP = Cue.of("\\b(cubes?|cubed|diced?|cut|quarter(s|ed)|halve[sd]|chunks?)\\b");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        first(s, Kind.UNSOAKED)
                .ifPresent(f -> out.add(Finding.of(INFO.code(), "dry", s.grave(), s.cite("Guide 4"))
                        .at(f)
                        .fix()));
        List<Pretreatment> ways = ways(s);
        if (ways.isEmpty()) {
            return;
        }
        first(s, Kind.UNHEATED)
                .filter(f -> ways.stream().allMatch(w -> w.heatMinutes().isPresent()))
                .ifPresent(f -> out.add(
                        minutes("unheated", Severity.CORRECT, s, ways).at(f).fix()));
        soak(s, ways).ifPresent(out::add);
        Optional<Fact<Preparation>> heated = most(s, Kind.HEATED);
        Optional<Fact<Preparation>> cut = most(s, Kind.CUT);
        if (ways.stream().anyMatch(w -> boils(w, heated) && isCutSo(w, cut))) {
            return;
        }
        if (ways.stream().noneMatch(w -> boils(w, heated))) {
            out.add(minutes("short", s.kind().isGrave() ? Severity.CORRECT : Severity.CAUTION, s, ways)
                    .figure("statedMinutes", (int) heated.orElseThrow().value().figure())
                    .at(heated)
                    .fix());
        } else {
            out.add(Finding.of(INFO.code(), "large", Severity.CORRECT, s.citePlaced(INFO))
                    .figure("statedInches", cut.orElseThrow().value().figure())
                    .figure("testedInches", largest(ways, heated).orElseThrow())
                    .at(cut)
                    .fix());
        }
    }

    /** Dry beans soaked for less than was tested. */
    private static Optional<Finding.Builder> soak(Subject s, List<Pretreatment> ways) {
        boolean quick = told(s, Kind.HEATED).stream().anyMatch(f -> f.value().figure() <= QUICK_BOIL);
        int hours = ways.stream()
                .map(Pretreatment::soak)
                .mapToInt(w -> quick ? w.quickHours() : w.hours())
                .min()
                .orElse(0);
        return most(s, Kind.SOAKED)
                .filter(f -> f.value().figure() < hours * MINUTES_OF_AN_HOUR)
                .map(f -> Finding.of(INFO.code(), "soak", Severity.CORRECT, s.citePlaced(INFO))
                        .figure("statedHours", Math.round(f.value().figure() / MINUTES_OF_AN_HOUR * 10) / 10.0)
                        .figure("testedHours", hours)
                        .at(f)
                        .fix());
    }

    /** What the process asks; empty where several are possible and one of them asks nothing. */
    private static List<Pretreatment> ways(Subject s) {
        List<List<Pretreatment>> each =
                s.placement().open().stream().map(Pretreatment::of).toList();
        if (each.stream().anyMatch(List::isEmpty)) {
            return s.placement().recipe().map(Pretreatment::of).orElse(List.of());
        }
        boolean whole = s.said().anywhere(WHOLE).isPresent()
                && s.said().anywhere(CUT_UP).isEmpty();
        return each.stream()
                .flatMap(List::stream)
                .filter(w -> w.whole()
                        || !whole
                        || each.stream().flatMap(List::stream).noneMatch(Pretreatment::whole))
                .toList();
    }

    private static Optional<Fact<Preparation>> first(Subject s, Kind kind) {
        return told(s, kind).stream().findFirst();
    }

    private static Optional<Fact<Preparation>> most(Subject s, Kind kind) {
        return told(s, kind).stream()
                .max(Comparator.comparingDouble(f -> f.value().figure()));
    }

    private static List<Fact<Preparation>> told(Subject s, Kind kind) {
        return s.facts().prepared().stream()
                .filter(f -> f.value().kind() == kind)
                .toList();
    }

    private static boolean boils(Pretreatment way, Optional<Fact<Preparation>> heated) {
        return heated.isEmpty()
                || way.heatMinutes().isEmpty()
                || heated.get().value().figure() >= way.heatMinutes().getAsInt();
    }

    private static boolean isCutSo(Pretreatment way, Optional<Fact<Preparation>> cut) {
        return cut.isEmpty()
                || way.pieceInches().isEmpty()
                || cut.get().value().figure() <= way.pieceInches().getAsDouble();
    }

    private static OptionalDouble largest(List<Pretreatment> ways, Optional<Fact<Preparation>> heated) {
        return ways.stream()
                .filter(w -> boils(w, heated))
                .flatMapToDouble(w -> w.pieceInches().stream())
                .max();
    }

    private static Finding.Builder minutes(String variant, Severity severity, Subject s, List<Pretreatment> ways) {
        OptionalInt least =
                ways.stream().flatMapToInt(w -> w.heatMinutes().stream()).min();
        return Finding.of(INFO.code(), variant, severity, s.citePlaced(INFO))
                .figure("testedMinutes", least.orElseThrow());
    }
}
