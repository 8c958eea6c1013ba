package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThat;

import oilcloth.guide.GuideSnapshot;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is taken back in the same breath is not told, and every letter else stays where it was. */
class SelfCorrectedTest {
    private static String without(String text) {
        return SelfCorrected.without(text, GuideSnapshot.shipped().lexicon());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            15 - sorry, 20 minutes in the canner                | 20 minutes in the canner
            thirty minutes, no, I tell a lie, forty minutes     | forty minutes
            10, I mean 11 lb, dial                              | 11 lb, dial
            Soaked 12, no, 16 hours                             | Soaked 16 hours
            Vented for seven minutes, I mean ten.               | Vented for ten minutes.
            4 cups... no, 5 cups vinegar                        | 5 cups vinegar
            half an inch, make that one inch                    | one inch
            75 minutes at 11 pounds, dial. Oh wait, 12 pounds.  | 75 minutes at , dial 12 pounds.
            4000 ft. Oops, 400 ft.                              | 400 ft.
            700 ft. Sorry, at 7000 ft.                          | 7000 ft.
            hot quarts (correction: pints), half inch           | hot pints , half inch
            7 quarts... wait, I did pints                       | 7 pints
            half gallons... no, quarts                          | quarts
            12 half pints of jam... wait i mean pints           | 12 of jam pints
            Ground veal... wait, it was ground pork             | Ground ground pork
            the cabbage - sorry, celery                         | the celery
            Crab-apple? no, plums                               | plums
            Black beans... no, these are pintos                 | pintos
            heavy, no, light syrup                              | light syrup
            a tsp of salt... wait I do half tsp per pint        | of salt half tsp per pint
            carrots, cabbage... no, NOT cabbage: corn           | carrots, : corn
            Raw pack? No, hot pack                              | pack hot pack
            2 Tbsp bottled, no, fresh lemon juice               | 2 Tbsp fresh lemon juice
            """)
    void theFirstIsNotTold(String text, String told) {
        assertThat(without(text)).hasSameSizeAs(text);
        assertThat(without(text).replaceAll("\\s+", " ").strip()).isEqualTo(told);
    }

    /** Of two kinds, of no kind, a denial, or a wait that is meant. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "20 minutes in the canner. Sorry, 3 of the jars did not seal.",
                "Process 45 minutes, wait 5 minutes, take them out.",
                "Vented ten minutes, no, wait 5 minutes before the weight goes on.",
                "Beans and ham, I mean green beans",
                "salt - sorry, sugar",
                "Corn, sorry, no beans this year",
                "pears with onion, no garlic",
                "peaches, I mean the yellow ones",
                "2 tablespoons lemon juice, no salt",
                "Pints 20. Sorry, 2 pounds of pears.",
                "25 minutes - no, that was the quarts - for the pints",
                "Sorry for the long letter. 20 minutes at 10 pounds.",
                "No wait. 20 minutes.",
                "20 min at 8 lb dial. Oops, 11 lb is what it should be.",
                "Vented four, oops, ten was it?",
                "Hot quarts, I mean pints some of them",
                "5 lb pears\nSorry, 20 minutes",
            })
    void whatIsOfAnotherKindIsLeft(String text) {
        assertThat(without(text)).isEqualTo(text);
    }
}
