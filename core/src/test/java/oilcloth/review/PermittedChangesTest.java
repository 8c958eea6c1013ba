package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import oilcloth.guide.Confidence;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Process;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.Altitude;
import oilcloth.measure.JarSize;
import oilcloth.recipe.Context;
import org.junit.jupiter.api.Test;

/** What rules.md lets a canner change in a tested recipe leaves it sound; the same swap turned round does not. */
class PermittedChangesTest {
    private static final GuideSnapshot GUIDE = GuideSnapshot.shipped();
    private static final Engine ENGINE = new Engine(GUIDE);

    private static final Predicate<TestedRecipe> SALSAS = t -> t.form().equals("salsa");
    private static final String VINEGAR = "(?m)^(\\S+ cups?) .*vinegar.*$";

    @Test
    void bottledLemonJuiceForTheVinegarOfASalsa() {
        assertThat(notSound(SALSAS, text -> text.replaceAll(VINEGAR, "$1 bottled lemon juice")))
                .isEmpty();
    }

    @Test
    void bottledLimeJuiceForTheVinegarOfASalsa() {
        assertThat(notSound(SALSAS, text -> text.replaceAll(VINEGAR, "$1 bottled lime juice")))
                .isEmpty();
    }

    @Test
    void halfLemonHalfVinegarInASalsaOfOneCup() {
        assertThat(notSound(
                        t -> t.id().equals("chile-salsa"),
                        text -> text.replaceAll(
                                "(?m)^1 cup vinegar.*$", "½ cup vinegar (5%)\n½ cup bottled lemon juice")))
                .isEmpty();
    }

    @Test
    void vinegarForTheLemonOfASalsaIsNeverSound() {
        List<String> sound = new ArrayList<>();
        int changed = each(SALSAS, text -> text.replaceAll("bottled lemon.*juice", "vinegar (5%)"), (name, call) -> {
            if (call == Call.SOUND) {
                sound.add(name);
            }
        });
        assertThat(changed).isPositive();
        assertThat(sound).isEmpty();
    }

    @Test
    void greenTomatoesForRipeOnesInASalsa() {
        assertThat(notSound(
                        SALSAS.and(t -> !t.id().contains("paste-tomatoes")),
                        text -> text.replaceAll(
                                "(?m)^(\\S+ (?:lb|cups?|quarts?)) (?:ripe |slicing )?tomatoes", "$1 green tomatoes")))
                .isEmpty();
    }

    @Test
    void aPoundOfTomatillosForAPoundOfTomatoes() {
        assertThat(notSound(t -> t.id().equals("chile-salsa"), text -> text.replace("lb tomatoes", "lb tomatillos")))
                .isEmpty();
    }

    @Test
    void anotherOnion() {
        assertThat(notSound(
                        t -> true,
                        text -> text.replaceAll(
                                "(?m)^(\\S+ (?:cups?|lb)) (?:white |red |yellow )?onions?$", "$1 red onions")))
                .isEmpty();
    }

    @Test
    void driedSpicesAdded() {
        assertThat(notSound(SALSAS, text -> text.replaceFirst("\n\n", "\n\n1 tsp dried oregano\n1 tsp ground cumin\n")))
                .isEmpty();
    }

    @Test
    void noSaltInASalsa() {
        assertThat(notSound(SALSAS, text -> text.replaceAll("(?m)^.*\\bsalt$\n", "")))
                .isEmpty();
    }

    private static List<String> notSound(Predicate<TestedRecipe> which, UnaryOperator<String> change) {
        List<String> failed = new ArrayList<>();
        int changed = each(which, change, (name, call) -> {
            if (call != Call.SOUND) {
                failed.add(name + ": " + call.id());
            }
        });
        assertThat(changed).as("recipes changed").isPositive();
        return failed;
    }

    private interface Judged {
        void is(String name, Call call);
    }

    private static int each(Predicate<TestedRecipe> which, UnaryOperator<String> change, Judged judged) {
        int changed = 0;
        for (TestedRecipe tested : GUIDE.recipes()) {
            for (String id : tested.processes()) {
                Process process = Retold.process(tested, id).orElseThrow();
                JarSize jar = process.jars().iterator().next();
                if (!which.test(tested)
                        || tested.confidence() != Confidence.HIGH
                        || process.rows().get(jar).confidence() != Confidence.HIGH) {
                    continue;
                }
                String text = Retold.recipe(tested, process, jar, Altitude.ofFeet(0));
                String other = change.apply(text);
                if (!other.equals(text)) {
                    changed++;
                    judged.is(
                            tested.id(),
                            ENGINE.review(other, Context.planning(null)).call());
                }
            }
        }
        return changed;
    }
}
