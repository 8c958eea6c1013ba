package oilcloth.placing;

import static org.assertj.core.api.Assertions.assertThat;

import oilcloth.check.Finding;
import oilcloth.check.Severity;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Process;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.Altitude;
import oilcloth.recipe.Context;
import oilcloth.review.Engine;
import oilcloth.review.Review;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which tested process or recipe a text is nearest to. */
class PlacerTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());

    private static Review review(String text) {
        return ENGINE.review(text, Context.planning(Altitude.ofFeet(600)));
    }

    private static final String TOMATOES =
            "Tomatoes\n\n21 lb tomatoes\n2 Tbsp bottled lemon juice per quart\n\n%s Quarts, 1/2 inch headspace. Process %d minutes in a boiling-water canner.";

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            Leave whole, pack raw and press until the spaces fill with juice, no added liquid. | tomatoes-whole-raw-no-liquid | 85
            Leave whole, pack raw and cover with hot tomato juice.                             | tomatoes-whole-raw-juice     | 85
            Leave whole, pack raw and cover with boiling water.                                | tomatoes-whole-raw-water     | 45
            Halve them, simmer 5 minutes, hot pack, cover with the hot cooking water.          | tomatoes-whole-hot-water     | 45
            Crush and boil 5 minutes, fill hot.                                                | tomatoes-crushed-hot         | 45
            """)
    void tomatoesAreFiveProcesses(String how, String process, int minutes) {
        Review right = review(String.format(TOMATOES, how, minutes));
        assertThat(right.placement().open()).extracting(Process::id).containsExactly(process);
        assertThat(right.call().id()).isEqualTo("sound");
        assertThat(review(String.format(TOMATOES, how, minutes - 5)).call().id())
                .isEqualTo("stop");
    }

    @Test
    void anUndecidedTomatoIsAskedAboutWithItsBounds() {
        Review open = review(String.format(TOMATOES, "Peel and pack.", 50));
        assertThat(open.placement().isUndecided()).isTrue();
        assertThat(open.call().id()).isEqualTo("ask");
        assertThat(open.worstOpen().id()).isEqualTo("stop");
        assertThat(open.questions())
                .anySatisfy(q -> assertThat(q.question().text().args()).containsValue("between 45 and 85"));
        // a time that covers every one of them needs no answer
        assertThat(review(String.format(TOMATOES, "Peel and pack.", 85)).call().id())
                .isEqualTo("sound");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            Applesauce from our tree: 20 lb apples, cook, run through a food mill      | applesauce-hot
            Apple slices. 19 lb apples, boil 5 min in syrup                             | apples-sliced-hot
            Venison, ground and browned                                                 | meat-ground-hot
            Venison cubes, raw pack                                                     | meat-chunks-raw
            Deboned chicken, hot pack                                                   | poultry-boneless-hot
            Winter squash cubes                                                         | pumpkin-winter-squash-hot
            Spinach                                                                     | greens-hot
            Smoked trout                                                                | smoked-fish-raw
            Sweet corn, cream style                                                     | corn-cream-hot
            Peach jam with liquid pectin: 4 cups peaches, 7 cups sugar, 1 pouch liquid pectin | jam-jelly-liquid-pectin-hot
            Tuna, raw pack                                                              | tuna-raw
            """)
    void plainFoods(String text, String process) {
        assertThat(review(text).placement().open()).extracting(Process::id).contains(process);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            Pickled beets: 7 lb beets, 4 cups vinegar (5%), 2 cups water, 2 cups sugar                                    | pickled-beets
            Corn relish: 10 cups corn, 5 cups peppers, 2 1/2 cups celery, 1 1/4 cups onion, 5 cups vinegar                | corn-relish
            Ketchup: 24 lb tomatoes, 3 cups onions, 3 cups cider vinegar, 1 1/2 cups sugar                                | tomato-ketchup
            Mango chutney: 11 cups unripe mango, 2 1/2 cups onion, 3 cups vinegar, 2 1/2 cups golden raisins, 4 1/2 cups sugar | mango-chutney
            Apples: 8 lb apples, 2 cups cider, 2 cups vinegar, 2 cups white and 2 cups brown sugar. Cook till it mounds.  | apple-butter
            Pickled peppers: 7 lb bell peppers, 3 cups vinegar, 3 cups water, 3 1/2 cups sugar, 9 cloves garlic           | pickled-bell-peppers
            Tomato salsa: 4 cups slicing tomatoes, 2 cups green chiles, 1/2 cup jalapenos, 3/4 cup onion, 2 cups vinegar  | tomato-salsa-slicing-tomatoes
            """)
    void mixtures(String text, String recipe) {
        assertThat(review(text).placement().recipe()).map(TestedRecipe::id).contains(recipe);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            Pear chutney: 3 lb pears, 2 onions, 1 cup vinegar, sugar
            Zucchini relish: 10 cups zucchini, 4 cups onions, 2 cups vinegar
            Banana jam: 6 bananas, 4 cups sugar
            Fig jam: 5 cups figs, 3 cups sugar
            Broccoli, cut up and salted
            Watermelon rind in syrup
            """)
    void whatIsNotTestedIsNotPlaced(String text) {
        Review review = review(text + ". Pints, boiling water bath 30 minutes.");
        assertThat(review.placement().isPlaced()).as(text).isFalse();
        assertThat(review.call().id()).as(text).isNotEqualTo("sound");
    }

    @Test
    void hotPeppersAreNotPickledAsBells() {
        Review review =
                review("Hot peppers: 4 lb hot long peppers, 3 lb sweet peppers, 3 cups vinegar (5%), 3 cups water, "
                        + "4 tsp canning salt, 2 cloves garlic. Pints, 1/2 inch. 10 minutes boiling water. 655 feet.");
        assertThat(review.placement().recipe()).map(TestedRecipe::id).contains("pickled-hot-peppers");
        assertThat(review.findings()).extracting(Finding::code).contains("acid.brine-weak");
    }

    @Test
    void anHerbSeasonsASoup() {
        Review review = review(
                "Beef vegetable soup: 4 lb beef cubed, 8 cups carrots, 3 cups celery, 3 cups onion, thyme. Boiled 5 minutes. "
                        + "Quarts half full of solids, broth, 1 inch. 75 minutes at 10 lb weighted, vented 10. 400 feet.");
        assertThat(review.findings()).extracting(Finding::code).contains("ingredient.added");
        assertThat(review.findings())
                .filteredOn(f -> f.code().equals("ingredient.added"))
                .allMatch(f -> f.severity() == Severity.MET);
    }
}
