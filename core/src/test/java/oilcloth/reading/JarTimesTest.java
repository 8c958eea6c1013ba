package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import oilcloth.corpus.Examples;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import oilcloth.review.Call;
import oilcloth.review.Engine;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Two sizes of jars, each with a time of its own. */
class JarTimesTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());
    private static final String RECIPE =
            """
            Peach halves

            Hot pack in light syrup, half inch headspace, pints and quarts. Boiling-water canner, at 500 feet. %s
            """;

    private static Call call(String told) {
        return ENGINE.review(RECIPE.formatted(told), Context.planning(null)).call();
    }

    static Stream<String> right() {
        return Examples.section("/jar-times.txt", "right").stream();
    }

    static Stream<String> tooShort() {
        return Examples.section("/jar-times.txt", "short").stream();
    }

    static Stream<String> nothing() {
        return Examples.section("/jar-times.txt", "nothing told").stream();
    }

    @ParameterizedTest
    @MethodSource("right")
    void eachJarHasItsTime(String told) {
        assertThat(call(told)).isEqualTo(Call.SOUND);
    }

    @ParameterizedTest
    @MethodSource("tooShort")
    void oneOfThemTooShortIsCorrected(String told) {
        assertThat(call(told)).isEqualTo(Call.CORRECT);
    }

    @ParameterizedTest
    @MethodSource("nothing")
    void whatIsNoTimeInTheCannerIsNone(String told) {
        assertThat(call(told)).isNotEqualTo(Call.SOUND);
    }
}
