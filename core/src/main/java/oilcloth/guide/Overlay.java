package oilcloth.guide;

import java.util.Comparator;
import java.util.List;

/**
 * The office's layer over the shipped guide: what it read against print, and what it added of its own. Immutable; its
 * order does not matter.
 */
public record Overlay(
        List<Source> sources, List<OwnProcess> processes, List<OwnRecipe> recipes, List<Reading> readings) {
    public static final Overlay NONE = new Overlay(List.of(), List.of(), List.of(), List.of());

    public Overlay {
        sources = sorted(sources, Comparator.comparing(Source::id));
        processes = sorted(processes, Comparator.comparing(OwnProcess::id).thenComparing(OwnProcess::method));
        recipes = sorted(recipes, Comparator.comparing(OwnRecipe::id));
        readings = sorted(readings, Comparator.comparing(r -> r.row().text()));
    }

    private static <T> List<T> sorted(List<T> list, Comparator<T> order) {
        return list.stream().sorted(order).toList();
    }

    public boolean isEmpty() {
        return sources.isEmpty() && processes.isEmpty() && recipes.isEmpty() && readings.isEmpty();
    }

    /** One text for one content, for the snapshot's hash. */
    String canonical() {
        return isEmpty() ? "" : toString();
    }
}
