package oilcloth.correcting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import oilcloth.corpus.Examples;
import oilcloth.guide.Food;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import oilcloth.recipe.Edit;
import oilcloth.recipe.Recipe;
import oilcloth.review.Call;
import oilcloth.review.Engine;
import oilcloth.review.Review;
import org.junit.jupiter.api.Test;

/** What is promised of every set of edits, tried on every letter there is. */
class CorrectionPromisesTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());
    private static final Solver SOLVER = new Solver(ENGINE);
    /** Subsets of a set this large are all tried. */
    private static final int FEW = 4;

    private record Case(String text, Review review, Corrections corrections) {}

    private static List<Case> cases() {
        return Stream.of(
                        "corpus/tuning.txt",
                        "corpus/blind.txt",
                        "corpus/last.txt",
                        "corpus/autumn.txt",
                        "corpus/winter.txt",
                        "corpus/spring.txt",
                        "corpus/summer.txt",
                        "corpus/frost.txt",
                        "letters.txt")
                .flatMap(CorrectionPromisesTest::texts)
                .map(t -> new Case(t, ENGINE.review(t, Context.planning(null)), null))
                .filter(c -> c.review().call() != Call.SOUND)
                .map(c -> new Case(c.text(), c.review(), SOLVER.solve(c.review())))
                .toList();
    }

    private static final List<Case> CASES = cases();

    private static Stream<String> texts(String file) {
        return Examples.blocks("/" + file)
                .map(t -> t.substring(t.indexOf('\n') + 1).split("\n--- ")[0].strip());
    }

    private static Call call(Case c, List<Edit> edits) {
        return ENGINE.glance(
                        Solver.applied(c.review().recipe(), edits), c.review().context())
                .call();
    }

    @Test
    void everySetIsSoundAndIsReadAsSound() {
        int sets = 0;
        for (Case c : CASES) {
            for (Way way : c.corrections().ways()) {
                sets++;
                assertThat(call(c, way.edits())).as(c.text()).isEqualTo(Call.SOUND);
                String plain = MarkedText.of(c.review().recipe(), way.edits()).plain();
                assertThat(ENGINE.review(plain, c.review().context()).call())
                        .as(plain)
                        .isEqualTo(Call.SOUND);
            }
        }
        assertThat(sets).isGreaterThan(100);
    }

    @Test
    void noEditOfASetCanBeSpared() {
        for (Case c : CASES) {
            for (Way way : c.corrections().ways()) {
                List<Edit> edits = way.edits();
                int subsets = edits.size() <= FEW ? (1 << edits.size()) - 1 : 0;
                for (int bits = 0; bits < subsets; bits++) {
                    List<Edit> fewer = new ArrayList<>();
                    for (int i = 0; i < edits.size(); i++) {
                        if ((bits & 1 << i) != 0) {
                            fewer.add(edits.get(i));
                        }
                    }
                    assertThat(call(c, fewer)).as(c.text() + "\n" + fewer).isNotEqualTo(Call.SOUND);
                }
            }
        }
    }

    @Test
    void theMainFoodStaysAndTheWordsAreUntouched() {
        for (Case c : CASES) {
            Food main = c.review().subject().produce().main().orElse(null);
            for (Way way : c.corrections().ways()) {
                Recipe after = Solver.applied(c.review().recipe(), way.edits());
                assertThat(after.ingredients().stream().anyMatch(i -> i.food().equals(main))
                                || main == null
                                || c.review().recipe().ingredients().stream()
                                        .noneMatch(i -> i.food().equals(main)))
                        .as(c.text())
                        .isTrue();
                StringBuilder original = new StringBuilder();
                for (MarkedText.Piece p :
                        MarkedText.of(c.review().recipe(), way.edits()).pieces()) {
                    original.append(p.mark() == MarkedText.Mark.ADDED ? "" : p.text());
                }
                assertThat(original.toString().strip())
                        .as("kept and struck together are what the canner wrote")
                        .isEqualTo(c.text().strip());
            }
        }
    }

    @Test
    void whereThereIsNoWaySomethingIsSaid() {
        for (Case c : CASES) {
            Corrections k = c.corrections();
            assertThat(!k.ways().isEmpty()
                            || !k.first().isEmpty()
                            || !k.instead().isEmpty())
                    .as(c.text())
                    .isTrue();
        }
    }
}
