package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oilcloth.corpus.Examples;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** "I did not vent", "Venting is optional": whoever tells it, and wherever, the recipe is sound no longer. */
class PlainFaultsTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());
    private static final Pattern CANNING = Pattern.compile("\\b(Process|Vent|Pressure can)\\b");

    private static final Map<String, String> BASES = Examples.blocks("/remark-bases.txt")
            .collect(Collectors.toMap(b -> b.substring(0, b.indexOf('\n')).strip(), b -> b.substring(b.indexOf('\n'))
                    .strip()));

    static Stream<Arguments> faults() {
        return Examples.blocks("/plain-faults.txt")
                .map(b -> b.split("\n"))
                .flatMap(lines -> Arrays.stream(lines).skip(1).map(fault -> Arguments.of(lines[0].strip(), fault)));
    }

    private static Call call(String text) {
        return ENGINE.review(text, Context.planning(null)).call();
    }

    @ParameterizedTest(name = "{1}")
    @MethodSource("faults")
    void isNeverSound(String food, String fault) {
        String recipe = BASES.get(food);
        Matcher canning = CANNING.matcher(recipe);
        assertThat(canning.find()).isTrue();
        String before = recipe.substring(0, canning.start()) + fault + " " + recipe.substring(canning.start());
        assertThat(call(recipe + " " + fault)).as("behind").isNotEqualTo(Call.SOUND);
        assertThat(call(before)).as("before the canning").isNotEqualTo(Call.SOUND);
    }
}
