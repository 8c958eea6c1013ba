package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.stream.Stream;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;

/** Letters as canners write them, each with the call an educator would make. */
class LettersTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());

    @TestFactory
    Stream<DynamicTest> calls() throws IOException {
        try (InputStream in = LettersTest.class.getResourceAsStream("/letters.txt")) {
            String all = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            return Stream.of(all.split("(?m)^=== ")).filter(l -> !l.isBlank()).map(letter -> {
                int line = letter.indexOf('\n');
                Call expected = Call.valueOf(letter.substring(0, line).strip().toUpperCase(Locale.ROOT));
                String text = letter.substring(line + 1).strip();
                return DynamicTest.dynamicTest(
                        expected + ": " + text.lines().findFirst().orElseThrow(), () -> {
                            Review review = ENGINE.review(text, Context.planning(null));
                            assertThat(review.call()).as(text).isEqualTo(expected);
                        });
            });
        }
    }
}
