package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;
import java.util.stream.Stream;
import oilcloth.corpus.Examples;
import oilcloth.corpus.Part;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A headspace, a time, a pressure, an altitude, an amount: every form of the figure in every phrase, right and wrong. */
class FiguresInWordsTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());
    private static final String FILE = "/figures-in-words.txt";

    private static final String PEARS =
            """
            Pear halves, hot pack
            Peel, halve and core pears. Boil 5 minutes in light syrup. Fill hot pint jars with fruit and cover with boiling \
            syrup%s. Remove air bubbles, wipe rims, adjust lids. %s. %s.""";

    private static final String BEANS =
            """
            Green beans, raw pack
            Wash and trim the beans, cut into 1 inch pieces. Fill pint jars tightly with raw beans, 1/2 teaspoon canning salt \
            per pint, boiling water to 1 inch headspace, bubbles out, rims wiped. %s. %s. We live at 700 ft.""";

    /** The vinegar is a line of its list. */
    private static final String OKRA = Examples.blocks("/remark-bases.txt")
            .filter(b -> b.startsWith("okra\n"))
            .map(b -> b.substring(b.indexOf('\n') + 1).replaceFirst("(?m)^6 cups vinegar.*$", "@"))
            .findFirst()
            .orElseThrow();

    private static final String BATH = "Process 20 minutes in a boiling water canner";
    private static final String HERE = "We are at 480 ft";

    private enum Figure {
        HEADSPACE(PEARS.formatted(". @", BATH, HERE)),
        BATH_TIME(PEARS.formatted(", leaving 1/2 inch headspace", "@", HERE)),
        ALTITUDE(PEARS.formatted(", leaving 1/2 inch headspace", BATH, "@")),
        DIAL(BEANS.formatted("Vent 10 minutes", "@")),
        WEIGHTED(BEANS.formatted("Vent 10 minutes", "@")),
        WEIGHT(BEANS.formatted("Vent 10 minutes", "@")),
        NEEDLE(BEANS.formatted("Vent 10 minutes", "@")),
        PRESSURE_TIME(BEANS.formatted("Vent 10 minutes", "@")),
        VENT(BEANS.formatted("@", "Process 20 minutes at 11 pounds, dial gauge")),
        VINEGAR(OKRA);

        private final String recipe;

        Figure(String recipe) {
            this.recipe = recipe;
        }

        private List<String> lines(String part) {
            return Examples.section(FILE, name().toLowerCase(Locale.ROOT) + " " + part);
        }
    }

    private record Told(Figure figure, String phrase, int number) {
        String with(String form) {
            String words = phrase.replace("@", form);
            return figure.recipe.replace("@", Character.toUpperCase(words.charAt(0)) + words.substring(1));
        }

        @Override
        public String toString() {
            return figure + ": " + phrase;
        }
    }

    static Stream<Told> told() {
        List<Told> told = new ArrayList<>();
        for (Figure figure : Figure.values()) {
            figure.lines("told").forEach(p -> told.add(new Told(figure, p, told.size())));
        }
        return told.stream();
    }

    private static Call call(String text) {
        return ENGINE.review(text, Context.planning(null)).call();
    }

    /** "20 min 11-lb dial gauge": some forms nobody would set in that phrase. */
    private static final int MOST_ASKED = 2;

    @ParameterizedTest
    @MethodSource("told")
    void rightInNearlyEveryForm(Told told) {
        assertThat(those(told, "right", call -> call != Call.SOUND)).hasSizeLessThanOrEqualTo(MOST_ASKED);
    }

    @ParameterizedTest
    @MethodSource("told")
    void wrongInNone(Told told) {
        assertThat(those(told, "wrong", call -> call == Call.SOUND)).isEmpty();
    }

    /** Every so many forms; each phrase begins with another. */
    private static final int STEP = 2;

    private static List<String> those(Told told, String part, Predicate<Call> such) {
        return Part.of(told.figure().lines(part), STEP, told.number()).stream()
                .filter(form -> such.test(call(told.with(form))))
                .map(form -> told.phrase().replace("@", form))
                .toList();
    }
}
