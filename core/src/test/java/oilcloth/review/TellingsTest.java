package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.BiFunction;
import java.util.stream.Stream;
import oilcloth.corpus.Examples;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/**
 * One tested process told in many ways: the file gives for each step what canners say of it, and the recipe is sound with any
 * one of them in the place of the first.
 */
class TellingsTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());
    private static final String FILE = "/oilcloth/reading/marked-steps.txt";

    private record Telling(String title, Map<String, List<String>> steps) {
        static Telling of(String process) {
            Map<String, List<String>> steps = new LinkedHashMap<>();
            List<String> lines = process.lines().map(String::strip).toList();
            List<String> step = List.of();
            for (String line : lines.subList(1, lines.size())) {
                if (line.startsWith("@")) {
                    step = steps.computeIfAbsent(line.substring(1), k -> new ArrayList<>());
                } else if (!line.isEmpty()) {
                    step.add(line);
                }
            }
            return new Telling(lines.get(0), steps);
        }

        /** The recipe with another way of telling one step. */
        String with(String step, String way) {
            return told((name, ways) -> name.equals(step) ? way : ways.get(0));
        }

        /** Each step told in any of its ways. */
        String anyhow(Random random) {
            return told((name, ways) -> ways.get(random.nextInt(ways.size())));
        }

        /** The same, on a mountain. */
        String high(Random random) {
            return told((name, ways) -> name.equals("alt") ? HIGH : ways.get(random.nextInt(ways.size())));
        }

        private String told(BiFunction<String, List<String>, String> way) {
            StringBuilder recipe = new StringBuilder(title).append('\n');
            steps.forEach((name, ways) -> recipe.append(way.apply(name, ways)).append(' '));
            return recipe.toString().strip();
        }
    }

    private static final String HIGH = "We are at 6,400 feet.";
    private static final int SEED = 12;

    /** Of each process. */
    private static final int MIXED = 40;

    /** Of a hundred. */
    private static final int LEAST_SOUND = 98;

    @TestFactory
    Stream<DynamicTest> tellings() {
        List<DynamicTest> tests = new ArrayList<>();
        for (Telling telling : processes()) {
            telling.steps()
                    .forEach((step, ways) -> ways.forEach(way -> {
                        String recipe = telling.with(step, way);
                        tests.add(DynamicTest.dynamicTest(
                                telling.title() + ": " + way,
                                () -> assertThat(call(recipe)).as(recipe).isEqualTo(Call.SOUND)));
                    }));
        }
        return tests.stream();
    }

    @Test
    void oneWayOfTellingDoesNotSpoilAnother() {
        List<String> stopped = new ArrayList<>();
        int told = 0;
        int sound = 0;
        for (Telling telling : processes()) {
            Random random = new Random(SEED);
            for (int i = 0; i < MIXED; i++) {
                String recipe = telling.anyhow(random);
                Call call = call(recipe);
                told++;
                sound += call == Call.SOUND ? 1 : 0;
                if (call == Call.STOP) {
                    stopped.add(recipe);
                }
            }
        }
        assertThat(stopped).isEmpty();
        assertThat(100 * sound / told).as("sound of " + told).isGreaterThanOrEqualTo(LEAST_SOUND);
    }

    @Test
    void onAMountainNoneOfThemIsSound() {
        List<String> sound = new ArrayList<>();
        for (Telling telling : processes()) {
            Random random = new Random(SEED);
            for (int i = 0; i < MIXED; i++) {
                String recipe = telling.high(random);
                if (call(recipe) == Call.SOUND) {
                    sound.add(recipe);
                }
            }
        }
        assertThat(sound).isEmpty();
    }

    private static Call call(String recipe) {
        return ENGINE.review(recipe, Context.planning(null)).call();
    }

    private static List<Telling> processes() {
        return Stream.of(Examples.text(FILE).split("(?m)^# "))
                .filter(p -> !p.isBlank())
                .map(Telling::of)
                .toList();
    }
}
