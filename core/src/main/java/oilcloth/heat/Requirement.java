package oilcloth.heat;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import oilcloth.guide.ProcessRow;
import oilcloth.measure.Altitude;
import oilcloth.measure.Minutes;

/**
 * The minutes the open rows ask for: one figure when all agree, else the least and the most it may still be.
 *
 * @param deciding the row that asks the most
 */
public record Requirement(Minutes least, Minutes most, ProcessRow deciding) {
    /** @param altitude empty when nobody said where: then the whole row counts */
    public static Optional<Requirement> of(List<ProcessRow> rows, Optional<Altitude> altitude) {
        if (rows.isEmpty()) {
            return Optional.empty();
        }
        Comparator<ProcessRow> byMost = Comparator.comparing((ProcessRow r) -> most(r, altitude));
        ProcessRow deciding = rows.stream().max(byMost).orElseThrow();
        Minutes least = rows.stream()
                .map(r -> altitude.map(r::minutesAt).orElseGet(r::least))
                .min(Minutes::compareTo)
                .orElseThrow();
        return Optional.of(new Requirement(least, most(deciding, altitude), deciding));
    }

    private static Minutes most(ProcessRow row, Optional<Altitude> altitude) {
        return altitude.map(row::minutesAt).orElseGet(row::most);
    }

    public boolean isOne() {
        return least.equals(most);
    }

    /** {@code 25}, or {@code between 35 and 85}. */
    public String words() {
        return isOne() ? Integer.toString(most.value()) : "between " + least.value() + " and " + most.value();
    }
}
