package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import oilcloth.corpus.Examples;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import org.junit.jupiter.api.Test;

/** Plain packs are sound as tested, and not with one fault in them. */
class SpoiledRowsTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());
    private static final List<String> LINES = Examples.lines("/spoiled-rows.txt");
    private static final Map<String, String> PACKS = LINES.stream()
            .filter(l -> l.startsWith("@"))
            .collect(Collectors.toMap(l -> l.substring(1, l.indexOf(' ')), l -> l.substring(l.indexOf(' ') + 1)));

    private static boolean isSound(String text) {
        return ENGINE.review(text.replace("|", "").replace("  ", " "), Context.planning(null))
                        .call()
                == Call.SOUND;
    }

    private static String spoiled(String line) {
        String pack = PACKS.get(line.substring(0, line.indexOf(" | ")));
        String change = line.substring(line.indexOf(" | ") + 3);
        String[] words = change.split(" => ", 2);
        String text = words.length == 2 ? pack.replace(words[0], words[1]) : pack.replace("|", change);
        assertThat(text).as("nothing to change: " + line).isNotEqualTo(pack);
        return text;
    }

    @Test
    void asTestedTheyAreSound() {
        assertThat(PACKS.values()).isNotEmpty().allMatch(SpoiledRowsTest::isSound);
    }

    @Test
    void withOneFaultTheyAreNot() {
        assertThat(LINES.stream().filter(l -> !l.startsWith("@"))).isNotEmpty().noneMatch(l -> isSound(spoiled(l)));
    }
}
