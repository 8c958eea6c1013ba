package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import oilcloth.corpus.Examples;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A sound recipe stays sound, whichever of the ways people have of telling it its facts are told in. */
class TellingsTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());
    private static final String FILE = "/tellings.txt";
    private static final List<String> RECIPES = List.of(
            "beans",
            "pears",
            "figs",
            "okra",
            "venison",
            "salsa",
            "juice",
            "peaches",
            "plain beets",
            "jam",
            "tomatoes",
            "kraut",
            "chili",
            "peppers",
            "soup",
            "chicken",
            "ketchup");
    private static final int MIXED = 40;

    /** The facts of a recipe by their names, in their order. */
    private static Map<String, String> facts(String recipe) {
        return Examples.section(FILE, recipe).stream()
                .map(l -> l.split(": ", 2))
                .collect(Collectors.toMap(f -> f[0], f -> f[1], (a, b) -> a, LinkedHashMap::new));
    }

    private static List<String> tellings(String recipe, String fact) {
        return Examples.section(FILE, recipe + " " + fact);
    }

    private static String text(Map<String, String> facts) {
        // a list of ingredients stands on lines of its own
        return String.join(facts.containsKey("pods") ? "\n" : " ", facts.values());
    }

    private static Stream<String> oneAtATime() {
        return RECIPES.stream().flatMap(r -> facts(r).keySet().stream()
                .flatMap(f -> tellings(r, f).stream().map(x -> {
                    Map<String, String> told = facts(r);
                    told.put(f, x);
                    return text(told);
                })));
    }

    private static Stream<String> mixed() {
        Random random = new Random(38);
        return RECIPES.stream().flatMap(r -> IntStream.range(0, MIXED).mapToObj(n -> {
            Map<String, String> told = facts(r);
            told.replaceAll((f, words) -> {
                List<String> ways = tellings(r, f);
                return ways.isEmpty() ? words : ways.get(random.nextInt(ways.size()));
            });
            return text(told);
        }));
    }

    @ParameterizedTest
    @MethodSource({"oneAtATime", "mixed"})
    void isSound(String text) {
        assertThat(ENGINE.review(text, Context.planning(null)).call()).as(text).isEqualTo(Call.SOUND);
    }
}
