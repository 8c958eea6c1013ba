package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import oilcloth.corpus.Examples;
import oilcloth.guide.GuideSnapshot;
import oilcloth.measure.Altitude;
import oilcloth.recipe.Context;
import oilcloth.recipe.Fact;
import oilcloth.review.Call;
import oilcloth.review.Engine;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A height counts where the jars were canned, and is asked about where it may be of another place. */
class OtherHeightTest {
    private static final String CARROTS =
            "Carrots, sliced, hot pack, pints, cooking water, 1 inch. Vented 10, 25 minutes at 11 lb dial. ";

    private final Engine engine = new Engine(GuideSnapshot.shipped());
    private final RecipeReader reader = new RecipeReader(GuideSnapshot.shipped());

    private static Stream<String> elsewhere() {
        return Examples.section("/other-heights.txt", "elsewhere").stream();
    }

    private static Stream<String> here() {
        return Examples.section("/other-heights.txt", "here").stream();
    }

    @ParameterizedTest
    @MethodSource("elsewhere")
    void isNotOfTheJars(String told) {
        assertThat(engine.review(CARROTS + told, Context.planning(null)).call()).isNotEqualTo(Call.SOUND);
    }

    @ParameterizedTest
    @MethodSource("here")
    void isOfTheJars(String told) {
        assertThat(reader.read(CARROTS + told).facts().altitude())
                .map(Fact::value)
                .contains(Altitude.ofFeet(600));
        assertThat(engine.review(CARROTS + told, Context.planning(null)).call()).isEqualTo(Call.SOUND);
    }
}
