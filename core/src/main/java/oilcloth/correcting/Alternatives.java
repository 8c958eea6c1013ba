package oilcloth.correcting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oilcloth.arithmetic.ScaledRecipe;
import oilcloth.check.Message;
import oilcloth.check.Subject;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.guide.Kitchen;
import oilcloth.guide.TestedIngredient;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.Amount;
import oilcloth.placing.Placement;
import oilcloth.recipe.Facts;
import oilcloth.recipe.Ingredient;

/** What to make of the produce where no set of edits will do. */
final class Alternatives {
    private static final int MOST_RECIPES = 2;

    private Alternatives() {}

    static List<Instead> of(Subject s) {
        List<Instead> instead = new ArrayList<>(tested(s));
        another(s).ifPresent(instead::add);
        Food main = s.produce().main().orElse(null);
        instead.add(new Instead(Instead.Kind.FREEZE, Message.of("instead.freeze"), "Extension", Optional.empty()));
        instead.add(
                new Instead(Instead.Kind.REFRIGERATE, Message.of("instead.refrigerate"), "Guide 1", Optional.empty()));
        boolean dries = main != null
                && s.produce().foods().size() == 1
                && (main.kind() == FoodClass.FRUIT || main.kind() == FoodClass.PEPPER);
        if (dries) {
            instead.add(new Instead(
                    Instead.Kind.DRY,
                    new Message("instead.dry", Map.of("food", Words.of(main))),
                    "Extension",
                    Optional.empty()));
        }
        return instead;
    }

    /** The placed recipe and its next of kin, each scaled to the main produce at hand. */
    private static List<Instead> tested(Subject s) {
        List<String> ids = new ArrayList<>();
        s.placement().recipe().map(TestedRecipe::id).ifPresent(ids::add);
        s.placement().alternatives().stream().map(Placement.Alternative::id).forEach(ids::add);
        s.produce().main().ifPresent(m -> s.guide().recipes().stream()
                .filter(r -> isMain(r, m) && !r.processes().isEmpty())
                // a salsa is nearest to a salsa
                .sorted(Comparator.comparing(r -> !r.form().equals(s.placement().family())))
                .map(TestedRecipe::id)
                .forEach(ids::add));
        return ids.stream()
                .distinct()
                .flatMap(id -> s.guide().recipes().stream()
                        .filter(r -> r.id().equals(id) && !r.processes().isEmpty()))
                .limit(MOST_RECIPES)
                .map(r -> new Instead(
                        Instead.Kind.TESTED,
                        new Message("instead.tested", Map.of("recipe", r.name())),
                        r.source(),
                        scaled(s, r)))
                .toList();
    }

    private static boolean isMain(TestedRecipe recipe, Food main) {
        return recipe.ingredients().stream()
                .filter(l -> l.role().equals("vegetable") || l.role().equals("fruit"))
                .findFirst()
                .map(l -> l.foods().stream().anyMatch(f -> f.group().equals(main.group())))
                .orElse(false);
    }

    private static Optional<ScaledRecipe> scaled(Subject s, TestedRecipe recipe) {
        for (int n = 0; n < recipe.ingredients().size(); n++) {
            TestedIngredient line = recipe.ingredients().get(n);
            for (Ingredient i : s.produce().ingredients()) {
                boolean same = line.foods().stream()
                        .anyMatch(f -> f.group().equals(i.food().group()));
                if (same && line.amount().isPresent() && i.amount().isPresent()) {
                    Amount have = i.amount().get();
                    try {
                        return Optional.of(ScaledRecipe.toHave(recipe, n, have.low(), have.unit(), s.guide()));
                    } catch (IllegalArgumentException e) {
                        // too little or too much for one batch, or measured otherwise: shown at its own size
                        return Optional.of(ScaledRecipe.by(recipe, 1, s.guide()));
                    }
                }
            }
        }
        return Optional.of(ScaledRecipe.by(recipe, 1, s.guide()));
    }

    /** What the guide offers where it refuses the food or the dish. */
    private static Optional<Instead> another(Subject s) {
        Optional<Kitchen.NoProcess> refused = s.produce().main().flatMap(f -> s.guide()
                .kitchen()
                .noProcess(f, Facts.values(s.facts().forms())));
        return refused.map(n -> new Instead(
                Instead.Kind.ANOTHER,
                new Message("instead.another", Map.of("words", n.instead())),
                n.source(),
                Optional.empty()));
    }
}
