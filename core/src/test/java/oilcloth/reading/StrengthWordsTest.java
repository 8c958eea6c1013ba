package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThat;

import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import oilcloth.review.Call;
import oilcloth.review.Engine;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How strong the vinegar is, in the words of many labels: five percent is sound, four is not. */
class StrengthWordsTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());

    private static Call call(String vinegar) {
        return ENGINE.review(
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
                                .formatted(vinegar),
                        Context.planning(null))
                .call();
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
        assertThat(call(vinegar)).as(vinegar).isEqualTo(Call.SOUND);
        String weak = vinegar.replaceAll("\\b5(?= ?(%|per))", "4")
                .replace("five", "four")
                .replace("50 grain", "40 grain");
        assertThat(weak).isNotEqualTo(vinegar);
        assertThat(call(weak)).as(weak).isNotEqualTo(Call.SOUND);
    }
}
