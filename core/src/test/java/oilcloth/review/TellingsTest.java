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

/**
 * A sound recipe stays sound, whichever of the ways people have of telling it its facts are told in; with one figure of them
 * wrong it never is.
 */
class TellingsTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());
    private static final String FILE = "/tellings.txt";
    /** Sections whose names no other section goes on from. */
    private static final List<String> RECIPES = recipes();

    private static final int MIXED = 25;

    private static final String WRONG = "/mistellings.txt";
    private static final int MIXED_WRONG = 6;

    private static List<String> recipes() {
        List<String> sections = Examples.sections(FILE);
        return sections.stream()
                .filter(s -> sections.stream().noneMatch(o -> s.startsWith(o + " ")))
                .toList();
    }

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
        return RECIPES.stream().flatMap(r -> IntStream.range(0, MIXED).mapToObj(n -> text(mixed(r, random))));
    }

    private static Map<String, String> mixed(String recipe, Random random) {
        Map<String, String> told = facts(recipe);
        told.replaceAll((f, words) -> {
            List<String> ways = tellings(recipe, f);
            return ways.isEmpty() ? words : any(ways, random);
        });
        return told;
    }

    /** A way of making the tellings of one fact wrong. */
    private record Wrong(String recipe, String fact, String line) {
        /** The tellings that hold the figure, each with the wrong one in its place. */
        List<String> told() {
            return tellings(recipe, fact).stream()
                    .map(right -> Map.entry(right, of(right)))
                    .filter(e -> !e.getKey().equals(e.getValue()))
                    .map(Map.Entry::getValue)
                    .toList();
        }

        private String of(String words) {
            String wrong = words;
            for (String each : line.split("; ")) {
                String[] replaced = each.split(" => ", 2);
                wrong = wrong.replaceAll(replaced[0], replaced[1]);
            }
            return wrong;
        }
    }

    private static String any(List<String> ways, Random random) {
        return ways.get(random.nextInt(ways.size()));
    }

    private static Stream<Wrong> wrongs() {
        return RECIPES.stream().flatMap(r -> facts(r).keySet().stream()
                .flatMap(f -> Examples.section(WRONG, r + " " + f).stream().map(l -> new Wrong(r, f, l))));
    }

    private static Stream<String> oneWrong() {
        return wrongs().flatMap(w -> w.told().stream().map(x -> {
            Map<String, String> told = facts(w.recipe());
            told.put(w.fact(), x);
            return text(told);
        }));
    }

    private static Stream<String> oneWrongAmongMixed() {
        Random random = new Random(39);
        return wrongs().flatMap(w -> IntStream.range(0, MIXED_WRONG).mapToObj(n -> {
            Map<String, String> told = mixed(w.recipe(), random);
            told.put(w.fact(), any(w.told(), random));
            return text(told);
        }));
    }

    /** "Elevation 900 ft. … We're at 4,900 feet": which of them it is has to be asked. */
    private static Stream<String> twoHeights() {
        Random random = new Random(40);
        return wrongs().filter(w -> w.fact().equals("alt"))
                .flatMap(w -> IntStream.range(0, MIXED).mapToObj(n -> {
                    Map<String, String> told = mixed(w.recipe(), random);
                    String wrong = any(w.told(), random);
                    told.merge(
                            w.fact(), wrong, (right, other) -> n % 2 == 0 ? right + " " + other : other + " " + right);
                    return text(told);
                }));
    }

    @ParameterizedTest
    @MethodSource({"oneWrong", "oneWrongAmongMixed", "twoHeights"})
    void isNeverSound(String text) {
        assertThat(ENGINE.review(text, Context.planning(null)).call()).as(text).isNotEqualTo(Call.SOUND);
    }

    @ParameterizedTest
    @MethodSource({"oneAtATime", "mixed"})
    void isSound(String text) {
        assertThat(ENGINE.review(text, Context.planning(null)).call()).as(text).isEqualTo(Call.SOUND);
    }
}
