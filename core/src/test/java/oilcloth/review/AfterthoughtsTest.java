package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import oilcloth.check.Finding;
import oilcloth.corpus.Examples;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import oilcloth.text.Range;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** A fault told once the recipe is told, or before its canning: it is never passed over. */
class AfterthoughtsTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());

    /** The food and its jar, its canning, and what is added to them. */
    static Stream<Arguments> afterthoughts() {
        List<Arguments> told = new ArrayList<>();
        String[] base = {};
        for (String line : Examples.lines("/afterthoughts.txt")) {
            if (line.startsWith("=== ")) {
                base = line.substring("=== ".length()).split(" \\| ");
            } else {
                told.add(Arguments.of(base[0], base[1], line));
            }
        }
        return told.stream();
    }

    @ParameterizedTest(name = "{2}")
    @MethodSource("afterthoughts")
    void isNotPassedOver(String packing, String canning, String fault) {
        assertThat(call(packing + " " + canning)).isEqualTo(Call.SOUND);
        notPassedOver(packing + " " + canning + " " + fault, fault);
        notPassedOver(packing + " " + fault + " " + canning, fault);
    }

    private static Call call(String text) {
        return ENGINE.review(text, Context.planning(null)).call();
    }

    /** A caution leaves "sound", but it stands at the words that brought it. */
    private static void notPassedOver(String text, String fault) {
        Review review = ENGINE.review(text, Context.planning(null));
        Range words = new Range(text.indexOf(fault), text.indexOf(fault) + fault.length());
        boolean cautioned = review.open().stream()
                .map(Finding::evidence)
                .flatMap(List::stream)
                .anyMatch(words::overlaps);
        assertThat(cautioned || review.call() != Call.SOUND).as(text).isTrue();
    }
}
