package oilcloth.reply;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import oilcloth.check.Language;
import oilcloth.corpus.Corpus;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import oilcloth.review.Engine;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Years of school a letter asks for. */
class ReadabilityTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());

    @ParameterizedTest
    @CsvSource({
        "jar, 1",
        "vinegar, 3",
        "process, 2",
        "time, 1",
        "table, 2",
        "jars, 1",
        "boiled, 1",
        "heated, 2",
        "minutes, 2",
        "acidity, 4"
    })
    void englishSyllables(String word, int expected) {
        assertThat(Readability.syllables(word, Language.EN)).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({
        "frasco, 2",
        "agua, 2",
        "tiempo, 2",
        "todavía, 4",
        "vinagre, 3",
        "refrigerador, 5",
        "oiga, 2",
        "cuidado, 3",
        "país, 2",
        "hacia, 2"
    })
    void spanishSyllables(String word, int expected) {
        assertThat(Readability.syllables(word, Language.ES)).isEqualTo(expected);
    }

    @Test
    void aLongSentenceIsPointedOut() {
        String letter = "Hello Ada,\n\nBoil the jars. Considering the circumstances under which you preserved these"
                + " vegetables, refrigeration immediately following acidification is unconditionally recommended.\n\n2 cups water";
        Readability read = Readability.of(letter, Language.EN);
        assertThat(read.sentences()).isEqualTo(2);
        assertThat(read.grade()).isGreaterThan(Readability.AIM);
        assertThat(read.hardest()).hasSize(1);
        assertThat(read.hardest().get(0).of(letter)).startsWith("Considering").endsWith("recommended.");
    }

    @Test
    void figuresWithAPointEndNoSentence() {
        assertThat(Readability.of("Use 2.5 cups of 5 % vinegar.", Language.EN).sentences())
                .isEqualTo(1);
    }

    @Test
    void nothingIsEasy() {
        assertThat(Readability.of("", Language.EN).grade()).isZero();
    }

    @Test
    void theLettersOfTheEngineAreEasyToRead() {
        List<Double> grades = Corpus.texts().stream()
                .map(t -> Readability.of(
                                Passage.join(Letter.compose(
                                        ENGINE.review(t, Context.planning(null)), LetterTest.wish(Language.EN))),
                                Language.EN)
                        .grade())
                .sorted()
                .toList();
        assertThat(grades.get(grades.size() - 1)).isLessThanOrEqualTo(Readability.AIM);
    }
}
