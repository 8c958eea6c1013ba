package oilcloth.lookup;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import oilcloth.guide.AcidRule;
import oilcloth.guide.Gauge;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Method;
import oilcloth.guide.Process;
import oilcloth.guide.ProcessRow;
import oilcloth.guide.TestedRecipe;
import oilcloth.guide.Threshold;
import oilcloth.heat.AltitudeSchools;
import oilcloth.heat.BoilingPoint;
import oilcloth.heat.Sterilising;
import oilcloth.measure.Altitude;
import oilcloth.measure.Headspace;
import oilcloth.measure.JarSize;
import oilcloth.measure.Minutes;

/**
 * One tested process in one jar, answered for one altitude.
 *
 * @param asked the jar asked about; {@link ProcessRow#jar} is the row that holds for it
 * @param recipe the tested recipe whose proportions decide, where the process belongs to one only
 * @param altitude empty when nobody said where; then the whole row counts
 * @param gauge empty when nobody said; then both figures are given
 */
public record Answer(
        Process process,
        JarSize asked,
        ProcessRow row,
        Optional<TestedRecipe> recipe,
        List<AcidRule> acid,
        Optional<Altitude> altitude,
        Optional<Gauge> gauge,
        GuideSnapshot guide) {

    public boolean isPressure() {
        return process.method() == Method.PRESSURE;
    }

    /** True above the end of the table: then there is no figure, and that is said. */
    public boolean isOffTable() {
        if (altitude.isEmpty()) {
            return false;
        }
        if (!isPressure()) {
            return row.endsBelow(altitude.get());
        }
        return gauge.isPresent()
                ? psi(gauge.get()).isEmpty()
                : psi(Gauge.DIAL).isEmpty() && psi(Gauge.WEIGHTED).isEmpty();
    }

    /** The minutes here; empty when the altitude is not known and the row differs by it, or beyond the table. */
    public Optional<Minutes> minutes() {
        if (isPressure()) {
            return isOffTable()
                    ? Optional.empty()
                    : Optional.of(Minutes.of(row.minutes().get(0)));
        }
        if (altitude.isEmpty()) {
            return row.least().equals(row.most()) ? Optional.of(row.least()) : Optional.empty();
        }
        return isOffTable() ? Optional.empty() : altitude.map(row::minutesAt);
    }

    public OptionalInt psi(Gauge kind) {
        return isPressure() && altitude.isPresent() ? row.psiAt(kind, altitude.get()) : OptionalInt.empty();
    }

    public Headspace headspace() {
        return row.headspace();
    }

    /** Whether empty jars must be boiled first; empty when it depends on the altitude nobody said. */
    public Optional<Boolean> sterilise() {
        if (isPressure()) {
            return Optional.of(false);
        }
        if (minutes().isPresent()) {
            return minutes().map(m -> Sterilising.needed(m, guide));
        }
        boolean lowest = Sterilising.needed(row.least(), guide);
        boolean highest = Sterilising.needed(row.most(), guide);
        return lowest == highest ? Optional.of(lowest) : Optional.empty();
    }

    /** Whether an atmospheric steam canner may be used; empty when it depends on the altitude nobody said. */
    public Optional<Boolean> steamCanner() {
        if (isPressure() || isOffTable()) {
            return Optional.of(false);
        }
        int limit = (int) guide.figure(Threshold.STEAM_LIMIT);
        if (minutes().isPresent()) {
            // just under an edge the longer time is advised, and counts
            return advised().or(this::minutes).map(m -> m.value() <= limit);
        }
        boolean lowest = row.least().value() <= limit;
        boolean highest = row.most().value() <= limit;
        return lowest == highest ? Optional.of(lowest) : Optional.empty();
    }

    /** The next band's minutes, advised this close under its edge; empty elsewhere or where they are the same. */
    public Optional<Minutes> advised() {
        if (isPressure() || altitude.isEmpty() || isOffTable()) {
            return Optional.empty();
        }
        int band = ProcessRow.band(row.bandEdges(), altitude.get());
        int edge = row.bandEdges().get(band);
        boolean near = edge != Integer.MAX_VALUE
                && edge - altitude.get().feet() < guide.figure(Threshold.BAND_EDGE)
                && band + 1 < row.minutes().size();
        return near && row.minutes().get(band + 1) > row.minutes().get(band)
                ? Optional.of(Minutes.of(row.minutes().get(band + 1)))
                : Optional.empty();
    }

    /** What the two other altitude schools would say, for comparison; empty for pressure or without an altitude. */
    public Optional<Schools> schools() {
        if (isPressure() || altitude.isEmpty()) {
            return Optional.empty();
        }
        Minutes seaLevel = Minutes.of(row.minutes().get(0));
        return altitude.map(
                a -> new Schools(AltitudeSchools.byBands(seaLevel, a), AltitudeSchools.byThousands(seaLevel, a)));
    }

    /** Five minutes a band; one or two minutes a thousand feet. */
    public record Schools(Minutes byBands, Minutes byThousands) {}

    /** Degrees Fahrenheit at which water boils there. */
    public Optional<Double> boilingPoint() {
        return altitude.map(BoilingPoint::fahrenheit);
    }

    /** Same figures read aloud: two answers that agree in this need no question between them. */
    String figures() {
        return process.method() + "/" + minutes().map(Minutes::value) + "/" + row.minutes() + "/" + psi(Gauge.DIAL)
                + "/" + psi(Gauge.WEIGHTED) + "/" + row.headspace() + "/" + acid;
    }
}
