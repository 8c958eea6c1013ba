package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import oilcloth.recipe.Fact;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the recipe says and what was done are two figures: the second counts. */
class TakenInsteadTest {
    private static final String BEETS =
            "Pickled beets: 7 lb beets, 4 cups vinegar 5%, 2 cups water, 2 cups sugar, 4 onions. Pints, 30 minutes in boiling water. ";

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            I cut the vinegar to 2 cups. | 2 cups
            I cut the vinegar to 2 cups since we hate sour. | 2 cups
            Cut the vinegar from 4 cups down to 2 1/2 cups. | 2½ cups
            I reduced the vinegar to only 3 cups. | 3 cups
            I upped the vinegar to 5 cups since we like it sharp. | 5 cups
            It called for 5 cups vinegar. | 4 cups
            The book calls for 6 cups of vinegar. | 4 cups
            I never cut the vinegar to 2 cups. | 4 cups
            I cut the sugar to 1 cup. | 4 cups
            """)
    void vinegar(String remark, String amount) {
        assertThat(Read.recipe(BEETS + remark).ingredients())
                .filteredOn(i -> i.food().isVinegar() && i.amount().isPresent())
                .extracting(i -> i.amount().orElseThrow().toString())
                .contains(amount)
                .allMatch(told -> told.equals(amount) || remark.contains("never"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            30 minutes instead of 20, at 11 pounds. | 30
            15 minutes rather than 20, at 11 pounds. | 15
            18 minutes, not 20, at 11 pounds. | 18
            25 minutes instead of the 20 minutes, at 11 lb. | 25
            75:00 at 11 lb. The jars pinged in half an hour. | 75
            """)
    void minutes(String told, int minutes) {
        assertThat(Read.facts("Green beans, raw pack, pints. Vented 10. " + told)
                        .times())
                .extracting(t -> t.value().least().value())
                .containsExactly(minutes);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            My gauge bounced between 11 and 12. | 11
            The needle wandered from 9 to 12 pounds. | 9
            It hovered around 10 and 11 psi. | 10
            """)
    void theLowerPressureOfTwo(String remark, double psi) {
        assertThat(Read.facts("Green beans, raw pack, pints. 20 minutes on the dial, vented 10. " + remark)
                        .pressures())
                .extracting(p -> p.value().psi())
                .containsExactly(psi);
    }

    @ParameterizedTest
    @CsvSource({
        "It went from 10 to 15 minutes longer.",
        "It ran between 60 and 70 degrees.",
        "It was between 10 and 12 quarts."
    })
    void noPressure(String remark) {
        assertThat(Read.facts("Green beans, raw pack, pints. 20 minutes on the dial, vented 10. " + remark)
                        .pressures())
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            Beef stew... no just beef. Raw pack, pints. | soup
            I make mincemeat... no. I make plain lamb chunks. Quarts. | pie-filling
            """)
    void dish(String opening, String form) {
        List<String> forms =
                Read.facts(opening).forms().stream().map(Fact::value).toList();
        assertThat(forms).doesNotContain(form);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            Apple butter from the slow... no, from the stove. Half-pints. | butter
            Corn relish... no vinegar, just salt: corn, peppers. Pints. | relish
            """)
    void notTheDish(String opening, String form) {
        List<String> forms =
                Read.facts(opening).forms().stream().map(Fact::value).toList();
        assertThat(forms).contains(form);
    }
}
