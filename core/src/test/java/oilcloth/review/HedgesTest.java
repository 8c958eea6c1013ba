package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oilcloth.corpus.Examples;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A figure told of less, or of nobody is sure how much, is never taken for what it should be; one told of no less is. */
class HedgesTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());

    private static final String BEANS =
            "Green beans, hot pack, boiled 5 minutes. Pints, 1 inch headspace. Dial gauge canner. {vent}. {psi}. {time}. {alt}.";
    private static final String PEARS =
            "Pears, hot pack, boiled 5 minutes in light syrup. Quarts, 1/2 inch headspace. Boiling water canner. {time}. 900 ft.";
    private static final String FIGS =
            "Figs, boiled 2 minutes, then 5 minutes in light syrup. {acid} in each jar. Hot quarts, 1/2 inch headspace. Boiling water canner 50 minutes. 700 ft.";
    private static final String RELISH =
            "Corn relish. {corn} corn, 2 1/2 cups diced red peppers, 2 1/2 cups diced green peppers, 2 1/2 cups chopped celery, {onion} diced onions, 1 3/4 cups sugar, {vinegar} cider vinegar (5%), 2 1/2 Tbsp canning salt, 2 1/2 tsp celery seed, 2 1/2 Tbsp dry mustard, 1 1/4 tsp turmeric. Simmered all but the corn, mustard and turmeric 5 minutes, blended the mustard and turmeric in half a cup of it, added them with the corn and simmered 5 more. Hot pints, 1/2 inch headspace. Boiling water canner 15 minutes. 600 ft.";
    private static final Map<String, String> FORM = new TreeMap<>(Map.of(
            "Recipe", "Green beans, hot pack, boiled 5 minutes",
            "Jar", "pint",
            "Headspace", "1 inch",
            "Canner", "dial gauge pressure canner",
            "Vented", "10 minutes",
            "Pressure", "11 lb",
            "Time", "20 minutes",
            "Elevation", "900 ft"));
    private static final Map<String, String> RIGHT = Map.of(
            "{vent}", "Vented {10 minutes}",
            "{psi}", "Kept it at {11 pounds}",
            "{time}", "Processed {% minutes}",
            "{alt}", "{900 ft}",
            "{acid}", "{2 tablespoons} bottled lemon juice",
            "{corn}", "{10 cups}",
            "{onion}", "{1 1/4 cups}",
            "{vinegar}", "{5 cups}");

    private static String told(String recipe, String minutes, String fact, String hedge) {
        String text = recipe;
        for (Map.Entry<String, String> e : RIGHT.entrySet()) {
            String words = e.getValue().replace("%", minutes);
            String figure = words.substring(words.indexOf('{') + 1, words.indexOf('}'));
            String said = e.getKey().equals(fact) ? hedge.replace("{}", figure) : figure;
            text = text.replace(e.getKey(), words.replace("{" + figure + "}", said));
        }
        return text;
    }

    private static Stream<String> hedged(String recipe, String minutes, List<String> facts, String section) {
        return facts.stream()
                .flatMap(f -> Examples.section("/hedges.txt", section).stream().map(h -> told(recipe, minutes, f, h)));
    }

    private static Stream<String> resting(String section) {
        return Stream.of(
                        hedged(BEANS, "20", List.of("{vent}", "{psi}", "{time}"), section),
                        hedged(PEARS, "25", List.of("{time}"), section),
                        hedged(FIGS, "50", List.of("{acid}"), section),
                        hedged(RELISH, "15", List.of("{vinegar}"), section))
                .flatMap(s -> s);
    }

    private static String form(Map<String, String> fields) {
        return fields.entrySet().stream()
                .map(e -> e.getKey() + ": " + e.getValue())
                .collect(Collectors.joining("\n"));
    }

    private static Stream<String> forms(List<String> facts, String section) {
        return facts.stream()
                .flatMap(f -> Examples.section("/hedges.txt", section).stream().map(h -> {
                    Map<String, String> fields = new TreeMap<>(FORM);
                    fields.merge(f, h, (figure, hedge) -> hedge.replace("{}", figure));
                    return form(fields);
                }));
    }

    private static Stream<String> ofLessOrNobodyKnows() {
        return Stream.of(
                        forms(List.of("Vented", "Pressure", "Time"), "less"),
                        forms(List.of("Elevation"), "higher"),
                        resting("less"),
                        hedged(RELISH, "15", List.of("{corn}", "{onion}"), "more"),
                        hedged(BEANS, "20", List.of("{alt}"), "higher"))
                .flatMap(s -> s);
    }

    private static Stream<String> ofAsMuch() {
        return Stream.concat(Stream.of(form(FORM)), resting("as much"));
    }

    @ParameterizedTest
    @MethodSource("ofLessOrNobodyKnows")
    void isNeverSound(String text) {
        assertThat(ENGINE.review(text, Context.planning(null)).call()).as(text).isNotEqualTo(Call.SOUND);
    }

    @ParameterizedTest
    @MethodSource("ofAsMuch")
    void isSound(String text) {
        assertThat(ENGINE.review(text, Context.planning(null)).call()).as(text).isEqualTo(Call.SOUND);
    }
}
