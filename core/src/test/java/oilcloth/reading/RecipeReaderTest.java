package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Pack;
import oilcloth.measure.JarSize;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Facts;
import oilcloth.recipe.Ingredient;
import oilcloth.recipe.Recipe;
import oilcloth.text.Range;
import oilcloth.text.Tokens;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the reader makes of the ways canners write. */
public class RecipeReaderTest {
    private static final RecipeReader READER = new RecipeReader(GuideSnapshot.shipped());

    /** For other tests that need a figure as cooks write it. */
    public static double figure(String words) {
        return Numbers.at(Tokens.of(words, new Range(0, words.length())), 0)
                .orElseThrow()
                .low();
    }

    private static String line(String text) {
        return READER.read("Recipe\n\n" + text).ingredients().stream()
                .map(i -> i.food().name() + "="
                        + i.amount().map(a -> a.toString()).orElse("some")
                        + (i.perJar().isPresent() ? "/jar" : "") + (i.aside() ? " aside" : ""))
                .reduce((a, b) -> a + "; " + b)
                .orElse("");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            2 1/2 cups sugar | 2.5
            2½ cups sugar | 2.5
            2 ½ cups sugar | 2.5
            2-1/2 cups sugar | 2.5
            2.5 cups sugar | 2.5
            two and a half cups sugar | 2.5
            a cup and a half of sugar | 1.5
            2 cups and a quarter sugar | 2.25
            ¾ cup sugar | 0.75
            three quarters of a cup of sugar | 0.75
            half a cup of sugar | 0.5
            a cup of sugar | 1
            twenty-five cups sugar | 25
            1,200 cups sugar | 1200
            a dozen cups sugar | 12
            """)
    void figuresInEveryWayCooksWriteThem(String text, double cups) {
        Ingredient sugar = READER.read("Syrup\n\n" + text).ingredients().get(0);
        assertThat(sugar.food().name()).isEqualTo("sugar, granulated");
        assertThat(sugar.leastVolume().orElseThrow().cups()).isCloseTo(cups, org.assertj.core.data.Offset.offset(0.01));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            12 lbs. pears, peeled and cored | pear=12 lb
            2 qts chopped green tomatoes | tomato, green=2 quarts
            1/2 cup apple cider vinegar, 5% | vinegar, cider 5%=½ cup
            1 tsp. celery seed | celery seed=1 tsp
            4 cloves garlic, minced | garlic=4 cloves
            12 whole cloves | cloves=12
            6 large onions | onion=6
            2 (14 oz) cans crushed tomatoes | tomato=28 oz
            1 T salt | salt, table=1 Tbsp
            1 t salt | salt, table=1 tsp
            3 to 4 lbs okra | okra=3 to 4 lb
            Vinegar - 3 cups | vinegar, white 5%=3 cups
            salt to taste | salt, table=some
            2 Tbsp bottled lemon juice per quart | lemon juice, bottled=2 Tbsp/jar
            1 tsp each allspice and mace | allspice=1 tsp; mace=1 tsp
            3 cups onions and peppers | onion=1½ cups; hot pepper, mixed=1½ cups
            3/4 cup plus 2 Tbsp sugar | sugar, granulated=⅞ cup
            500 g figs | fig=500 g
            """)
    void ingredientLines(String text, String read) {
        assertThat(line(text)).isEqualTo(read);
    }

    @Test
    void runOnParagraphs() {
        Recipe recipe = READER.read(
                "take 4 cups vinegar and 4 cups water with half a cup of canning salt, bring to a boil, pour over the okra in the jars");
        assertThat(recipe.ingredients())
                .extracting(i -> i.food().name())
                .containsExactly("vinegar, white 5%", "water", "salt, canning", "okra");
    }

    @Test
    void aFoodNamedAgainIsTheSameFood() {
        Recipe recipe = READER.read(
                "Figs\n\n6 lb figs\n2 Tbsp bottled lemon juice per quart\n\nAdd 2 Tbsp lemon juice to each quart. Fill with the figs.");
        assertThat(recipe.ingredients()).hasSize(2);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            Applesauce, 14 lb for 7 quarts... wait, I did pints, 9 of them. | PINT
            Pears. Filled hot quarts. No, it was pints. | PINT
            Pears. Filled hot pints. Sorry, I meant half-pints. | HALF_PINT
            Pears. Filled hot pints and quarts. | PINT QUART
            Pears. Filled hot pints. Then I did quarts. | PINT QUART
            """)
    void theJarNamedLastHoldsWhereTheOtherIsTakenBack(String text, String jars) {
        assertThat(Facts.values(READER.read(text).facts().jars()).stream()
                        .distinct()
                        .map(JarSize::name)
                        .toList())
                .containsExactly(jars.split(" "));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            Corn in pints, an inch. Vented it 10 and ran it 55 minutes at 11 pounds. | 55
            Corn in pints, an inch. Vented 10 and 55 minutes. | 55
            Corn in pints, an inch. Vented ten minutes and held it there 55 minutes. | 55
            Pears packed in pints, half an inch. Lids on. I boiled them 20 minutes and I live at 230 ft. | 20
            Squirrel in quarts, an inch. 75 minutes with bones, weighted gauge, vented 10. | 75
            """)
    void theTimeIsTheCanners(String text, int minutes) {
        assertThat(Facts.values(READER.read(text).facts().times()))
                .extracting(t -> t.least().value())
                .containsExactly(minutes);
    }

    @Test
    void leftOutIsNotPutIn() {
        assertThat(line("I did not add any vinegar and there is no flour in it. Peaches only."))
                .isEqualTo("peach, yellow=some");
        assertThat(line("Don't forget the vinegar!")).isEqualTo("vinegar, white 5%=some");
    }

    @Test
    void foodsNamedInPassingAreNoIngredients() {
        assertThat(READER.read(
                                "Bread and butter pickles\n\n6 lb cucumbers\n\nServe with roast pork. My grandmother loved apples.")
                        .ingredients())
                .extracting(i -> i.food().name())
                .containsExactly("cucumber, pickling");
    }

    @Test
    void whatIsNotUnderstoodIsListed() {
        Recipe recipe = READER.read("Beets\n\n7 lb beets\n2 cups frobnicate\n\nStir in the whatsit.");
        assertThat(recipe.unread()).allMatch(u -> u.bears());
        assertThat(recipe.unread())
                .extracting(u -> u.range().of(recipe.text()))
                .containsExactly("2 cups frobnicate", "whatsit");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            Process pints 25 minutes in a boiling water canner. | 25
            Simmer 20 minutes, pack, then process 35 min. in the canner. | 35
            BWB for 10 min | 10
            Boil the filled jars for half an hour | 30
            pressure can an hour and a half at 11 psi | 90
            Processing time: 1 hour 15 minutes | 75
            Put the jars in the canner. Keep at a boil for 40 minutes, then take them out and let stand 12 hours. | 40
            Water bath 10 to 15 minutes | 10
            20 minutes in a boiling-water bath | 20
            """)
    void processTimesAmongOtherTimes(String text, int minutes) {
        assertThat(READER.read("Pears\n\nSome pears.\n" + text).facts().times())
                .extracting(t -> t.value().least().value())
                .containsExactly(minutes);
    }

    @Test
    void cookingTimesAreNoProcess() {
        Recipe recipe = READER.read(
                "Pears\n\nBoil pears 5 minutes. Blanch in boiling water for 1 minute. Let rest 10 minutes. Cool 24 hours.");
        assertThat(recipe.facts().times()).isEmpty();
    }

    @Test
    void timesByJar() {
        Recipe recipe = READER.read("Beets\n\nProcess pints 30 minutes, quarts 35 minutes in a pressure canner.");
        assertThat(recipe.facts().times())
                .extracting(t ->
                        t.value().jar().orElseThrow() + " " + t.value().least().value())
                .containsExactly("PINT 30", "QUART 35");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            leaving 1/2 inch headspace | 0.5 | 0.5
            leave an inch at the top | 1 | 1
            fill to within 1/4" of the rim | 0.25 | 0.25
            1 1/4 in. headspace | 1.25 | 1.25
            fill the jars to the neck ring | 0.75 | 1.125
            fill up to the first thread | 0.125 | 0.375
            """)
    void headspaceInWordsAndByCues(String text, double least, double most) {
        var headspace = READER.read("Pears\n\nPack the pears in pints, " + text + ".")
                .facts()
                .headspace()
                .orElseThrow()
                .value();
        assertThat(List.of(headspace.least().inches(), headspace.most().inches()))
                .containsExactly(least, most);
    }

    @Test
    void lengthsThatAreNoHeadspace() {
        assertThat(READER.read(
                                "Beets\n\nLeave 1 inch of stem. Cut in 1/2 inch slices. Keep 2 inches of water over the jars.")
                        .facts()
                        .headspace())
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            We live at 5,200 feet. | 5200
            elevation 1500' | 1500
            Altitude: 6500 | 6500
            at 1600 m above sea level | 5250
            We are at sea level | 0
            altitude is 0 feet | 0
            """)
    void altitudes(String text, int feet) {
        assertThat(READER.read("Pears\n\n" + text)
                        .facts()
                        .altitude()
                        .orElseThrow()
                        .value()
                        .feet())
                .isEqualTo(feet);
    }

    @Test
    void aRuleForAltitudeIsNoPlace() {
        assertThat(READER.read("Pears\n\nAdd 5 minutes above 3,000 ft.").facts().altitude())
                .isEmpty();
    }

    @Test
    void methodsAndPacks() {
        Facts raw = READER.read(
                        "Beans\n\nPack raw in quarts. 25 min in the pressure canner at 11 pounds pressure, dial gauge, vented 10 minutes.")
                .facts();
        assertThat(Facts.values(raw.methods())).containsExactly(CanningMethod.PRESSURE);
        assertThat(Facts.values(raw.packs())).containsExactly(Pack.RAW);
        assertThat(Facts.values(raw.jars())).containsExactly(JarSize.QUART);
        assertThat(raw.pressures().get(0).value().psi()).isEqualTo(11);
        assertThat(raw.vented().orElseThrow().value()).isTrue();
        assertThat(raw.times().get(0).value().least().value()).isEqualTo(25);
        Facts hot =
                READER.read("Pears\n\nSimmer the pears 5 minutes. Fill jars.").facts();
        assertThat(Facts.values(hot.packs())).containsExactly(Pack.HOT);
    }

    @Test
    void vinegarStrength() {
        assertThat(READER.read("Okra\n\n6 cups vinegar, 4 to 6 percent")
                        .ingredients()
                        .get(0)
                        .strengthPercent())
                .hasValue(4);
        assertThat(READER.read("Okra\n\n6 cups vinegar\n\nUse only vinegar of 5% acidity.")
                        .ingredients()
                        .get(0)
                        .strengthPercent())
                .hasValue(5);
        assertThat(READER.read("Okra\n\n6 cups of my own homemade vinegar")
                        .ingredients()
                        .get(0)
                        .food()
                        .name())
                .isEqualTo("vinegar, homemade");
    }

    /** What is shared out in brackets belongs to what stands before it, not to the amounts that follow. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            8 garlic cloves (one to a jar), 2/3 cup canning salt, 6 cups water | 0
            In each jar (hot) put 2 tablespoons bottled lemon juice. | 1
            2 tablespoons bottled lemon juice per quart, 1 cup sugar | 1
            a pint of half and half, 5 lb asparagus | 0
            seven pounds small okra, garlic clove per jar, 8 cups of water and 3 cups of vinegar | 0
            """)
    void whatIsForAJarIsForThatFoodOnly(String words, int perJar) {
        assertThat(READER.read("Recipe\n\n" + words + " Fill quart jars.").ingredients().stream()
                        .filter(i -> i.perJar().isPresent() && !i.food().name().equals("garlic")))
                .as(words)
                .hasSize(perJar);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            Fill pints with the hot relish, half inch, boil 15 minutes. | BOILING_WATER
            Pints, half inch. Process 15 minutes, water an inch over, full rolling boil. | BOILING_WATER
            Pints, 15 minutes in the canner. | none
            In a boiling water bath 3 hours, as before anybody had pressure canners. Pints. | BOILING_WATER
            Quarts, vented 10 minutes, 75 minutes at 11 pounds. | PRESSURE
            """)
    void theCannerByWhatIsDoneToTheJars(String words, String method) {
        assertThat(Facts.values(READER.read("Corn\n\n" + words).facts().methods()).stream()
                        .map(Enum::name)
                        .findFirst()
                        .orElse("none"))
                .isEqualTo(method);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            Canner vented 10 minutes before I put the weight on, 30 minutes. | 30
            In my steam canner, quarts. 55 minutes of steam. | 55
            Screw the lids on the pints and turn them upside down for ten minutes. | none
            Vent 10 minutes, 25 minutes at 11 lb, pints. | 25
            """)
    void theTimeInTheCannerAndNoOther(String words, String minutes) {
        assertThat(READER.read("Carrots\n\n" + words).facts().times().stream()
                        .map(t -> Integer.toString(t.value().least().value()))
                        .reduce((a, b) -> a + " " + b)
                        .orElse("none"))
                .isEqualTo(minutes);
    }

    /** Fruit takes any juice; for tomatoes the liquid decides the time, so an unknown one is asked about. */
    @Test
    void aJuiceNobodyNamedIsIdleOnFruitOnly() {
        String dose = "\n\nPut half a cup of hot juice in each pint, half inch headspace.";
        assertThat(READER.read("Blueberries" + dose).unread()).noneMatch(u -> u.bears());
        assertThat(READER.read("Whole tomatoes" + dose).unread()).anyMatch(u -> u.bears());
    }

    @Test
    void theHeadspaceIsWhereTheLiquidEndsAndNotTheWaterInTheCanner() {
        Recipe carrots =
                READER.read("Pickled carrots\n\nFill pint jars with carrots leaving 1 inch headspace, cover with the"
                        + " hot pickling liquid to 1/2 inch.");
        assertThat(carrots.facts().headspace().orElseThrow().value().least().inches())
                .isEqualTo(0.5);
        Recipe beans = READER.read(
                "Green beans\n\nFill pint jars leaving 1 inch headspace. Fill the canner with water to" + " 3 inches.");
        assertThat(beans.facts().headspace().orElseThrow().value().least().inches())
                .isEqualTo(1);
    }

    /** A strength in brackets was read before the name it belongs to. */
    @Test
    void vinegarWithItsStrengthBehindItIsStillVinegar() {
        assertThat(line("I use pears, onions, vinegar (5%) and raisins.")).contains("vinegar");
    }
}
