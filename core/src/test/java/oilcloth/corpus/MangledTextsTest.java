package oilcloth.corpus;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import oilcloth.review.Engine;
import oilcloth.review.Review;
import oilcloth.text.Range;
import org.junit.jupiter.api.Test;

/**
 * Letters cut up, doubled, scrambled and sprinkled with odd signs: nothing throws, every range lies in the text. How many
 * is said by {@code -Doilcloth.mangled=N}; {@code ./oilcloth mangle} does a hundred thousand.
 */
class MangledTextsTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());
    private static final int COUNT = Integer.getInteger("oilcloth.mangled", 1_000);
    private static final long SEED = Long.getLong("oilcloth.seed", 20_260_803L);
    private static final String ODD =
            "½¼⅓°′″–—…\u00a0\u200b\u202e😀é\t\r\0|()[]{}<>&%#@*_~`^\\/\"'.,;:!?0123456789ACGTfnrtv\n";
    private static final Context NOWHERE = new Context(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Context.Stage.PLANNING,
            Optional.empty(),
            Instant.EPOCH);

    private static String mangled(String text, Random random) {
        StringBuilder b = new StringBuilder(text);
        int times = 1 + random.nextInt(8);
        for (int k = 0; k < times && b.length() > 2; k++) {
            int from = random.nextInt(b.length());
            int to = Math.min(b.length(), from + 1 + random.nextInt(40));
            switch (random.nextInt(6)) {
                case 0 -> b.delete(from, to);
                case 1 -> b.insert(from, b.substring(from, to));
                case 2 -> b.insert(from, ODD.charAt(random.nextInt(ODD.length())));
                case 3 -> b.replace(
                        from,
                        to,
                        new StringBuilder(b.substring(from, to)).reverse().toString());
                case 4 -> b.replace(from, to, b.substring(from, to).toUpperCase(java.util.Locale.ROOT));
                default -> b.setLength(Math.max(1, from));
            }
        }
        return b.toString();
    }

    @Test
    void nothingThrowsAndEveryRangeLiesInTheText() {
        List<String> letters = Stream.of("tuning.txt", "blind.txt")
                .flatMap(f -> Corpus.read(f).stream())
                .map(Corpus.Letter::text)
                .toList();
        Random random = new Random(SEED);
        long begun = System.nanoTime();
        for (int n = 0; n < COUNT; n++) {
            String text = mangled(letters.get(random.nextInt(letters.size())), random);
            try {
                isInside(ENGINE.review(text, NOWHERE), text);
            } catch (RuntimeException | AssertionError e) {
                throw new AssertionError("mangled text " + n + " of seed " + SEED + ":\n" + text, e);
            }
        }
        System.out.printf("%,d mangled texts in %.1f s%n", COUNT, (System.nanoTime() - begun) / 1e9);
    }

    private static void isInside(Review review, String text) {
        assertThat(review.text()).isEqualTo(text);
        Stream.of(
                        review.recipe().ingredients().stream().map(i -> i.range()),
                        review.recipe().unread().stream().map(u -> u.range()),
                        review.findings().stream().flatMap(f -> f.evidence().stream()),
                        review.questions().stream().flatMap(q -> q.question().evidence().stream()))
                .flatMap(r -> r)
                .forEach(r ->
                        assertThat(isIn(r, text)).as(r + " of " + text.length()).isTrue());
    }

    private static boolean isIn(Range r, String text) {
        return r.start() >= 0
                && r.start() < r.end()
                && r.end() <= text.length()
                && !r.of(text).isEmpty();
    }

    /** Ten times the text takes about ten times as long, up to the most that is taken in. */
}
