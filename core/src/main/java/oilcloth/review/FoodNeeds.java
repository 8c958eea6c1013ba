package oilcloth.review;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.stream.Stream;
import oilcloth.check.Findings;
import oilcloth.check.Message;
import oilcloth.check.Question;
import oilcloth.check.Subject;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
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
            if (i.food().isUmbrella() && i.amount().isPresent()) {
                ask(out, i.food().name(), List.of(i.range()));
            }
        }
    }

    /** "Squash pickles: no wait, mine is kraut", "Dill beans no. Kraut:". */
    private static final Cue TAKEN_BACK = Cue.of(
            "\\bno[,.]? (wait|sorry|i mean|make (that|it)|it'?s|it is|that'?s|they'?re|mine)\\b|\\bwait,? no\\b|\\? no[.,!]|(?<=[a-z] )no[.!]");

    /** What changes a jar, beside what it is filled with. */
    private static final Set<FoodClass> BEARS = Set.of(
            FoodClass.ALCOHOL,
            FoodClass.FRESH_HERB,
            FoodClass.NUT,
            FoodClass.DAIRY,
            FoodClass.EGG,
            FoodClass.FAT,
            FoodClass.STARCH,
            FoodClass.THICKENER);

    /**
     * "Canned eggplant" over a recipe for beans, "Pears with jalapenos" over one for pears: the heading names a food that is
     * nowhere in what was placed.
     */
    static void titled(Subject s, Findings out) {
        List<Food> named = s.recipe().titleFoods().stream()
                .filter(f -> f.kind().isProduce() && !f.isUmbrella() && !f.isOfBones() || BEARS.contains(f.kind()))
                // what a dill pickle is called after, whatever part of the plant seasons it
                .filter(f -> !f.name().startsWith("dill"))
                .toList();
        boolean takenBack = s.said().opening(TAKEN_BACK)
                || s.recipe()
                        .title()
                        .filter(t -> s.said().around(t, TAKEN_BACK))
                        .isPresent();
        if (takenBack) {
            return;
        }
        List<Range> title = s.recipe().title().stream().toList();
        named.stream().filter(f -> !isPlacedAs(s, f)).findFirst().ifPresent(f -> ask(out, f.name(), title));
        title.stream()
                .map(t -> t.of(s.recipe().text()).toLowerCase(Locale.ROOT))
                .flatMap(t -> DISH.matcher(t).results())
                .map(MatchResult::group)
                .filter(dish -> called(s).noneMatch(name -> name.contains(dish)))
                .findFirst()
                .ifPresent(dish -> ask(out, dish, title));
    }

    /** Dishes of many foods, none of which a plain pack is. */
    private static final Cue DISH = Cue.of(
            "(?<!\\b(not|no) )\\b(casserole|gravy|curry|butter(ed|y)|cheesy|creamy|candied|boozy|drunken|stuffed|loaded|barbecued?|barbeque|bbq|stroganoff|pot pie|gumbo|jambalaya|goulash|lasagna|stir[- ]fry|fried rice|alfredo|dressing|marinade|chowder|bisque|hash|pesto|hummus|pudding|cake|bread|vegetable juice|veggie juice)\\b(?! (and butter|pickles?|spices?|salt))");

    private static Stream<String> called(Subject s) {
        return Stream.concat(
                        s.placement().recipe().stream().map(TestedRecipe::name),
                        s.placement().open().stream().map(Process::title))
                .map(name -> name.toLowerCase(Locale.ROOT));
    }

    private static boolean isPlacedAs(Subject s, Food food) {
        return Stream.concat(s.recipe().ingredients().stream().map(Ingredient::food), s.produce().main().stream())
                        .anyMatch(f -> isAkin(f, food))
                || called(s).anyMatch(name -> name.contains(food.name()))
                // "Peaches in apple juice": a pack "in water, juice or syrup"
                || food.kind() == FoodClass.FRUIT
                        && food.name().endsWith(" juice")
                        && called(s).anyMatch(name -> name.contains("juice or"))
                || s.placement().recipe().isEmpty()
                        && s.guide().placing().stream()
                                .filter(r -> s.placement().open().contains(r.process()))
                                .anyMatch(r -> r.takes(food) || r.form().endsWith("soup"));
    }

    /** "Squash" heads a recipe for winter squash, "orange" one with orange juice, "berry" one of raspberries. */
    private static boolean isAkin(Food used, Food named) {
        return lastWord(used.group()).equals(lastWord(named.group()))
                || used.name().startsWith(named.name() + " ")
                || used.isSeasoning()
                        && used.name().split(",")[0].equals(named.name().split(",")[0])
                || used.name().endsWith("berry") && named.name().endsWith("berry");
    }

    private static String lastWord(String group) {
        return group.substring(group.lastIndexOf(' ') + 1);
    }
}
