package oilcloth.guide;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import oilcloth.measure.Headspace;
import oilcloth.measure.JarSize;

/** Reads the rows of the two process tables, and refuses a row that contradicts itself. */
final class ProcessTables {
    private static final List<String> BOILING_COLUMNS = List.of("t_0_1000", "t_1001_3000", "t_3001_6000", "t_6001_up");

    private ProcessTables() {}

    static List<Process> read(Method method, List<Row> rows, Set<String> sources) {
        Map<String, SortedMap<JarSize, ProcessRow>> byProcess = new LinkedHashMap<>();
        Map<String, Row> first = new LinkedHashMap<>();
        for (Row r : rows) {
            if (!sources.contains(r.get("source"))) {
                throw r.bad("no source “" + r.get("source") + "”");
            }
            first.putIfAbsent(r.get("id"), r);
            ProcessRow row = row(method, r);
            if (byProcess.computeIfAbsent(r.get("id"), k -> new TreeMap<>()).put(row.jar(), row) != null) {
                throw r.bad("two rows for " + r.get("id") + " in " + row.jar().id());
            }
        }
        List<Process> processes = new ArrayList<>();
        byProcess.forEach((id, byJar) -> {
            Row r = first.get(id);
            Pack pack = r.parse("pack", p -> Pack.valueOf(p.toUpperCase(Locale.ROOT)));
            processes.add(new Process(method, id, r.get("food"), r.get("style"), pack, byJar));
        });
        return processes;
    }

    private static ProcessRow row(Method method, Row r) {
        boolean boiling = method == Method.BOILING;
        List<Integer> edges = new ArrayList<>();
        List<Integer> minutes = new ArrayList<>();
        if (!boiling) {
            minutes.add(r.integer("minutes"));
        } else if (r.get("bands").isEmpty()) {
            edges.addAll(ProcessRow.BOILING_BANDS);
            BOILING_COLUMNS.forEach(c -> minutes.add(r.integer(c)));
        } else {
            bands(r, edges, minutes);
        }
        for (int i = 1; i < minutes.size(); i++) {
            if (minutes.get(i) < minutes.get(i - 1)) {
                throw r.bad("the time falls with altitude: " + minutes);
            }
        }
        if (minutes.get(0) < 1 || minutes.get(minutes.size() - 1) > 300) {
            throw r.bad("a process takes 1 to 300 minutes, not " + minutes);
        }
        List<Optional<Integer>> dial =
                psi(r, "dial_psi_0_2000", "dial_psi_2001_4000", "dial_psi_4001_6000", "dial_psi_6001_8000");
        List<Optional<Integer>> weighted = psi(r, "weighted_psi_0_1000", "weighted_psi_1001_up");
        if (!boiling
                && dial.stream().allMatch(Optional::isEmpty)
                && weighted.stream().allMatch(Optional::isEmpty)) {
            throw r.bad("a pressure process names a pressure");
        }
        // The rows of the pressure table that follow the per-jar acid of the boiling-water table say so in a note.
        String acid = !boiling && r.get("notes").startsWith("acidify exactly")
                ? "as for boiling water, per jar"
                : r.get("acid");
        return new ProcessRow(
                r.parse("jar", j -> JarSize.ofId(j).orElseThrow()),
                Headspace.ofInches(r.number("headspace_in")),
                edges,
                minutes,
                boiling ? List.of() : dial,
                boiling ? List.of() : weighted,
                acid,
                r.get("notes"),
                r.get("source"),
                r.parse("confidence", Confidence::ofId),
                r.get("proof").isEmpty()
                        ? Proof.UNREAD
                        : Proof.valueOf(r.get("proof").toUpperCase(Locale.ROOT)),
                (int) r.line());
    }

    /** {@code 1000:10;2000:11;up:12}: minutes up to each edge. */
    private static void bands(Row r, List<Integer> edges, List<Integer> minutes) {
        for (String band : r.get("bands").split(";")) {
            String[] parts = band.split(":");
            int edge = parts[0].equals("up") ? Integer.MAX_VALUE : Integer.parseInt(parts[0]);
            if (!edges.isEmpty() && edge <= edges.get(edges.size() - 1)) {
                throw r.bad("the altitude bands do not rise: " + r.get("bands"));
            }
            edges.add(edge);
            minutes.add(Integer.valueOf(parts[1]));
        }
    }

    private static List<Optional<Integer>> psi(Row r, String... columns) {
        List<Optional<Integer>> psi = new ArrayList<>();
        Integer before = null;
        for (String column : columns) {
            Optional<Integer> figure = r.figure(column);
            if (figure.isPresent() && before != null && figure.get() < before) {
                throw r.bad("the pressure falls with altitude: " + column);
            }
            before = figure.orElse(before);
            psi.add(figure);
        }
        return psi;
    }
}
