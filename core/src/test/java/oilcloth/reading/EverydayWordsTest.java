package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import oilcloth.guide.Food;
import oilcloth.guide.GuideSnapshot;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What WordNet knows to be no food, no thing and no work of the hands. */
class EverydayWordsTest {
    private static final String CARROTS =
            "Carrots, sliced, hot pack, pints, an inch. Vented ten, 25 minutes at 11 pounds dial. 640 feet. ";

    @ParameterizedTest
    @ValueSource(
            strings = {"digestibility", "parishioners", "machinist", "bragging", "nostalgia", "nephews", "steward"})
    void arePeopleTalkAndTimes(String word) {
        assertThat(EverydayWords.has(word)).isTrue();
    }

    /** Forms of a food, shapes, vessels, foods, spoilage that shows, and what is done to food. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "ribbons", "julienne", "slush", "paste", "confit", "slaw", "patties", "wedges", "riced", "mashed",
                        "spiralized",
                "glazed", "candied", "battered", "stuffed", "roasted", "smoked", "bucket", "oven", "rabbit", "squab",
                        "lard",
                "gravy", "slime", "mold", "bubbles", "leaked", "crumbled", "fermented", "zorbel"
            })
    void areNoThingsAndNoWork(String word) {
        assertThat(EverydayWords.has(word)).isFalse();
    }

    @Test
    void noFoodOfTheGuideIsOneByItsWholeName() {
        List<String> foods = GuideSnapshot.shipped().foods().stream()
                .map(Food::name)
                .filter(EverydayWords::has)
                .toList();
        assertThat(foods).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "The parishioners love carrots.",
                "Smaller carrots taste sweeter.",
                "We sell carrots at the bazaar for the steeple.",
                "I make carrots for their digestibility.",
            })
    void sayNothingOfAnotherForm(String words) {
        assertThat(Read.recipe(CARROTS + words).unread()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "The carrots were spiralized.",
                "I zapped the carrots to a slush.",
                "The carrots are a sort of confit.",
            })
    void otherWordsMaySaySo(String words) {
        assertThat(Read.recipe(CARROTS + words).unread()).isNotEmpty();
    }
}
