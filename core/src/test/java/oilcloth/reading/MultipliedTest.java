package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** More or less of something listed than its figure tells. */
class MultipliedTest {
    private static List<String> unread(String told) {
        return Asked.about("Salsa\n7 cups tomatoes\n4 cups onions\n1 cup bottled lemon juice\n2 Tbsp salt\n\n" + told
                + " Boil and simmer 10 minutes.");
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
