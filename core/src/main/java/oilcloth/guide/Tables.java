package oilcloth.guide;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/** The shipped tables with the office's overlay laid over them, row by row. */
final class Tables {
    private static final List<String> FILES = List.of(
            "sources.csv",
            "foods.csv",
            "foods-extra.csv",
            "food-aliases.csv",
            "processes-boiling.csv",
            "processes-pressure.csv",
            "tested-recipes.csv",
            "tested-recipe-ingredients.csv",
            "tested-recipe-steps.csv",
            "placing.csv",
            "acid-per-jar.csv",
            "family-limits.csv",
            "practices.csv",
            "no-process.csv",
            "thresholds.csv",
            "headspace-classes.csv",
            "yields.csv",
            "syrups.csv",
            "salts.csv",
            "canners.csv");

    private final Map<String, String> content = new LinkedHashMap<>();
    private final Overlay overlay;
    private final List<Reading> waiting = new ArrayList<>();
    private final List<RowKey> read = new ArrayList<>();

    /** @param open gives the content of a table by file name */
    Tables(Function<String, String> open, Overlay overlay) {
        FILES.forEach(f -> content.put(f, open.apply(f)));
        this.overlay = overlay;
    }

    List<Row> rows(String file) {
        return Csv.read(file, content.get(file));
    }

    List<Row> sources() {
        List<Row> rows = rows("sources.csv");
        overlay.sources().forEach(s -> {
            if (rows.stream().anyMatch(r -> r.get("id").equals(s.id()))) {
                throw new Row.BadRow("the office's sources", 0, "there is a source “" + s.id() + "” already");
            }
            rows.add(own(
                    "source " + s.id(),
                    Map.of("id", s.id(), "title", s.title(), "edition", s.edition(), "place", s.place())));
        });
        return rows;
    }

    List<Row> processes(Method method) {
        List<Row> rows = new ArrayList<>();
        for (Row row : rows(method == Method.BOILING ? "processes-boiling.csv" : "processes-pressure.csv")) {
            rows.add(read(new RowKey(RowKey.Table.of(method), row.get("id") + "/" + row.get("jar")), row));
        }
        List<String> shipped = rows.stream().map(r -> r.get("id")).toList();
        for (OwnProcess own : overlay.processes()) {
            if (own.method() == method) {
                if (shipped.contains(own.id())) {
                    throw own("process " + own.id(), Map.of())
                            .bad("the shipped guide has a process of that id; enter a "
                                    + "printed figure at the proofreading desk instead");
                }
                own.rows().forEach(r -> rows.add(own("process " + own.id(), r)));
            }
        }
        return rows;
    }

    List<Row> placing() {
        List<Row> rows = rows("placing.csv");
        overlay.processes().forEach(p -> rows.add(own("process " + p.id(), p.placing())));
        return rows;
    }

    List<Row> acid() {
        return rows("acid-per-jar.csv").stream()
                .map(r -> read(new RowKey(RowKey.Table.ACID, r.get("food") + "/" + r.get("form")), r))
                .toList();
    }

    List<Row> recipes() {
        List<Row> rows = new ArrayList<>();
        rows("tested-recipes.csv").forEach(r -> rows.add(read(new RowKey(RowKey.Table.RECIPE, r.get("id")), r)));
        for (OwnRecipe own : overlay.recipes()) {
            if (rows.stream().anyMatch(r -> r.get("id").equals(own.id()))) {
                throw own("recipe " + own.id(), Map.of()).bad("there is a tested recipe of that id already");
            }
            rows.add(own("recipe " + own.id(), own.row()));
        }
        return rows;
    }

    List<Row> recipeIngredients() {
        Map<String, Integer> lines = new LinkedHashMap<>();
        List<Row> rows = new ArrayList<>();
        for (Row row : rows("tested-recipe-ingredients.csv")) {
            int line = lines.merge(row.get("recipe"), 1, Integer::sum);
            rows.add(ruling(new RowKey(RowKey.Table.RECIPE, row.get("recipe")), row)
                    .map(r -> r.printed().get("qty." + line))
                    .map(q -> row.with(Map.of("qty", q)))
                    .orElse(row));
        }
        overlay.readings().stream()
                .filter(r -> r.row().table() == RowKey.Table.RECIPE)
                .forEach(r -> r.printed().keySet().forEach(c -> {
                    int line = Integer.parseInt(c.substring(c.indexOf('.') + 1));
                    if (line < 1 || line > lines.getOrDefault(r.row().id(), 0)) {
                        throw new Row.BadRow(
                                "the office's reading of " + r.row().text(), 0, "there is no line " + line);
                    }
                }));
        overlay.recipes().forEach(o -> o.ingredientRows().forEach(r -> rows.add(own("recipe " + o.id(), r))));
        return rows;
    }

    List<Row> recipeSteps() {
        List<Row> rows = rows("tested-recipe-steps.csv");
        overlay.recipes().forEach(o -> o.stepRows().forEach(r -> rows.add(own("recipe " + o.id(), r))));
        return rows;
    }

    private static Row own(String what, Map<String, String> values) {
        return new Row("the office's " + what, 0, values);
    }

    private Row read(RowKey key, Row row) {
        read.add(key);
        Optional<Reading> reading = reading(key);
        reading.ifPresent(r -> r.printed().keySet().stream()
                .filter(c -> !Reading.isFigure(key.table(), c))
                .findFirst()
                .ifPresent(c -> {
                    throw row.bad("“" + c + "” is no figure that can be printed differently");
                }));
        if (reading.isPresent() && !reading.get().rules(row)) {
            waiting.add(reading.get());
            return row;
        }
        UnaryOperator<Row> proof =
                r -> r.with(Map.of("proof", reading.orElseThrow().proof().id()));
        return reading.map(
                        r -> key.table() == RowKey.Table.RECIPE ? proof.apply(row) : proof.apply(row.with(r.printed())))
                .orElse(row);
    }

    private Optional<Reading> reading(RowKey key) {
        return overlay.readings().stream().filter(r -> r.row().equals(key)).findFirst();
    }

    private Optional<Reading> ruling(RowKey key, Row row) {
        return reading(key).filter(r -> r.rules(row));
    }

    /** The rows an office can read against print, in the order of the tables. */
    List<RowKey> readable() {
        return List.copyOf(read);
    }

    /** The shipped figures of a row by column, whatever the office read; empty for a row no table has. */
    SortedMap<String, String> shipped(RowKey key) {
        SortedMap<String, String> figures = new TreeMap<>();
        switch (key.table()) {
            case BOILING, PRESSURE -> {
                String file = key.table() == RowKey.Table.BOILING ? "processes-boiling.csv" : "processes-pressure.csv";
                rows(file).stream()
                        .filter(r -> key.id().equals(r.get("id") + "/" + r.get("jar")))
                        .forEach(r -> put(figures, key.table(), r));
            }
            case ACID -> rows("acid-per-jar.csv").stream()
                    .filter(r -> key.id().equals(r.get("food") + "/" + r.get("form")))
                    .forEach(r -> put(figures, key.table(), r));
            case RECIPE -> {
                int line = 0;
                for (Row r : rows("tested-recipe-ingredients.csv")) {
                    if (r.get("recipe").equals(key.id())) {
                        line++;
                        figures.put("qty." + line, r.get("qty"));
                    }
                }
            }
        }
        return figures;
    }

    private static void put(SortedMap<String, String> figures, RowKey.Table table, Row row) {
        row.columns().stream().filter(c -> Reading.isFigure(table, c)).forEach(c -> figures.put(c, row.get(c)));
    }

    /** Readings with a weaker figure that nobody has read a second time. */
    List<Reading> waiting() {
        return List.copyOf(waiting);
    }

    /** @throws Row.BadRow when the overlay reads a row that no table has */
    void requireKnownReadings() {
        for (Reading reading : overlay.readings()) {
            if (!read.contains(reading.row())) {
                throw new Row.BadRow(
                        "the office's readings", 0, "no row " + reading.row().text());
            }
        }
    }

    Overlay overlay() {
        return overlay;
    }

    /** The first twelve hex digits of the SHA-256 over all tables and the overlay. */
    String hash() {
        return hash(overlay.canonical());
    }

    /** The same over the shipped tables alone. */
    String baseHash() {
        return hash("");
    }

    private String hash(String over) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            content.forEach((name, text) -> {
                digest.update(name.getBytes(StandardCharsets.UTF_8));
                digest.update(text.getBytes(StandardCharsets.UTF_8));
            });
            digest.update(over.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest.digest()).substring(0, 12);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
