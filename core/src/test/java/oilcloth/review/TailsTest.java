package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import oilcloth.corpus.Examples;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import org.junit.jupiter.api.Test;

/** What hangs on behind the time in the canner, in the same sentence, is heard like any other remark. */
class TailsTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());

    private static final List<String> RECIPES = List.of(
            "Pears, hot pack. Peeled, halved and cored, boiled 5 minutes in light syrup, hot pints, half an inch, bubbles out. 20 minutes in the boiling water canner%s. We are at 640 feet.",
            "Applesauce. Apples peeled, cooked and put through the mill, boiling hot into quarts, 1/2 inch. Process 20 minutes in a boiling water bath%s. 480 ft.",
            "Carrots, raw pack, pints, boiling water, 1 inch. Vented 10 minutes. 25 minutes at 11 pounds on the dial%s. Altitude 700 ft.");

    private static List<String> tails(String section) {
        return Examples.section("/tails.txt", section).stream()
                .map(l -> l.startsWith(",") ? l : " " + l)
                .toList();
    }

    private static List<String> sound(String section) {
        List<String> sound = new ArrayList<>();
        for (String tail : tails(section)) {
            for (String recipe : RECIPES) {
                String text = String.format(recipe, tail);
                if (ENGINE.review(text, Context.planning(null)).call() == Call.SOUND) {
                    sound.add(text);
                }
            }
        }
        return sound;
    }

    @Test
    void whatMattersIsNeverSound() {
        assertThat(sound("matters")).isEmpty();
    }

    @Test
    void whatDoesNotIsMostlySound() {
        int told = tails("harmless").size() * RECIPES.size();
        assertThat(sound("harmless").size()).isGreaterThan(told * 9 / 10);
    }

    @Test
    void theRecipesAreSoundWithoutOne() {
        assertThat(RECIPES).allSatisfy(r -> assertThat(ENGINE.review(String.format(r, ""), Context.planning(null))
                        .call())
                .isEqualTo(Call.SOUND));
    }
}
