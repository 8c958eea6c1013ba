package oilcloth.guide;

import java.time.LocalDate;
import java.util.Collections;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * What somebody of this office found when a row was read against a printed copy.
 *
 * @param printed the figures print has instead, by column of the table; empty when print agrees
 * @param edition and {@code page}: where it was read
 * @param second who read it too; a figure that takes time, pressure or acid away does not rule before
 */
public record Reading(
        RowKey row,
        SortedMap<String, String> printed,
        String edition,
        String page,
        String reader,
        LocalDate on,
        Optional<Second> second) {

    /** The second pair of eyes. */
    public record Second(String reader, LocalDate on) {}

    /** @throws IllegalArgumentException without edition, page or reader, or when both readers are one person */
    public Reading {
        printed = Collections.unmodifiableSortedMap(new TreeMap<>(printed));
        if (edition.isBlank() || page.isBlank() || reader.isBlank()) {
            throw new IllegalArgumentException("a reading names the edition, the page and who read it");
        }
        if (second.isPresent() && second.get().reader().equals(reader)) {
            throw new IllegalArgumentException("the second reader is somebody else than " + reader);
        }
    }

    public Proof proof() {
        return printed.isEmpty() ? Proof.AGREES : Proof.OVERRIDDEN;
    }

    /** Whether it rules over the base row: at once, or for a weaker figure once a second person has read it. */
    boolean rules(Row base) {
        return second.isPresent()
                || printed.entrySet().stream().noneMatch(e -> weakens(base, e.getKey(), e.getValue()));
    }

    private boolean weakens(Row base, String column, String value) {
        return switch (row.table()) {
            case BOILING, PRESSURE -> !column.equals("headspace_in") && less(value, base.get(column));
            case ACID -> less(value, base.get(column));
                // which way a quantity of a recipe weakens it depends on the line: any change is read twice
            case RECIPE -> true;
        };
    }

    /** A figure where there was none is a process nobody had: it weakens too. */
    private static boolean less(String printed, String shipped) {
        boolean figure = isNumber(printed);
        return figure && (!isNumber(shipped) || Double.parseDouble(printed) < Double.parseDouble(shipped));
    }

    private static boolean isNumber(String value) {
        return value.matches("\\d+(\\.\\d+)?");
    }

    /** The columns of a row that can be given a printed figure. */
    static boolean isFigure(RowKey.Table table, String column) {
        return switch (table) {
            case BOILING -> column.matches("t_\\w+|headspace_in");
            case PRESSURE -> column.matches("minutes|dial_psi_\\w+|weighted_psi_\\w+|headspace_in");
            case ACID -> column.equals("per_pint");
            case RECIPE -> column.matches("qty\\.\\d+");
        };
    }
}
