package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import oilcloth.corpus.Examples;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What has no tested process, or strays from it in one figure told in an odd way, is never called sound. */
class NeverSoundTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());

    static Stream<String> recipes() {
        return Examples.lines("/never-sound.txt").stream();
    }

    @ParameterizedTest
    @MethodSource("recipes")
    void isNotSound(String recipe) {
        assertThat(ENGINE.review(recipe, Context.planning(null)).call()).isNotEqualTo(Call.SOUND);
    }
}
