package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a canner asks about putting in, whether it was done, and where nobody can tell. */
class WonderedTest {
    private static final String BEANS =
            "Green beans, raw pack, pints, boiling water, an inch. Vented ten, 20 minutes at 11 pounds dial. 640 feet. ";

    private static final String FOODS = "green bean, water";

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Could I add a little butter?",
                "What happens if I add cream?",
                "Is it true that people put lard in?",
                "Any reason not to add peppers?",
                "Is there any benefit to adding kombu, or should I leave it out?",
                "What would adding bacon do to the time?",
                "Have you a tested one with peppers and onions in it?",
                "Is there a sheet with mushrooms?",
                "My daughter asks whether she could add corn to hers.",
                "I was wondering about adding garlic next summer.",
                "If I wanted to add tomatoes, what would I do?",
                "Do you think pimento could go in as well?",
                "Would it be okay to add dill?",
                "PS could I add a bay leaf to each?",
                "Could one add a spoon of vinegar to keep them green?",
            })
    void isInNoJar(String question) {
        assertThat(Read.foods(BEANS + question)).isEqualTo(FOODS);
        assertThat(Asked.about(BEANS + question)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Is it all right to add bacon?",
                "Is adding cheese ever safe?",
                "Does putting an onion in the jar change anything?",
                "How about garlic?",
                "Would a clove of garlic in each hurt anything?",
                "What about a piece of ham hock in each jar?",
                "I was wondering about adding garlic.",
            })
    void mayBeInTheJar(String question) {
        assertThat(Read.foods(BEANS + question)).isEqualTo(FOODS);
        assertThat(Asked.about(BEANS + question)).containsExactly(question);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Could I add a little butter? I did with this batch.",
                "Can you add butter? Because I do.",
                "May I add butter? Mine has two spoons in each.",
                "Was it all right to add butter?",
                "Can I keep adding butter?",
                "Does the butter I add change the time?",
                "If I add butter should I process longer, I did sixty?",
                "May I go on adding butter?",
                "Would adding butter be why they are cloudy?",
                "Could I add a little butter?\nI did with this batch.",
                "Can I add butter?\n\nYes, I have been.",
                "Can I add more butter?",
                "Should I add the butter first?",
                "May I add that there is butter in each jar?",
            })
    void isInTheJar(String question) {
        assertThat(Read.foods(BEANS + question)).isEqualTo("butter, green bean, water");
    }
}
