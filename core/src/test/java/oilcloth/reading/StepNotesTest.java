package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import oilcloth.recipe.Facts;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every step in as few words as it takes: rests that are no process, jars and pounds that stand alone. */
class StepNotesTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            Heat off. 5 min. Out on a rack. | 25
            Off; 5 min; out; towel. | 25
            Off heat, 5 min, lift out. | 25
            Burner off. Lid off. Wait 5 min. Out. | 25
            Burner off, 40 min, out. | 25
            Natural drop. 10 min. Out. | 25
            Down on its own, 45 min. | 25
            Came down by itself (38 min). | 25
            Off. Zero. Ten. Lid. | 25
            Boil 2 min, cover, stand 20-30 min. | 25
            Lid back on, another 10 minutes boiling in the bath. | 10 25
            """)
    void aRestIsNoProcess(String steps, String times) {
        assertThat(Facts.values(Read.facts("Plums, hot pack, quarts, syrup to 1/2 inch. BWB 25 min. 360 ft. " + steps)
                                .times())
                        .stream()
                        .map(t -> t.most().value())
                        .sorted()
                        .map(String::valueOf)
                        .collect(Collectors.joining(" ")))
                .isEqualTo(times);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            Pickled okra - 9 pts - 7 lb small okra | PINT
            Beef strips, hot. Jars (qt) loosely, broth, 1 inch. | QUART
            Beef strips, hot, broth, 1 inch. 7 qt. | QUART
            Asparagus, raw, 1 inch. 14 pts, 14 seals. | PINT
            Corn, raw pack 9 pt. Loose, 1 inch. | PINT
            Sterile 1/2 pts. Jam to 1/4 inch. | HALF_PINT
            Okra, 7 lb. 6 wide-mouth pints. | PINT
            Quantity: 6 wide-mouth pints | PINT
            1/2 pt. vinegar, 3 lb okra |
            Vinegar, 2 pts, sugar, 1 pt, water, 3 cups, beets 7 lb. |
            I used 3 qts. It was 16 ears. |
            Beets: 7 lb; vinegar: 2 pts; water: 1 pt. |
            """)
    void jarsThatStandAlone(String told, String jar) {
        assertThat(Facts.values(Read.facts(told).jars()).stream()
                        .map(Enum::name)
                        .distinct()
                        .collect(Collectors.joining(" ")))
                .isEqualTo(jar == null ? "" : jar);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            Weighted. Vent 10. 10 lb rocking - 25 min. | 10
            Weighted. Vent 10. 10 lb wt. 25 min. | 10
            Dial. Vent 10. 12 lb (3,500 ft). 25 min. | 12
            Dial. Vent 10. Up to 11, clock on. 25 min. | 11
            Dial. Vent 10. 11 lb, start 2:05, off 2:30 (25 min). | 11
            PC weighted 10, vented 10, 25 min. | 10
            Weighted, vented 10 min. 25 minutes 10 lb. | 10
            Dial. Vent 10. 12 lb (about 6 quarts) of them. |
            Dial. Vent 10. Filled up to 11 jars. |
            """)
    void poundsThatStandAlone(String steps, String psi) {
        assertThat(Facts.values(Read.facts("Carrots, raw, pints, 1 inch. " + steps)
                                .pressures())
                        .stream()
                        .map(p -> String.valueOf((int) p.psi()))
                        .distinct()
                        .collect(Collectors.joining(" ")))
                .isEqualTo(psi == null ? "" : psi);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            Carrots, pints, 1 inch. Steam 10. Weight on. | true
            Carrots, pints, 1 inch. Steady steam 10 min. Weight on. | true
            Carrots, pints, 1 inch. Steam ten then close. | true
            Spinach. Steam 10. Pack in pints. |
            Carrots, pints, 1 inch. Steam 5 min. Weight on. | false
            """)
    void tenOfSteam(String told, Boolean vented) {
        assertThat(Read.facts(told).vented().map(v -> v.value()).orElse(null)).isEqualTo(vented);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            Peaches in pints, hot, syrup over, 1/2. | 0.5
            Carrots in pints, boiling water, 1" left. | 1
            Carrots, raw, in pints, hot water to an inch below the top. | 1
            """)
    void headspaceInAWord(String told, String inches) {
        assertThat(Read.facts(told)
                        .headspace()
                        .map(h -> String.valueOf(h.value().least().inches()))
                        .orElse(""))
                .startsWith(inches);
    }
}
