package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BinaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import oilcloth.corpus.Examples;
import oilcloth.corpus.Part;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/** A sound recipe with one remark more: one that matters takes "sound" away, idle talk leaves it. */
class RemarksTest {
    private static final Pattern CANNING = Pattern.compile("\\b(Process|Vent|Pressure can)\\b");
    private static final Map<String, String> BASES = sections("/remark-bases.txt", "=== ");
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());

    @TestFactory
    Stream<DynamicTest> bases() {
        return BASES.entrySet().stream()
                .map(b -> DynamicTest.dynamicTest(
                        b.getKey(), () -> assertThat(call(b.getValue())).isEqualTo(Call.SOUND)));
    }

    @TestFactory
    Stream<DynamicTest> whatMattersIsNeverSound() {
        return marked().filter(m -> m.mark().equals("matters"))
                .map(m -> DynamicTest.dynamicTest(m.text(), () -> {
                    String text = BASES.get(m.base()) + " " + m.text();
                    assertThat(call(text)).as(m.text()).isNotEqualTo(Call.SOUND);
                }));
    }

    @TestFactory
    Stream<DynamicTest> whatIsHarmlessBetweenTheStepsStaysSound() {
        return marked().filter(m -> m.mark().equals("early"))
                .map(m -> DynamicTest.dynamicTest(m.text(), () -> {
                    assertThat(call(between(BASES.get(m.base()), m.text())))
                            .as(m.text())
                            .isEqualTo(Call.SOUND);
                }));
    }

    /** Right things told of lids, gauge and boil are asked about now and then: better so than the other way. */
    @Test
    void mostOfWhatIsHarmlessStaysSound() {
        List<Marked> harmless =
                Part.of(marked().filter(m -> m.mark().equals("harmless")).toList(), 2, 0);
        List<String> asked = harmless.parallelStream()
                .filter(m -> call(BASES.get(m.base()) + " " + m.text()) != Call.SOUND)
                .map(Marked::text)
                .toList();
        System.out.println("harmless remarks: " + harmless.size() + ", asked about " + asked.size());
        assertThat((double) asked.size() / harmless.size())
                .as(String.join("\n", asked))
                .isLessThan(MOST_ASKED);
    }

    private static final double MOST_ASKED = 0.1;

    /** Told between the steps a remark matters as much; a few of them nobody would place there. */
    @Test
    void whatMattersBehindTheRecipeMattersBetweenItsSteps() {
        mostlyNotSound("between the steps", 0, RemarksTest::between);
    }

    /** Nor may it hide in a sentence that says something else as well. */
    @Test
    void whatMattersInASentenceOfItsOwnMattersInAnother() {
        mostlyNotSound("joined to the last sentence", 1, RemarksTest::joined);
    }

    /** A letter may begin with it. */
    @Test
    void whatMattersBehindTheRecipeMattersBeforeIt() {
        mostlyNotSound("before the recipe", 2, (base, remark) -> {
            int title = base.indexOf('\n') + 1;
            return base.substring(0, title) + remark + " " + base.substring(title);
        });
    }

    private static final int FEW = 40;

    /** Behind the recipe every remark is tried; each of them at one of these. */
    private static final int PLACES = 3;

    private static void mostlyNotSound(String where, int place, BinaryOperator<String> told) {
        List<Marked> matter =
                Part.of(marked().filter(m -> m.mark().equals("matters")).toList(), PLACES, place);
        List<String> sound = matter.parallelStream()
                .filter(m -> call(told.apply(BASES.get(m.base()), m.text())) == Call.SOUND)
                .map(Marked::text)
                .toList();
        int tried = matter.size();
        System.out.println("remarks " + where + ": " + tried + ", sound all the same " + sound.size());
        assertThat(sound.size()).as(String.join("\n", sound)).isLessThan(tried / FEW);
    }

    private static String joined(String base, String remark) {
        return base.replaceAll("\\.\\s*$", "")
                + ", and "
                + Character.toLowerCase(remark.charAt(0))
                + remark.substring(1);
    }

    private static String between(String base, String remark) {
        Matcher canning = CANNING.matcher(base);
        assertThat(canning.find()).isTrue();
        return base.substring(0, canning.start()) + remark + " " + base.substring(canning.start());
    }

    private static Call call(String text) {
        return ENGINE.review(text, Context.planning(null)).call();
    }

    private record Marked(String mark, String base, String text) {}

    /** The remarks the engine has learned from, each with the recipe it is tried behind. */
    private static Stream<Marked> marked() {
        return sections("/oilcloth/reading/marked-remarks.txt", "[").entrySet().stream()
                .flatMap(section -> {
                    String[] head = section.getKey().replaceAll("].*", "").split(" ");
                    return section.getValue()
                            .lines()
                            .filter(r -> !r.isBlank())
                            .map(r -> new Marked(head[0], head[1], r));
                });
    }

    /** What stands below each heading. */
    private static Map<String, String> sections(String file, String heading) {
        Map<String, String> sections = new LinkedHashMap<>();
        String[] parts = Examples.text(file).split("(?m)^" + Pattern.quote(heading));
        for (int i = 1; i < parts.length; i++) {
            String[] headAndBody = parts[i].split("\n", 2);
            sections.merge(headAndBody[0], headAndBody[1].strip(), (a, b) -> a + "\n" + b);
        }
        return sections;
    }
}
