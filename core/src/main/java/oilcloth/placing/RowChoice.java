package oilcloth.placing;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.guide.Method;
import oilcloth.guide.Pack;
import oilcloth.guide.PlacingRule;
import oilcloth.guide.Process;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Facts;
import oilcloth.recipe.Recipe;

/** Of the tested rows for a food, those of the form, canner, liquid, pack and pressure that were told. */
final class RowChoice {
    private RowChoice() {}

    private static final Set<FoodClass> TIGHT = Set.of(FoodClass.VEGETABLE, FoodClass.ROOT, FoodClass.LEGUME);

    static List<PlacingRule> byForm(List<PlacingRule> rules, Set<String> said, Set<String> named, Food main) {
        Set<String> offered = new LinkedHashSet<>();
        rules.forEach(r -> offered.add(r.form()));
        Set<String> wanted = new LinkedHashSet<>(said);
        if (wanted.contains("butter") || wanted.contains("syrup") || wanted.contains("soup")) {
            return List.of();
        }
        if (main.isFruitJuice()) {
            // cider is a juice without being called one
            wanted.add("juice");
        }
        if (said.contains("milled") && !said.contains("juice")) {
            wanted.add(offered.contains("sauce") ? "sauce" : "puree");
            wanted.remove("pieces");
        }
        // The product outranks how it was cut: "applesauce" from sliced apples, "juice" from crushed tomatoes.
        for (String product :
                List.of("juice", "sauce", "puree", "stock", "smoked", "cream-style", "baked-beans", "sauced-beans")) {
            // Said in passing beside "whole" or "crushed" it stays one of several, until somebody is asked.
            boolean sure = named.contains(product)
                    || !(wanted.contains("pieces") || wanted.contains("crushed"))
                    || main.kind() != FoodClass.TOMATO;
            if (wanted.contains(product) && offered.contains(product) && sure) {
                return rules.stream().filter(r -> r.form().equals(product)).toList();
            }
        }
        // Grated, whipped or cooked down it packs tighter than the pieces that were tested.
        if (wanted.contains("fine") && TIGHT.contains(main.kind())) {
            wanted.remove("pieces");
            if (offered.stream().noneMatch(wanted::contains)) {
                return List.of();
            }
        }
        List<PlacingRule> same =
                rules.stream().filter(r -> wanted.contains(r.form())).toList();
        if (!same.isEmpty()) {
            return same;
        }
        // Mashed sweet potatoes or a carrot sauce are not the pieces that were tested; a rhubarb sauce is stewed
        // rhubarb.
        if (wanted.contains("puree") || wanted.contains("sauce") && main.kind() != FoodClass.FRUIT) {
            return List.of();
        }
        // Unsaid: whole or crushed tomatoes, bone in or out, chunks or ground stay open; a purée needs a word for it.
        Set<String> unsaid = main.kind() == FoodClass.MEAT || main.kind() == FoodClass.TOMATO
                ? Set.of("pieces", "crushed", "ground", "bone-in", "boneless")
                : Set.of("pieces");
        return rules.stream().filter(r -> unsaid.contains(r.form())).toList();
    }

    static List<PlacingRule> byMethod(List<PlacingRule> rules, Optional<CanningMethod> method) {
        Method wanted = method.filter(m -> m == CanningMethod.PRESSURE).isPresent() ? Method.PRESSURE : Method.BOILING;
        List<PlacingRule> same =
                rules.stream().filter(r -> r.process().method() == wanted).toList();
        return same.isEmpty() ? rules : same;
    }

    static List<PlacingRule> byLiquid(List<PlacingRule> rules, Recipe recipe) {
        Set<String> liquids = Facts.values(recipe.facts().liquids());
        List<PlacingRule> same = rules.stream()
                .filter(r -> liquids.contains(r.liquid()) || r.liquid().endsWith("pectin"))
                .toList();
        List<PlacingRule> result = same.isEmpty() ? rules : same;
        // Crushed tomatoes have no added liquid by definition; "no liquid" alone does not make them crushed.
        boolean crushed = Facts.values(recipe.facts().forms()).contains("crushed");
        List<PlacingRule> whole = result.stream()
                .filter(r -> crushed == r.form().equals("crushed"))
                .toList();
        boolean mixed = result.stream().anyMatch(r -> r.form().equals("crushed"))
                && result.stream().anyMatch(r -> !r.form().equals("crushed"));
        boolean decided = crushed || Facts.values(recipe.facts().forms()).contains("pieces");
        return mixed && decided && !whole.isEmpty() ? whole : result;
    }

    static List<Process> byPack(List<Process> processes, Facts facts) {
        Set<Pack> packs = Facts.values(facts.packs());
        if (packs.isEmpty()) {
            return processes;
        }
        List<Process> same =
                processes.stream().filter(p -> packs.contains(p.pack())).toList();
        return same.isEmpty() ? processes : same;
    }

    /** Tomatoes have three equally safe pressure options, told apart by the pressure used. */
    static List<Process> byPressure(List<Process> processes, Facts facts) {
        OptionalDouble psi =
                facts.pressures().stream().mapToDouble(p -> p.value().psi()).findFirst();
        if (psi.isEmpty() || processes.stream().noneMatch(p -> p.id().endsWith("psi"))) {
            return processes.stream()
                    .filter(p -> !p.id().endsWith("-15psi-weighted"))
                    .toList();
        }
        String option = psi.getAsDouble() < 10 ? "-6psi" : "-11psi";
        List<Process> same =
                processes.stream().filter(p -> p.id().endsWith(option)).toList();
        return same.isEmpty() ? processes : same;
    }
}
