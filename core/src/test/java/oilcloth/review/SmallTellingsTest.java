package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import oilcloth.check.Severity;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A few small words behind a recipe that would be sound: some of them tell what was done, some do not. */
class SmallTellingsTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());

    private static final String BEANS =
            """
            Green beans, raw pack. Trimmed and cut in inch pieces, raw in pints, half a teaspoon of salt, boiling water, 1 inch \
            of headspace. Vented 10 minutes, 20 minutes at 11 pounds, dial gauge. 700 feet.""";

    private static final String JUICE =
            """
            Tomato juice. Quartered, crushed, simmered 5 minutes, through the food mill. 2 tablespoons of bottled lemon juice in \
            each quart, hot juice to half an inch. 40 minutes in the boiling water canner. 700 feet.""";

    private static final String PEARS =
            """
            Pears, hot pack. Peeled, halved and cored, boiled 5 minutes in light syrup, hot pints, half an inch. 20 minutes in \
            the boiling water canner. 700 feet.""";

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
        assertThat(List.of(BEANS, JUICE, PEARS))
                .allSatisfy(text -> assertThat(call(text)).isEqualTo(Call.SOUND));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Is it ok that I put onions in?",
                "Is it a problem that the lemon juice was lemonade?",
                "Hope it's fine that I forgot the lemon in two.",
                "Does it matter that the water was below the lids?",
                "Would it be bad if one jar didn't get any lemon?",
                "Does it count if it boiled slow?",
                "Was I wrong to only give it 25?",
            })
    void aQuestionMayTellWhatWasDone(String question) {
        assertThat(call(JUICE + " " + question)).isNotEqualTo(Call.SOUND);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Is it ok that the juice separated?",
                "Is it ok to give them away?",
                "Does it matter that my stove is electric?",
                "Hope it's ok that I wrote in pencil.",
            })
    void orAskOnly(String question) {
        assertThat(call(JUICE + " " + question)).isEqualTo(Call.SOUND);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "I gave them 12.",
                "I gave them 12 because the baby woke up.",
                "They got thirteen.",
                "Is eighteen close enough?",
                "It would not go over nine.",
                "It came out to be 18 by my watch.",
                "Mine got 8 in there.",
            })
    void aFigureWithoutAThingItCountsMayBeTheTime(String told) {
        assertThat(call(BEANS + " " + told)).isNotEqualTo(Call.SOUND);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Sealed: 9 of 9.",
                "My neighbor says 45.",
                "Grandpa lived to 94.",
                "I did them at five in the morning.",
                "We are a family of seven.",
                "Took a ribbon in '19.",
                "The old book said 15.",
                "Makes 9.",
            })
    void norIsEveryBareFigureOne(String told) {
        assertThat(call(BEANS + " " + told)).isEqualTo(Call.SOUND);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "My neighbor swears you can just water bath them for 3 hours but I told her no way.",
                "My aunt wants me to add bacon but I told her I can't change it.",
                "Somebody told me to put an aspirin in and I laughed.",
            })
    void badAdviceThatWasRefusedIsNotFollowed(String told) {
        assertThat(call(BEANS + " " + told)).isEqualTo(Call.SOUND);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "The sheet says to vent it but we didn't.",
                "Aunt Ruth said to use the dial at 11 but I don't.",
                "They say to use fresh lids but I don't.",
                "My neighbor says to add bacon but I don't listen much, I did anyway.",
            })
    void goodAdviceThatWasRefusedMatters(String told) {
        assertThat(call(BEANS + " " + told)).isNotEqualTo(Call.SOUND);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Next up is corn.",
                "Tomatoes are next.",
                "So I might put a whole pepper in each next time.",
                "Also wondering if I can use honey for them next year?",
            })
    void theNextProjectIsInNoJar(String told) {
        assertThat(call(PEARS + " " + told)).isEqualTo(Call.SOUND);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            Dry Beans; 5 lb beans;                          | time.short
            Beans. 5 lb beans, soaked overnight.            | time.short
            I canned dry kidney beans. 5 lbs of beans.      | time.short
            """)
    void soakedBeansAreNoGreenOnes(String told, String code) {
        String text = told.replace(";", "\n")
                + " Soaked 16 hours, drained, covered with fresh water, boiled 30 minutes. Half a teaspoon of salt to each"
                + " pint, beans and cooking water to 1 inch. Vented 10 minutes, 10 pounds, weighted gauge, %d minutes."
                + " 890 feet.";
        assertThat(grave(text.formatted(20))).containsExactly(code);
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
