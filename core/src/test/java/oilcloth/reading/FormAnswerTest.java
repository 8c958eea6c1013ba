package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThat;

import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import oilcloth.review.Call;
import oilcloth.review.Engine;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A form as the office sends it out: one field filled in otherwise, and the answer is no longer "sound". */
class FormAnswerTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());

    private static final String BEANS =
            """
            Product: Green beans, raw pack
            Jar size: pints
            Preparation: washed, trimmed, cut in 1 inch pieces
            Salt: 1/2 tsp per jar
            Liquid: boiling water
            Headspace: 1 inch
            Air bubbles: removed
            Canner: pressure, dial gauge
            Vented: 10 minutes
            Pressure: 11 pounds
            Process time: 20 minutes
            Altitude: 640 ft
            Lids: new, two piece
            """;

    private static final String OKRA =
            """
            Recipe: Pickled okra
            Okra: 7 lb small pods
            Vinegar: 6 cups, 5%
            Water: 6 cups
            Salt: 2/3 cup canning salt
            Garlic: 8 cloves
            Hot peppers: 6 small
            Dill seed: 4 tsp
            Jar: pints
            Headspace: 1/2 inch
            Method: boiling water canner
            Time: 10 minutes
            Elevation: 300 feet
            """;

    private static Call call(String text) {
        return ENGINE.review(text, Context.planning(null)).call();
    }

    /** The form with one field's value changed. */
    private static String with(String form, String field, String value) {
        String changed = form.replaceFirst("(?m)^" + field + ": .*$", field + ": " + value);
        assertThat(changed).isNotEqualTo(form);
        return changed;
    }

    @Test
    void theFormsAreSoundAsFilledIn() {
        assertThat(call(BEANS)).isEqualTo(Call.SOUND);
        assertThat(call(OKRA)).isEqualTo(Call.SOUND);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            Product | Green beans with ham
            Product | Green bean casserole
            Jar size | half gallons
            Jar size | unknown
            Preparation | mashed
            Preparation | left overnight at room temperature
            Preparation | frozen beans, thawed
            Salt | 1 slice bacon per jar
            Salt | 1/2 cup flour per jar
            Liquid | none
            Liquid | cream sauce
            Liquid | tomato sauce
            Headspace | none
            Headspace | to the brim
            Headspace | 3 inches
            Canner | oven
            Canner | none
            Canner | stock pot
            Canner | boiling water bath
            Canner | steam canner
            Canner | electric pressure cooker
            Vented | no
            Vented | skipped
            Vented | n/a
            Vented | don't remember
            Vented | 2 minutes
            Vented | not this time
            Pressure | 5 pounds
            Pressure | not sure
            Pressure | varied 6 to 12
            Process time | 10 minutes
            Process time | not timed
            Process time | until done
            Altitude | 6,400 ft
            Altitude | not sure
            Lids | reused
            Lids | paraffin
            """)
    void beans(String field, String value) {
        assertThat(call(with(BEANS, field, value))).isNotEqualTo(Call.SOUND);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            Vinegar | 3 cups, 5%
            Vinegar | 6 cups, 4%
            Vinegar | 6 cups, homemade
            Vinegar | to taste
            Vinegar | none
            Vinegar | 6 cups, strength unknown
            Water | 12 cups
            Okra | 20 lb
            Okra | 7 lb okra and 3 lb green beans
            Method | oven
            Method | none, sealed hot
            Method | open kettle
            Method | dishwasher
            Time | 5 minutes
            Time | none
            Elevation | 7,000 feet
            Elevation | not known
            Jar | half gallons
            Headspace | none
            Headspace | 2 inches
            Garlic | 4 heads
            """)
    void okra(String field, String value) {
        assertThat(call(with(OKRA, field, value))).isNotEqualTo(Call.SOUND);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Vented: no.",
                "Venting - none.",
                "Vented? No.",
                "Vented (no).",
                "Vented = no.",
                "Vented, no.",
                "Exhausted: no.",
                "Vented? I did not.",
                "Vented 10 min? No.",
                "Steam vented: not this time.",
                "Vented: yes / no.",
                "Vented: 10 minutes; lids: reused."
            })
    void inALineOfTheLetter(String answer) {
        String told = "Green beans, raw pack, pints, boiling water, 1 inch. %s 20 minutes at 11 pounds dial. 640 ft.";
        assertThat(call(told.formatted("Vented 10 minutes."))).isEqualTo(Call.SOUND);
        assertThat(call(told.formatted(answer))).as(answer).isNotEqualTo(Call.SOUND);
    }
}
