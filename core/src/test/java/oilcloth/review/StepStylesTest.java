package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import oilcloth.corpus.Part;
import oilcloth.guide.Confidence;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.PlacingRule;
import oilcloth.guide.Process;
import oilcloth.guide.ProcessRow;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.Altitude;
import oilcloth.measure.JarSize;
import oilcloth.recipe.Context;
import oilcloth.text.Range;
import oilcloth.text.Sentences;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** However the steps are set down, a tested recipe and a plain process stay what they are; and so does a fault in them. */
class StepStylesTest {
    private static final GuideSnapshot GUIDE = GuideSnapshot.shipped();
    private static final Engine ENGINE = new Engine(GUIDE);
    private static final Altitude HERE = Altitude.ofFeet(500);

    /** Of a hundred; in a part of them a single one weighs more. */
    private static final int LEAST_SOUND = 95;

    /** Every so many of the plain processes; each style begins with another. */
    private static final int STEP = 3;

    /** Minutes taken off. */
    private static final int LESS = 3;

    private record Told(String text, int minutes) {
        Told in(StepStyle style) {
            String[] parts = text.split("\n\n", 3);
            List<String> steps = Sentences.lines(parts[2]).stream()
                    .flatMap(line -> Sentences.of(parts[2], line).stream())
                    .map((Range s) -> s.of(parts[2]))
                    .toList();
            return new Told(parts[0] + "\n\n" + parts[1] + "\n\n" + style.of(steps), minutes);
        }

        /** The same with less time in the canner. */
        String tooShort() {
            return text.replaceAll(
                    "(?i)(process|pressure can) " + minutes + " minutes", "$1 " + (minutes - LESS) + " minutes");
        }

        Review review() {
            return ENGINE.review(text, Context.planning(null));
        }
    }

    private static Stream<Told> recipes() {
        return GUIDE.recipes().stream()
                .filter(t -> t.confidence() == Confidence.HIGH)
                .flatMap(t -> t.processes().stream()
                        .flatMap(id -> told(t, Retold.process(t, id).orElseThrow())));
    }

    private static Stream<Told> told(TestedRecipe tested, Process process) {
        JarSize jar = process.jars().iterator().next();
        ProcessRow row = process.rows().get(jar);
        return row.confidence() == Confidence.HIGH
                ? Stream.of(new Told(
                        Retold.recipe(tested, process, jar, HERE),
                        row.minutesAt(HERE).value()))
                : Stream.empty();
    }

    private static List<Told> plain(StepStyle style) {
        List<Told> all = new ArrayList<>();
        for (PlacingRule rule : GUIDE.placing()) {
            for (ProcessRow row : rule.process().rows().values()) {
                if (row.confidence() == Confidence.HIGH && row.jar() != JarSize.HALF_GALLON) {
                    Optional<String> text = PlainProcessesTest.told(rule, row.jar(), HERE);
                    text.ifPresent(t -> all.add(new Told(t, row.minutesAt(HERE).value())));
                }
            }
        }
        return Part.of(all, STEP, style.ordinal());
    }

    private static List<Told> all(StepStyle style) {
        List<Told> all = Stream.concat(recipes(), plain(style).stream()).toList();
        return Part.of(all, 2, style.ordinal()).stream().map(t -> t.in(style)).toList();
    }

    @ParameterizedTest
    @EnumSource(StepStyle.class)
    void nothingIsAccusedForTheWayItsStepsAreSetDown(StepStyle style) {
        List<String> accused = new ArrayList<>();
        int sound = 0;
        List<Told> all = all(style);
        for (Told told : all) {
            Call call = told.review().call();
            sound += call == Call.SOUND ? 1 : 0;
            if (call.compareTo(Call.CORRECT) >= 0) {
                accused.add(told.text());
            }
        }
        assertThat(accused).isEmpty();
        assertThat(100 * sound / all.size()).as("sound of " + all.size()).isGreaterThanOrEqualTo(LEAST_SOUND);
    }

    @ParameterizedTest
    @EnumSource(StepStyle.class)
    void tooShortIsNeverSound(StepStyle style) {
        List<String> sound = new ArrayList<>();
        int changed = 0;
        for (Told told : all(style)) {
            String spoiled = told.tooShort();
            if (!spoiled.equals(told.text())) {
                changed++;
                if (ENGINE.review(spoiled, Context.planning(null)).call() == Call.SOUND) {
                    sound.add(spoiled);
                }
            }
        }
        assertThat(changed).isGreaterThan(STEP);
        assertThat(sound).isEmpty();
    }
}
