package oilcloth.reading;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oilcloth.guide.Food;
import oilcloth.recipe.Ingredient;
import oilcloth.text.Cue;

/** Which beans "the beans" are, where dried or shelled ones are named. */
final class Beans {
    private static final Cue JUST_BEANS =
            Cue.of("(?<!\\b(green|snap|string|pole|wax|runner|french|yellow) )\\bbeans?\\b");

    /** "We grow shell beans": whichever they are. */
    private static final Pattern ANY_BEANS = Pattern.compile("(?i)beans|shell(y|ed)? beans|shellies");

    /** "The peas", "filled with peas"; "and peas" are others. */
    private static final Pattern THE_SAME = Pattern.compile("(?i)\\b(the|these|those|my|our|your|of|with) $");

    private Beans() {}

    /** "The beans", "5 lbs of beans" are those that were named; peas too, where they are dried. */
    static void settle(Draft draft, String text) {
        measuredBeans(draft, text);
        if (draft.ingredients.stream().anyMatch(i -> isAnotherBean(i.food()))) {
            draft.titleFoods.removeIf(f -> f.name().equals("green bean")
                    && draft.title
                            .filter(t -> JUST_BEANS.in(t.of(text).toLowerCase(Locale.ROOT)))
                            .isPresent());
            boolean peas = ContextWords.DRIED_PEAS.matcher(text).find();
            List<Ingredient> others = draft.ingredients.stream()
                    .filter(i -> isAnotherBean(i.food()))
                    .toList();
            draft.ingredients.removeIf(i -> i.amount().isEmpty()
                    && others.stream().anyMatch(o -> o != i)
                    && (ANY_BEANS.matcher(i.range().of(text)).matches()
                            || peas
                                    && i.range().of(text).equalsIgnoreCase("peas")
                                    && THE_SAME.matcher(
                                                    text.substring(0, i.range().start()))
                                            .find()));
        }
    }

    /** Then "the beans" are they. */
    private static boolean isAnotherBean(Food food) {
        return food.group().equals("bean") || food.name().startsWith("lima bean");
    }

    private static final Pattern SO_MANY_BEANS =
            Pattern.compile("(?i)[\\d ./½¼¾⅓⅔-]+ ?[a-z]+\\.? (of )?(the |my )?beans");

    /** "Kidney beans … 5 lbs of beans": the amount is theirs. */
    private static void measuredBeans(Draft draft, String text) {
        Set<Food> others = Stream.concat(
                        draft.titleFoods.stream(), draft.ingredients.stream().map(Ingredient::food))
                .filter(Beans::isAnotherBean)
                .collect(Collectors.toSet());
        boolean measured = draft.ingredients.stream()
                .anyMatch(i -> isAnotherBean(i.food()) && i.amount().isPresent());
        List<Ingredient> beans = draft.ingredients.stream()
                .filter(i -> SO_MANY_BEANS.matcher(i.range().of(text)).matches())
                .toList();
        if (others.size() == 1 && !measured && beans.size() == 1) {
            Food kind = others.iterator().next();
            draft.ingredients.removeIf(i -> i.food().equals(kind));
            draft.ingredients.replaceAll(i -> i.equals(beans.get(0)) ? i.withFood(kind) : i);
        }
    }
}
