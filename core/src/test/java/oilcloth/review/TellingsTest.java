package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;

/**
 * One tested process told in many ways: a file gives for each step what canners say of it, and the recipe is sound with any
 * one of them in the place of the first.
 */
class TellingsTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());
    private static final List<String> FILES = List.of(
            "peaches",
            "green-beans",
            "crushed-tomatoes",
            "pickled-okra",
            "blackberry-jam",
            "beef-chunks",
            "dry-beans",
            "corn-relish",
            "sauerkraut",
            "grape-jelly",
            "potatoes",
            "peaches-at-length",
            "carrots-at-length");

    @TestFactory
    Stream<DynamicTest> tellings() throws IOException {
        List<DynamicTest> tests = new ArrayList<>();
        for (String file : FILES) {
            Map<String, List<String>> steps = new LinkedHashMap<>();
            String title = "";
            List<String> step = List.of();
            for (String line : lines(file)) {
                if (line.startsWith("#")) {
                    title = line.substring(1).strip();
                } else if (line.startsWith("@")) {
                    step = steps.computeIfAbsent(line.substring(1), k -> new ArrayList<>());
                } else {
                    step.add(line);
                }
            }
            for (Map.Entry<String, List<String>> told : steps.entrySet()) {
                for (String way : told.getValue()) {
                    String recipe = recipe(title, steps, told.getKey(), way);
                    tests.add(DynamicTest.dynamicTest(
                            file + ": " + way, () -> assertThat(ENGINE.review(recipe, Context.planning(null))
                                            .call())
                                    .as(recipe)
                                    .isEqualTo(Call.SOUND)));
                }
            }
        }
        return tests.stream();
    }

    private static String recipe(String title, Map<String, List<String>> steps, String step, String way) {
        StringBuilder recipe = new StringBuilder(title).append('\n');
        steps.forEach((name, ways) ->
                recipe.append(name.equals(step) ? way : ways.get(0)).append(' '));
        return recipe.toString().strip();
    }

    private static List<String> lines(String file) throws IOException {
        try (InputStream in = TellingsTest.class.getResourceAsStream("/tellings/" + file + ".txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(l -> !l.isBlank())
                    .toList();
        }
    }
}
