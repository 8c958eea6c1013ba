package oilcloth.reading;

import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oilcloth.guide.FoodClass;
import oilcloth.recipe.Ingredient;

/**
 * Whether an amount is of another kind of a food, and not the same told again: "5 cups red sweet peppers, 5 cups green", "2 cups
 * water, 2 cups of the beet water" in one list, or in steps of which neither was listed before. Then both count.
 */
final class AnotherKind {
    private AnotherKind() {}

    private static final Pattern NO_NAME = Pattern.compile(
            "[^a-z]+|\\b(of|the|a|an|cups?|c|quarts?|qts?|pints?|pts?|tbsp|tsp|lbs?|pounds?|hot|boiling|cold|fresh|more|remaining|rest|chopped|diced|sliced)\\b");

    static boolean is(Sentence s, Draft draft, Ingredient known, Ingredient read) {
        boolean water = read.food().kind() == FoodClass.WATER;
        String before = called(s, known);
        String now = called(s, read);
        if (!(read.food().kind().isProduce() || water) || read.amount().isEmpty() || before.equals(now)) {
            return false;
        }
        if (s.range().contains(known.range())) {
            return !s.whole()
                    .substring(known.range().end(), read.range().start())
                    .contains("(");
        }
        return water
                ? !draft.listed.contains(known.range())
                : !colours(before).isEmpty()
                        && !colours(now).isEmpty()
                        && !colours(before).equals(colours(now));
    }

    private static Set<String> colours(String name) {
        return Stream.of(name.split(" ")).filter(SharedName.COLOURS::contains).collect(Collectors.toSet());
    }

    private static String called(Sentence s, Ingredient i) {
        return NO_NAME.matcher(i.range().of(s.whole()).toLowerCase(Locale.ROOT))
                .replaceAll(" ")
                .replaceAll(" +", " ")
                .strip();
    }
}
