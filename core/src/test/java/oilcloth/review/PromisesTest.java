package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import oilcloth.check.Finding;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Process;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.Altitude;
import oilcloth.measure.JarSize;
import oilcloth.recipe.Assertion;
import oilcloth.recipe.Context;
import oilcloth.recipe.Unread;
import oilcloth.text.Range;
import org.junit.jupiter.api.Test;

/** What the engine promises of any text, tried with a seeded generator that names its seed when it fails. */
class PromisesTest {
    private static final GuideSnapshot GUIDE = GuideSnapshot.shipped();
    private static final Engine ENGINE = new Engine(GUIDE);
    private static final Context HERE = Context.planning(Altitude.ofFeet(2_500));

    private static List<String> retold() {
        List<String> texts = new ArrayList<>();
        for (TestedRecipe tested : GUIDE.recipes()) {
            for (String id : tested.processes()) {
                Process process = Retold.process(tested, id).orElseThrow();
                texts.add(Retold.recipe(tested, process, process.jars().get(0), Altitude.ofFeet(2_500)));
            }
        }
        return texts;
    }

    private static void rangesQuoteTheText(Review review) {
        int length = review.recipe().text().length();
        for (Finding f : review.findings()) {
            f.evidence().forEach(r -> assertThat(r.end()).isLessThanOrEqualTo(length));
        }
        for (Unread u : review.recipe().unread()) {
            assertThat(u.range().of(review.recipe().text())).isNotBlank();
        }
        review.recipe()
                .ingredients()
                .forEach(i -> assertThat(i.range().of(review.recipe().text())).isNotBlank());
        review.questions().forEach(q -> q.question().evidence().forEach(r -> assertThat(r.end())
                .isLessThanOrEqualTo(length)));
    }

    @Test
    void mangledTextsNeverThrowAndRangesStayInside() {
        List<String> texts = retold();
        for (long seed = 0; seed < 500; seed++) {
            String mangled = mangle(texts.get((int) (seed % texts.size())), new Random(seed));
            try {
                rangesQuoteTheText(ENGINE.review(mangled, HERE));
            } catch (RuntimeException | AssertionError e) {
                throw new AssertionError("seed " + seed + ": " + mangled, e);
            }
        }
    }

    private static String mangle(String text, Random random) {
        StringBuilder b = new StringBuilder(text);
        for (int n = random.nextInt(30); n >= 0; n--) {
            int at = random.nextInt(b.length());
            switch (random.nextInt(6)) {
                case 0 -> b.deleteCharAt(at);
                case 1 -> b.insert(at, (char) (32 + random.nextInt(90)));
                case 2 -> b.insert(
                        at,
                        new String[] {
                                    "½",
                                    "1/0",
                                    "\u202e",
                                    "—",
                                    "(",
                                    "İ",
                                    "\ud83c\udf51",
                                    "999999999999999",
                                    "½½",
                                    "1,2,3"
                                }
                                [random.nextInt(10)]);
                case 3 -> b.setCharAt(at, '\n');
                case 4 -> b.insert(at, b.substring(Math.max(0, at - 20), at));
                default -> b.delete(at, Math.min(b.length(), at + random.nextInt(40)));
            }
            if (b.length() == 0) {
                b.append('x');
            }
        }
        return b.toString();
    }

    @Test
    void sameTextSameAnswer() {
        for (String text : retold()) {
            Review once = ENGINE.review(text, HERE);
            Review again = new Engine(GUIDE).review(text, HERE);
            assertThat(again.findings()).isEqualTo(once.findings());
            assertThat(again.call()).isEqualTo(once.call());
        }
    }

    @Test
    void orderAndCaseOfIngredientsDoNotMatter() {
        Random random = new Random(7);
        for (String text : retold()) {
            Call call = ENGINE.review(text, HERE).call();
            int first = text.indexOf("\n\n") + 2;
            int last = text.indexOf("\n\n", first);
            List<String> lines =
                    new ArrayList<>(Arrays.asList(text.substring(first, last).split("\n")));
            Collections.shuffle(lines, random);
            String shuffled = text.substring(0, first) + String.join("\n", lines) + text.substring(last);
            assertThat(ENGINE.review(shuffled, HERE).call()).as(shuffled).isEqualTo(call);
            // T and t are different spoons, so the units keep their case
            String shouted = text.replaceAll("\\b(salt|sugar|onions?|peppers?|tomatoes|cucumbers|vinegar)\\b", "$1")
                    .replace("vinegar", "VINEGAR")
                    .replace("Process", "PROCESS");
            assertThat(ENGINE.review(shouted, HERE).call()).as(shouted).isEqualTo(call);
        }
    }

    @Test
    void unitsDoNotMatter() {
        String cups =
                "Corn relish\n\n10 cups corn\n5 cups diced sweet peppers\n2 1/2 cups celery\n1 1/4 cups onion\n%s\n\nFill hot pint jars. Process 20 minutes in a boiling-water canner.";
        List<String> vinegars = List.of(
                "5 cups vinegar (5%)",
                "1.25 quarts vinegar (5%)",
                "1183 ml vinegar (5%)",
                "1 1/4 qt. vinegar, 5 percent",
                "five cups of 5% vinegar",
                "80 Tbsp vinegar (5%)",
                "40 fl oz vinegar (5%)");
        for (String vinegar : vinegars) {
            assertThat(ENGINE.review(String.format(cups, vinegar), HERE).call())
                    .as(vinegar)
                    .isEqualTo(Call.SOUND);
        }
        for (String vinegar : List.of("2 cups vinegar (5%)", "0.5 quarts vinegar (5%)", "473 ml vinegar (5%)")) {
            assertThat(ENGINE.review(String.format(cups, vinegar), HERE).call())
                    .as(vinegar)
                    .isEqualTo(Call.STOP);
        }
    }

    @Test
    void higherIsNeverBetterAndShorterIsNeverBetter() {
        for (String text : retold()) {
            String nowhere = text.replaceAll("Our altitude is [0-9]+ feet\\.", "");
            Call last = Call.SOUND;
            for (int feet : List.of(0, 900, 1_500, 3_500, 5_500, 6_500, 9_500)) {
                Call here = ENGINE.review(nowhere, Context.planning(Altitude.ofFeet(feet)))
                        .call();
                assertThat(here).as(feet + " ft: " + nowhere).isGreaterThanOrEqualTo(last);
                last = here;
            }
        }
    }

    @Test
    void theCallIsNeverBetterThanItsWorst() {
        for (String text : retold()) {
            for (String cut : List.of(text, text.substring(0, text.length() / 2), text.substring(text.length() / 3))) {
                Review review = ENGINE.review(cut, Context.planning(null));
                assertThat(review.worstOpen()).isGreaterThanOrEqualTo(review.call());
                if (review.call() == Call.SOUND) {
                    assertThat(review.questions()).isEmpty();
                    assertThat(review.placement().isPlaced()).isTrue();
                }
            }
        }
    }

    @Test
    void timeGrowsWithTheTextAndNoFaster() {
        String letters = String.join("\n\n", retold());
        String large = letters.repeat(LARGE / letters.length() + 1).substring(0, LARGE);
        String small = large.substring(0, LARGE / TIMES);
        long longer = Math.min(processorTime(large), processorTime(large));
        long times = longer
                / LongStream.range(0, 4).map(i -> processorTime(small)).min().orElseThrow();
        System.out.println("a text " + TIMES + " times as long took " + times + " times the processor time");
        // 8 in a straight line, 64 by a square law; caches and the garbage of a full run cost it some
        assertThat(times).isLessThan(TIMES * TIMES * 3 / 4);
    }

    private static final int LARGE = 200_000;
    private static final int TIMES = 8;

    /** Of this thread: what else the machine does, and the compiling of what runs often, do not count. */
    private static long processorTime(String text) {
        ThreadMXBean threads = ManagementFactory.getThreadMXBean();
        long start = threads.getCurrentThreadCpuTime();
        rangesQuoteTheText(ENGINE.review(text, HERE));
        return threads.getCurrentThreadCpuTime() - start;
    }

    @Test
    void answersAreAssertionsAndLeaveTheTextAlone() {
        String text =
                "Crushed tomatoes\n\n22 lb tomatoes\n2 Tbsp lemon juice per quart\n\nCrush and boil 5 minutes. Fill hot quart jars. Process 45 minutes in a boiling-water canner.";
        Context low = Context.planning(Altitude.ofFeet(500));
        Review asked = ENGINE.review(text, low);
        assertThat(asked.call()).isEqualTo(Call.ASK);
        Asked question = asked.questions().get(0);
        assertThat(question.question().code()).isEqualTo("ask.lemon-kind");
        for (Asked.Answered answer : question.answers()) {
            Review answered = ENGINE.review(text, List.of(answer.assertion()), low);
            assertThat(answered.call()).isEqualTo(answer.call());
            assertThat(answered.recipe().text()).isEqualTo(text);
        }
        assertThat(ENGINE.review(text, List.of(new Assertion(Assertion.Field.LEMON_KIND, "bottled")), low)
                        .call())
                .isEqualTo(Call.SOUND);
        assertThat(asked.recipe().ingredients().get(1).range())
                .isEqualTo(new Range(text.indexOf("2 Tbsp"), text.indexOf(" per quart")));
        assertThat(JarSize.ofId("quart")).contains(JarSize.QUART);
    }
}
