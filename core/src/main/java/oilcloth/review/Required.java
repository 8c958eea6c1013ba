package oilcloth.review;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import oilcloth.check.Cited;
import oilcloth.check.Subject;
import oilcloth.check.acid.AcidWords;
import oilcloth.guide.Gauge;
import oilcloth.guide.Method;
import oilcloth.guide.Process;
import oilcloth.guide.ProcessRow;
import oilcloth.heat.Requirement;
import oilcloth.heat.Sterilising;
import oilcloth.measure.Headspace;
import oilcloth.measure.JarSize;
import oilcloth.measure.Minutes;
import oilcloth.placing.Placement;

/**
 * What the tested process asks for this jar at this altitude.
 *
 * @param minutes empty when the altitude is not known and the row differs
 * @param psi dial or weighted as said; the dial figure when nothing was said
 * @param ladder the whole row by altitude band
 */
public record Required(
        Method method,
        JarSize jar,
        Optional<Minutes> least,
        Optional<Minutes> minutes,
        OptionalInt psi,
        Headspace headspace,
        Optional<String> acidPerJar,
        boolean sterilise,
        List<Rung> ladder,
        Cited source) {

    /**
     * One band of the ladder.
     *
     * @param toFeet upper edge, empty for the open last band
     * @param psi for a pressure process, the psi of that band
     */
    public record Rung(int fromFeet, OptionalInt toFeet, int minutes, OptionalInt psi, boolean here) {}

    public static Optional<Required> of(Subject s) {
        Placement placement = s.placement();
        if (!placement.isPlaced()) {
            return Optional.empty();
        }
        Process process = s.strictest().orElseThrow();
        JarSize jar = s.jars().stream()
                .filter(j -> process.rowFor(j).isPresent())
                .findFirst()
                .orElse(process.rows().firstKey());
        ProcessRow row = process.rowFor(jar).orElseThrow();
        Optional<Requirement> all = Requirement.of(s.rows(jar), s.altitude());
        boolean known = s.altitude().isPresent() || row.isPressure();
        Optional<Minutes> minutes = known ? all.map(Requirement::most) : Optional.empty();
        Optional<String> acid = process.needsAcidPerJar() && !s.acidRules().isEmpty()
                ? Optional.of(AcidWords.forms(s.acidRules(), jar))
                : Optional.empty();
        Gauge gauge = s.gauge().orElse(Gauge.DIAL);
        OptionalInt psi = row.isPressure() && s.altitude().isPresent()
                ? row.psiAt(gauge, s.altitude().get())
                : OptionalInt.empty();
        boolean sterilise = !row.isPressure() && Sterilising.needed(minutes.orElse(row.least()), s.guide());
        return Optional.of(new Required(
                process.method(),
                jar,
                all.map(Requirement::least),
                minutes,
                psi,
                row.headspace(),
                acid,
                sterilise,
                ladder(s, row, gauge),
                s.cite(row)));
    }

    private static List<Rung> ladder(Subject s, ProcessRow row, Gauge gauge) {
        List<Integer> bands = !row.isPressure()
                ? row.bandEdges()
                : gauge == Gauge.DIAL ? ProcessRow.DIAL_BANDS : ProcessRow.WEIGHTED_BANDS;
        int here = s.altitude().map(a -> ProcessRow.band(bands, a)).orElse(-1);
        return java.util.stream.IntStream.range(0, bands.size())
                .mapToObj(i -> new Rung(
                        i == 0 ? 0 : bands.get(i - 1) + 1,
                        bands.get(i) == Integer.MAX_VALUE ? OptionalInt.empty() : OptionalInt.of(bands.get(i)),
                        row.isPressure() ? row.minutes().get(0) : row.minutes().get(i),
                        row.isPressure() ? psi(row, gauge, i) : OptionalInt.empty(),
                        i == here))
                .toList();
    }

    private static OptionalInt psi(ProcessRow row, Gauge gauge, int band) {
        List<Optional<Integer>> psi = gauge == Gauge.DIAL ? row.dialPsi() : row.weightedPsi();
        return psi.get(band).map(OptionalInt::of).orElse(OptionalInt.empty());
    }
}
