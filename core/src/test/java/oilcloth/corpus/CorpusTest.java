package oilcloth.corpus;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How much of what canners send is read: lines, facts, and the process it belongs to. */
class CorpusTest {
    /** The sets, and the share of letters that must stand where an educator puts them. */
    @ParameterizedTest
    @CsvSource({
        "tuning.txt, 0.96",
        "blind.txt, 0.97",
        "last.txt, 0.97",
        "autumn.txt, 0.97",
        "winter.txt, 0.95",
        "spring.txt, 0.97",
        "frost.txt, 0.95",
        // short notes, several of them in a muddle
        "summer.txt, 0.94"
    })
    void isReadAndPlaced(String file, double placed) {
        Marks marks = Marks.of(Corpus.read(file));
        System.out.println(file + ": " + marks);
        if (Boolean.getBoolean("oilcloth.misses")) {
            marks.misses.forEach(System.out::println);
        }
        String misses = marks + "\n" + String.join("\n", marks.misses);
        assertThat(marks.shareOfLines()).as(misses).isGreaterThan(0.95);
        assertThat(marks.shareOfFacts()).as(misses).isGreaterThan(0.95);
        assertThat(marks.sharePlaced()).as(misses).isGreaterThan(placed - 0.01);
        assertThat(marks.falselySound).as(misses).isZero();
        assertThat(marks.shareOfCodes()).as(misses).isGreaterThan(0.95);
        assertThat(marks.placedWrongSurely).as(String.join("\n", marks.misses)).isZero();
    }
}
