package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Fact;
import oilcloth.recipe.Preparation;
import oilcloth.recipe.Preparation.Kind;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is done to the food before the jars are filled. */
class PreparingTest {
    private static final RecipeReader READER = new RecipeReader(GuideSnapshot.shipped());

    private static List<Preparation> prepared(String text) {
        return READER
                .read("Okra\n\n" + text + " Hot pints, 1 inch, vented 10, 25 minutes at 11 lb dial, 500 ft.")
                .facts()
                .prepared()
                .stream()
                .map(Fact::value)
                .toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            Boiled 2 minutes. | HEATED | 2
            Cover with hot water, bring to a boil and simmer gently for three to five minutes. | HEATED | 5
            In salted water, five minutes at a gentle boil. | HEATED | 5
            Blanched in boiling water 3 min. | HEATED | 3
            Soaked in plenty of water 14 hours. | SOAKED | 840
            Cut in 2-inch cubes. | CUT | 2
            Five weeks in the crock. | STOOD | 35
            Fermented 24 days in the cellar. | STOOD | 24
            We don't boil it first. | UNHEATED | 0
            Skipped the two-minute boil. | UNHEATED | 0
            Packed without blanching. | UNHEATED | 0
            The dry beans went right into the jars. | UNSOAKED | 0
            """)
    void isRead(String text, Kind kind, double figure) {
        assertThat(prepared(text)).contains(new Preparation(kind, figure));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Boiled the jars 10 minutes.",
                "The syrup boiled 4 minutes.",
                "Dipped in boiling water 1 minute to slip the skins.",
                "Stood 10 minutes.",
                "I skim it every two days.",
                "Picked three days ago.",
                "I never boil it to mush.",
                "The jars were not boiled.",
                "Cut in 1-inch lengths.",
                "The dry beans were soaked and put into the jars."
            })
    void isSomethingElse(String text) {
        assertThat(prepared(text)).isEmpty();
    }
}
