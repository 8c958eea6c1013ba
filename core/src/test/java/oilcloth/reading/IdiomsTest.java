package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThat;

import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import oilcloth.review.Call;
import oilcloth.review.Engine;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class IdiomsTest {
    private static final String PEARS =
            "Pears, hot pack in light syrup, boiled 5 minutes, quarts, 1/2 inch, boiling water canner 25 minutes. 600 ft. ";

    private final Engine engine = new Engine(GuideSnapshot.shipped());

    @Test
    void everyLetterElseStaysWhereItWas() {
        assertThat(Idioms.without("I was happy as a clam, 25 minutes."))
                .isEqualTo("I was                , 25 minutes.");
        assertThat(Idioms.without("Two cups of pears.")).isEqualTo("Two cups of pears.");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Happy as a clam.",
                "It was easy as pie.",
                "The kids were full of beans all day.",
                "Cool as a cucumber the whole time.",
                "The two jars are like two peas in a pod.",
                "Not my cup of tea but the family loves it.",
                "The whole kitchen went nuts.",
                "He's a ham and posed with the jars.",
                "Everything from soup to nuts is in that cellar.",
                "I take it all with a grain of salt.",
                "Red as a beet, I was."
            })
    void nameNoFood(String idiom) {
        assertThat(call(idiom)).isEqualTo(Call.SOUND);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "The jar was full of beans too.",
                "I added small potatoes.",
                "I put a piece of cake in each jar.",
                "Peas in the pod went in each jar for looks.",
                "My husband put a ham hock in.",
                "I put in a cup of tea.",
                "A grain of salt and an egg went in.",
                "In went bananas.",
                "I added a piece of cake.",
                "They were full of beans as well.",
                "Also carrots and sticks of cinnamon in each jar.",
                "He brought home the bacon and we put it in.",
                "They were small potatoes next to the pears in each jar.",
                "I left some of them in a pickle of vinegar."
            })
    void whatIsInTheJarIsNone(String added) {
        assertThat(call(added)).isNotEqualTo(Call.SOUND);
    }

    private Call call(String remark) {
        return engine.review(PEARS + remark, Context.planning(null)).call();
    }
}
