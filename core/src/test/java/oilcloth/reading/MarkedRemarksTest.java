package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What the marked remarks teach about others: each fifth of them judged by the rest. */
class MarkedRemarksTest {
    private static final int PARTS = 5;

    /**
     * A worse share says that the marks contradict each other, or that the words are no longer read alike. Measured at 0.17;
     * which fifth a line falls in moves it by a hundredth.
     */
    private static final double MOST_MISSED = 0.2;

    private static final double MOST_NEEDLESS = 0.08;

    /** Enough to tell whether the order they are taken in is always the same. */
    private static final int SOME = 1500;

    @Test
    void remarksNotYetMarkedAreMostlyToldApart() {
        List<Marked> marked = new ArrayList<>(Marked.all());
        Collections.shuffle(marked, new Random(1));
        int matter = 0;
        int missed = 0;
        int needless = 0;
        for (int part = 0; part < PARTS; part++) {
            List<Marked> asked = new ArrayList<>();
            List<Marked> known = new ArrayList<>();
            for (int i = 0; i < marked.size(); i++) {
                (i % PARTS == part ? asked : known).add(marked.get(i));
            }
            MarkedRemarks learned = MarkedRemarks.learn(known);
            for (Marked m : asked) {
                boolean suspect = learned.weight(m.text()) > MarkedRemarks.SUSPECT;
                matter += m.matters() ? 1 : 0;
                missed += m.matters() && !suspect ? 1 : 0;
                needless += !m.matters() && suspect ? 1 : 0;
            }
        }
        double missedShare = (double) missed / matter;
        double needlessShare = (double) needless / (marked.size() - matter);
        System.out.printf(
                "marked remarks: %d, not yet marked ones that matter missed %.3f, harmless ones suspected %.3f%n",
                marked.size(), missedShare, needlessShare);
        assertThat(missedShare).isLessThan(MOST_MISSED);
        assertThat(needlessShare).isLessThan(MOST_NEEDLESS);
    }

    @Test
    void learningTwiceComesToTheSame() {
        String remark = "I shut the petcock when the kitchen fills with steam.";
        List<Marked> some = Marked.remarks().subList(0, SOME);
        double once = MarkedRemarks.learn(some).weight(remark);
        assertThat(MarkedRemarks.learn(some).weight(remark)).isEqualTo(once);
    }

    @Test
    void noRemarkIsMarkedTwice() {
        assertThat(Marked.remarks().stream().map(Marked::text)).doesNotHaveDuplicates();
    }
}
