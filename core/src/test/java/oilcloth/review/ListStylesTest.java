package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import oilcloth.check.Finding;
import oilcloth.check.Severity;
import oilcloth.corpus.Part;
import oilcloth.guide.Confidence;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Process;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.Altitude;
import oilcloth.measure.JarSize;
import oilcloth.recipe.Context;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** However the list is written down, a tested recipe stays one. */
class ListStylesTest {
    private static final GuideSnapshot GUIDE = GuideSnapshot.shipped();
    private static final Engine ENGINE = new Engine(GUIDE);

    /** Of a hundred; some names hold figures of their own, "cinnamon, 1-inch: 2 sticks". */
    private static final int LEAST_SOUND = 90;

    @ParameterizedTest
    @EnumSource(ListStyle.class)
    void aTestedRecipeIsNeverAccusedForItsHandwriting(ListStyle style) {
        List<String> accused = new ArrayList<>();
        int told = 0;
        int sound = 0;
        for (String text : retold(style, UnaryOperator.identity()).toList()) {
            Review review = ENGINE.review(text, Context.planning(null));
            told++;
            sound += review.call() == Call.SOUND ? 1 : 0;
            review.open().stream()
                    .filter(f -> f.severity().compareTo(Severity.CORRECT) >= 0)
                    .map(Finding::code)
                    .forEach(code ->
                            accused.add(code + ": " + text.lines().findFirst().orElseThrow()));
        }
        assertThat(accused).isEmpty();
        assertThat(100 * sound / told).as("sound of " + told).isGreaterThanOrEqualTo(LEAST_SOUND);
    }

    /** Berries and sugar may be several things, and tomatoes with some vegetables too. */
    private static final Pattern ANYTHING = Pattern.compile("6½ cup fresh or frozen berries|22 lb tomatoes\\n3 cup");

    @Test
    void withoutATitleItIsKnownByItsList() {
        List<String> accused = new ArrayList<>();
        int told = 0;
        int sound = 0;
        for (String text :
                retold(ListStyle.BULLETS, t -> t.substring(t.indexOf('\n'))).toList()) {
            if (ANYTHING.matcher(text.replace("- ", "")).find()) {
                continue;
            }
            Review review = ENGINE.review(text, Context.planning(null));
            told++;
            sound += review.call() == Call.SOUND ? 1 : 0;
            if (review.call().compareTo(Call.CORRECT) >= 0) {
                accused.add(text);
            }
        }
        assertThat(accused).isEmpty();
        assertThat(100 * sound / told).as("sound of " + told).isGreaterThanOrEqualTo(LEAST_SOUND);
    }

    @ParameterizedTest
    @EnumSource(ListStyle.class)
    void aThingNobodyKnowsIsNeverSound(ListStyle style) {
        neverSound(style, text -> text.replaceFirst("(?m)\\n\\n(?=[^\\d½¼¾⅓⅔⅛])", "\n4 cups gloop\n\n"));
    }

    @ParameterizedTest
    @EnumSource(ListStyle.class)
    void aThirdOfTheVinegarIsNeverSound(ListStyle style) {
        // where the steps tell how much as well, the list is not all there is of it
        neverSound(
                style,
                text -> text.contains("cups vinegar,")
                        ? text
                        : VINEGAR.matcher(text).replaceAll(m -> Integer.parseInt(m.group(1)) / 3 + m.group(2)));
    }

    /** Three cups and more. */
    private static final Pattern VINEGAR = Pattern.compile("(?m)^([3-9]|1\\d)( cups? [^\\n]*vinegar.*)$");

    private static void neverSound(ListStyle style, UnaryOperator<String> spoiled) {
        List<String> same = retold(style, UnaryOperator.identity()).toList();
        List<String> texts = retold(style, spoiled).toList();
        List<String> sound = new ArrayList<>();
        int changed = 0;
        for (int i = 0; i < texts.size(); i++) {
            if (!texts.get(i).equals(same.get(i))) {
                changed++;
                if (ENGINE.review(texts.get(i), Context.planning(null)).call() == Call.SOUND) {
                    sound.add(texts.get(i));
                }
            }
        }
        assertThat(changed).isGreaterThan(3);
        assertThat(sound).isEmpty();
    }

    /** Every so many recipes; each style begins with another. */
    private static final int STEP = 2;

    private static Stream<String> retold(ListStyle style, UnaryOperator<String> change) {
        List<String> all = GUIDE.recipes().stream()
                .filter(t -> t.confidence() == Confidence.HIGH)
                .flatMap(t -> t.processes().stream()
                        .flatMap(id -> told(t, Retold.process(t, id).orElseThrow())))
                .toList();
        return Part.of(all, STEP, style.ordinal()).stream().map(change).map(style::of);
    }

    private static Stream<String> told(TestedRecipe tested, Process process) {
        JarSize jar = process.jars().iterator().next();
        return process.rows().get(jar).confidence() == Confidence.HIGH
                ? Stream.of(Retold.recipe(tested, process, jar, Altitude.ofFeet(0)))
                : Stream.empty();
    }
}
