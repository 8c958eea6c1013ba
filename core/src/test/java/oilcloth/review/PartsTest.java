package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.Optional;
import oilcloth.guide.GuideSnapshot;
import oilcloth.measure.Altitude;
import oilcloth.measure.JarSize;
import oilcloth.recipe.Context;
import org.junit.jupiter.api.Test;

/** Several recipes in one letter, or several jars in one recipe: each is judged by itself. */
class PartsTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());
    private static final String TWO =
            """
            Hello, two of mine.

            Pears in light syrup
            17 lb pears
            2 cups sugar
            9 cups water
            Boil pears in the syrup 5 minutes, pack hot in quarts, 1/2 inch headspace, bubbles out. Process 25 minutes in a boiling water canner.

            Pickled beets
            7 lb beets
            1 cup vinegar (5%)
            5 cups water
            2 cups sugar
            1 1/2 tsp canning salt
            Cook, peel and slice the beets. Boil the rest, add beets, simmer 5 min. Fill hot pints, 1/2 inch headspace, bubbles out. Process 30 minutes in a boiling water canner.
            """;

    private static Review review(String text) {
        return ENGINE.review(
                text,
                new Context(
                        Optional.of(Altitude.ofFeet(600)),
                        Optional.empty(),
                        Optional.empty(),
                        Context.Stage.PLANNING,
                        Optional.empty(),
                        Instant.EPOCH));
    }

    @Test
    void twoRecipesAreJudgedEachByItselfAndTheGravestLeads() {
        Review review = review(TWO);
        assertThat(review.parts()).extracting(Review::call).containsExactly(Call.SOUND, Call.STOP);
        assertThat(review.call()).isEqualTo(Call.STOP);
        assertThat(review.text()).isEqualTo(TWO);
        assertThat(review.parts()).allSatisfy(p -> {
            assertThat(p.text()).isEqualTo(TWO);
            p.recipe().ingredients().forEach(i -> assertThat(i.range().of(TWO))
                    .isEqualTo(i.range().of(p.recipe().text())));
        });
        assertThat(review.parts().get(0).placement().first().orElseThrow().id()).isEqualTo("pears-hot");
    }

    @Test
    void aRecipeWithHeadingsInsideIsOne() {
        Review review = review(TWO.substring(TWO.indexOf("Pickled beets"))
                .replace("1 cup vinegar", "For the brine:\n4 cups vinegar")
                .replace("5 cups water", "2 cups water"));
        assertThat(review.parts()).isEmpty();
        assertThat(review.call()).isEqualTo(Call.SOUND);
    }

    @Test
    void aTimeForEachJarIsJudgedForEachJar() {
        Review review =
                review("Peaches\n17 lb peaches\n\nRaw pack, cover with hot light syrup, 1/2 inch headspace, remove "
                        + "bubbles. Process pints 25 minutes, quarts 25 minutes in a boiling water canner.");
        assertThat(review.parts()).hasSize(2);
        assertThat(review.parts())
                .extracting(p -> p.subject().jars().iterator().next())
                .containsExactly(JarSize.PINT, JarSize.QUART);
        assertThat(review.parts()).extracting(Review::call).containsExactly(Call.SOUND, Call.CORRECT);
        assertThat(review.call()).isEqualTo(Call.CORRECT);
    }

    /** "We're at 450 feet", told once at the end, holds for both. */
    @Test
    void recipesToldInTurnShareTheirKitchen() {
        String text =
                "Two from one day. First, peaches: yellow, hot pack in light syrup, quarts, 1/2 inch, 25 minutes boiling"
                        + " water. Second, applesauce: milled, back to boiling, %s, 1/2 inch, 15 minutes boiling water. We're at"
                        + " 450 feet.";
        assertThat(ENGINE.review(text.formatted("pints"), Context.planning(null))
                        .call())
                .isEqualTo(Call.SOUND);
        assertThat(ENGINE.review(text.formatted("quarts"), Context.planning(null))
                        .call())
                .isEqualTo(Call.CORRECT);
    }
}
