package oilcloth.corpus;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** How much of what canners send is read: lines, facts, and the process it belongs to. */
class CorpusTest {
    @ParameterizedTest
    @ValueSource(
            strings = {"tuning.txt", "blind.txt", "last.txt", "autumn.txt", "winter.txt", "spring.txt", "summer.txt"})
    void isReadAndPlaced(String file) {
        Marks marks = Marks.of(Corpus.read(file));
        System.out.println(file + ": " + marks);
        if (Boolean.getBoolean("oilcloth.misses")) {
            marks.misses.forEach(System.out::println);
        }
        assertThat(marks.shareOfLines())
                .as(marks + "\n" + String.join("\n", marks.misses))
                .isGreaterThan(0.95);
        assertThat(marks.shareOfFacts())
                .as(marks + "\n" + String.join("\n", marks.misses))
                .isGreaterThan(0.90);
        assertThat(marks.sharePlaced())
                .as(marks + "\n" + String.join("\n", marks.misses))
                .isGreaterThan(0.95);
        assertThat(marks.placedWrongSurely).as(String.join("\n", marks.misses)).isZero();
    }
}
