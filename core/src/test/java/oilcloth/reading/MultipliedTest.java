package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Recipe;
import oilcloth.recipe.Unread;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** More or less of something listed than its figure tells. */
class MultipliedTest {
    private static final RecipeReader READER = new RecipeReader(GuideSnapshot.shipped());

    private static List<String> unread(String told) {
        Recipe read = READER.read("Salsa\n7 cups tomatoes\n4 cups onions\n1 cup bottled lemon juice\n2 Tbsp salt\n\n"
                + told + " Boil and simmer 10 minutes.");
        return read.unread().stream()
                .filter(Unread::bears)
                .map(u -> u.range().of(read.text()))
                .toList();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "I double the onions.",
                "Tripled the peppers this year.",
                "We use twice the tomatoes.",
                "An extra pint of peppers goes in.",
                "I halve the lemon juice.",
                "Three times the garlic."
            })
    void isAskedAbout(String told) {
        assertThat(unread(told)).as(told).isNotEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"Twice the salt, for us.", "Strain it twice.", "Stir in the onions and extra fine salt."})
    void isOtherwiseLetBe(String told) {
        assertThat(unread(told)).as(told).isEmpty();
    }
}
