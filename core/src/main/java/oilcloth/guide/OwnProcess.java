package oilcloth.guide;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import oilcloth.measure.JarSize;

/**
 * A tested process that the office added itself: a state's research, a pectin maker's leaflet with its own altitude
 * rule.
 *
 * @param foods names from the foods table that it places, or {@code @acid-fruit}
 * @param form what the food becomes: pieces, jam, sauce …
 * @param liquid water, juice, none, a kind of pectin; blank where it does not matter
 * @param source id of one of the office's own sources or a shipped one
 */
public record OwnProcess(
        Method method,
        String id,
        String food,
        String style,
        Pack pack,
        Set<String> foods,
        String form,
        String liquid,
        String source,
        String notes,
        List<Jar> jars) {

    /**
     * One jar of it.
     *
     * @param acid words for the acid of each jar, blank where none is asked
     * @param bands boiling water: minutes by altitude; the last band may end, then the source says nothing above
     * @param minutes pressure: the one time; 0 for boiling water
     * @param dialPsi pressure: psi for the four dial bands; null entries where there is none
     * @param weightedPsi pressure: psi up to 1,000 ft and above
     */
    public record Jar(
            JarSize jar,
            double headspaceInches,
            String acid,
            List<Band> bands,
            int minutes,
            List<Integer> dialPsi,
            List<Integer> weightedPsi) {}

    /** Minutes up to an altitude in feet; no upper edge for the open last band. */
    public record Band(OptionalInt toFeet, int minutes) {}

    /** @throws IllegalArgumentException without a food it is for or without a jar */
    public OwnProcess {
        if (foods.isEmpty() || jars.isEmpty()) {
            throw new IllegalArgumentException("the process " + id + " names a food it is for, and a jar");
        }
        foods = new TreeSet<>(foods);
        jars = List.copyOf(jars);
    }

    /** As rows of the shipped tables, so that one loader checks both. */
    List<Map<String, String>> rows() {
        return jars.stream().map(this::row).toList();
    }

    private Map<String, String> row(Jar jar) {
        Map<String, String> row = new LinkedHashMap<>(Map.of(
                "id",
                id,
                "food",
                food,
                "style",
                style,
                "pack",
                pack.id(),
                "jar",
                jar.jar().id(),
                "headspace_in",
                Double.toString(jar.headspaceInches()),
                "acid",
                jar.acid(),
                "notes",
                notes,
                "source",
                source,
                "confidence",
                "high"));
        // Whoever enters a process has its source in hand.
        row.put("proof", "agrees");
        if (method == Method.BOILING) {
            row.put(
                    "bands",
                    jar.bands().stream()
                            .map(b -> (b.toFeet().isPresent() ? b.toFeet().getAsInt() : "up") + ":" + b.minutes())
                            .collect(Collectors.joining(";")));
        } else {
            row.put("minutes", Integer.toString(jar.minutes()));
            List<String> dial = List.of("0_2000", "2001_4000", "4001_6000", "6001_8000");
            put(row, "dial_psi_", dial, jar.dialPsi());
            put(row, "weighted_psi_", List.of("0_1000", "1001_up"), jar.weightedPsi());
        }
        return row;
    }

    private static void put(Map<String, String> row, String column, List<String> bands, List<Integer> psi) {
        for (int i = 0; i < Math.min(bands.size(), psi.size()); i++) {
            row.put(column + bands.get(i), psi.get(i) == null ? "" : psi.get(i).toString());
        }
    }

    Map<String, String> placing() {
        return Map.of(
                "table", method == Method.PRESSURE ? "pressure" : "boiling",
                "process", id,
                "foods", String.join("|", foods),
                "form", form,
                "liquid", liquid);
    }
}
