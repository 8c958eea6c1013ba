package oilcloth.guide;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import oilcloth.measure.JarSize;

/**
 * A tested process: one food in one style and pack, with a row for each tested jar. Keyed by method and id.
 */
public record Process(
        Method method, String id, String food, String style, Pack pack, SortedMap<JarSize, ProcessRow> rows) {
    public Process {
        rows = Collections.unmodifiableSortedMap(new TreeMap<>(rows));
    }

    public String key() {
        return method.id() + ":" + id;
    }

    public RowKey rowKey(JarSize jar) {
        return new RowKey(RowKey.Table.of(method), id + "/" + jar.id());
    }

    public String title() {
        return Character.toUpperCase(food.charAt(0)) + food.substring(1) + ", " + pack.id() + " pack"
                + (style.isBlank() ? "" : " (" + style + ")");
    }

    /**
     * The row that holds for a jar: its own, or for a smaller jar than any listed between two sizes the next larger
     * one's. Empty for a jar larger than any listed: there is no process for it.
     */
    public Optional<ProcessRow> rowFor(JarSize jar) {
        SortedMap<JarSize, ProcessRow> atLeast = rows.tailMap(jar);
        return atLeast.isEmpty() ? Optional.empty() : Optional.of(atLeast.get(atLeast.firstKey()));
    }

    public List<JarSize> jars() {
        return List.copyOf(rows.keySet());
    }

    public ProcessRow anyRow() {
        return rows.get(rows.firstKey());
    }

    /** True when the row asks for acid in every jar. */
    public boolean needsAcidPerJar() {
        return rows.values().stream().anyMatch(r -> r.acid().contains(" per "));
    }
}
