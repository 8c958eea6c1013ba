package oilcloth.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.PracticeRule;
import oilcloth.measure.Altitude;
import oilcloth.recipe.Context;
import oilcloth.recipe.Edit;
import oilcloth.recipe.Recipe;
import oilcloth.review.Engine;
import oilcloth.review.Review;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/** What holds for every check: a code of its own, a source, a wrong and a right example, a correction that mends. */
class RegistryTest {
    private static final GuideSnapshot GUIDE = GuideSnapshot.shipped();
    private static final Engine ENGINE = new Engine(GUIDE);
    private static final List<Check> CHECKS = Registry.checks(GUIDE);

    @Test
    void codesAreUniqueAndSourced() {
        Set<String> codes = new HashSet<>();
        for (Check check : CHECKS) {
            CheckInfo info = check.info();
            assertThat(codes.add(info.code())).as(info.code()).isTrue();
            assertThat(info.summary()).isNotBlank();
            assertThat(info.rationale()).endsWith(".");
            assertThatCode(() -> GUIDE.source(info.source())).as(info.code()).doesNotThrowAnyException();
            assertThatCode(info::aspect).doesNotThrowAnyException();
        }
    }

    private static Review review(Example example) {
        return ENGINE.review(example.text(), Context.planning(example.altitude().orElse(null)));
    }

    @TestFactory
    Stream<DynamicTest> writtenChecksHaveExamples() {
        return CHECKS.stream()
                .filter(c -> GUIDE.practices().stream()
                        .noneMatch(p -> p.code().equals(c.info().code())))
                .map(c -> DynamicTest.dynamicTest(c.info().code(), () -> {
                    List<Example> examples = Example.of(c.info().code());
                    assertThat(examples).anyMatch(Example::wrong).anyMatch(e -> !e.wrong());
                    for (Example example : examples) {
                        Review review = review(example);
                        boolean fired = review.findings().stream()
                                        .anyMatch(f -> f.code().equals(c.info().code()) && f.severity() != Severity.MET)
                                || (c.info().code().equals("time.altitude-unknown")
                                        && review.questions().stream()
                                                .anyMatch(
                                                        q -> q.question().code().equals("ask.altitude")));
                        assertThat(fired)
                                .as((example.wrong() ? "wrong" : "right") + " example: " + example.text())
                                .isEqualTo(example.wrong());
                    }
                }));
    }

    @TestFactory
    Stream<DynamicTest> correctionsMend() {
        return CHECKS.stream()
                .filter(c -> GUIDE.practices().stream()
                        .noneMatch(p -> p.code().equals(c.info().code())))
                .map(c -> DynamicTest.dynamicTest(c.info().code(), () -> {
                    for (Example example : Example.of(c.info().code())) {
                        Review before = review(example);
                        for (Finding f : before.findings()) {
                            if (!f.code().equals(c.info().code())
                                    || f.correction().isEmpty()
                                    || f.correction().get().edits().isEmpty()) {
                                continue;
                            }
                            Recipe mended = before.recipe();
                            for (Edit edit : f.correction().get().edits()) {
                                mended = edit.apply(mended);
                            }
                            Review after = ENGINE.review(mended, List.of(), before.context());
                            assertThat(after.findings().stream()
                                            .filter(g -> g.code().equals(f.code())
                                                    && g.severity() == f.severity()
                                                    && g.evidence().equals(f.evidence())))
                                    .as(f.code() + " after "
                                            + f.correction().get().edits())
                                    .isEmpty();
                        }
                    }
                }));
    }

    @TestFactory
    Stream<DynamicTest> practicesFireOnTheirWrongExampleOnly() {
        return GUIDE.practices().stream()
                .map(p -> DynamicTest.dynamicTest(p.code(), () -> {
                    List<String> foods = List.of("Peaches", "Pickled okra", "Okra", "Tomatoes", "Potatoes");
                    assertThat(foods).as(p.wrong()).anyMatch(f -> fires(f, p, p.wrong()));
                    assertThat(foods).as(p.right()).noneMatch(f -> fires(f, p, p.right()));
                }));
    }

    private static boolean fires(String food, PracticeRule rule, String sentence) {
        return ENGINE
                .review(food + "\n\n10 lb " + food + "\n\n" + sentence, Context.planning(Altitude.ofFeet(500)))
                .findings()
                .stream()
                .anyMatch(f -> f.code().equals(rule.code()));
    }

    @Test
    void everyMessageCanBeSaid() {
        for (Check check : CHECKS) {
            String code = check.info().code();
            List<String> ids = Messages.english().ids().stream()
                    .filter(id -> id.startsWith(code + "."))
                    .toList();
            for (String id : ids.stream().filter(i -> i.endsWith(".title")).toList()) {
                assertThat(Messages.english().knows(id.replace(".title", ".why")))
                        .as(id)
                        .isTrue();
            }
        }
    }
}
