package oilcloth.recipe;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import oilcloth.guide.Gauge;
import oilcloth.guide.Pack;
import oilcloth.measure.Altitude;
import oilcloth.measure.JarSize;
import oilcloth.measure.Minutes;
import oilcloth.measure.Pressure;
import oilcloth.text.Range;

/** What the text states besides its ingredients. Lists keep every mention in reading order. */
public final class Facts {
    private final List<Fact<String>> forms = new ArrayList<>();
    private final List<Fact<CanningMethod>> methods = new ArrayList<>();
    private final List<Fact<ProcessTime>> times = new ArrayList<>();
    private final List<Fact<JarSize>> jars = new ArrayList<>();
    private final List<Fact<Pack>> packs = new ArrayList<>();
    private final List<Fact<String>> liquids = new ArrayList<>();
    private final List<Fact<Pressure>> pressures = new ArrayList<>();
    private final List<Fact<Preparation>> prepared = new ArrayList<>();
    private Optional<Fact<Yield>> yield = Optional.empty();
    private Optional<Fact<HeadspaceStated>> headspace = Optional.empty();
    private Optional<Fact<Altitude>> altitude = Optional.empty();
    private Optional<Fact<Gauge>> gauge = Optional.empty();
    private Optional<Fact<Boolean>> vented = Optional.empty();
    private Optional<Fact<Minutes>> sterilised = Optional.empty();
    private Optional<Fact<Boolean>> pressureDropped = Optional.empty();
    private Optional<Fact<Boolean>> partlyFilled = Optional.empty();
    private Optional<Fact<Boolean>> bubblesRemoved = Optional.empty();
    private Optional<Fact<Double>> minutesPerThousandFeet = Optional.empty();
    private Optional<Fact<Boolean>> openKettle = Optional.empty();
    private Optional<String> placed = Optional.empty();
    private final List<ByAltitude> byAltitude = new ArrayList<>();

    public List<Fact<String>> forms() {
        return forms;
    }

    public List<Fact<CanningMethod>> methods() {
        return methods;
    }

    public List<Fact<ProcessTime>> times() {
        return times;
    }

    public List<Fact<JarSize>> jars() {
        return jars;
    }

    public List<Fact<Pack>> packs() {
        return packs;
    }

    public List<Fact<String>> liquids() {
        return liquids;
    }

    public List<Fact<Pressure>> pressures() {
        return pressures;
    }

    /** How the food is made ready for the jar, and what of it is left out. */
    public List<Fact<Preparation>> prepared() {
        return prepared;
    }

    public Optional<Fact<Yield>> yield() {
        return yield;
    }

    public void yield(Fact<Yield> value) {
        yield = Optional.of(value);
    }

    public Optional<Fact<HeadspaceStated>> headspace() {
        return headspace;
    }

    public void headspace(Fact<HeadspaceStated> value) {
        headspace = Optional.of(value);
    }

    public Optional<Fact<Altitude>> altitude() {
        return altitude;
    }

    public void altitude(Fact<Altitude> value) {
        altitude = Optional.of(value);
    }

    public Optional<Fact<Gauge>> gauge() {
        return gauge;
    }

    public void gauge(Fact<Gauge> value) {
        gauge = Optional.of(value);
    }

    /** Whether the pressure canner was vented of air first; empty when nobody said. */
    public Optional<Fact<Boolean>> vented() {
        return vented;
    }

    public void vented(Fact<Boolean> value) {
        vented = Optional.of(value);
    }

    /** Minutes the empty jars were boiled; zero when "sterilised" was said without a time. */
    public Optional<Fact<Minutes>> sterilised() {
        return sterilised;
    }

    public void sterilised(Fact<Minutes> value) {
        sterilised = Optional.of(value);
    }

    public Optional<Fact<Boolean>> pressureDropped() {
        return pressureDropped;
    }

    public void pressureDropped(Fact<Boolean> value) {
        pressureDropped = Optional.of(value);
    }

    /** The time was started again. */
    public void pressureHeld() {
        pressureDropped = Optional.empty();
    }

    public Optional<Fact<Boolean>> partlyFilled() {
        return partlyFilled;
    }

    public void partlyFilled(Fact<Boolean> value) {
        partlyFilled = Optional.of(value);
    }

    public Optional<Fact<Boolean>> bubblesRemoved() {
        return bubblesRemoved;
    }

    public void bubblesRemoved(Fact<Boolean> value) {
        bubblesRemoved = Optional.of(value);
    }

    /** The canner's own altitude rule, in minutes per thousand feet. */
    public Optional<Fact<Double>> minutesPerThousandFeet() {
        return minutesPerThousandFeet;
    }

    public void minutesPerThousandFeet(Fact<Double> value) {
        minutesPerThousandFeet = Optional.of(value);
    }

    /** Words that say the jars are closed and left without a process. */
    public Optional<Fact<Boolean>> openKettle() {
        return openKettle;
    }

    public void openKettle(Fact<Boolean> value) {
        openKettle = Optional.of(value);
    }

    /** The process or recipe somebody says it is; never read from the text. */
    public Optional<String> placed() {
        return placed;
    }

    public void placed(String id) {
        placed = Optional.of(id);
    }

    /** Tables of times and pressures by altitude; the first figure of each is among the times or pressures. */
    public List<ByAltitude> byAltitude() {
        return byAltitude;
    }

    /**
     * With the figure of each table that is printed for this altitude and gauge, and none where none is. Where the altitude
     * is not known the figure for the lowest stands.
     */
    public Facts at(Optional<Altitude> here, Optional<Gauge> with) {
        Facts settled = copy();
        settled.byAltitude.clear();
        for (ByAltitude table : byAltitude) {
            boolean ofAnotherGauge = table.gauge().isPresent()
                    && with.isPresent()
                    && !table.gauge().equals(with);
            Optional<ByAltitude.Entry> told = ofAnotherGauge
                    ? Optional.empty()
                    : here.isEmpty() ? Optional.of(table.entries().get(0)) : table.at(here.get());
            replace(settled.times, table, told, (t, e) -> {
                Minutes minutes = Minutes.of((int) e.figure());
                return new ProcessTime(minutes, minutes, t.jar());
            });
            replace(settled.pressures, table, told, (p, e) -> Pressure.ofPsi(e.figure()));
        }
        return settled;
    }

    private static <T> void replace(
            List<Fact<T>> facts,
            ByAltitude table,
            Optional<ByAltitude.Entry> told,
            BiFunction<T, ByAltitude.Entry, T> figure) {
        for (Fact<T> fact : List.copyOf(facts)) {
            if (isFrom(fact, table.first())) {
                int place = facts.indexOf(fact);
                facts.remove(place);
                told.ifPresent(e -> facts.add(place, Fact.read(figure.apply(fact.value(), e), e.range())));
            }
        }
    }

    /** The distinct values of a list of mentions, in order. */
    public static <T> Set<T> values(List<Fact<T>> facts) {
        if (facts.isEmpty()) {
            return Set.of();
        }
        Set<T> values = new LinkedHashSet<>();
        facts.forEach(f -> values.add(f.value()));
        return values;
    }

    /** Forgets what was read from words that are struck. */
    void forget(Range struck) {
        for (List<? extends Fact<?>> list : List.of(forms, methods, times, jars, packs, liquids, pressures, prepared)) {
            list.removeIf(f -> isFrom(f, struck));
        }
        yield = kept(yield, struck);
        headspace = kept(headspace, struck);
        altitude = kept(altitude, struck);
        gauge = kept(gauge, struck);
        vented = kept(vented, struck);
        sterilised = kept(sterilised, struck);
        pressureDropped = kept(pressureDropped, struck);
        partlyFilled = kept(partlyFilled, struck);
        bubblesRemoved = kept(bubblesRemoved, struck);
        minutesPerThousandFeet = kept(minutesPerThousandFeet, struck);
        openKettle = kept(openKettle, struck);
        byAltitude.removeIf(t -> t.first().overlaps(struck));
    }

    private static boolean isFrom(Fact<?> fact, Range struck) {
        return fact.range().filter(struck::overlaps).isPresent();
    }

    private static <T> Optional<Fact<T>> kept(Optional<Fact<T>> fact, Range struck) {
        return fact.filter(f -> !isFrom(f, struck));
    }

    /** Where figures, jars, canner and headspace were read. */
    public List<Range> ranges() {
        return java.util.stream.Stream.of(
                        times,
                        jars,
                        pressures,
                        methods,
                        headspace.stream().toList(),
                        altitude.stream().toList())
                .flatMap(List::stream)
                .flatMap(f -> f.range().stream())
                .toList();
    }

    public Facts copy() {
        return moved(UnaryOperator.identity());
    }

    /** The same, said at other places. */
    Facts moved(UnaryOperator<Range> to) {
        Facts copy = new Facts();
        forms.forEach(f -> copy.forms.add(f.moved(to)));
        methods.forEach(f -> copy.methods.add(f.moved(to)));
        times.forEach(f -> copy.times.add(f.moved(to)));
        jars.forEach(f -> copy.jars.add(f.moved(to)));
        packs.forEach(f -> copy.packs.add(f.moved(to)));
        liquids.forEach(f -> copy.liquids.add(f.moved(to)));
        pressures.forEach(f -> copy.pressures.add(f.moved(to)));
        prepared.forEach(f -> copy.prepared.add(f.moved(to)));
        copy.yield = yield.map(f -> f.moved(to));
        copy.headspace = headspace.map(f -> f.moved(to));
        copy.altitude = altitude.map(f -> f.moved(to));
        copy.gauge = gauge.map(f -> f.moved(to));
        copy.vented = vented.map(f -> f.moved(to));
        copy.sterilised = sterilised.map(f -> f.moved(to));
        copy.pressureDropped = pressureDropped.map(f -> f.moved(to));
        copy.partlyFilled = partlyFilled.map(f -> f.moved(to));
        copy.bubblesRemoved = bubblesRemoved.map(f -> f.moved(to));
        copy.minutesPerThousandFeet = minutesPerThousandFeet.map(f -> f.moved(to));
        copy.openKettle = openKettle.map(f -> f.moved(to));
        copy.placed = placed;
        byAltitude.forEach(t -> copy.byAltitude.add(t.moved(to)));
        return copy;
    }
}
