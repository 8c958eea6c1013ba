package oilcloth.review;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import oilcloth.check.Findings;
import oilcloth.check.Message;
import oilcloth.check.Question;
import oilcloth.check.Subject;
import oilcloth.guide.Food;
import oilcloth.guide.Process;
import oilcloth.guide.TestedRecipe;
import oilcloth.recipe.Ingredient;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/** Foods that were named and that the tested process has no place for. */
final class FoodNeeds {
    private FoodNeeds() {}

    private static void ask(Findings out, String food, List<Range> evidence) {
        out.ask(new Question(
                "ask.unlisted",
                new Message("ask.unlisted", Map.of("food", food)),
                List.of("ingredient.added"),
                List.of(),
                evidence));
    }

    /** "Carrots with some other vegetables". */
    private static final Cue MIXED_IN = Cue.of(
            "\\b(with|and|plus) (some |a few |the |my )*(other|mixed|assorted|more) (vegetables|veggies|fruit)\\b");

    /** Fail safe: an ingredient the process does not list is never passed over, whatever the other checks make of it. */
    static void unlisted(Subject s, Findings out) {
        for (Ingredient i : s.placement().unlisted()) {
            boolean reported = out.found().stream().anyMatch(f -> f.evidence().contains(i.range()));
            if (!reported) {
                ask(out, i.food().name(), List.of(i.range()));
            }
        }
        boolean plain = s.placement().isPlaced()
                && s.placement().recipe().isEmpty()
                && s.placement().family().equals("pieces");
        s.said()
                .anywhere(MIXED_IN)
                .filter(r -> plain)
                .ifPresent(r -> ask(out, r.of(s.recipe().text()), List.of(r)));
        for (Ingredient i : s.recipe().inJar()) {
            boolean vague =
                    i.food().name().equals("vegetables") || i.food().name().equals("fruit");
            if (vague && i.amount().isPresent()) {
                ask(out, i.food().name(), List.of(i.range()));
            }
        }
    }

    /** "Sauce without meat", "Squash pickles: no wait, mine is kraut". */
    private static final Cue TAKEN_BACK = Cue.of(
            "\\b(without|w/o|no) (?!(added )?(salt|sugar|oil|fuss|fail|cook|pressure|bake|need|more)\\b)|\\?[ -]*no\\b|\\b(wait|kidding|instead|mock|sorry)\\b");

    /** "Canned eggplant" over a recipe for beans: the heading names a food that is nowhere in what was placed. */
    static void titled(Subject s, Findings out) {
        List<Food> named = s.recipe().titleFoods().stream()
                .filter(f -> f.kind().isProduce()
                        && !f.name().equals("vegetables")
                        && !f.name().equals("fruit"))
                .toList();
        boolean takenBack = s.said().opening(TAKEN_BACK)
                || s.recipe()
                        .title()
                        .filter(t -> s.said().around(t, TAKEN_BACK))
                        .isPresent();
        if (named.isEmpty() || takenBack || named.stream().anyMatch(f -> isPlacedAs(s, f))) {
            return;
        }
        ask(out, named.get(0).name(), s.recipe().title().stream().toList());
    }

    private static boolean isPlacedAs(Subject s, Food food) {
        Stream<Food> used = s.recipe().ingredients().stream().map(Ingredient::food);
        Stream<Food> listed = s.placement().recipe().stream()
                .flatMap(r -> r.ingredients().stream())
                .flatMap(l -> l.foods().stream());
        Stream<String> called = Stream.concat(
                s.placement().recipe().stream().map(TestedRecipe::name),
                s.placement().open().stream().map(Process::title));
        return Stream.concat(used, listed).anyMatch(f -> isAkin(f, food))
                || called.anyMatch(name -> name.toLowerCase(Locale.ROOT).contains(food.name()))
                || s.guide().placing().stream()
                        .filter(r -> s.placement().open().contains(r.process()))
                        .anyMatch(r -> r.takes(food) || r.form().endsWith("soup"));
    }

    /** "Squash" heads a recipe for winter squash. */
    private static boolean isAkin(Food one, Food other) {
        return lastWord(one.group()).equals(lastWord(other.group()));
    }

    private static String lastWord(String group) {
        return group.substring(group.lastIndexOf(' ') + 1);
    }
}
