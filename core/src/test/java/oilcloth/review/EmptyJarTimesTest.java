package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import oilcloth.corpus.Examples;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Ten minutes in boiling water are no process where nothing was in the jars yet. */
class EmptyJarTimesTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());

    private static final String JUICE =
            "Grape juice. Washed and stemmed Concord grapes, boiling water to cover, simmered slowly till soft. Strained through a damp jelly bag, juice stood in the fridge overnight, poured off the sediment and strained again. Heated to boiling. ";

    private static final String PLACE = " 600 ft.";

    private static Stream<String> empty() {
        return Examples.lines("/empty-jars.txt").stream();
    }

    @ParameterizedTest
    @MethodSource("empty")
    void nothingWasProcessed(String jars) {
        assertThat(call(jars)).as(jars).isNotEqualTo(Call.SOUND);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Quart jars boiled 10 minutes, filled to 1/4 inch, lids on. Processed 5 minutes in boiling water.",
                "Quarts sterilized 10 minutes in boiling water. Filled to 1/4 inch, rims, lids. Boiling water canner 5 minutes.",
                "Quart jars boiled ten minutes. 1/4 inch. 5 minutes. Boiling water.",
                "Poured into quarts that had been boiled ten minutes, quarter inch, lids. Five minutes in the canner, water boiling over the tops.",
                "Filled sterile quarts to 1/4 inch, lids on. Five minutes in the boiling water canner with the lid on."
            })
    void whatIsToldBehindTheFillingIsTheProcess(String jars) {
        assertThat(call(jars)).as(jars).isEqualTo(Call.SOUND);
    }

    private static Call call(String jars) {
        return ENGINE.review(JUICE + jars + PLACE, Context.planning(null)).call();
    }
}
