package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import oilcloth.recipe.Facts;
import oilcloth.recipe.Recipe;
import oilcloth.recipe.Unread;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is read between the lines of letters that run to a page: short forms, slips, second thoughts, comparisons. */
class LongLettersTest {
    private static final String CORN =
            "Corn, whole kernel, raw pack, pints, boiling water, 1 inch. Weighted gauge. Vented ten minutes. 55 minutes at 10 lb. 640 ft. ";

    private static long asked(Recipe recipe) {
        return recipe.unread().stream().filter(Unread::bears).count();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            2 T bottled lemon juice in ea quart. | 2 Tbsp
            2 T bottled lemon juice ea. quart. | 2 Tbsp
            2 T bottled lemon juice in each quart. | 2 Tbsp
            """)
    void eachJar(String told, String dose) {
        assertThat(Read.recipe("Figs in quarts. " + told).ingredients())
                .filteredOn(i -> i.food().isAcidulant())
                .allMatch(i -> i.perJar().isPresent())
                .extracting(i -> i.amount().orElseThrow().toString())
                .containsExactly(dose);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Packed loosley in hot pints.",
                "So, um, the pints were packed, uh, loosely.",
                "In the canner 14:15, rolling boil 14:27.",
                "Off heat, 0 psi on its own in 40 min.",
                "Dial gauge (checked 5/2)."
            })
    void saysNothingAmiss(String told) {
        Recipe recipe = Read.recipe(CORN + told);
        assertThat(recipe.facts().pressures()).extracting(p -> p.value().psi()).containsExactly(10.0);
        assertThat(recipe.facts().times()).hasSize(1);
        assertThat(asked(recipe)).as(told).isZero();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            Ran it same as we do the venison. | corn, water
            The kernels went a sort of olive colored. | corn, water
            There is orange grease on top. | corn, water
            There's a powder at the bottom, just like flour. | corn, water
            The jars are blue as a robin egg. | corn, water
            Who buys the coffee? | corn, water
            Half and half gets added when we open it. | corn, water
            We put cream in each. | corn, cream, water
            A cup of half and half goes in. | corn, cream, water
            """)
    void foods(String told, String foods) {
        assertThat(Read.foods(CORN + told)).isEqualTo(foods);
    }

    @Test
    void halfAndHalfIsAShareBetweenTwoFruits() {
        assertThat(Read.foods("We did grapefruit and orange sections half and half, pints, light syrup."))
                .doesNotContain("cream");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            Applesauce? No ma'am, I did that last week. THIS is pears, halved. Boiled 5 minutes in light syrup. | pear, sugar, granulated
            Called from the mill. Figs... no, pears. Boiled 5 minutes in light syrup. | pear, sugar, granulated
            Grapefruit... sorry, pears, in light syrup. | pear, sugar, granulated
            Figs and pears in light syrup. No figs left over. | fig, pear, sugar, granulated
            """)
    void aDishTakenBack(String told, String foods) {
        assertThat(Read.foods(told)).isEqualTo(foods);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            I boiled 20 ears five minutes and cut the kernels off, which gave me 10 cups. | 10 cups corn
            5 lb of 1-inch cubes from underripe cantaloupe. | 5 lb cantaloupe
            2 1/4 cups white and 2 cups brown sugar. | 2¼ cups sugar, granulated; 2 cups sugar, brown
            1 cup red and 2 cups green peppers. | 1 cup bell pepper, red; 2 cups bell pepper, green
            7 qts w/ 2 c flour. | 2 cups flour
            5 onions, my neighbor puts in a glug of her elixir and so do I, 1 cup of it. | 5 onion
            """)
    void amounts(String told, String expected) {
        assertThat(Read.recipe(told).ingredients().stream()
                        .filter(i -> i.amount().isPresent())
                        .map(i -> i.amount().orElseThrow() + " " + i.food().name())
                        .collect(Collectors.joining("; ")))
                .isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            Pints, half inch, 15 min. 60 ft. | 60
            Half inch, 10 min, sea level (Harbor street, 12 feet). | 0
            """)
    void altitude(String told, int feet) {
        assertThat(Read.facts("Blackberries. " + told)
                        .altitude()
                        .orElseThrow()
                        .value()
                        .feet())
                .isEqualTo(feet);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            Then three hours in the water bath since the pressure canner scares me to death. | BOILING_WATER
            The pressure canner is broken so it was the water bath. | BOILING_WATER
            Three hours in the pressure canner. | PRESSURE
            """)
    void aCannerThatIsNotUsed(String told, String method) {
        assertThat(Facts.values(Read.facts("Venison stock, quarts. " + told).methods()))
                .extracting(Enum::name)
                .containsExactly(method);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            Jar: pint x 6. | 6
            Jar: qt (7). | 7
            Jars: quarts × 5. | 5
            """)
    void howManyJars(String told, double jars) {
        assertThat(Read.facts("Blackberries, raw pack.\n" + told)
                        .yield()
                        .orElseThrow()
                        .value()
                        .most())
                .isEqualTo(jars);
    }
}
