package oilcloth.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import oilcloth.check.Finding;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import oilcloth.review.Call;
import oilcloth.review.Engine;
import oilcloth.review.Review;
import oilcloth.text.Range;
import org.junit.jupiter.api.Test;

/** Marking recipes for practice. */
class PracticeTest {
    private static final String PEARS =
            "Pears, halved. Boil the pears 5 minutes in light syrup, pack hot in quarts, 1/2 inch"
                    + " headspace, remove bubbles. Process 15 minutes in a boiling water canner. We are at 400 feet.";
    private static final Review REVIEW = new Engine(GuideSnapshot.shipped()).review(PEARS, Context.planning(null));

    private static Mark mark(String code, String words) {
        int at = PEARS.indexOf(words);
        return new Mark(code, Optional.of(new Range(at, at + words.length())), "25 minutes");
    }

    @Test
    void theRightMarkAndTheRightCallAreAHundred() {
        Score score = Score.of(REVIEW, List.of(mark("time.short", "15 minutes")), REVIEW.call());
        assertThat(score.hits()).extracting(Finding::code).contains("time.short");
        assertThat(score.percent()).isEqualTo(100);
        assertThat(Score.level(REVIEW)).isEqualTo(1);
    }

    @Test
    void onOtherWordsItIsHalfRight() {
        Score score = Score.of(REVIEW, List.of(mark("time.short", "light syrup")), REVIEW.call());
        assertThat(score.near()).hasSize(1);
        assertThat(score.percent()).isBetween(50, 99);
    }

    @Test
    void whatIsNotThereCostsAndWhatIsMissedIsShown() {
        Score score = Score.of(REVIEW, List.of(mark("acid.missing", "Pears")), Call.SOUND);
        assertThat(score.missed()).extracting(Finding::code).containsExactly("time.short");
        assertThat(score.beyond()).hasSize(1);
        assertThat(score.call()).isFalse();
        assertThat(score.percent()).isZero();
    }

    @Test
    void everyMarkUnderTheSunEarnsNothing() {
        List<Mark> all = oilcloth.check.Registry.checks(GuideSnapshot.shipped()).stream()
                .map(c -> new Mark(c.info().code(), Optional.of(new Range(0, PEARS.length())), ""))
                .toList();
        assertThat(Score.of(REVIEW, all, REVIEW.call()).percent()).isZero();
    }

    @Test
    void namesGo() {
        String letter = "Hi, my name is Edda Holm from Kettle Lake.\n\n" + PEARS
                + "\nWrite me at edda.holm@mail.example or call 555-010-4477.\n\nYours,\nEdda";
        String said = Anonymous.of(letter, "Edda Holm", "Kettle Lake");
        assertThat(said)
                .doesNotContainIgnoringCase("edda")
                .doesNotContainIgnoringCase("holm")
                .doesNotContain("Kettle")
                .doesNotContain("@")
                .doesNotContain("4477")
                .contains("Process 15 minutes");
    }
}
