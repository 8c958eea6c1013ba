package oilcloth.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import oilcloth.corpus.Corpus;
import org.junit.jupiter.api.Test;

/** Copies are told from other recipes. */
class FingerprintTest {
    private static final String KRAUT =
            "Cellar kraut. 25 lb cabbage, 3/4 cup canning salt. Shred the cabbage, rub in the salt,"
                    + " press it under its own brine in the crock. Leave it at 70 degrees for four weeks. Heat it to a simmer, fill hot"
                    + " quarts, half an inch of headspace, process 15 minutes in boiling water.";

    @Test
    void aGreetingMoreIsStillTheSameText() {
        long one = Fingerprint.of(KRAUT);
        assertThat(Fingerprint.same(
                        one,
                        Fingerprint.of(
                                "Hi there! My cousin sent me this one:\n\n" + KRAUT.toUpperCase() + "\n\nIs it ok?")))
                .isTrue();
        assertThat(Fingerprint.same(one, Fingerprint.of(KRAUT.replace("four weeks", "five weeks"))))
                .isTrue();
    }

    @Test
    void textsWithoutWordsAreLikeNone() {
        assertThat(Fingerprint.same(Fingerprint.of(""), Fingerprint.of("…"))).isFalse();
    }

    @Test
    void noTwoLettersOfTheCorpusAreTakenForOne() {
        List<Long> prints = Corpus.texts().stream()
                .filter(t -> t.length() > 200)
                .map(Fingerprint::of)
                .toList();
        assertThat(prints).hasSizeGreaterThan(100);
        int nearest = Long.SIZE;
        for (int i = 0; i < prints.size(); i++) {
            for (int j = i + 1; j < prints.size(); j++) {
                nearest = Math.min(nearest, Long.bitCount(prints.get(i) ^ prints.get(j)));
            }
        }
        assertThat(nearest).isGreaterThan(Fingerprint.SAME_WITHIN);
    }
}
