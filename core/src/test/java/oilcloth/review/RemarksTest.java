package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BinaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/** A sound recipe with one remark more: one that matters takes "sound" away, idle talk leaves it. */
class RemarksTest {
    private static final Pattern CANNING = Pattern.compile("\\b(Process|Vent|Pressure can)\\b");
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());

    @TestFactory
    Stream<DynamicTest> remarks() throws IOException {
        Map<String, String> bases = new LinkedHashMap<>();
        Stream.Builder<DynamicTest> tests = Stream.builder();
        for (String section : sections()) {
            String[] head = section.substring(0, section.indexOf('\n')).split(" ");
            String body = section.substring(section.indexOf('\n') + 1).strip();
            if (head[0].equals("base")) {
                bases.put(head[1], body);
                tests.add(DynamicTest.dynamicTest(
                        head[1], () -> assertThat(call(body)).isEqualTo(Call.SOUND)));
            } else {
                body.lines().map(r -> remark(head[0], bases.get(head[1]), r)).forEach(tests::add);
            }
        }
        return tests.build();
    }

    private static DynamicTest remark(String weight, String base, String remark) {
        return DynamicTest.dynamicTest(weight + ": " + remark, () -> {
            boolean early = weight.equals("early");
            Call call = call(early ? between(base, remark) : base + " " + remark);
            if (early || weight.equals("harmless")) {
                assertThat(call).as(remark).isEqualTo(Call.SOUND);
            } else {
                assertThat(call).as(remark).isNotEqualTo(Call.SOUND);
            }
        });
    }

    /** Told between the steps a remark matters as much; a few of them nobody would place there. */
    @Test
    void whatMattersBehindTheRecipeMattersBetweenItsSteps() throws IOException {
        mostlyNotSound("between the steps", RemarksTest::between);
    }

    /** Nor may it hide in a sentence that says something else as well. */
    @Test
    void whatMattersInASentenceOfItsOwnMattersInAnother() throws IOException {
        mostlyNotSound("joined to the last sentence", RemarksTest::joined);
    }

    /** A letter may begin with it. */
    @Test
    void whatMattersBehindTheRecipeMattersBeforeIt() throws IOException {
        mostlyNotSound("before the recipe", (base, remark) -> {
            int title = base.indexOf('\n') + 1;
            return base.substring(0, title) + remark + " " + base.substring(title);
        });
    }

    private static final int FEW = 40;

    private static void mostlyNotSound(String where, BinaryOperator<String> told) throws IOException {
        Map<String, String> bases = new LinkedHashMap<>();
        List<String> sound = new ArrayList<>();
        int tried = 0;
        for (String section : sections()) {
            String[] head = section.substring(0, section.indexOf('\n')).split(" ");
            String body = section.substring(section.indexOf('\n') + 1).strip();
            if (head[0].equals("base")) {
                bases.put(head[1], body);
            } else if (head[0].equals("matters")) {
                for (String remark : body.split("\n")) {
                    tried++;
                    if (call(told.apply(bases.get(head[1]), remark)) == Call.SOUND) {
                        sound.add(remark);
                    }
                }
            }
        }
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

    private static String[] sections() throws IOException {
        try (InputStream in = RemarksTest.class.getResourceAsStream("/remarks.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .substring(4)
                    .split("(?m)^=== ");
        }
    }
}
