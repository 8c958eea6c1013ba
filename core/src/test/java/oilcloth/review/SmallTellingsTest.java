package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import oilcloth.check.Severity;
import oilcloth.corpus.Examples;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A few small words behind a recipe that would be sound: some of them tell what was done, some do not. */
class SmallTellingsTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());

    private static final Map<String, String> RECIPES = Map.of(
            "beans",
            """
                    Green beans, raw pack. Trimmed and cut in inch pieces, raw in pints, half a teaspoon of salt, boiling water, 1 inch \
                    of headspace. Vented 10 minutes, 20 minutes at 11 pounds, dial gauge. 700 feet.""",
            "juice",
            """
                    Tomato juice. Quartered, crushed, simmered 5 minutes, through the food mill. 2 tablespoons of bottled lemon juice in \
                    each quart, hot juice to half an inch. 40 minutes in the boiling water canner. 700 feet.""",
            "pears",
            """
                    Pears, hot pack. Peeled, halved and cored, boiled 5 minutes in light syrup, hot pints, half an inch. 20 minutes in \
                    the boiling water canner. 700 feet.""",
            "okra",
            """
                    Pickled okra
                    7 pounds small okra pods
                    8 garlic cloves
                    6 cups water
                    6 cups vinegar, 5%
                    2/3 cup canning salt
                    4 teaspoons dill seed
                    6 small hot peppers
                    Firm in hot pints, boiling brine over, 1/2 inch. 10 minutes in the boiling water canner. 620 ft.""");

    private static Call call(String text) {
        return ENGINE.review(text, Context.planning(null)).call();
    }

    private static List<String> grave(String text) {
        return ENGINE.review(text, Context.planning(null)).findings().stream()
                .filter(f -> f.severity().compareTo(Severity.CORRECT) >= 0)
                .map(f -> f.code())
                .toList();
    }

    @Test
    void withoutThemTheyAreSound() {
        assertThat(RECIPES.values()).allSatisfy(text -> assertThat(call(text)).isEqualTo(Call.SOUND));
    }

    @TestFactory
    Stream<DynamicTest> whatMattersTakesSoundAway() {
        return told("matters", false);
    }

    @TestFactory
    Stream<DynamicTest> whatIsIdleLeavesIt() {
        return told("harmless", true);
    }

    private static Stream<DynamicTest> told(String mark, boolean sound) {
        return RECIPES.entrySet().stream()
                .flatMap(r -> Examples.section("/small-tellings.txt", r.getKey() + " " + mark).stream()
                        .map(line -> DynamicTest.dynamicTest(
                                line, () -> assertThat(call(r.getValue() + " " + line) == Call.SOUND)
                                        .as(line)
                                        .isEqualTo(sound))));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Dry Beans\n5 lb beans\n",
                "Beans. 5 lb beans, soaked overnight.",
                "I canned dry kidney beans. 5 lbs of beans.",
            })
    void soakedBeansAreNoGreenOnes(String told) {
        String text = told
                + " Soaked 16 hours, drained, covered with fresh water, boiled 30 minutes. Half a teaspoon of salt to each"
                + " pint, beans and cooking water to 1 inch. Vented 10 minutes, 10 pounds, weighted gauge, %d minutes."
                + " 890 feet.";
        assertThat(grave(text.formatted(20))).containsExactly("time.short");
        assertThat(call(text.formatted(75))).isEqualTo(Call.SOUND);
    }

    @Test
    void aSpoonOfLemonSoursNoVegetable() {
        assertThat(
                        grave(
                                "Zucchini, cubed, in pints with 1 Tbsp lemon juice, water bath 40 minutes at 350 ft. 1/2 inch."))
                .contains("method.low-acid-boiling");
    }

    @Test
    void aCannerThatWasInUseWasNotUsed() {
        assertThat(grave(
                        "Mixed vegetables: carrots, corn, green beans, limas, tomatoes, zucchini. Boiled 5 minutes, hot"
                                + " quarts, an inch. Two hours in the boiling water canner because the pressure canner was in use."
                                + " 660 feet."))
                .contains("method.low-acid-boiling");
    }

    @Test
    void whatTheLetterIsAboutFillsNoCanner() {
        assertThat(call(
                        "I did 14 pints of sweet potatoes in the pressure canner Sunday. Boiled them 15-20 min till partly"
                                + " soft, peeled, cut in 1-inch cubes. Hot jars, salt, boiling water over, 1 inch headspace. Vented"
                                + " 10 minutes. 65 minutes at 11 lbs, dial gauge, 1,150 ft."))
                .isEqualTo(Call.SOUND);
    }

    @Test
    void howTheyAreKeptMayBeDenied() {
        assertThat(grave(
                        "Green beans for the freezer? No, canned this time.\nRaw in pints, boiling water, an inch. Vented ten"
                                + " minutes, 12 minutes at 11 pounds, dial gauge. 640 feet."))
                .containsExactly("time.short");
    }
}
