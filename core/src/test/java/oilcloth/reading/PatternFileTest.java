package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThatCode;

import java.util.List;
import oilcloth.text.Cue;
import oilcloth.text.Range;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Patterns are made when they are first asked: a wrong one would be found by a letter. */
class PatternFileTest {
    /** Holds what most patterns look for, so that each is asked in earnest. */
    private static final String WORDS =
            "i cut the vinegar to 2 cups, most of them sealed but one lid flexed and didn't seal; the jars were cloudy, 18 minutes not 20, like sand on the shelf after a week";

    @ParameterizedTest
    @CsvSource({
        "talk-phrases.txt,''",
        "appearance-phrases.txt,beside",
        "appearance-phrases.txt,looks",
        "appearance-phrases.txt,matters",
        "deviations.txt,changed",
        "deviations.txt,doubt",
        "deviations.txt,hedged",
        "deviations.txt,fell",
        "deviations.txt,unsaid",
        "deviations.txt,undone",
        "deviations.txt,spoiled",
        "deviations.txt,odd",
        "deviations.txt,waited"
    })
    void everyPatternCanBeAsked(String file, String section) {
        Sentence s = new Sentence(WORDS, new Range(0, WORDS.length()), false);
        List<Cue> cues = PatternFile.load(file).cues(section);
        assertThatCode(() -> cues.forEach(c -> c.matcher(s.low()).find()))
                .as(file + " " + section)
                .doesNotThrowAnyException();
    }
}
