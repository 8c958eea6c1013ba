package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThat;

import oilcloth.recipe.Unread;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Figures that bear on nothing: how many jars, what day, what it takes to fill one; and figures that do. */
class FiguresKnownTest {
    private static final String BEETS = "Beets. Boiled, peeled, sliced, hot in quarts with boiling water, 1 inch. "
            + "Vented 10, 35 minutes at 11 pounds dial, 600 ft. ";

    @ParameterizedTest
    @ValueSource(
            strings = {
                "24 lb beets -> 8 qt.",
                "Result: 7 qts.",
                "It takes 2 to 3 pounds a quart.",
                "Jar log, October 3.",
                "Canner down by itself, lid off, waited 10.",
                "9 lb in all gave 4 pints."
            })
    void areKnown(String told) {
        assertThat(Read.recipe(BEETS + told).unread()).as(told).noneMatch(Unread::bears);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "2 to 3 spoons a quart of something.",
                "Then 7 qts at the lower number.",
                "7 sealed, 1 did not and I never put it in the fridge.",
                "One lid flexed and never made it to the fridge."
            })
    void areAskedAbout(String told) {
        assertThat(Read.recipe(BEETS + told).unread()).as(told).anyMatch(Unread::bears);
    }
}
