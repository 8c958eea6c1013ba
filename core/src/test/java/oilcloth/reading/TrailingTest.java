package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What hangs on behind what was read, and which of it is asked about. */
class TrailingTest {
    private static List<String> unread(String told) {
        return Asked.about("Crushed tomatoes, boiled 5 minutes.\n" + told);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Process quarts 45 minutes in a boiling water bath, lids loose.",
                "Process quarts 45 minutes in a boiling water bath or less.",
                "45 minutes in the boiling water canner with the burner on low.",
                "45 minutes in the boiling water canner, or until they seal.",
                "45 minutes in the boiling water canner from cold.",
                "2 Tbsp bottled lemon juice in each quart, sometimes lime.",
                "2 Tbsp bottled lemon juice in each quart unless the bottle is empty.",
                "Fill hot pints, lids loose, half an inch.",
                "Fill hot pints to half an inch, poured cold."
            })
    void isAskedAbout(String told) {
        assertThat(unread(told)).as(told).isNotEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Process quarts 45 minutes in a boiling water bath at a full rolling boil.",
                "45 minutes in the boiling water canner, then heat off and lid off.",
                "45 minutes in Mother's old enamel boiling water canner on the back porch.",
                "2 Tbsp bottled lemon juice in each quart before filling.",
                "Fill hot pints to half an inch, wipe rims, lids on.",
                "Fill hot quarts with the hot tomatoes, leaving half an inch."
            })
    void saysNothingAgainstIt(String told) {
        assertThat(unread(told)).as(told).isEmpty();
    }
}
