package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.IntStream;
import oilcloth.text.Range;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PlainTellingTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "It was twenty minutes.",
                "Held it at that for 20 minutes.",
                "20 minutes (pints).",
                "Pints take 20 minutes and that's what they got.",
                "Brought it to pressure with the dial steady and it was 20 minutes.",
                "Gave them twenty minutes by the stove clock, then turned it off.",
                "For 20 minutes I stood there and watched the dial.",
                "They boiled 20 minutes with the water an inch over the lids."
            })
    void tellsTheTime(String words) {
        assertThat(isTime(words)).as(words).isTrue();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "It took 20 minutes.",
                "It was 20 minutes before the steam came.",
                "Held it for nearly 20 minutes.",
                "I watched the news for 20 minutes.",
                "Brought the beans to a boil and it was 20 minutes.",
                "Dropped to zero pounds, then 20 minutes.",
                "20 minutes, I think.",
                "Was it 20 minutes?",
                "It was 20 minutes, or so they said.",
                "Every 20 minutes."
            })
    void tellsSomethingElseToo(String words) {
        assertThat(isTime(words)).as(words).isFalse();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Held 11 pounds steady.",
                "It held at 11 lb from start to finish.",
                "Never let it go under 11 pounds.",
                "11 pounds per square inch",
                "10 lb, rocking gently.",
                "Put the weight on the 10 side.",
                "Waited till it said 11 and turned it down a touch."
            })
    void tellsThePressure(String words) {
        assertThat(isPressure(words)).as(words).isTrue();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "It never got to 11 pounds.",
                "I bought 11 pounds.",
                "Held 11 pounds most of the way.",
                "It goes up to 11 pounds.",
                "At most 11 pounds.",
                "It fell from 11 pounds."
            })
    void isNoPressureHeld(String words) {
        assertThat(isPressure(words)).as(words).isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"It was twenty minutes.", "Then I gave them 20 minutes on the timer."})
    void accountsForEveryWordOfIt(String words) {
        Sentence s = sentence(words);
        assertThat(isTime(s)).isTrue();
        assertThat(IntStream.range(0, s.size()).filter(i -> s.token(i).isWord()))
                .allMatch(s::isClaimed);
    }

    private static boolean isTime(String words) {
        return isTime(sentence(words));
    }

    private static boolean isTime(Sentence s) {
        int at = figure(s);
        return PlainTelling.time(s, at, TimeSpan.at(s, at).orElseThrow().next());
    }

    private static boolean isPressure(String words) {
        Sentence s = sentence(words);
        int at = figure(s);
        int next = Numbers.at(s.tokens(), at).orElseThrow().next();
        boolean unit = s.is(next, "pounds") || s.is(next, "lb");
        return PlainTelling.pressure(s, at, unit ? next + 1 : next);
    }

    private static int figure(Sentence s) {
        return IntStream.range(0, s.size())
                .filter(i -> Numbers.at(s.tokens(), i).filter(f -> f.low() >= 5).isPresent())
                .findFirst()
                .orElseThrow();
    }

    private static Sentence sentence(String words) {
        return new Sentence(words, new Range(0, words.length()), false);
    }
}
