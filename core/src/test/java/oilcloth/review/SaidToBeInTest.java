package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import oilcloth.corpus.Examples;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A food that no row lists, said to be in the jars behind a sound recipe, in many words: it is no talk of the table. */
class SaidToBeInTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());
    private static final String BEANS = Examples.blocks("/remark-bases.txt")
            .filter(b -> b.startsWith("beans\n"))
            .map(b -> b.substring(b.indexOf('\n') + 1).strip())
            .findFirst()
            .orElseThrow();

    /** Seen on farms, and on none of them in a jar of green beans. */
    private static final List<String> FOODS = List.of(
            "carrots",
            "corn",
            "onions",
            "bacon",
            "ham",
            "potatoes",
            "mushrooms",
            "zucchini",
            "butter",
            "tomatoes",
            "olive oil",
            "noodles",
            "squash",
            "cream",
            "flour",
            "egg",
            "rice",
            "sausage",
            "cheese",
            "milk");

    private static Call call(String remark) {
        return ENGINE.review(BEANS + " " + remark, Context.planning(null)).call();
    }

    static Stream<String> ways() {
        return Examples.lines("/said-to-be-in.txt").stream();
    }

    @ParameterizedTest
    @MethodSource("ways")
    void isNeverSound(String way) {
        List<String> sound = FOODS.stream()
                .map(food -> told(way, food))
                .filter(remark -> call(remark) == Call.SOUND)
                .toList();
        assertThat(sound).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"gloop", "a zorbel", "frobnitz"})
    void isNeverSoundWhereNobodyKnowsIt(String thing) {
        List<String> sound = ways().map(way -> told(way, thing))
                .filter(remark -> call(remark) == Call.SOUND)
                .toList();
        assertThat(sound).isEmpty();
    }

    private static String told(String way, String food) {
        String told = way.replace("@", food);
        return Character.toUpperCase(told.charAt(0)) + told.substring(1);
    }
}
