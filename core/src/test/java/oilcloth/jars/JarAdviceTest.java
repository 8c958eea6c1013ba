package oilcloth.jars;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Optional;
import oilcloth.check.Language;
import oilcloth.correcting.Solver;
import oilcloth.guide.GuideSnapshot;
import oilcloth.jars.JarAdvice.Advice;
import oilcloth.measure.Altitude;
import oilcloth.recipe.Context;
import oilcloth.reply.Letter;
import oilcloth.reply.LetterWish;
import oilcloth.reply.Passage;
import oilcloth.review.Engine;
import oilcloth.review.Review;
import org.junit.jupiter.api.Test;

/** Jars already made: what to do with them, within the day and after it. */
class JarAdviceTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());
    private static final Instant NOW = Instant.parse("2026-08-14T18:00:00Z");
    private static final String PEARS =
            "Pears\n\n12 lb pears\n\nBoil 5 minutes in syrup, pack hot in quarts, 1/2 inch headspace. Process %d minutes in a boiling-water canner.";
    private static final String RELISH =
            "Corn relish\n\n10 cups corn\n5 cups peppers\n2 1/2 cups celery\n1 1/4 cups onion\n2 cups vinegar (5%)\n\nPints. Process 15 minutes in a boiling-water canner.";
    private static final String BEANS =
            "Green beans\n\nRaw pack in pints, boiling water, 1 inch headspace. Vent 10 minutes, pressure can 15 minutes at 11 psi, dial gauge.";
    private static final String MEAT =
            "Venison\n\nFill quarts with hot cooked venison and seal at once, no processing.";

    private static Review review(String text, Integer hoursAgo, Context.Stage stage) {
        Instant out = hoursAgo == null ? null : NOW.minus(Duration.ofHours(hoursAgo));
        return ENGINE.review(text, Context.planning(Altitude.ofFeet(500)).withStage(stage, out, NOW));
    }

    private static Advice advice(String text, Integer hoursAgo) {
        return review(
                        text,
                        hoursAgo,
                        hoursAgo != null && hoursAgo < 24 ? Context.Stage.MADE_TODAY : Context.Stage.ON_SHELF)
                .jars()
                .orElseThrow()
                .advice();
    }

    @Test
    void planningNeedsNoAdvice() {
        assertThat(review(RELISH, null, Context.Stage.PLANNING).jars()).isEmpty();
    }

    @Test
    void everyAdviceIsToldStepByStep() {
        for (Advice advice : Advice.values()) {
            JarAdvice jars = new JarAdvice(advice, Optional.empty(), oilcloth.check.Message.of("jars.keep"));
            assertThat(jars.steps()).as(advice.id()).isNotEmpty();
            assertThat(jars.eaten().isEmpty()).as(advice.id()).isEqualTo(advice == Advice.KEEP);
        }
        assertThat(review(RELISH, 30, Context.Stage.ON_SHELF)
                        .jars()
                        .orElseThrow()
                        .steps())
                .as("suspect jars: contain, boil, clean up")
                .hasSize(4);
    }

    @Test
    void withinTheDay() {
        assertThat(advice(String.format(PEARS, 25), 3)).isEqualTo(Advice.KEEP);
        assertThat(advice(String.format(PEARS, 15), 20)).isEqualTo(Advice.REPROCESS);
        assertThat(advice(BEANS, 20)).isEqualTo(Advice.REPROCESS);
        assertThat(advice(RELISH, 20))
                .as("what is in the jar cannot be mended by heat")
                .isEqualTo(Advice.REFRIGERATE);
        assertThat(advice(MEAT, 3)).as("toxins survive a second process").isEqualTo(Advice.DISCARD);
    }

    @Test
    void afterTheDay() {
        assertThat(advice(String.format(PEARS, 15), 30)).isEqualTo(Advice.INSPECT);
        assertThat(advice(BEANS, 30)).isEqualTo(Advice.DISCARD);
        assertThat(advice(RELISH, 30)).isEqualTo(Advice.DISCARD);
        assertThat(advice(RELISH, null)).as("a clock nobody gave has run out").isEqualTo(Advice.DISCARD);
    }

    @Test
    void whatStoodWarmIsThrownOut() {
        String noodles =
                "Chicken soup\n\n2 lb chicken\n1 lb carrots\n1 cup noodles\n\nHalf solids, half broth, quarts, 1 inch. "
                        + "Boil the jars 90 minutes in a water bath.";
        assertThat(advice(noodles, 20))
                .as("low-acid, wrong in itself, 20 hours warm")
                .isEqualTo(Advice.DISCARD);
        assertThat(advice(noodles, 1)).as("an hour ago").isEqualTo(Advice.REFRIGERATE);
        assertThat(advice(
                        "Peaches\n\nHot pack, pints, 1/2 inch, 20 minutes boiling water bath. Two never sealed but I "
                                + "kept them in the pantry for weeks.",
                        200))
                .as("unsealed on the shelf")
                .isEqualTo(Advice.DISCARD);
        assertThat(advice(
                        "We picked morels, half pints, 1 inch. 45 minutes at 11 psi, dial gauge, vented 10 minutes.",
                        3))
                .isEqualTo(Advice.DISCARD);
        assertThat(advice(
                        "Crushed tomatoes\n\nCrushed, boiled 5 minutes, quarts, 1/2 inch. 45 minutes boiling water bath.",
                        5))
                .as("tomatoes without acid: reopen, acidify, reheat")
                .isEqualTo(Advice.REPROCESS);
    }

    @Test
    void openQuestionsKeepJarsCold() {
        Review asked = ENGINE.review(
                String.format(PEARS, 25),
                new Context(
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Context.Stage.MADE_TODAY,
                        Optional.of(NOW.minus(Duration.ofHours(2))),
                        NOW));
        assertThat(asked.call().id()).isEqualTo("ask");
        assertThat(asked.jars().orElseThrow().advice()).isEqualTo(Advice.REFRIGERATE);
    }

    @Test
    void openedJarsAreNotTasted() {
        assertThat(review(BEANS, null, Context.Stage.OPENED)
                        .jars()
                        .orElseThrow()
                        .advice())
                .isEqualTo(Advice.DISCARD);
        assertThat(review(String.format(PEARS, 15), null, Context.Stage.OPENED)
                        .jars()
                        .orElseThrow()
                        .advice())
                .isEqualTo(Advice.INSPECT);
    }

    @Test
    void theDeadlineIsATimeInTheLetter() {
        Review review = review(BEANS, 20, Context.Stage.MADE_TODAY);
        assertThat(review.jars().orElseThrow().by()).contains(NOW.plus(Duration.ofHours(4)));
        String letter = Passage.join(Letter.compose(
                review,
                new LetterWish(
                        "Odalys", Language.EN, ZoneId.of("America/Denver"), new Solver(ENGINE)::solve, f -> false)));
        assertThat(letter).startsWith("Hello Odalys,").contains("Do this before Friday 14 August, 4:00 PM.");
        // the order of the work: short answer, jars, changes, sources, caution
        assertThat(letter.indexOf("The short answer")).isLessThan(letter.indexOf("The jars you have made"));
        assertThat(letter.indexOf("The jars you have made")).isLessThan(letter.indexOf("What to change"));
        assertThat(letter.indexOf("What to change")).isLessThan(letter.indexOf("Where this comes from"));
        assertThat(letter).contains("not yet proofread against print");
    }
}
