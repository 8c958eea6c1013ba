package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThat;

import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import oilcloth.review.Call;
import oilcloth.review.Engine;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Remarks about other years' jars, and other people's. */
class OtherJarsTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());
    private static final String BEANS =
            """
            Green beans

            Snapped, raw pack in pints, boiling water over, 1 inch headspace, 1/2 tsp salt to the jar. \
            Vented 10 minutes, then 20 minutes at 11 pounds, dial gauge. We live at 700 feet.\s""";

    private static Call call(String remark) {
        return ENGINE.review(BEANS + remark, Context.planning(null)).call();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Last year I only got 14 pints off the same row.",
                "In 2019 I put up 30 quarts and it was too many for two people.",
                "The first year I canned I ran it at 5 pounds and ended up throwing the whole lot out.",
                "When we lived at 6,000 feet it was 15 pounds for everything.",
                "Two summers ago the gauge read 2 pounds high so I had it replaced.",
                "Years ago I did them in half gallons; I gave those jars away.",
                "In my twenties I never vented, but I learned better at your class.",
                "Back in 2015 I gave them 10 minutes and we threw the jars out.",
                "My grandmother put a piece of salt pork in every jar, I leave it out.",
                "My aunt does hers in a water bath and I've told her not to.",
                "My sister puts bacon in hers, never again.",
                "When we were first married I did them in a borrowed canner with a five pound weight.",
                "Years ago I did 14 quarts at a go in the big old canner at the grange.",
            })
    void changeNothing(String remark) {
        assertThat(call(remark)).isEqualTo(Call.SOUND);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Last year I ran it at 5 pounds and did the same this time.",
                "In 2019 I found out that 15 minutes is plenty.",
                "Back in 2015 I quit venting.",
                "Two years ago I switched to half gallon jars.",
                "In 2019 the gauge broke and I've done without.",
                "Last year the gauge read 4 pounds high.",
                "When we lived at 500 feet it was 11 pounds; we live at 6,000 now.",
                "My neighbor does hers 10 minutes, so I did too.",
                "My grandmother put a piece of salt pork in every jar and so do I.",
                "My neighbor processed them for me in her oven.",
                "My mother always vented hers, I don't.",
                "Years ago I was told five pounds will do.",
                "The winter before last we rebuilt and the kitchen is at 5,400 feet.",
                "Last August we got a stove that will not hold the pressure up.",
                "The year before last I gave the weight away to my sister.",
                "As a bride I was shown to pack them in half gallons.",
                "My sister ran the canner and let it go down to 6 pounds.",
            })
    void areReadWhereTheyAreTiedToThese(String remark) {
        assertThat(call(remark)).isNotEqualTo(Call.SOUND);
    }

    /** A cousin's recipe is no danger here, and nobody knows whether she filled these. */
    @ParameterizedTest
    @ValueSource(strings = {"My cousin uses bacon.", "My neighbor adds a bit of vinegar."})
    void ofSomebodyElseAreNoDanger(String remark) {
        assertThat(call(remark)).isLessThanOrEqualTo(Call.ASK);
    }

    /** Before the canning is told they may be what the letter is about. */
    @ParameterizedTest
    @ValueSource(strings = {"Last fall I canned green beans at 5 pounds, dial gauge, 700 feet, 20 minutes for pints."})
    void mayBeTheseAtTheStart(String letter) {
        assertThat(ENGINE.review(letter, Context.planning(null)).call()).isEqualTo(Call.STOP);
    }
}
