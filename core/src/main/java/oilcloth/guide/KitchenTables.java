package oilcloth.guide;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import oilcloth.measure.Headspace;
import oilcloth.measure.JarSize;

/** Reads the general figures and the thresholds. */
final class KitchenTables {
    private final Tables tables;
    private final Set<String> foods;
    private final Set<String> sources;

    KitchenTables(Tables tables, Set<String> foods, Set<String> sources) {
        this.tables = tables;
        this.foods = foods;
        this.sources = sources;
    }

    Kitchen kitchen() {
        return new Kitchen(
                sourced(
                        "headspace-classes.csv",
                        r -> new Kitchen.HeadspaceClass(
                                r.get("class"),
                                Headspace.ofInches(r.number("inches_low")),
                                Headspace.ofInches(r.number("inches_high")),
                                r.get("source"))),
                sourced(
                        "yields.csv",
                        r -> new Kitchen.Yield(
                                knownFood(r, r.get("food")),
                                r.get("name"),
                                r.optionalNumber("lb_per_7_quarts"),
                                r.optionalNumber("lb_per_9_pints"),
                                r.number("lb_per_quart"),
                                r.get("container"),
                                r.get("source"))),
                sourced(
                        "syrups.csv",
                        r -> new Kitchen.Syrup(
                                r.get("name"),
                                r.number("percent"),
                                r.number("pint_load_water_cups"),
                                r.number("pint_load_sugar_cups"),
                                r.number("quart_load_water_cups"),
                                r.number("quart_load_sugar_cups"),
                                r.get("source"))),
                sourced(
                        "salts.csv",
                        r -> new Kitchen.Salt(
                                r.get("kind"),
                                r.number("grams_per_cup"),
                                r.number("grams_per_teaspoon"),
                                r.get("ferment").equals("yes"),
                                r.get("note"),
                                r.get("source"))),
                sourced(
                        "canners.csv",
                        r -> new Kitchen.CannerLoad(
                                r.get("canner"),
                                r.parse("jar", j -> JarSize.ofId(j).orElseThrow()),
                                r.integer("one_layer"),
                                r.optionalInteger("two_layers"),
                                r.get("note"),
                                r.get("source"))),
                sourced(
                        "no-process.csv",
                        r -> new Kitchen.NoProcess(
                                split(r.get("foods")).stream()
                                        .map(f -> knownFood(r, f))
                                        .toList(),
                                split(r.get("forms")),
                                split(r.get("words")),
                                r.get("why"),
                                r.get("instead"),
                                r.get("source"))));
    }

    Map<Threshold, Threshold.Value> thresholds() {
        Map<Threshold, Threshold.Value> values = new EnumMap<>(Threshold.class);
        for (Threshold.Value v : sourced(
                "thresholds.csv",
                r -> new Threshold.Value(
                        r.parse(
                                "id",
                                id -> Threshold.valueOf(
                                        id.toUpperCase(java.util.Locale.ROOT).replace('-', '_'))),
                        r.number("value"),
                        r.get("unit"),
                        r.get("meaning"),
                        r.get("source")))) {
            values.put(v.threshold(), v);
        }
        for (Threshold threshold : Threshold.values()) {
            if (!values.containsKey(threshold)) {
                throw new Row.BadRow("thresholds.csv", 0, "no threshold " + threshold.id());
            }
        }
        return values;
    }

    private static List<String> split(String list) {
        return list.isEmpty() ? List.of() : List.of(list.split("\\|"));
    }

    private String knownFood(Row row, String food) {
        if (!foods.contains(food)) {
            throw row.bad("no food " + food);
        }
        return food;
    }

    private <T> List<T> sourced(String file, Function<Row, T> made) {
        List<T> all = new ArrayList<>();
        for (Row row : tables.rows(file)) {
            if (!sources.contains(row.get("source"))) {
                throw row.bad("no source “" + row.get("source") + "”");
            }
            all.add(made.apply(row));
        }
        return List.copyOf(all);
    }
}
