package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import oilcloth.corpus.Examples;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A figure counts as what it is told to be: not that of the drive home, of the gauge's range or of juice left over. */
class MisplacedTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());

    /** Recipes that want one figure yet, by the section that tells it. */
    private static final Map<String, String> RECIPES = Map.of(
            "time", "Pears, Bartlett, hot pack in light syrup, quarts, 1/2 inch, boiling water canner. ${x} 600 ft.",
            "pressure",
                    "Carrots, sliced, hot pack, pints, cooking water, 1 inch, pressure canner, 25 minutes, vented 10. ${x} 600 ft.",
            "acid", "Crushed tomatoes, boiled 5 min, quarts, 1/2 inch, 45 minutes in boiling water. ${x} 600 ft.",
            "vent", "Green beans, raw pack, quarts, boiling water, 1 inch, 25 minutes at 11 lb dial. ${x} 600 ft.",
            "soak",
                    "Dry pinto beans, hot quarts, cooking water, 1 inch. ${x} Vented 10, 90 minutes at 11 lb dial, 600 ft.",
            "sterile",
                    "Raspberry jam: 4 cups raspberries, 4 cups sugar, boiled to 8 degrees over. ${x} Half pints, 1/4 inch, 5 minutes boiling water. 600 ft.",
            "vinegar",
                    "Pickled beets: 7 lb small beets, cooked and peeled, 4 onions, 2 cups water, 2 cups sugar, 1 1/2 tsp salt, 2 cinnamon sticks, 12 cloves. ${x} Simmer 5 min, hot pints, 1/2 inch, 30 minutes in boiling water, 600 ft.");

    private static Stream<String> told(String before) {
        return RECIPES.entrySet().stream()
                .flatMap(r -> Examples.section("/misplaced-tellings.txt", before + r.getKey()).stream()
                        .map(x -> r.getValue().replace("${x}", x)));
    }

    private static Stream<String> misplaced() {
        return told("");
    }

    private static Stream<String> inPlace() {
        return told("here ");
    }

    /** The same between commas. */
    private static Stream<String> inOneBreath() {
        return RECIPES.entrySet().stream().flatMap(r -> Examples.section("/misplaced-tellings.txt", r.getKey()).stream()
                .map(x -> x.replaceFirst("[.]$", ""))
                .map(x -> x.startsWith("I ") ? x : x.substring(0, 1).toLowerCase(Locale.ROOT) + x.substring(1))
                .map(x -> r.getValue().replace(". ${x} ", ", " + x + ", ")));
    }

    @ParameterizedTest
    @MethodSource("misplaced")
    void countsForNothing(String text) {
        assertThat(ENGINE.review(text, Context.planning(null)).call()).as(text).isNotEqualTo(Call.SOUND);
    }

    @ParameterizedTest
    @MethodSource("inOneBreath")
    void norInOneBreath(String text) {
        assertThat(ENGINE.review(text, Context.planning(null)).call()).as(text).isNotEqualTo(Call.SOUND);
    }

    @ParameterizedTest
    @MethodSource("inPlace")
    void countsWhereItIsTold(String text) {
        assertThat(ENGINE.review(text, Context.planning(null)).call()).as(text).isEqualTo(Call.SOUND);
    }
}
