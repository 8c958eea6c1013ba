package oilcloth.reply;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The educator's words outlive a new review. */
class CarryTest {
    private static final String BASE =
            "Hello Ada,\n\nThe answer: no.\n\n- Time too short.\n\n- No headspace.\n\nKind regards";

    @Test
    void whatWasLeftAloneFollowsTheReview() {
        Carry carried = Carry.of(BASE, BASE, BASE.replace("no.", "yes.").replace("\n\n- Time too short.", ""));
        assertThat(carried.letter()).isEqualTo("Hello Ada,\n\nThe answer: yes.\n\n- No headspace.\n\nKind regards");
        assertThat(carried.left()).isEmpty();
    }

    @Test
    void whatTheEducatorWroteStays() {
        String mine = BASE.replace("Hello Ada,", "Dear Ada, lovely beets!")
                .replace("Kind regards", "Come to the class in May.\n\nKind regards");
        Carry carried = Carry.of(BASE, mine, BASE.replace("no.", "yes."));
        assertThat(carried.letter()).isEqualTo(mine.replace("no.", "yes."));
        assertThat(carried.left()).isEmpty();
    }

    @Test
    void whereBothChangedTheEducatorsWordsStayAndTheOthersAreHandedOver() {
        String mine = BASE.replace("- Time too short.", "- Twenty minutes will not do.");
        Carry carried = Carry.of(BASE, mine, BASE.replace("- Time too short.", "- Time too short by far."));
        assertThat(carried.letter()).isEqualTo(mine);
        assertThat(carried.left()).containsExactly("- Time too short by far.");
    }

    /** Whatever happens, no line of the educator's own is lost, and no line of the review either. */
    @Test
    void nothingIsLost() {
        long seed = System.nanoTime();
        Random random = new Random(seed);
        for (int i = 0; i < 2_000; i++) {
            List<String> base = new ArrayList<>();
            for (int line = 0; line < 8; line++) {
                base.add("line " + line);
            }
            List<String> mine = changed(base, "mine", random);
            List<String> fresh = changed(base, "fresh", random);
            Carry carried = Carry.of(String.join("\n", base), String.join("\n", mine), String.join("\n", fresh));
            List<String> letter = List.of(carried.letter().split("\n"));
            assertThat(letter)
                    .as("seed %d, round %d", seed, i)
                    .containsAll(mine.stream().filter(l -> l.startsWith("mine")).toList());
            for (String line : fresh) {
                if (line.startsWith("fresh")) {
                    assertThat(letter.contains(line) || carried.left().contains(line))
                            .as("seed %d, round %d: %s", seed, i, line)
                            .isTrue();
                }
            }
        }
    }

    private static List<String> changed(List<String> base, String by, Random random) {
        List<String> lines = new ArrayList<>(base);
        for (int change = random.nextInt(4); change > 0 && !lines.isEmpty(); change--) {
            int at = random.nextInt(lines.size());
            switch (random.nextInt(3)) {
                case 0 -> lines.remove(at);
                case 1 -> lines.set(at, by + " " + random.nextInt());
                default -> lines.add(at, by + " " + random.nextInt());
            }
        }
        return lines;
    }
}
