package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import oilcloth.check.Finding;
import oilcloth.check.Severity;
import oilcloth.guide.Confidence;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Process;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.Altitude;
import oilcloth.measure.JarSize;
import oilcloth.recipe.Context;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** However the list is written down, a tested recipe stays one. */
class ListStylesTest {
    private static final GuideSnapshot GUIDE = GuideSnapshot.shipped();
    private static final Engine ENGINE = new Engine(GUIDE);

    /** Of a hundred; some names hold figures of their own, "cinnamon, 1-inch: 2 sticks". */
    private static final int LEAST_SOUND = 90;

    @ParameterizedTest
    @EnumSource(ListStyle.class)
    void aTestedRecipeIsNeverAccusedForItsHandwriting(ListStyle style) {
        List<String> accused = new ArrayList<>();
        int told = 0;
        int sound = 0;
        for (String text : retold(style).toList()) {
            Review review = ENGINE.review(text, Context.planning(null));
            told++;
            sound += review.call() == Call.SOUND ? 1 : 0;
            review.open().stream()
                    .filter(f -> f.severity().compareTo(Severity.CORRECT) >= 0)
                    .map(Finding::code)
                    .forEach(code ->
                            accused.add(code + ": " + text.lines().findFirst().orElseThrow()));
        }
        assertThat(accused).isEmpty();
        assertThat(100 * sound / told).as("sound of " + told).isGreaterThanOrEqualTo(LEAST_SOUND);
    }

    private static Stream<String> retold(ListStyle style) {
        return GUIDE.recipes().stream()
                .filter(t -> t.confidence() == Confidence.HIGH)
                .flatMap(t -> t.processes().stream()
                        .flatMap(id -> told(t, Retold.process(t, id).orElseThrow())))
                .map(style::of);
    }

    private static Stream<String> told(TestedRecipe tested, Process process) {
        JarSize jar = process.jars().iterator().next();
        return process.rows().get(jar).confidence() == Confidence.HIGH
                ? Stream.of(Retold.recipe(tested, process, jar, Altitude.ofFeet(0)))
                : Stream.empty();
    }
}
