package oilcloth.correcting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import oilcloth.check.Finding;
import oilcloth.check.Messages;
import oilcloth.check.Question;
import oilcloth.guide.GuideSnapshot;
import oilcloth.measure.JarSize;
import oilcloth.recipe.Context;
import oilcloth.recipe.Edit;
import oilcloth.review.Call;
import oilcloth.review.Engine;
import oilcloth.review.Review;
import org.junit.jupiter.api.Test;

/** What an experienced educator would answer to "what do I do then?". */
class SolverTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());
    private static final Solver SOLVER = new Solver(ENGINE);

    private static final String RELISH =
            """
            Corn relish
            10 cups whole kernel corn
            2 1/2 cups diced sweet red peppers
            2 1/2 cups diced sweet green peppers
            2 1/2 cups chopped celery
            1 1/4 cups diced onions
            1 3/4 cups sugar
            %s cups vinegar (5%%)
            2 1/2 tablespoons canning salt
            2 1/2 teaspoons celery seed
            2 1/2 tablespoons dry mustard
            1 1/4 teaspoons turmeric
            Simmer 5 minutes. Fill hot pints, 1/2 inch headspace, remove air bubbles.
            Process 15 minutes in a boiling water canner at 500 ft.""";

    private static Review review(String text) {
        return ENGINE.review(text, Context.planning(null));
    }

    private static Corrections solve(String text) {
        return SOLVER.solve(review(text));
    }

    private static String corrected(String text, Way way) {
        return MarkedText.of(review(text).recipe(), way.edits()).plain();
    }

    private static List<String> kinds(Way way) {
        return way.edits().stream().map(Edit::kind).toList();
    }

    @Test
    void soundNeedsNothing() {
        assertThat(solve(RELISH.formatted("5")).ways()).isEmpty();
    }

    @Test
    void relishWithAThirdOfTheVinegar() {
        String text = RELISH.formatted("1 2/3");
        Corrections found = solve(text);
        assertThat(found.ways()).hasSizeGreaterThanOrEqualTo(2);
        List<String> texts = found.ways().stream().map(w -> corrected(text, w)).toList();
        assertThat(texts).anySatisfy(t -> assertThat(t).contains("5 cups vinegar"));
        assertThat(texts)
                .as("or fewer vegetables for the vinegar there is")
                .anySatisfy(t -> assertThat(t).contains("1 2/3 cups vinegar").doesNotContain("10 cups"));
        assertThat(texts).allSatisfy(t -> assertThat(review(t).call()).isEqualTo(Call.SOUND));
    }

    @Test
    void tomatoesBoiledTooBriefly() {
        String text = "Whole tomatoes in water, hot pack. Quarts, 2 Tbsp bottled lemon juice in each quart, 1/2 inch"
                + " headspace, remove bubbles. Process 25 minutes in a boiling water canner at 700 ft.";
        Way cheapest = solve(text).ways().get(0);
        assertThat(kinds(cheapest)).containsExactly("setMinutes");
        assertThat(corrected(text, cheapest)).contains("45 minutes").doesNotContain("25 minutes");
    }

    @Test
    void longerTimeOrSmallerJar() {
        String text = "Pears, halved. Boil the pears 5 minutes in light syrup, pack hot in quarts, 1/2 inch headspace,"
                + " remove bubbles. Process 20 minutes in a boiling water canner. We are at 400 feet.";
        List<Way> ways = solve(text).ways();
        assertThat(ways).anySatisfy(w -> assertThat(kinds(w)).containsExactly("setMinutes"));
        assertThat(ways).anySatisfy(w -> assertThat(w.edits()).containsExactly(new Edit.SetJar(JarSize.PINT)));
    }

    @Test
    void jamUnderWax() {
        String text = "Blackberry jam\n4 cups crushed blackberries\n4 cups sugar\nBoil to the jelly point. Fill sterile"
                + " half-pint jars, 1/4 inch headspace. Seal with melted wax. We live at 300 feet.";
        Way way = solve(text).ways().get(0);
        assertThat(corrected(text, way)).doesNotContain("wax").contains("boiling-water canner");
        assertThat(review(corrected(text, way)).call()).isEqualTo(Call.SOUND);
    }

    @Test
    void lowAcidInBoilingWaterGoesUnderPressure() {
        String text = "Green beans, raw pack. Fill pints with raw beans, 1/2 tsp salt, boiling water, 1 inch headspace,"
                + " remove bubbles. Process 3 hours in a boiling water bath at 800 ft.";
        Way way = solve(text).ways().get(0);
        assertThat(kinds(way)).contains("setProcess", "setPressure");
        assertThat(corrected(text, way))
                .contains("pressure canner")
                .contains("20 minutes")
                .contains("11 pounds");
    }

    @Test
    void soupWithNoodlesLosesTheNoodles() {
        String text =
                "Chicken soup. 4 cups cooked chicken, 2 cups carrots, 2 cups celery, broth and 2 cups egg noodles."
                        + " Fill quarts half with solids, then broth, 1 inch headspace. Process 75 minutes in a boiling water"
                        + " bath at 600 ft.";
        Corrections found = solve(text);
        List<Edit> edits =
                found.ways().isEmpty() ? found.soFar() : found.ways().get(0).edits();
        assertThat(edits).anySatisfy(e -> assertThat(e).isInstanceOf(Edit.Remove.class));
        assertThat(edits).anySatisfy(e -> assertThat(e).isInstanceOf(Edit.SetProcess.class));
    }

    @Test
    void pumpkinButterHasNoWay() {
        Corrections found =
                solve("Pumpkin butter. 6 cups pumpkin puree, 3 cups sugar, 1/4 cup lemon juice, spices. Cook"
                        + " thick. Half pints, 1/4 inch headspace, 10 minutes boiling water bath, 500 ft.");
        assertThat(found.ways()).isEmpty();
        assertThat(found.beyond()).extracting(Finding::code).contains("pack.dense");
        assertThat(found.instead()).extracting(Instead::kind).contains(Instead.Kind.ANOTHER, Instead.Kind.FREEZE);
        assertThat(found.instead())
                .allSatisfy(i -> assertThat(Messages.english().say(i.text())).isNotBlank());
    }

    @Test
    void anUnknownAltitudeIsAskedAndNotAsserted() {
        Corrections found = solve("Pears, halved, boiled 5 minutes in light syrup, hot pints, 1/4 inch headspace, 20"
                + " minutes in a boiling water canner.");
        assertThat(found.ways()).isEmpty();
        assertThat(found.first()).extracting(Question::code).contains("ask.altitude");
    }

    /** Where a recipe comes from, what a gauge reads and how high a kitchen lies are not mended by striking the words. */
    @Test
    void noFactIsHidden() {
        String pears =
                "Pears, halved. Boil the pears 5 minutes in light syrup, pack hot in quarts, 1/2 inch headspace, remove"
                        + " bubbles. Process 25 minutes in a boiling water canner. ";
        for (String fact : List.of("It is from a cookbook of 1948. We are at 400 feet.", "We are at 12,000 feet.")) {
            Corrections found = solve(pears + fact);
            found.ways().forEach(w -> assertThat(corrected(pears + fact, w)).contains(fact));
            assertThat(MarkedText.of(review(pears + fact).recipe(), found.soFar())
                            .plain())
                    .contains(fact);
        }
        String mushrooms =
                "Wild mushrooms from our woods, boiled 5 minutes, hot pints with hot water, 1 inch headspace, bubbles"
                        + " out. Vent 10 minutes, 45 minutes at 10 pounds weighted gauge. 300 ft.";
        assertThat(solve(mushrooms).ways()).isEmpty();
        assertThat(MarkedText.of(review(mushrooms).recipe(), solve(mushrooms).soFar())
                        .plain())
                .contains("Wild mushrooms");
    }

    @Test
    void fewerVegetablesKeepTheirProportions() {
        String text = RELISH.formatted("2 1/2");
        Way held = solve(text).ways().stream()
                .filter(w -> kinds(w).stream().filter("setIngredient"::equals).count() > 1)
                .findFirst()
                .orElseThrow();
        String words = held.edits().stream()
                .map(e -> e.values().get("amount").toString())
                .collect(Collectors.joining(", "));
        assertThat(words).contains("5 cups").contains("1¼ cups");
    }

    @Test
    void saltToldByThePoundIsCorrectedForAllOfIt() {
        String text =
                """
                Sauerkraut, raw pack
                25 lb cabbage
                Core and shred the cabbage. Mix 1 Tbsp canning salt into each 5 lb, packing it in the crock until juice covers it. \
                Weight it under the brine. Hold at 70 F for 4 weeks.
                Fill quart jars with kraut and juice, leaving 1/2 inch. Process 25 minutes in a boiling-water canner at 640 ft.""";
        assertThat(solve(text).ways()).isNotEmpty();
        assertThat(corrected(text, solve(text).ways().get(0))).contains("Mix ¾ cup canning salt, packing it");
    }
}
