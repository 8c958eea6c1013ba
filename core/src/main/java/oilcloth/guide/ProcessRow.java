package oilcloth.guide;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import oilcloth.measure.Altitude;
import oilcloth.measure.Headspace;
import oilcloth.measure.JarSize;
import oilcloth.measure.Minutes;

/**
 * One row of a process table: one process in one jar.
 *
 * @param bandEdges upper edges in feet of the altitude bands of a boiling-water row, the last one open unless a source
 *     of the office's own ends there; empty for pressure
 * @param minutes minutes by band (boiling water), or the one time (pressure)
 * @param dialPsi psi by dial band; empty for boiling water and for rows without a dial process
 * @param weightedPsi psi at or below 1,000 ft and above; empty likewise
 */
public record ProcessRow(
        JarSize jar,
        Headspace headspace,
        List<Integer> bandEdges,
        List<Integer> minutes,
        List<Optional<Integer>> dialPsi,
        List<Optional<Integer>> weightedPsi,
        String acid,
        String notes,
        String source,
        Confidence confidence,
        Proof proof,
        int line) {

    /** Upper edges of the boiling-water bands, in feet; the last is open. */
    public static final List<Integer> BOILING_BANDS = List.of(1_000, 3_000, 6_000, Integer.MAX_VALUE);
    /** Upper edges of the dial-gauge bands, in feet; the table ends at 8,000 ft. */
    public static final List<Integer> DIAL_BANDS = List.of(2_000, 4_000, 6_000, 8_000);
    /** Upper edges of the weighted-gauge bands, in feet; the last is open. */
    public static final List<Integer> WEIGHTED_BANDS = List.of(1_000, Integer.MAX_VALUE);

    public ProcessRow {
        bandEdges = List.copyOf(bandEdges);
        minutes = List.copyOf(minutes);
    }

    public boolean isPressure() {
        return bandEdges.isEmpty();
    }

    /** True above the last altitude a boiling-water row was tested for; only an office's own source can end. */
    public boolean endsBelow(Altitude altitude) {
        return !isPressure() && band(bandEdges, altitude) >= bandEdges.size();
    }

    /**
     * The tested minutes at this altitude, or of the last band where {@link #endsBelow} is true. Pressure rows keep
     * their time and raise the pressure.
     */
    public Minutes minutesAt(Altitude altitude) {
        return Minutes.of(minutes.get(Math.min(band(bandEdges, altitude), minutes.size() - 1)));
    }

    /** The tested gauge pressure, or empty beyond the end of the table or where the row gives none. */
    public OptionalInt psiAt(Gauge gauge, Altitude altitude) {
        List<Integer> bands = gauge == Gauge.DIAL ? DIAL_BANDS : WEIGHTED_BANDS;
        List<Optional<Integer>> psi = gauge == Gauge.DIAL ? dialPsi : weightedPsi;
        int band = band(bands, altitude);
        return band < psi.size() && psi.get(band).isPresent()
                ? OptionalInt.of(psi.get(band).get())
                : OptionalInt.empty();
    }

    /** The lowest minutes anywhere in the row and the highest, for a recipe whose altitude nobody said. */
    public Minutes least() {
        return Minutes.of(minutes.stream().min(Integer::compare).orElseThrow());
    }

    public Minutes most() {
        return Minutes.of(minutes.stream().max(Integer::compare).orElseThrow());
    }

    /** The index of the band an altitude falls in; {@code bands.size()} beyond the last edge. */
    public static int band(List<Integer> bands, Altitude altitude) {
        int i = 0;
        while (i < bands.size() && altitude.feet() > bands.get(i)) {
            i++;
        }
        return i;
    }
}
