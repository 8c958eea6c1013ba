package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThat;

import oilcloth.recipe.Fact;
import oilcloth.recipe.Facts;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How the food went into the jar, in what, and what it is. */
class PackFactsTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            Bring peaches and syrup to a boil. Fill hot quart jars. | HOT
            Heat the peaches in light syrup to a boil. Fill hot quart jars. | HOT
            Simmered in light syrup till heated through. Hot quarts, cavity down. | HOT
            Bring the syrup to a boil. Fill hot quart jars with the peaches. | none
            """)
    void pack(String told, String pack) {
        var packs =
                Facts.values(Read.facts("Peaches. Peel, halve and pit. " + told).packs());
        if (pack.equals("none")) {
            assertThat(packs).isEmpty();
        } else {
            assertThat(packs).extracting(Enum::name).containsExactly(pack);
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            Covered them with water and boiled them 5 minutes. Filled hot jars with tomatoes and the hot cooking liquid. | water
            Raw in quarts, boiling water to cover, half inch. | water
            Filled hot jars with tomatoes and the hot cooking liquid. | none
            Covered with boiling water to cover and simmered. | water
            Whole, peeled, raw, with hot water. | water
            Water to half an inch. | water
            """)
    void liquid(String told, String liquid) {
        var liquids = Facts.values(Read.facts("Whole tomatoes. " + told).liquids());
        if (liquid.equals("none")) {
            assertThat(liquids).isEmpty();
        } else {
            assertThat(liquids).containsOnly(liquid);
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            It's either weighted or the dial, my son set it up. | none
            I don't know if it was dial or weighted. | none
            Weighted. | WEIGHTED
            It's a weighted one. | WEIGHTED
            On the dial. | DIAL
            """)
    void gauge(String told, String gauge) {
        var read = Read.facts("Carrots. Raw pack, pints, vented 10 minutes, 25 minutes at 11 pounds. " + told)
                .gauge()
                .map(Fact::value)
                .map(Enum::name);
        assertThat(read.orElse("none")).isEqualTo(gauge);
    }

    @ParameterizedTest
    @CsvSource({"Weighted.", "Weighted down with a plate."})
    void krautIsWeightedAndHasNoGauge(String told) {
        assertThat(Read.facts("Kraut, 25 lb cabbage in a crock. " + told + " Four weeks.")
                        .gauge())
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            My grape juice has crystals in it. | juice
            Please, is this chili okay? | chili
            Your thoughts on my venison broth, please. | stock
            Check this corn relish. | relish
            Hi. Everyone does plums so we did peach-pineapple spread: | spread
            """)
    void form(String opening, String form) {
        assertThat(Facts.values(Read.facts(opening).forms())).contains(form);
    }

    @ParameterizedTest
    @CsvSource({"2 tablespoons of chili", "3 cups of chili peppers", "We eat it with chili."})
    void chiliThatIsNone(String told) {
        assertThat(Facts.values(Read.facts("Black beans from dry. " + told).forms()))
                .doesNotContain("chili");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            I sort two pounds of dried large limas. | beans, dry
            Dried lima beans, two pounds. | beans, dry
            Fresh lima beans, two pounds. | lima bean, fresh
            I grow limas and dried some, these are shelled green limas, 2 lb. | lima bean, fresh
            """)
    void limas(String told, String food) {
        assertThat(Read.recipe(told).ingredients())
                .extracting(i -> i.food().name())
                .containsOnly(food);
    }

    @ParameterizedTest
    @CsvSource({
        "Could it be done in the pressure canner to save propane?",
        "Would a pressure canner be better?",
        "Is it okay to use a steam canner?"
    })
    void anotherCannerAskedAboutIsNotTheOneUsed(String question) {
        assertThat(Facts.values(Read.facts("Pears, hot in pints, 20 minutes in a boiling water canner. " + question)
                        .methods()))
                .extracting(Enum::name)
                .containsOnly("BOILING_WATER");
    }
}
