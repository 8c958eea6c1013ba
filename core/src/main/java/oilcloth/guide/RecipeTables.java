package oilcloth.guide;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import oilcloth.measure.Amount;
import oilcloth.measure.Unit;
import oilcloth.text.Range;
import oilcloth.text.Tokens;

/** Reads the tested recipes with their lines and steps. */
final class RecipeTables {
    private final Tables tables;
    private final Map<String, Process> processes;
    private final Set<String> sources;
    private final Lexicon lexicon;

    RecipeTables(Tables tables, Map<String, Process> processes, Set<String> sources, Lexicon lexicon) {
        this.tables = tables;
        this.processes = processes;
        this.sources = sources;
        this.lexicon = lexicon;
    }

    List<TestedRecipe> read() {
        Map<String, List<TestedIngredient>> ingredients = new LinkedHashMap<>();
        for (Row r : tables.recipeIngredients()) {
            ingredients.computeIfAbsent(r.get("recipe"), k -> new ArrayList<>()).add(ingredient(r));
        }
        Map<String, List<Row>> steps = new LinkedHashMap<>();
        for (Row r : tables.recipeSteps()) {
            steps.computeIfAbsent(r.get("recipe"), k -> new ArrayList<>()).add(r);
        }
        List<TestedRecipe> recipes = new ArrayList<>();
        for (Row r : tables.recipes()) {
            if (!sources.contains(r.get("source"))) {
                throw r.bad("no source “" + r.get("source") + "”");
            }
            List<TestedIngredient> lines = ingredients.getOrDefault(r.get("id"), List.of());
            if (lines.isEmpty()) {
                throw r.bad("the recipe " + r.get("id") + " has no ingredients");
            }
            List<Row> mine = steps.getOrDefault(r.get("id"), List.of());
            Method method = r.get("table").equals("pressure") ? Method.PRESSURE : Method.BOILING;
            recipes.add(new TestedRecipe(
                    r.get("id"),
                    r.get("name"),
                    r.get("source"),
                    method,
                    processIds(r, method),
                    r.get("form"),
                    r.get("yield"),
                    r.get("brine"),
                    r.parse("confidence", Confidence::ofId),
                    r.get("proof").isEmpty()
                            ? Proof.UNREAD
                            : Proof.valueOf(r.get("proof").toUpperCase(Locale.ROOT)),
                    List.copyOf(lines),
                    texts(mine, true),
                    texts(mine, false)));
        }
        return recipes;
    }

    private static List<String> texts(List<Row> rows, boolean steps) {
        return rows.stream()
                .filter(s -> s.get("kind").equals("step") == steps)
                .map(s -> s.get("text"))
                .toList();
    }

    private List<String> processIds(Row r, Method method) {
        List<String> ids = r.get("processes").isEmpty()
                ? List.of()
                : List.of(r.get("processes").split(";"));
        for (String id : ids) {
            if (!processes.containsKey(method.id() + ":" + id)) {
                throw r.bad("no process " + id + " by " + method.id());
            }
        }
        return ids;
    }

    private TestedIngredient ingredient(Row r) {
        String note = r.get("note");
        String role = r.get("role");
        String[] range = r.get("qty").split("-");
        double low = r.parse("qty", q -> Double.valueOf(range[0]));
        double high = r.parse("qty", q -> Double.valueOf(range[range.length - 1]));
        boolean aside =
                role.equals("soak") || note.contains("soak") || note.contains("drawn off") || note.contains("drained");
        return new TestedIngredient(
                r.get("item"),
                r.get("prep"),
                note,
                foodsIn(r.get("item")),
                unit(r.get("unit")).map(u -> new Amount(low, high, u, true)),
                r.get("qty") + " " + r.get("unit"),
                role,
                note.contains("optional"),
                aside);
    }

    /** The distinct foods a tested line names, in order: "green or yellow beans" stands for both. */
    private List<Food> foodsIn(String item) {
        var tokens = Tokens.of(item, new Range(0, item.length()));
        List<Food> named = new ArrayList<>();
        for (int i = 0; i < tokens.size(); i++) {
            Optional<Lexicon.Match> match = lexicon.at(tokens, i);
            if (match.isPresent()) {
                Food food = match.get().food();
                if (!named.contains(food)) {
                    named.add(food);
                }
                i += match.get().length() - 1;
            }
        }
        return List.copyOf(named);
    }

    static Optional<Unit> unit(String name) {
        return switch (name) {
            case "cup" -> Optional.of(Unit.CUP);
            case "Tbsp" -> Optional.of(Unit.TABLESPOON);
            case "tsp" -> Optional.of(Unit.TEASPOON);
            case "lb" -> Optional.of(Unit.POUND);
            case "oz" -> Optional.of(Unit.OUNCE);
            case "qt" -> Optional.of(Unit.QUART);
            case "pt" -> Optional.of(Unit.PINT);
            case "gal" -> Optional.of(Unit.GALLON);
            case "clove" -> Optional.of(Unit.CLOVE);
            case "head" -> Optional.of(Unit.HEAD);
            case "stick" -> Optional.of(Unit.STICK);
            case "each" -> Optional.of(Unit.EACH);
            case "drop" -> Optional.of(Unit.DROP);
            default -> Optional.empty();
        };
    }
}
