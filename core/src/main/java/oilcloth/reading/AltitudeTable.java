package oilcloth.reading;

import java.util.List;
import java.util.Optional;
import oilcloth.guide.Gauge;
import oilcloth.measure.JarSize;
import oilcloth.reading.AltitudePart.Kind;
import oilcloth.recipe.ByAltitude;
import oilcloth.recipe.Fact;
import oilcloth.text.Range;

/**
 * A table of times or pressures by altitude, found in a text.
 *
 * @param written where the figure for the lowest band stands in the text that is read
 */
record AltitudeTable(Kind kind, List<ByAltitude.Entry> entries, Optional<Gauge> gauge, Range written) {
    Range first() {
        return entries.get(0).range();
    }

    int end() {
        return entries.stream().mapToInt(e -> e.range().end()).max().orElseThrow();
    }

    boolean holds(double figure) {
        return entries.stream().anyMatch(e -> e.figure() == figure);
    }

    /** That these times are for. */
    Optional<JarSize> jar(Draft draft) {
        return draft.facts.times().stream()
                .filter(t -> t.range().filter(first()::equals).isPresent())
                .findFirst()
                .flatMap(t -> t.value().jar());
    }

    /** Sets what is told for the other altitudes beside what was read; a table that nothing was read from is in doubt. */
    void settle(Draft draft) {
        boolean read = kind == Kind.TIME ? isRead(draft.facts.times()) : isRead(draft.facts.pressures());
        if (read) {
            draft.facts.byAltitude().add(new ByAltitude(entries, gauge));
        } else {
            draft.doubt(first());
        }
    }

    private <T> boolean isRead(List<Fact<T>> facts) {
        boolean read = false;
        for (int i = 0; i < facts.size(); i++) {
            if (facts.get(i).range().filter(written::overlaps).isPresent()) {
                facts.set(i, Fact.read(facts.get(i).value(), first()));
                read = true;
            }
        }
        return read;
    }
}
