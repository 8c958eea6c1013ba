package oilcloth.placing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import oilcloth.guide.FoodClass;
import oilcloth.guide.GuideSnapshot;
import oilcloth.reading.RecipeReader;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Ingredient;
import oilcloth.recipe.Recipe;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Water that a tested recipe drains off, in a list that does not say so. */
class SoakWaterTest {
    private static final GuideSnapshot GUIDE = GuideSnapshot.shipped();
    private static final RecipeReader READER = new RecipeReader(GUIDE);
    private static final Placer PLACER = new Placer(GUIDE);

    private static final String RELISH =
            """
            Green tomato relish
            10 lb small hard green tomatoes, chopped
            1 1/2 lb red bell peppers, chopped
            1 1/2 lb green bell peppers, chopped
            2 lb onions, chopped
            1/2 cup canning salt
            %s
            4 cups sugar
            1 quart vinegar (5%%)
            Dissolve the salt in the water and pour over the vegetables. Simmer 5 minutes. %s Add sugar and vinegar, simmer
            5 minutes. Fill sterile pint jars, 1/2 inch headspace. Process 5 minutes in a boiling-water canner.
            """;

    private static List<Ingredient> drained(String water, String step) {
        Recipe read = READER.read(RELISH.formatted(water, step));
        Placement placement = PLACER.place(read, Optional.of(CanningMethod.BOILING_WATER));
        return SoakWater.settle(read, placement, GUIDE).ingredients().stream()
                .filter(i -> i.food().kind() == FoodClass.WATER
                        && i.aside()
                        && i.amount().isPresent())
                .toList();
    }

    @Test
    void theTestedAmountIsDrainedWhereSomethingIs() {
        assertThat(drained("1 quart water", "Drain in a colander.")).hasSize(1);
    }

    @Test
    void aBulletChangesNothing() {
        assertThat(drained("- 1 quart water", "Drain in a colander.")).hasSize(1);
    }

    @Test
    void withoutAWordOfDrainingItIsInTheJar() {
        assertThat(drained("1 quart water", "")).isEmpty();
    }

    @Test
    void anotherAmountIsNotThatWater() {
        assertThat(drained("3 quarts water", "Drain in a colander.")).isEmpty();
    }

    @Test
    void aSecondWaterIsInTheJar() {
        assertThat(drained("1 quart water\n1 quart water for the brine", "Drain in a colander."))
                .hasSize(1);
    }

    @Test
    void waterPutWithTheVinegarIsInTheJar() {
        assertThat(drained("1 quart water", "Drain in a colander. Combine sugar, vinegar and water."))
                .isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Combine sugar and vinegar. Add the water.",
                "Mix 1 qt. vinegar with the water and the sugar.",
                "Bring sugar and vinegar to a boil; stir the water in.",
                "Heat the vinegar\nwith the water.",
                "Boil the water with the sugar.",
                "Rinse. Add the water and the sugar.",
                "Rinse in cold water and put the water on with the sugar."
            })
    void waterToldAgainAfterTheDrainingIsInTheJar(String step) {
        assertThat(drained("1 quart water", "Drain in a colander. " + step)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Drain in a colander and rinse in cold water.",
                "Drain in a colander until no more water drips through."
            })
    void waterThatWashesOrRunsOffIsNoIngredient(String step) {
        assertThat(drained("1 quart water", step)).hasSize(1);
    }

    @ParameterizedTest
    @ValueSource(strings = {"in water", "in 1 quart water", "in the water"})
    void theWaterIsNamedWithOrWithoutItsAmount(String told) {
        Recipe read = READER.read(
                RELISH.formatted("1 quart water", "Drain in a colander.").replace("in the water", told));
        Placement placement = PLACER.place(read, Optional.of(CanningMethod.BOILING_WATER));
        assertThat(SoakWater.settle(read, placement, GUIDE).inJar())
                .noneMatch(i -> i.food().kind() == FoodClass.WATER && i.amount().isPresent());
    }

    @Test
    void saltWaterBesidesIsNotTheWaterOfTheList() {
        String text = RELISH.formatted("1 quart water", "Drain in a colander.")
                .replace("Dissolve the salt in the water and pour over", "Make salt water and pour it over");
        Recipe read = READER.read(text);
        Placement placement = PLACER.place(read, Optional.of(CanningMethod.BOILING_WATER));
        assertThat(SoakWater.settle(read, placement, GUIDE)).isSameAs(read);
    }
}
