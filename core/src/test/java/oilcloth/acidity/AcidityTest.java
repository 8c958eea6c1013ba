package oilcloth.acidity;

import static org.assertj.core.api.Assertions.assertThat;

import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.JarSize;
import oilcloth.reading.RecipeReader;
import oilcloth.recipe.Recipe;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Brine strength, acid per jar, proportions. */
class AcidityTest {
    private static final GuideSnapshot GUIDE = GuideSnapshot.shipped();
    private static final RecipeReader READER = new RecipeReader(GUIDE);

    private static Recipe read(String text) {
        return READER.read("Pickles\n\n" + text);
    }

    private static TestedRecipe tested(String id) {
        return GUIDE.recipes().stream()
                .filter(r -> r.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            4 cups vinegar (5%)\\n4 cups water                          | 2.5
            4 cups vinegar (5%)\\n2 cups water                          | 3.33
            1 qt vinegar (5%)                                           | 5
            equal parts vinegar and water, 5% vinegar                   | 2.5
            2 cups vinegar (4%)\\n2 cups water                          | 2
            6 cups vinegar (5%)\\n8 cups water                          | 2.14
            """)
    void brines(String text, double percent) {
        assertThat(Brine.of(read(text.replace("\\n", "\n"))).orElseThrow().percent())
                .isCloseTo(percent, Offset.offset(0.01));
    }

    @Test
    void soakingWaterIsNoBrine() {
        Recipe soaked = read(
                "8 lb cucumbers\n\nSoak overnight in 2 gallons water with 3/4 cup salt, drain. Bring 4 cups vinegar (5%) and 4 cups water to a boil.");
        assertThat(Brine.of(soaked).orElseThrow().percent()).isCloseTo(2.5, Offset.offset(0.01));
    }

    @Test
    void testedBrines() {
        assertThat(Brine.of(tested("quick-fresh-pack-dill")).orElseThrow().percent())
                .isCloseTo(2.14, Offset.offset(0.01));
        assertThat(Brine.of(tested("pickled-okra")).orElseThrow().percent()).isCloseTo(2.5, Offset.offset(0.01));
        assertThat(Brine.of(tested("corn-relish")).orElseThrow().percent()).isCloseTo(5, Offset.offset(0.01));
        assertThat(Brine.of(tested("mango-sauce"))).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            2 Tbsp bottled lemon juice per quart            | KNOWN         | 1
            1 Tbsp bottled lemon juice per quart            | KNOWN         | 0.5
            1/2 tsp citric acid in each quart               | KNOWN         | 1
            4 Tbsp vinegar (5%) per quart                   | KNOWN         | 1
            14 Tbsp bottled lemon juice. Makes 7 quarts.    | KNOWN         | 1
            1 cup bottled lemon juice                       | JARS_UNKNOWN  | 0
            a splash of bottled lemon juice                 | UNMEASURED    | 0
            salt                                            | NONE          | 0
            """)
    void acidThatReachesAJarOfTomatoes(String text, AcidPerJar.State state, double share) {
        AcidPerJar acid = AcidPerJar.of(read("21 lb tomatoes\n" + text), GUIDE.acidRules("tomato"), JarSize.QUART);
        assertThat(acid.state()).isEqualTo(state);
        assertThat(acid.share()).isCloseTo(share, Offset.offset(0.02));
    }

    @Test
    void aFormNeverTestedForTheFoodDoesNotCount() {
        AcidPerJar acid =
                AcidPerJar.of(read("16 lb figs\n4 Tbsp vinegar (5%) per quart"), GUIDE.acidRules("fig"), JarSize.QUART);
        assertThat(acid.state()).isEqualTo(AcidPerJar.State.UNTESTED_FORM);
        assertThat(GUIDE.acidRules("papaya")).isEmpty();
    }

    @Test
    void proportionsAreScaledToTheAcid() {
        Proportions half = Proportions.of(
                read("5 cups corn\n2 1/2 cups peppers\n1 1/4 cups celery\n5/8 cup onion\n2 1/2 cups vinegar (5%)"),
                tested("corn-relish"),
                GUIDE);
        assertThat(half.scale()).isCloseTo(0.5, Offset.offset(0.001));
        assertThat(half.raised()).isEmpty();
        Proportions onions = Proportions.of(
                read("5 cups corn\n2 1/2 cups peppers\n1 1/4 cups celery\n2 cups onion\n2 1/2 cups vinegar (5%)"),
                tested("corn-relish"),
                GUIDE);
        assertThat(onions.raised()).extracting(Proportions.Raised::group).containsExactly("onion");
        assertThat(onions.raised().get(0).certain()).isTrue();
    }

    @Test
    void aCountIsAVolumeWithARange() {
        Proportions counted = Proportions.of(
                read("10 cups corn\n5 cups peppers\n2 1/2 cups celery\n2 onions\n5 cups vinegar (5%)"),
                tested("corn-relish"),
                GUIDE);
        // two medium onions are about 1.4 cups, give or take; 1 1/4 are tested with ten per cent
        assertThat(counted.raised()).extracting(Proportions.Raised::certain).containsExactly(false);
    }
}
