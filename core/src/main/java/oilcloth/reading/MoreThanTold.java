package oilcloth.reading;

import static oilcloth.reading.HedgeWords.ABOUT;
import static oilcloth.reading.HedgeWords.FIGURE;
import static oilcloth.reading.HedgeWords.MORE;
import static oilcloth.reading.HedgeWords.NEAR;
import static oilcloth.reading.HedgeWords.SIGNS;

import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;
import oilcloth.guide.FoodClass;
import oilcloth.recipe.Ingredient;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/** "At least 10 cups of corn", "4 cups of onions or more": what takes the strength of an acid, and perhaps more of it than told. */
final class MoreThanTold {
    private static final String MORE_BEHIND =
            "(or (so )?more|and (then )?some|or better|at least|(maybe|sometimes|often|usually) more|to start( with)?)";

    private static final Cue BEFORE = Cue.of("\\b(" + MORE + ")" + ABOUT + "$");
    private static final Cue BEHIND = Cue.of("^" + SIGNS + MORE_BEHIND + "\\b");
    private static final Cue INSIDE = Cue.of("\\b(" + MORE + ")" + ABOUT + FIGURE + "|" + FIGURE + "[^.;]*\\b("
            + MORE_BEHIND + "\\b|plus\\b(?!" + ABOUT + FIGURE + "))");

    /** What takes the strength of an acid. */
    static final Set<FoodClass> WEAKENING = EnumSet.of(
            FoodClass.VEGETABLE,
            FoodClass.ROOT,
            FoodClass.LEGUME,
            FoodClass.PEPPER,
            FoodClass.ALLIUM,
            FoodClass.NUT,
            FoodClass.MEAT,
            FoodClass.SEAFOOD,
            FoodClass.WATER);

    private MoreThanTold() {}

    static void read(Sentence s, Draft draft) {
        draft.ingredients.stream()
                .filter(i -> WEAKENING.contains(i.food().kind()) && i.amount().isPresent())
                .map(Ingredient::range)
                .filter(s.range()::contains)
                .filter(r -> isMore(s, r))
                .forEach(draft.moreThanTold::add);
    }

    /** It is asked about once the acid that has to do for all of it is told. */
    static void settle(Draft draft) {
        boolean measured = draft.ingredients.stream()
                .anyMatch(i -> i.food().isAcidulant()
                        && i.amount().isPresent()
                        && i.perJar().isEmpty());
        if (measured) {
            draft.moreThanTold.forEach(draft::doubt);
        }
    }

    private static boolean isMore(Sentence s, Range figure) {
        return BEFORE.in(s.before(figure, NEAR))
                || BEHIND.in(s.behind(figure, NEAR))
                || INSIDE.in(figure.of(s.whole()).toLowerCase(Locale.ROOT));
    }
}
