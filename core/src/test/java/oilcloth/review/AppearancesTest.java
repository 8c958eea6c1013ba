package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import oilcloth.corpus.Examples;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What is asked most: how the jars look. A recipe that is sound is sound however they look, as long as nothing spoils. */
class AppearancesTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());

    static Stream<Arguments> appearances() {
        List<Arguments> told = new ArrayList<>();
        String recipe = "";
        for (String line : Examples.lines("/appearances.txt")) {
            if (line.startsWith("=== ")) {
                recipe = line.substring("=== ".length());
            } else {
                told.add(Arguments.of(recipe, line));
            }
        }
        return told.stream();
    }

    @ParameterizedTest(name = "{1}")
    @MethodSource("appearances")
    void leavesItSound(String recipe, String looks) {
        Review review = ENGINE.review(recipe + " " + looks, Context.planning(null));

        assertThat(review.questions()).as(looks).isEmpty();
        assertThat(review.call()).isEqualTo(Call.SOUND);
    }
}
