package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import oilcloth.guide.Gauge;
import oilcloth.measure.JarSize;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Facts;
import oilcloth.recipe.Recipe;
import oilcloth.recipe.Unread;
import oilcloth.text.Range;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What plain letters and cards say in few words: numbered steps, fields, amounts told once for several things. */
class PlainLettersTest {
    private static long asked(Recipe recipe) {
        return recipe.unread().stream().filter(Unread::bears).count();
    }

    private static List<Integer> minutes(Recipe recipe) {
        return recipe.facts().times().stream()
                .map(t -> t.value().least().value())
                .toList();
    }

    @Test
    void stepsNumberedWithoutAStopAreNoFigures() {
        Recipe recipe = Read.recipe(
                "Corn, hot pack, pints.\n"
                        + "1 Husk and wash. 2 Blanch 3 min. 3 Cut the kernels off. 4 Fill to 1 inch. 5 Vent 10 min. 6 Process 55 min at 10 lb, weighted gauge.");
        assertThat(recipe.facts().vented().orElseThrow().value()).isTrue();
        assertThat(minutes(recipe)).containsExactly(55);
    }

    @Test
    void aFewAmountsInARowAreNotNumberedSteps() {
        String text = "1 Tbsp salt. 2 Tbsp sugar. Stir.";
        List<Range> sentences = List.of(new Range(0, 12), new Range(13, 26), new Range(27, 32));
        assertThat(StepNumbers.without(text, sentences)).isEqualTo(sentences);
    }

    @Test
    void aNumberedListOfAmountsKeepsThem() {
        assertThat(Read.recipe("1 Onion. 2 Tbsp lard. 3 Cups beans. 4 Cups ham. Pints.")
                        .ingredients())
                .allMatch(i -> i.amount().isPresent());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            Last week's load: 18 pints potatoes. Boiled ten minutes. 35 minutes at 12 lb dial. | true
            4 quarts strawberries, 16 cups sugar. 5 minutes boiling water canner. | false
            """)
    void whatIsPutUpByThePint(String told, boolean jars) {
        assertThat(Read.recipe(told).facts().jars().isEmpty()).isNotEqualTo(jars);
    }

    @Test
    void theCloseOfTheCanningIsNoOtherTime() {
        assertThat(minutes(Read.recipe("Beans, pints, an inch. 20 minutes at 11 pounds, dial, vented ten."
                        + " Then use a jar lifter and cool 12 hours. Use a towel after 5 minutes.")))
                .containsExactly(20);
    }

    @Test
    void theDishMayBeNamedBehindItsJars() {
        assertThat(Facts.values(Read.facts("I did 7 quarts. Tomato juice: 23 lb, crushed.")
                        .forms()))
                .contains("juice");
    }

    @ParameterizedTest
    @ValueSource(strings = {"Method: boiling water", "Processing method - boiling water", "Canner: boiling-water"})
    void aFieldOfTheMethod(String field) {
        assertThat(Facts.values(Read.recipe("Pears\n" + field + "\nTime: 25 min")
                        .facts()
                        .methods()))
                .containsExactly(CanningMethod.BOILING_WATER);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            Vent 10, 40 @ 11 (dial). | 40
            Pints, vented 10 min & 70 min at 11 psi dial gauge. | 70
            25 min pints / 40 min quarts @ 11 lb. | 25 40
            Pints 25 / quarts 40 min @ 11 lb. | 25 40
            Pack in hot pints, boil the syrup another 5 min and ladle over. Process 15 min. in boiling water. | 15
            """)
    void timesOfTheCanner(String told, String times) {
        assertThat(minutes(Read.recipe("Okra, an inch of headspace.\n" + told)))
                .as(told)
                .extracting(String::valueOf)
                .containsExactly(times.split(" "));
    }

    @Test
    void whatIsSimmeredInBoilingWaterIsTheFood() {
        assertThat(minutes(Read.recipe("Carrots. I simmered them in boiling water for 5 minutes, filled the hot jars"
                        + " leaving 1 inch. 30 minutes at 11 pounds, dial.")))
                .containsExactly(30);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            Carrots, corn, green beans and limas, 6 cups each. | 6 cups
            Carrots, corn, limas 6 cups apiece. | 6 cups
            """)
    void anAmountBehindTheLastNameIsForEach(String told, String amount) {
        assertThat(Read.recipe(told).ingredients())
                .hasSizeGreaterThan(2)
                .allSatisfy(i -> assertThat(i.amount().orElseThrow()).hasToString(amount));
    }

    @Test
    void theSameAgainInAnotherMeasureIsTheSame() {
        Recipe recipe = Read.recipe("Jelly: sugar 600 g (3 cups), water 946 mL (4 cups).");
        assertThat(asked(recipe)).isZero();
        assertThat(asked(Read.recipe("Pickles: vinegar 4 cups (2 cups), water 1 cup.")))
                .isPositive();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            7 lbs of 2 to 2 1/2 in. beets | 7 lb
            A crate of beets came, and we sliced 12 cups of beets. | 12 cups
            """)
    void howMuchThereIs(String told, String amount) {
        assertThat(Read.recipe(told).ingredients())
                .extracting(i -> i.amount().orElseThrow().toString())
                .containsExactly(amount);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "2 tablespoons bottled lemon juice in each quart (1 T in pints). Quarts 50 minutes.",
                "2 tbsp bottled lemon juice + 1 tsp salt in each\nQuarts 50 minutes."
            })
    void aDoseForAnotherJarIsNoJarOfThisBatch(String told) {
        Recipe recipe = Read.recipe("Figs in syrup, boiling water canner. " + told);
        assertThat(Facts.values(recipe.facts().jars())).containsExactly(JarSize.QUART);
        assertThat(recipe.ingredients()).filteredOn(i -> i.food().isAcidulant()).allMatch(i -> i.perJar()
                .isPresent());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            I put the weight on, and when it starts to rock at 10 pounds I count. | WEIGHTED
            Canner: weighted, vented 10 minutes. | WEIGHTED
            Ten pounds by the weight. | WEIGHTED
            """)
    void gauges(String told, Gauge gauge) {
        assertThat(Read.facts("Beans, pints.\n" + told).gauge().orElseThrow().value())
                .isEqualTo(gauge);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            We canned salmon in pints. I rinsed the fish in vinegar water (2 Tbsp per quart). | fish
            Lima beans fresh. Filled jars with beans. | lima bean, fresh
            Blueberries. The strawberry-blueberry idea fell through. | blueberry
            We canned corn in pints. (You may thicken with flour paste but I don't.) Fill the jars. | corn
            """)
    void onlyWhatIsInTheJar(String told, String foods) {
        assertThat(Read.foods(told)).isEqualTo(foods);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            25 lb cabbage, 3/4 cup canning salt, fermented 4 weeks. Quarts. | true
            Green beans, raw pack, pints, boiling water. | false
            """)
    void saltIsMissedWhereItWasMeasured(String recipe, boolean missed) {
        boolean asked = asked(Read.recipe(recipe + " Her doctor says no salt so I left it out.")) > 0;
        assertThat(asked).isEqualTo(missed);
    }

    @Test
    void aStepAskedAfterAndDeniedIsNotDone() {
        assertThat(asked(Read.recipe("Chicken, boneless, pints. Bones removed? No.")))
                .isPositive();
    }

    @ParameterizedTest
    @ValueSource(strings = {"Regards,\nLorene", "Yours faithfully,\nH. Pemberton-Oyelowo"})
    void aNameBelowTheClosingSaysNothing(String closing) {
        assertThat(asked(Read.recipe(
                        "Peaches, hot pack in syrup, quarts, half inch. 25 minutes boiling water bath. 30 feet.\n"
                                + closing)))
                .isZero();
    }

    @Test
    void aLetterSpokenWithoutAStopIsCutAtItsClauses() {
        Recipe recipe = Read.recipe(
                "hi this is about some green beans um i packed them raw in pints and filled them with boiling water and i left an inch"
                        + " and i vented ten minutes and then it was twenty minutes at eleven pounds on the dial and we're at about six hundred feet");
        assertThat(minutes(recipe)).containsExactly(20);
        assertThat(recipe.facts().vented().orElseThrow().value()).isTrue();
        assertThat(recipe.facts().altitude().orElseThrow().value().feet()).isEqualTo(600);
    }

    @Test
    void aLineOfNothingButHesitationIsRead() {
        assertThat(Read.recipe("Pear halves\num\nuh um\nHot pack, quarts.")
                        .facts()
                        .jars())
                .isNotEmpty();
    }

    @Test
    void aCardOfOneLineIsAForm() {
        Recipe recipe = Read.recipe(
                "Card 3 | Product: okra | Pack: hot | Jars: pints | Process: 25 min | Pressure: 11 | Elev: 320 | Initials: TK");
        assertThat(minutes(recipe)).containsExactly(25);
        assertThat(asked(recipe)).isZero();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            9/2 - 25 lb cabbage, shredded. | 25 lb cabbage, shredded.
            9/3-9/30: in the cellar. | in the cellar.
            10/1 – done, hot pack. | done, hot pack.
            1/2 - 3/4 cup sugar | 1/2 - 3/4 cup sugar
            3/4 cup salt | 3/4 cup salt
            """)
    void aDayAtTheHeadOfALineIsNoAmount(String line, String rest) {
        assertThat(line.substring(DayHead.length(line))).isEqualTo(rest);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Okra, pints. Vent 10 / 25 min at 11 lb dial.",
                "Okra, pints. Vent 10 -> 25 min @ 11 psi dial.",
                "Okra, pints. Vent 10 m, 25 m @ 10# weighted.",
                "Okra, pints. Vented 10 min, then 10 lb weight jiggling for 25 min."
            })
    void theMinutesBehindTheVenting(String text) {
        assertThat(minutes(Read.recipe(text))).containsExactly(25);
    }

    @ParameterizedTest
    @ValueSource(strings = {"No rice, cream or flour.", "There is no flour, butter or egg noodles."})
    void aListOfWhatIsNotInTheJar(String words) {
        Recipe recipe = Read.recipe("Chicken soup, quarts. " + words);
        assertThat(recipe.ingredients()).noneMatch(i -> i.food().name().contains("flour"));
        assertThat(asked(recipe)).isZero();
    }
}
