package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import java.util.stream.Stream;
import oilcloth.corpus.Examples;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;

/** Letters as canners write them, each with the call an educator would make. */
class LettersTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());

    @TestFactory
    Stream<DynamicTest> calls() {
        return Stream.of("/letters.txt", "/altitude-tables.txt")
                .flatMap(Examples::blocks)
                .map(letter -> {
                    int line = letter.indexOf('\n');
                    Call expected =
                            Call.valueOf(letter.substring(0, line).strip().toUpperCase(Locale.ROOT));
                    String text = letter.substring(line + 1).strip();
                    return DynamicTest.dynamicTest(
                            expected + ": " + text.lines().findFirst().orElseThrow(), () -> {
                                Review review = ENGINE.review(text, Context.planning(null));
                                assertThat(review.call()).as(text).isEqualTo(expected);
                            });
                });
    }
}
