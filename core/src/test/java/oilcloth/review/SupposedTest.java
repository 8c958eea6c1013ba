package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.stream.Stream;
import oilcloth.corpus.Examples;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What a recipe rests on counts as done where the writer says so, and not where it is wished, advised or another's. */
class SupposedTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());

    /**
     * A recipe that wants one thing yet.
     *
     * @param text with {@code ${x}} where the thing is told
     */
    private record Wanting(String text, String did, String base, String does, String doing) {
        String told(String words) {
            return told(words, "\\$\\{x}");
        }

        /** @param place a pattern of what the words stand for in the text */
        String told(String words, String place) {
            return text.replaceFirst(
                    place,
                    Matcher.quoteReplacement(words.replace("${did}", did)
                            .replace("${does}", does)
                            .replace("${doing}", doing)
                            .replace("${Doing}", doing.substring(0, 1).toUpperCase(Locale.ROOT) + doing.substring(1))
                            .replace("${do}", base)));
        }
    }

    private static final List<Wanting> RECIPES = List.of(
            new Wanting(
                    "Pears, Bartlett, hot pack in light syrup, quarts, 1/2 inch. ${x} 600 ft.",
                    "processed them 25 minutes in boiling water",
                    "process them 25 minutes in boiling water",
                    "processes hers 25 minutes in boiling water",
                    "processing them 25 minutes in boiling water"),
            new Wanting(
                    "Crushed tomatoes, boiled 5 min, quarts, 1/2 inch. ${x} 45 minutes in boiling water. 600 ft.",
                    "put 2 Tbsp bottled lemon juice in each",
                    "put 2 Tbsp bottled lemon juice in each",
                    "puts 2 Tbsp bottled lemon juice in each",
                    "putting 2 Tbsp bottled lemon juice in each"),
            new Wanting(
                    "Green beans, raw pack, quarts, boiling water, 1 inch. ${x} 25 minutes at 11 lb dial, 600 ft.",
                    "vented it 10 minutes",
                    "vent it 10 minutes",
                    "vents hers 10 minutes",
                    "venting it 10 minutes"),
            new Wanting(
                    "Dry pinto beans, hot quarts, cooking water, 1 inch. ${x} Vented 10, 90 minutes at 11 lb dial, 600 ft.",
                    "soaked them 12 hours and boiled them 30 minutes",
                    "soak them 12 hours and boil them 30 minutes",
                    "soaks hers 12 hours and boils them 30 minutes",
                    "soaking them 12 hours and boiling them 30 minutes"),
            new Wanting(
                    "Raspberry jam: 4 cups raspberries, 4 cups sugar, boiled to 8 degrees over. ${x} Half pints, 1/4 inch, 5 minutes boiling water. 600 ft.",
                    "boiled the empty jars 10 minutes first",
                    "boil the empty jars 10 minutes first",
                    "boils the empty jars 10 minutes first",
                    "boiling the empty jars 10 minutes first"),
            new Wanting(
                    "Peaches, peeled, in light syrup, quarts, 1/2 inch. ${x} 25 minutes in boiling water, 600 ft.",
                    "heated them in the syrup and packed them hot",
                    "heat them in the syrup and pack them hot",
                    "heats hers in the syrup and packs them hot",
                    "heating them in the syrup and packing them hot"),
            new Wanting(
                    "Pears, Bartlett, hot pack in light syrup, 1/2 inch. ${x} 20 minutes in boiling water, 600 ft.",
                    "put them in pints",
                    "put them in pints",
                    "puts hers in pints",
                    "putting them in pints"),
            new Wanting(
                    "Pickled beets: 7 lb small beets, cooked and peeled, 4 onions, 2 cups water, 2 cups sugar, 1 1/2 tsp salt, 2 cinnamon sticks, 12 cloves. ${x} Simmer 5 min, hot pints, 1/2 inch, 30 minutes in boiling water, 600 ft.",
                    "used 4 cups of 5% cider vinegar",
                    "use 4 cups of 5% cider vinegar",
                    "uses 4 cups of 5% cider vinegar in hers",
                    "using 4 cups of 5% cider vinegar"),
            new Wanting(
                    "Sauerkraut: 25 lb cabbage, fermented 4 weeks at 70 degrees under brine. ${x} Hot pack, quarts, 1/2 inch, 15 minutes in boiling water, 600 ft.",
                    "used 3/4 cup canning salt",
                    "use 3/4 cup canning salt",
                    "uses 3/4 cup canning salt in hers",
                    "using 3/4 cup canning salt"));

    private static Stream<String> told(String section) {
        return Examples.section("/supposed-tellings.txt", section).stream()
                .flatMap(words -> RECIPES.stream().map(r -> r.told(words)));
    }

    private static Stream<String> here() {
        return told("here");
    }

    private static Stream<String> notHere() {
        return told("not here");
    }

    @ParameterizedTest
    @MethodSource("here")
    void countsWhereItWasDone(String text) {
        assertThat(ENGINE.review(text, Context.planning(null)).call()).as(text).isEqualTo(Call.SOUND);
    }

    @ParameterizedTest
    @MethodSource("notHere")
    void countsForNothingElsewhere(String text) {
        assertThat(ENGINE.review(text, Context.planning(null)).call()).as(text).isNotEqualTo(Call.SOUND);
    }

    /** The recipe in one breath: the thing between commas, or in brackets. */
    private static Stream<String> inOneBreath() {
        return Examples.section("/supposed-tellings.txt", "not here").stream()
                .map(words -> words.replaceFirst("[.]$", ""))
                .map(words -> words.startsWith("I")
                        ? words
                        : words.substring(0, 1).toLowerCase(Locale.ROOT) + words.substring(1))
                .flatMap(words -> RECIPES.stream().flatMap(r -> Stream.of(", ${x},", " (${x}),")
                        .map(joined -> r.told(joined.replace("${x}", words), "[.] \\$\\{x}"))));
    }

    @ParameterizedTest
    @MethodSource("inOneBreath")
    void norInOneBreath(String text) {
        assertThat(ENGINE.review(text, Context.planning(null)).call()).as(text).isNotEqualTo(Call.SOUND);
    }
}
