package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.stream.Stream;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What has no tested process, or strays from it in one figure told in an odd way, is never called sound. */
class NeverSoundTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());

    static Stream<String> recipes() throws IOException {
        try (InputStream in = NeverSoundTest.class.getResourceAsStream("/never-sound.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines().filter(l -> !l.startsWith("#") && !l.isBlank()).toList().stream();
        }
    }

    @ParameterizedTest
    @MethodSource("recipes")
    void isNotSound(String recipe) {
        assertThat(ENGINE.review(recipe, Context.planning(null)).call()).isNotEqualTo(Call.SOUND);
    }
}
