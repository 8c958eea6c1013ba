package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A heading may name what no line of the recipe lists: then it is asked whether that is in the jar. */
class TitlesTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());

    private static final String PEARS =
            """

            Peel, halve and core ripe pears and boil them 5 minutes in light syrup. Fill hot pint jars, cover with boiling \
            syrup, half inch headspace, bubbles out. Process 20 minutes in a boiling water canner at 480 ft.""";

    private static final String BEANS =
            """

            Trim the beans and cut them in inch pieces. Fill pints with raw beans, half a teaspoon of salt, boiling water to \
            1 inch. Vent the canner 10 minutes, then process 20 minutes at 11 pounds, dial gauge. 700 ft.""";

    private static final String RELISH =
            """

            10 cups corn, 2 1/2 cups diced sweet red peppers, 2 1/2 cups diced green peppers, 2 1/2 cups chopped celery,
            1 1/4 cups diced onions, 1 3/4 cups sugar, 5 cups vinegar (5%), 2 1/2 tablespoons canning salt, 2 1/2 teaspoons
            celery seed, 2 1/2 tablespoons dry mustard, 1 1/4 teaspoons turmeric. Simmer all but corn and mustard 5 minutes,
            add them, 5 minutes more. Hot pints, half inch. Process 15 minutes in a boiling water canner at 420 ft.""";

    private static Review review(String text) {
        return ENGINE.review(text, Context.planning(null));
    }

    private static List<String> asked(String text) {
        return review(text).questions().stream().map(q -> q.question().code()).toList();
    }

    static Stream<Arguments> moreInTheTitle() {
        Map<String, List<String>> titles = Map.of(
                PEARS,
                        List.of(
                                "Pear halves with jalapenos",
                                "Pears with onions",
                                "Pears & ginger",
                                "Pears with white peaches",
                                "Pear and cranberry halves",
                                "Honey pears with walnuts",
                                "Pears with rosemary and pumpkin",
                                "Buttered pears",
                                "Pears with jalapenos, just wait till you taste them",
                                "No kidding, pears with mushrooms",
                                "Pears with peppers instead of cinnamon",
                                "Pears with squash, sorry for the scrawl"),
                BEANS,
                        List.of(
                                "Green beans and new potatoes",
                                "Green beans with ham",
                                "Garlic green beans",
                                "Green beans with mushrooms",
                                "Cheesy green beans",
                                "Green bean casserole",
                                "Green beans in gravy",
                                "Green bean curry",
                                "Green beans with ham, no onions"),
                RELISH,
                        List.of(
                                "Corn and black bean relish",
                                "Corn relish with avocado",
                                "Zucchini corn relish",
                                "Corn relish with bacon",
                                "Corn and tomato relish"));
        return titles.entrySet().stream().flatMap(e -> e.getValue().stream().map(t -> Arguments.of(t, e.getKey())));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource
    void moreInTheTitle(String title, String letter) {
        assertThat(asked(title + letter)).as(title).contains("ask.unlisted");
    }

    @ParameterizedTest
    @ValueSource(strings = {"Pears with egg yolks", "Pears stuffed with cream cheese", "Pears in olive oil"})
    void whatNoJarHoldsStopsIt(String title) {
        assertThat(review(title + PEARS).call()).as(title).isNotIn(Call.SOUND);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Pears",
                "Bartlett pear halves, hot pack",
                "Pears in light syrup",
                "Grandma's pears, no ginger",
                "Peaches? No. Pears",
                "Pears instead of peaches this year"
            })
    void nothingMoreInTheTitle(String title) {
        assertThat(review(title + PEARS).call()).as(title).isEqualTo(Call.SOUND);
    }

    @ParameterizedTest
    @ValueSource(strings = {"Corn relish", "Sweet pepper and corn relish", "Corn, pepper and celery relish"})
    void namesOnlyWhatIsListed(String title) {
        assertThat(review(title + RELISH).call()).as(title).isEqualTo(Call.SOUND);
    }
}
