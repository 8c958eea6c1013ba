package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThat;

import oilcloth.guide.GuideSnapshot;
import oilcloth.measure.JarSize;
import oilcloth.recipe.Context;
import oilcloth.recipe.Facts;
import oilcloth.review.Call;
import oilcloth.review.Engine;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A question about quarts, behind pints that were canned, makes no quarts; what was done does, in whatever question it is told. */
class OtherJarsAskedTest {
    private static final String PINTS =
            "Green beans, raw pack in pints, 1/2 tsp salt, boiling water, 1 inch. Vented 10 minutes, 20 minutes at 11 lb dial. 560 ft. ";

    private final Engine engine = new Engine(GuideSnapshot.shipped());

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Can I use the same time for quarts?",
                "Could I do quarts next time the same way?",
                "Would quarts be 25?",
                "And would quarts need longer?",
                "How long would quarts take?",
                "What time would I use for quarts?",
                "Is it the same time for quarts?"
            })
    void ofJarsThatMightBe(String asked) {
        var review = engine.review(PINTS + asked, Context.planning(null));
        assertThat(Facts.values(review.recipe().facts().jars())).containsExactly(JarSize.PINT);
        assertThat(review.call()).isEqualTo(Call.SOUND);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "How long for quarts, mine went 20?",
                "Would quarts be 20 as well, I have four?",
                "Can I use the same time for quarts, since three of these are?",
                "Could quarts have the same time, as I did four?",
                "Was 20 minutes right for the quarts?"
            })
    void ofJarsThatWereDone(String asked) {
        assertThat(engine.review(PINTS + asked, Context.planning(null)).call()).isNotEqualTo(Call.SOUND);
    }
}
