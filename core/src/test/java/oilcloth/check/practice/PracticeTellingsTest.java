package oilcloth.check.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import oilcloth.check.Finding;
import oilcloth.check.Severity;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import oilcloth.review.Engine;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

/** Each practice of the catalogue in words nobody wrote the pattern from. */
class PracticeTellingsTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());

    private static final Map<String, String> RECIPES = Map.of(
            "fruit",
            "Peaches, hot pack. We peeled, halved and pitted them and boiled them in light syrup. Packed hot into quarts "
                    + "with the syrup to half an inch, bubbles out. Process 25 minutes in the boiling water canner. "
                    + "Altitude 640 ft. ",
            "pressure",
            "Carrots, raw pack. Scrubbed, peeled and sliced. Packed tight in pints, half a teaspoon of salt, boiling "
                    + "water to cover, leaving an inch. Bubbles out. Pressure canner, vented 10 minutes, 25 minutes at "
                    + "11 pounds dial gauge. Altitude 640 ft. ");

    @ParameterizedTest
    @CsvFileSource(resources = "/practice-tellings.txt", delimiter = '|')
    void isFound(String code, String recipe, String telling) {
        assertThat(codes(RECIPES.get(recipe))).as("the recipe by itself").doesNotContain(code);
        assertThat(codes(RECIPES.get(recipe) + telling)).contains(code);
    }

    private static Set<String> codes(String text) {
        return ENGINE.review(text, Context.planning(null)).findings().stream()
                .filter(f -> f.severity() != Severity.MET)
                .map(Finding::code)
                .collect(Collectors.toSet());
    }
}
