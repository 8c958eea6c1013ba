package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThat;

import oilcloth.guide.GuideSnapshot;
import oilcloth.text.Range;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Talk is weighed by the words known to be idle: whatever nobody foresaw is not. */
class TalkTest {
    private final GuideSnapshot guide = GuideSnapshot.shipped();
    private final Talk talk = new Talk(guide.lexicon());

    private boolean idle(String words) {
        return talk.isIdleByWords(new Sentence(words, new Range(0, words.length()), false), new Draft(), false);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "My grandmother taught me when I was nine.",
                "We open one every Sunday.",
                "I gave the last jar to the neighbors.",
                "They keep in the cellar about a year.",
                "It makes nine pints.",
                "All nine pinged.",
                "I let the pressure drop by itself.",
                "The dog got two of the peaches and was sick on the rug.",
                "Is there a class I could take this winter?",
                "We eat them over mashed potatoes.",
                "Bettina Loomis",
                "I took the rings off and labeled them with the date."
            })
    void idleTalk(String words) {
        assertThat(idle(words)).as(words).isTrue();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "My husband pulls them after a quarter of an hour.",
                "I take them out when the bus comes.",
                "My sister does hers in the oven.",
                "Grandma never waited for the steam.",
                "The kids shook the jars.",
                "My mother zapped hers.",
                "I ran low and topped it up from the tap.",
                "We live higher than the town.",
                "I gave it forty because my mother did.",
                "The children like it mild so I eased off the vinegar.",
                "I do not wait.",
                "The lids were from last year."
            })
    void notIdle(String words) {
        assertThat(idle(words)).as(words).isFalse();
    }

    @Test
    void aWordNobodyKnowsIsExcusedOnlyBesideWhatPeopleTalkOf() {
        assertThat(idle("My aunt loves gazpacho.")).isTrue();
        assertThat(idle("Frobnicate quuxly.")).isFalse();
    }

    @Test
    void theStepsOfARecipeAreKnownOnlyBeforeAnyJarIsFilled() {
        String step = "We bring the fruit to a boil and stir.";
        Sentence s = new Sentence(step, new Range(0, step.length()), false);
        assertThat(talk.isIdleByWords(s, new Draft(), true)).isTrue();
        assertThat(talk.isIdleByWords(s, new Draft(), false)).isFalse();
    }
}
