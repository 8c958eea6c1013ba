package oilcloth.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import oilcloth.guide.GuideSnapshot;
import oilcloth.measure.Altitude;
import oilcloth.recipe.Assertion.Anchor;
import oilcloth.recipe.Assertion.Field;
import oilcloth.review.Call;
import oilcloth.review.Engine;
import oilcloth.review.Review;
import org.junit.jupiter.api.Test;

/** What an educator says of a reading, laid over the text and kept apart from it. */
class AssertionsTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());
    private static final String BEETS =
            "Pickled beets\n7 lb beets\n4 cups vinegar (5%)\n2 cups water\n2 cups sugar\n6 cups glorp\n"
                    + "1 1/2 tsp canning salt\n\nCook and peel the beets, slice. Boil the liquid, add beets, simmer 5 min. Fill "
                    + "hot pints, 1/2 inch headspace, remove bubbles. Process 30 minutes in a boiling water canner.";

    private static Review review(String text, Assertion... said) {
        return ENGINE.review(
                text,
                List.of(said),
                new Context(
                        Optional.of(Altitude.ofFeet(500)),
                        Optional.empty(),
                        Optional.empty(),
                        Context.Stage.PLANNING,
                        Optional.empty(),
                        Instant.EPOCH));
    }

    private static Assertion about(String text, String words, Field field, String value) {
        int at = text.indexOf(words);
        return new Assertion(field, value, new Anchor(at, at + words.length(), words));
    }

    private static String vinegar(Recipe recipe) {
        return recipe.ingredients().stream()
                .filter(i -> i.food().isVinegar())
                .findFirst()
                .flatMap(Ingredient::amount)
                .orElseThrow()
                .toString();
    }

    @Test
    void anAmountIsCorrectedInPlace() {
        Review weak = review(BEETS, about(BEETS, "4 cups vinegar", Field.AMOUNT, "1 CUP"));
        assertThat(vinegar(weak.recipe())).isEqualTo("1 cup");
        assertThat(vinegar(weak.asRead())).isEqualTo("4 cups");
        assertThat(weak.call()).isEqualTo(Call.STOP);
    }

    @Test
    void wordsNotUnderstoodAreTold() {
        Review asked = review(BEETS);
        assertThat(asked.recipe().unread()).extracting(u -> u.range().of(BEETS)).anyMatch(u -> u.contains("glorp"));
        assertThat(asked.call()).isNotEqualTo(Call.SOUND);
        String words = asked.recipe().unread().get(0).range().of(BEETS);
        assertThat(review(BEETS, about(BEETS, words, Field.IGNORE, "yes")).call())
                .isEqualTo(Call.SOUND);
        Review food = review(
                BEETS,
                about(BEETS, words, Field.FOOD, "cornstarch"),
                about(BEETS, words, Field.AMOUNT, "2 TABLESPOON"));
        assertThat(food.call()).isIn(Call.CORRECT, Call.STOP);
    }

    @Test
    void theWordsAreFoundAgainWhenTheTextGrew() {
        Assertion said = about(BEETS, "4 cups vinegar", Field.AMOUNT, "1 CUP");
        assertThat(review("Hello again!\n\n" + BEETS, said).call()).isEqualTo(Call.STOP);
        Review gone = review(BEETS.replace("4 cups vinegar", "four cups vinegar"), said);
        assertThat(said.at().in(gone.recipe().text())).isEmpty();
        assertThat(vinegar(gone.recipe())).isEqualTo("4 cups");
    }

    @Test
    void whatIsSaidToBePouredOffIsNotInTheJar() {
        Review said = review(BEETS, about(BEETS, "2 cups water", Field.ROLE, "aside"));
        assertThat(said.recipe().inJar()).noneMatch(i -> i.food().name().equals("water"));
        Review none = review(BEETS, about(BEETS, "2 cups sugar", Field.ROLE, "none"));
        assertThat(none.recipe().ingredients()).noneMatch(i -> i.food().name().startsWith("sugar"));
    }

    @Test
    void whatSomebodySaysItIsIsWhatItIsHeldTo() {
        Review said = review(BEETS, new Assertion(Field.PLACED, "pickled-carrots"));
        assertThat(said.placement().recipe().orElseThrow().id()).isEqualTo("pickled-carrots");
        // a process that does not take the food is no way round
        Review wrong = review(BEETS.replace("6 cups glorp\n", ""), new Assertion(Field.PLACED, "pears-hot"));
        assertThat(wrong.call()).isNotEqualTo(Call.SOUND);
        assertThat(review(BEETS, new Assertion(Field.PLACED, "no-such-process"))
                        .placement()
                        .recipe()
                        .orElseThrow()
                        .id())
                .isEqualTo("pickled-beets");
    }

    @Test
    void aCorrectionThatCannotBeIsRefused() {
        assertThatThrownBy(() -> review(BEETS, about(BEETS, "7 lb beets", Field.AMOUNT, "lots")))
                .hasMessageContaining("“lots” is no amount");
        assertThatThrownBy(() -> review(BEETS, about(BEETS, "7 lb beets", Field.FOOD, "moon cheese")))
                .hasMessageContaining("moon cheese");
        assertThatThrownBy(() -> review(BEETS, new Assertion(Field.FOOD, "beet")))
                .hasMessageContaining("names the words");
        List<Assertion> both = Assertions.with(
                List.of(about(BEETS, "7 lb beets", Field.AMOUNT, "6 POUND")),
                about(BEETS, "4 cups vinegar", Field.AMOUNT, "5 CUP"));
        assertThat(both).hasSize(2);
        assertThat(Assertions.with(both, about(BEETS, "7 lb beets", Field.AMOUNT, "8 POUND")))
                .hasSize(2);
    }
}
