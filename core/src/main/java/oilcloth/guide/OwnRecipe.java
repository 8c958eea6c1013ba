package oilcloth.guide;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A tested recipe that the office added itself.
 *
 * @param processes ids of the processes it is canned by, shipped or own, of one method
 * @param form the family it belongs to: pickle, relish, salsa …
 */
public record OwnRecipe(
        String id,
        String name,
        String source,
        Method method,
        List<String> processes,
        String form,
        String yield,
        String brine,
        List<Line> ingredients,
        List<String> steps,
        List<String> variations) {

    /**
     * One line of it.
     *
     * @param quantity a number, or low and high with a hyphen between
     * @param unit cup, Tbsp, tsp, lb, oz, qt, pt, gal, clove, head, stick, each, drop
     * @param role vegetable, fruit, acid, water, salt, sweetener, spice, thickener, soak, other
     */
    public record Line(String quantity, String unit, String item, String role, String note) {}

    public OwnRecipe {
        processes = List.copyOf(processes);
        ingredients = List.copyOf(ingredients);
        steps = List.copyOf(steps);
        variations = List.copyOf(variations);
    }

    Map<String, String> row() {
        Map<String, String> row = new HashMap<>(Map.of(
                "id", id,
                "name", name,
                "source", source,
                "table", method == Method.PRESSURE ? "pressure" : "boiling",
                "processes", String.join(";", processes),
                "form", form,
                "yield", yield,
                "brine", brine,
                "confidence", "high"));
        row.put("proof", "agrees");
        return row;
    }

    List<Map<String, String>> ingredientRows() {
        return ingredients.stream()
                .map(l -> Map.of(
                        "recipe", id,
                        "qty", l.quantity(),
                        "unit", l.unit(),
                        "item", l.item(),
                        "role", l.role(),
                        "note", l.note()))
                .toList();
    }

    List<Map<String, String>> stepRows() {
        List<Map<String, String>> rows = new ArrayList<>();
        steps.forEach(s -> rows.add(Map.of("recipe", id, "kind", "step", "text", s)));
        variations.forEach(v -> rows.add(Map.of("recipe", id, "kind", "variation", "text", v)));
        return rows;
    }
}
