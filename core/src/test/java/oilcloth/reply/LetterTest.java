package oilcloth.reply;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.ZoneId;
import oilcloth.check.Language;
import oilcloth.correcting.Solver;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import oilcloth.review.Engine;
import oilcloth.review.Review;
import org.junit.jupiter.api.Test;

/** The first letter, in the order of the work. */
class LetterTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());
    private static final Solver SOLVER = new Solver(ENGINE);

    static LetterWish wish(Language language) {
        return new LetterWish("Tamsin", language, ZoneId.of("America/Denver"), SOLVER::solve, f -> false);
    }

    private static String letter(String text) {
        Review review = ENGINE.review(text, Context.planning(null));
        return Passage.join(Letter.compose(review, wish(Language.EN)));
    }

    @Test
    void theCorrectedRecipeStandsInIt() {
        String letter = letter("Pears, halved. Boil the pears 5 minutes in light syrup, pack hot in quarts, 1/2 inch"
                + " headspace, remove bubbles. Process 15 minutes in a boiling water canner. We are at 400 feet.");
        assertThat(letter)
                .contains("not as it stands")
                .contains("for the next batch")
                .contains("Process 25 minutes in a boiling water canner");
        assertThat(letter.indexOf("What to change")).isLessThan(letter.indexOf("for the next batch"));
        assertThat(letter.indexOf("for the next batch")).isLessThan(letter.indexOf("Where this comes from"));
    }

    @Test
    void whereNothingMendsItAnotherWayIsOffered() {
        String letter =
                letter("Pumpkin butter. 6 cups pumpkin puree, 3 cups sugar, 1/4 cup lemon juice. Cook thick. Half"
                        + " pints, 1/4 inch headspace, 10 minutes boiling water bath, 500 ft.");
        assertThat(letter)
                .contains("please do not can it")
                .contains("instead")
                .contains("Freeze it")
                .doesNotContain("next batch");
    }

    @Test
    void aSoundRecipeGetsNoOther() {
        assertThat(letter(
                        "Pears, halved. Boil the pears 5 minutes in light syrup, pack hot in quarts, 1/2 inch headspace,"
                                + " remove bubbles. Process 25 minutes in a boiling water canner. We are at 400 feet."))
                .contains("The short answer: yes")
                .doesNotContain("next batch")
                .doesNotContain("instead");
    }
}
