package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.IntStream;
import oilcloth.measure.Altitude;
import oilcloth.recipe.Fact;
import oilcloth.text.Range;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A number to call at is no figure of the canning; a height in hundreds and thousands is none to call at. */
class TelephoneTest {
    private static boolean isFound(String text) {
        Sentence s = new Sentence(text, new Range(0, text.length()), false);
        return IntStream.range(0, s.size()).anyMatch(i -> Telephone.end(s, i) > i);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "My number is 555-0142.",
                "Call me at (555) 555-0142.",
                "Phone: 555-555-0142, evenings.",
                "You can reach us at 555-0142 after four."
            })
    void isToldByItsFiguresAndWords(String text) {
        assertThat(isFound(text)).isTrue();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "We are at 800-1000 ft.",
                "Elevation 900-1000.",
                "The dial read 555-0142.",
                "Process 100 minutes.",
                "Made 120 jars, 240 in 2024."
            })
    void isNoOtherPairOfFigures(String text) {
        assertThat(isFound(text)).isFalse();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"We are at 800-1000 ft.|1000", "Elevation 900-1000.|1000", "My number is 555-0142. 700 ft.|700"})
    void leavesHeightsAlone(String told, int feet) {
        assertThat(Read.facts("Pears, hot pack, pints, 20 minutes boiling water. " + told)
                        .altitude())
                .map(Fact::value)
                .contains(Altitude.ofFeet(feet));
    }

    @Test
    void isNotAskedAbout() {
        assertThat(Read.recipe("Pears, hot pack, pints, 20 minutes boiling water, 700 ft. My number is 555-0142.")
                        .unread())
                .isEmpty();
    }
}
