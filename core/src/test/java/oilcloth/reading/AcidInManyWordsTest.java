package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import oilcloth.review.Call;
import oilcloth.review.Engine;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** So much acid to the jar, told for one jar or for two, and how strong a vinegar is, in the words of many labels. */
class AcidInManyWordsTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());

    private static Call call(String dose, String jars) {
        return review("Whole tomatoes, raw pack, no added liquid. " + dose + ". Did " + jars
                + ". Half inch. 85 minutes in a boiling water bath. 700 ft.");
    }

    private static Call review(String text) {
        return ENGINE.review(text, Context.planning(null)).call();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "2 T bottled lemon juice per quart",
                "2 T bottled lemon juice per quart or 1 per pint",
                "2 T bottled lemon juice per quart (1 per pint)",
                "2 T bottled lemon juice for quarts, 1 for pints",
                "2 T bottled lemon juice for quarts",
                "lemon juice 2 T qt / 1 T pt bottled",
                "Bottled lemon juice: 1 tbsp/pint, 2 tbsp/quart",
                "Bottled lemon juice: pints 1 tbsp, quarts 2 tbsp",
                "1 tablespoon bottled lemon juice in pints and 2 tablespoons in quarts",
                "1/2 tsp citric acid per quart (1/4 for pints)",
                "Acidify with 1/2 teaspoon citric acid per quart (or 1/4 teaspoon per pint)",
                "I put 1 T lemon juice (bottled) to the pint, 2 T to the quart",
                "Quarts get 2 T bottled lemon juice, pints get 1",
                "2 Tbsp. bottled lemon in each quart, half that in pints",
                "Put 2 Tbsp bottled lemon juice in each jar",
                "I add two tablespoons of bottled lemon juice to every quart",
                "2 tbs. lemon juice (from the bottle) in each qt.",
                "Added citric acid at 1/2 tsp a quart",
                "Bottled lemon juice first, 2 Tbsp a quart",
                "Bottled lemon juice in the bottom of each jar, 2 Tbsp a quart",
                "Bottled lemon juice goes in first, 2 Tbsp to a quart",
                "Quart jars with 2 Tbsp bottled lemon juice in them",
                "Lemon: bottled, 2 Tbsp/qt.",
                "4 tablespoons of 5% vinegar per quart",
                "1 oz bottled lemon juice per quart",
                "30 ml bottled lemon juice per quart",
                "1/8 cup bottled lemon juice per quart",
                "A tablespoon of bottled lemon juice per pint, so two for my quarts",
                "2 tablespoons bottled lemon juice per quart, and a teaspoon of salt",
                "1 tsp salt per quart, 1/2 tsp citric acid per quart",
                "1/2 tsp salt per quart and 1/2 tsp citric acid per quart",
                "1/2 tsp citric acid per quart, 1 tsp salt per quart"
            })
    void enough(String dose) {
        assertThat(call(dose, "quarts")).as(dose).isEqualTo(Call.SOUND);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "1 T bottled lemon juice per quart",
                "1 T bottled lemon juice for pints or quarts",
                "1 T bottled lemon juice in pints and 1 T in quarts",
                "1 T bottled lemon juice per jar, pint or quart",
                "A tablespoon of bottled lemon juice per pint, so one for my quarts",
                "1/2 oz bottled lemon juice per quart",
                "1/4 tsp citric acid per quart, 1/4 tsp salt per quart",
                "Added citric acid at 1/4 tsp a quart",
                "Bottled lemon juice first, 1 Tbsp a quart",
                "Bottled lemon juice goes in first, 1 Tbsp to a quart",
                "2 Tbsp of 5% vinegar per quart",
                "2 T bottled lemon juice for 7 quarts",
                "1/4 tsp citric acid for quarts, 1/4 for pints",
                "2 T lemon juice per quart or 1 per pint",
                "2 T bottled lemon juice per half gallon, 1 per quart"
            })
    void neverSoundWhereItIsShortOrUnclear(String dose) {
        assertThat(call(dose, "quarts")).as(dose).isNotEqualTo(Call.SOUND);
    }

    private static final List<String> SPOONS =
            List.of("2 Tbsp", "2 T", "2 T.", "2 tbsp.", "2 tablespoons", "two tablespoons", "2 tbs", "2Tbsp", "2 TBSP");

    private static final List<String> TO_THE_JAR = List.of(
            "per quart",
            "per qt",
            "per qt.",
            "/qt",
            "/ quart",
            "to the quart",
            "to each qt.",
            "to a quart",
            "in each quart",
            "in every qt",
            "each quart",
            "ea. qt.",
            "per quart jar",
            "per qt jar",
            "a quart",
            "for each quart",
            "into each quart jar",
            "for every quart");

    private static final List<UnaryOperator<String>> ORDERS = List.of(
            dose -> dose.replace("@", "bottled lemon juice"),
            dose -> dose.replace("@", "lemon juice (bottled)"),
            dose -> "Bottled lemon juice, " + dose.replace(" @", ""),
            dose -> "Bottled lemon juice: " + dose.replace(" @", ""),
            dose -> "Lemon juice (bottled) - " + dose.replace(" @", ""),
            dose -> "I add " + dose.replace("@", "of bottled lemon juice"),
            dose -> "Acid: " + dose.replace("@", "bottled lemon juice"),
            dose -> "With " + dose.replace("@", "bottled lemon juice") + " so they are safe");

    static Stream<Arguments> doses() {
        return SPOONS.stream()
                .flatMap(spoon -> TO_THE_JAR.stream().map(place -> Arguments.of(spoon + " @ " + place, place)));
    }

    @ParameterizedTest
    @MethodSource("doses")
    void inAnyOrder(String dose, String place) {
        for (UnaryOperator<String> order : ORDERS) {
            String told = order.apply(dose);
            assertThat(call(told, "quarts")).as(told).isEqualTo(Call.SOUND);
            String half = told.replaceFirst("2|two", "1");
            assertThat(call(half, "quarts")).as(half).isNotEqualTo(Call.SOUND);
        }
    }

    private static Call pickled(String vinegar) {
        return review(
                """
                        Pickled okra

                        7 lb small okra
                        6 small hot peppers
                        4 tsp dill seed
                        8 cloves garlic
                        2/3 cup canning salt
                        6 cups water
                        %s

                        Pack okra in hot pints with a clove of garlic, 1/2 inch headspace. Boil the rest and pour over.
                        10 minutes in a boiling water canner. 500 ft.
                        """
                        .formatted(vinegar));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "6 cups vinegar (5%)",
                "6 cups 5% vinegar",
                "6 cups vinegar, 5% acidity",
                "6 cups white vinegar (5 percent)",
                "6 cups of five percent vinegar",
                "6 cups 5 per cent vinegar",
                "6 c. cider vinegar 5% acid",
                "6 cups vinegar - 5%",
                "6 cups vinegar, 50 grain",
                "6 cups standard 5% white vinegar",
                "6 cups apple cider vinegar labeled 5% acidity",
                "6 cups vinegar (I checked, 5%)",
                "6 cups vinegar. It says 5% on the label.",
                "6 cups vinegar (5 % acetic acid)",
                "6 cups vinegar of 5% strength",
                "6 cups vinegar (yes, 5%)",
                "6 cups vinegar, regular store 5%",
                "6 cups white vinegar (acidity 5%)",
                "1 1/2 quarts vinegar (5%)",
                "6 cups vinegar (5% or higher)",
                "6 cups vinegar, at least 5%",
                "48 oz vinegar, 5%",
                "1.42 liters vinegar (5%)"
            })
    void fivePercentIsSoundAndFourIsNot(String vinegar) {
        assertThat(pickled(vinegar)).as(vinegar).isEqualTo(Call.SOUND);
        String weak = vinegar.replaceAll("\\b5(?= ?(%|per))", "4")
                .replace("five", "four")
                .replace("50 grain", "40 grain");
        assertThat(weak).isNotEqualTo(vinegar);
        assertThat(pickled(weak)).as(weak).isNotEqualTo(Call.SOUND);
    }
}
