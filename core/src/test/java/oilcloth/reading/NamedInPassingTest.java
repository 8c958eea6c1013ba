package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import oilcloth.recipe.Unread;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Foods that a letter names and that are in no jar, and those that are in it however they are named. */
class NamedInPassingTest {
    private static final String BEANS =
            "Green beans, raw pack, pints, boiling water, an inch. Vented ten, 20 minutes at 11 pounds dial. 640 feet. ";

    @ParameterizedTest
    @ValueSource(
            strings = {
                "We had a fine stand in spite of the deer.",
                "I got your handout on summer squash too.",
                "I have ham in the freezer for when we open them.",
                "My husband made cocoa with one of them.",
                "We trade recipes and I got their applesauce.",
                "It was ready before the dinner bell.",
                "Corn relish is next week.",
                "We eat them with bacon.",
                "I timed it with an egg timer by the rice cooker.",
                "The bread was rising on the other counter.",
                "Lunch was eggs.",
                "The neighbor says to add bacon but I don't."
            })
    void isNotInTheJar(String words) {
        assertThat(Read.foods(BEANS + words)).isEqualTo("green bean, water");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            The onions from the garden went in as well. | green bean, onion, water
            Good on toast with the butter I put in each jar. | butter, green bean, water
            We eat them with ham and that is how I pack them. | green bean, ham, cured, water
            A milk carton went in at the end. | green bean, milk, water
            I can corn together with them. | corn, green bean, water
            """)
    void isInTheJar(String words, String foods) {
        assertThat(Read.foods(BEANS + words)).isEqualTo(foods);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            I did the hominy, no I didn't, I did the spinach. Washed, wilted, packed hot in pints. | spinach
            Turnips, no I'm joking, it's carrots. Peeled, sliced, packed hot in pints. | carrot
            Sugar snaps no, plain green peas. Shelled, packed raw in pints. | green pea
            Tomatoes, whole? No. I tried that once. This is juice. | tomato
            We used your directions for crushed tomatoes. Packed hot in quarts. | tomato
            You helped me with my corn relish last fall and it won a ribbon. These are beets, sliced, packed hot in pints. | beet
            I nearly wrote to ask about pear butter but decided to do plums. Pricked, packed raw in quarts. | plum
            I am not canning corn, only the carrots. Sliced, packed raw in pints. | carrot
            The kids wanted cherries but I had plums. Pricked, packed raw in quarts. | plum
            Peaches are for next year, this year figs. Packed hot in pints. | fig
            My sister cans stew with potatoes in it. I just do the beef, in cubes, packed hot in pints. | beef
            My aunt says add corn. We didn't. Carrots, sliced, packed raw in pints. | carrot
            """)
    void aDishTakenBack(String words, String foods) {
        assertThat(Read.foods(words)).isEqualTo(foods);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            I used the directions for okra. | okra
            Directions for tomatoes I used for these. | tomatoes
            I followed the directions for green beans. | ''
            """)
    void directionsForAnotherFoodAreAskedAbout(String words, String asked) {
        String text = BEANS + words;
        assertThat(Read.recipe(text).unread().stream()
                        .filter(Unread::bears)
                        .map(u -> u.range().of(text))
                        .collect(Collectors.joining(", ")))
                .isEqualTo(asked);
    }
}
