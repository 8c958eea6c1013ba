package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import oilcloth.corpus.Examples;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Pack;
import oilcloth.guide.Process;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.Altitude;
import oilcloth.recipe.Context;
import org.junit.jupiter.api.Test;

/** Tested recipes told with one step left out or changed are not sound; a remark among the steps mostly leaves them so. */
class SpoiledStepsTest {
    private static final GuideSnapshot GUIDE = GuideSnapshot.shipped();
    private static final Engine ENGINE = new Engine(GUIDE);

    private static List<String> lines(String section) {
        return Examples.section("/spoiled-steps.txt", section);
    }

    private static String told(String line) {
        String id = line.substring(0, line.indexOf(" | "));
        String change = line.substring(line.indexOf(" | ") + 3);
        TestedRecipe tested = GUIDE.recipes().stream()
                .filter(r -> r.id().equals(id))
                .findFirst()
                .orElseThrow();
        Process process = Retold.process(tested, tested.processes().get(0)).orElseThrow();
        String text = Retold.recipe(tested, process, process.jars().get(0), Altitude.ofFeet(500));
        if (change.startsWith("+ ")) {
            int pack = text.lastIndexOf(process.pack() == Pack.HOT ? "Pack hot. " : "Raw pack. ");
            return text.substring(0, pack) + change.substring(2) + "\n" + text.substring(pack);
        }
        String[] words = change.split(" => ", 2);
        String changed = text.replaceAll("(?i)" + words[0], words[1]);
        assertThat(changed).as("nothing to change: " + line).isNotEqualTo(text);
        return changed;
    }

    private static List<String> sound(String section) {
        return lines(section).stream()
                .filter(l -> ENGINE.review(told(l), Context.planning(null)).call() == Call.SOUND)
                .toList();
    }

    @Test
    void aSpoiledStepIsNeverSound() {
        assertThat(sound("matters")).isEmpty();
    }

    @Test
    void aHarmlessOneMostlyIs() {
        assertThat(sound("harmless").size()).isGreaterThan(lines("harmless").size() * 8 / 10);
    }
}
