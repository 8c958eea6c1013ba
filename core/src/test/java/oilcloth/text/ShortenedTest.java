package oilcloth.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class ShortenedTest {
    private static final String WHOLE = "Ran at least 20 minutes at least, at 11 pounds.";
    private static final Shortened SHORT = Shortened.without(WHOLE, List.of(range("at least "), new Range(23, 32)));

    private static Range range(String words) {
        int at = WHOLE.indexOf(words);
        return new Range(at, at + words.length());
    }

    @Test
    void leavesTheRestAsItStands() {
        assertThat(SHORT.text()).isEqualTo("Ran 20 minutes, at 11 pounds.");
    }

    @Test
    void tellsWhereEveryWordStood() {
        for (String words : List.of("Ran", "20 minutes", "20", "minutes", ", at", "11 pounds.")) {
            int at = SHORT.text().indexOf(words);
            Range original = SHORT.original(new Range(at, at + words.length()));
            assertThat(original.of(WHOLE)).isEqualTo(words);
        }
    }

    @Test
    void takesInWhatWasLeftOutBetween() {
        int end = SHORT.text().indexOf(" minutes");
        assertThat(SHORT.original(new Range(0, end)).of(WHOLE)).isEqualTo("Ran at least 20");
        assertThat(SHORT.original(new Range(0, SHORT.text().length())).of(WHOLE))
                .isEqualTo(WHOLE);
    }
}
