package oilcloth.recipe;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import oilcloth.guide.Gauge;
import oilcloth.measure.Altitude;
import oilcloth.text.Range;

/**
 * One figure of the text for each of several altitudes, as guides and cards print it: which of them is told depends on where
 * the jars are canned.
 *
 * @param entries from the lowest band to the highest; the first stands among the facts
 * @param gauge the gauge these pressures are printed for, where the text prints another beside them
 */
public record ByAltitude(List<Entry> entries, Optional<Gauge> gauge) {
    /**
     * @param above feet that the band lies above
     * @param to feet up to which it goes, inclusive; {@link Altitude#HIGHEST_FEET} for an open one
     * @param figure minutes, or pounds per square inch
     */
    public record Entry(int above, int to, double figure, Range range) {}

    public ByAltitude {
        entries = List.copyOf(entries);
    }

    /** Where the first of them stands. */
    Range first() {
        return entries.get(0).range();
    }

    Optional<Entry> at(Altitude altitude) {
        return entries.stream()
                .filter(e -> altitude.feet() <= e.to()
                        && (altitude.feet() > e.above() || e == entries.get(0) && e.above() <= 0))
                .findFirst();
    }

    ByAltitude moved(UnaryOperator<Range> to) {
        return new ByAltitude(
                entries.stream()
                        .map(e -> new Entry(e.above(), e.to(), e.figure(), to.apply(e.range())))
                        .toList(),
                gauge);
    }
}
