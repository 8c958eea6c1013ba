package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import oilcloth.corpus.Examples;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;

/**
 * One tested process told in many ways: the file gives for each step what canners say of it, and the recipe is sound with any
 * one of them in the place of the first.
 */
class TellingsTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());
    private static final String FILE = "/oilcloth/reading/marked-steps.txt";

    @TestFactory
    Stream<DynamicTest> tellings() {
        List<DynamicTest> tests = new ArrayList<>();
        for (String process : processes()) {
            Map<String, List<String>> steps = new LinkedHashMap<>();
            List<String> lines = process.lines().map(String::strip).toList();
            String title = lines.get(0);
            List<String> step = List.of();
            for (String line : lines.subList(1, lines.size())) {
                if (line.startsWith("@")) {
                    step = steps.computeIfAbsent(line.substring(1), k -> new ArrayList<>());
                } else if (!line.isEmpty()) {
                    step.add(line);
                }
            }
            for (Map.Entry<String, List<String>> told : steps.entrySet()) {
                for (String way : told.getValue()) {
                    String recipe = recipe(title, steps, told.getKey(), way);
                    tests.add(DynamicTest.dynamicTest(
                            title + ": " + way, () -> assertThat(ENGINE.review(recipe, Context.planning(null))
                                            .call())
                                    .as(recipe)
                                    .isEqualTo(Call.SOUND)));
                }
            }
        }
        return tests.stream();
    }

    private static List<String> processes() {
        return Stream.of(Examples.text(FILE).split("(?m)^# "))
                .filter(p -> !p.isBlank())
                .toList();
    }

    private static String recipe(String title, Map<String, List<String>> steps, String step, String way) {
        StringBuilder recipe = new StringBuilder(title).append('\n');
        steps.forEach((name, ways) ->
                recipe.append(name.equals(step) ? way : ways.get(0)).append(' '));
        return recipe.toString().strip();
    }
}
