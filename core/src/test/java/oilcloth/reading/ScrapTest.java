package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThat;

import oilcloth.guide.GuideSnapshot;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A few words without a verb: what they add is in the jar. */
class ScrapTest {
    private static final RecipeReader READER = new RecipeReader(GuideSnapshot.shipped());

    private static String recipe(String scrap) {
        return "Pickled beets\n7 lb beets\n4 cups vinegar (5%)\n\nBoil the beets until tender and slice. " + scrap
                + " Pack hot in pints.";
    }

    @ParameterizedTest
    @CsvSource({
        "Then some feta., cheese",
        "And a few eggs., egg",
        "With sour cream., yogurt",
        "'Turnips, butter and rice.', rice"
    })
    void aFoodInItIsInTheJar(String scrap, String food) {
        assertThat(READER.read(recipe(scrap)).ingredients())
                .as(scrap)
                .anyMatch(i -> i.food().name().equals(food));
    }

    @ParameterizedTest
    @ValueSource(strings = {"Then some gloopum.", "With breadfruit.", "Plus a ketchup.", "Wrapped in zibbleleaf."})
    void aWordNobodyKnowsIsAskedAbout(String scrap) {
        assertThat(Asked.about(recipe(scrap))).as(scrap).isNotEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"With love.", "Then rinse.", "Then eat.", "With thanks to you."})
    void whatAddsNothingIsNot(String scrap) {
        assertThat(Asked.about(recipe(scrap))).as(scrap).isEmpty();
    }
}
