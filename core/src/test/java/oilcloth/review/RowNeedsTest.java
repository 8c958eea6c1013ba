package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What single rows and steps ask besides time, jar and pressure: asked where it is open, and not where it is told. */
class RowNeedsTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());
    private static final String CANNED = " Vented 10 minutes, 1 inch headspace, at 11 lb dial, 500 ft.";

    private static List<String> asked(String text) {
        return ENGINE.review(text + CANNED, Context.planning(null)).questions().stream()
                .map(q -> q.question().code())
                .toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            Clams, boiled 2 minutes in water, pints, 70 minutes. | ask.seafood-acid
            Clams, boiled 2 minutes, pints, 70 minutes. We eat them with lemon butter. | ask.seafood-acid
            Dungeness crab, picked, half-pints, 70 minutes. | ask.seafood-acid
            Salmon, raw in quarts, no liquid, 160 minutes. | ask.fish-quarts
            Smoked salmon pints, 4 quarts of water, 110 minutes. | ask.smoked-canner
            Smoked salmon pints in a 16-quart canner, 110 minutes. | ask.smoked-water
            Corn on the cob, raw pack pints, 55 minutes. | ask.corn-cut
            Venison roast, bone-in, raw pack quarts, 90 minutes. | ask.row-form
            Green beans, frozen ones, raw pack pints, 20 minutes. | ask.row-form
            Peaches, raw pack, pints, no liquid, 25 minutes. | ask.row-form
            Salmon patties, raw pints, 100 minutes. | ask.row-form
            Halibut, raw pints, no liquid, 100 minutes. | ask.row-form
            Vegetable soup, pureed in the blender: carrots, chicken broth, pints, 75 minutes. | ask.row-form
            Pinto beans, soaked overnight, brought to a boil, hot pints, 75 minutes. | ask.soak
            Vegetable beef soup: meat cooked tender, dry navy beans, carrots; half solids, pints, 75 minutes. | ask.soak
            Carrots, hot pack, not simmered first, pints, 25 minutes. | ask.unheated
            """)
    void isAsked(String text, String question) {
        assertThat(asked(text)).as(text).contains(question);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            Clams, boiled 2 minutes with 2 Tbsp bottled lemon juice per gallon of water, pints, 70 minutes. | ask.seafood-acid
            Smoked salmon pints in a 16-quart canner, 110 minutes. | ask.smoked-canner
            Smoked salmon pints, 4 quarts of cool water in the canner, 110 minutes. | ask.smoked-water
            Corn cut off the cob, raw pack pints, 55 minutes. | ask.corn-cut
            Salmon, raw in pints, no liquid, 100 minutes, for salmon patties later. | ask.row-form
            Salmon, raw in pints, no liquid, 100 minutes. Next year halibut. | ask.row-form
            Pinto beans, soaked overnight, boiled 30 minutes, hot pints, 75 minutes. | ask.soak
            Carrots, hot pack, simmered 5 minutes, pints, 25 minutes. | ask.unheated
            """)
    void isNotAskedWhereItIsTold(String text, String question) {
        assertThat(asked(text)).as(text).doesNotContain(question);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            five days in the crock at 70 degrees | ask.ferment-time
            five days in the crock; it keeps six months after | ask.ferment-time
            four weeks in the crock at 62 degrees | ask.ferment-time
            packed in the crock | ask.ferment-time
            four weeks in the crock at 84-90 degrees | ask.ferment-heat
            six weeks in the crock at 45 degrees | ask.ferment-heat
            """)
    void fermentsCutShortOrKeptWrong(String stood, String question) {
        String kraut = "Sauerkraut. 25 lb cabbage, 3/4 cup canning salt, " + stood
                + ". Brought to a boil, hot quarts, half inch, 15 minutes in boiling water, 500 ft.";
        assertThat(ENGINE.review(kraut, Context.planning(null)).questions())
                .as(kraut)
                .anyMatch(q -> q.question().code().equals(question));
    }
}
