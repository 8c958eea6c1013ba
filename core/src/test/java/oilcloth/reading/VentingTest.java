package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThat;

import oilcloth.recipe.Fact;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Whether the air was let out of the pressure canner for the ten minutes that were tested. */
class VentingTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            Vent the canner 10 minutes. | true
            Let the steam go ten minutes, then the weight. | true
            after letting the steam blow ten minutes | true
            Waited for the steam, let it go 10 minutes, weight on. | true
            vented first for five, | false
            Vented: yes, 10. | true
            Vented 10 minutes with the weight on. | false
            Vent pipe closed from the start. | false
            steam let out ten minutes first | true
            exhausted ten min | true
            steam out the vent for ten minutes | true
            vent 10 | true
            We don't bother letting it steam first. | false
            I never vent mine. | false
            Vent the pressure canner for 5 minutes. | false
            Vent the pressure canner for 10 minutes. | true
            After 5 min. of venting, | false
            After 10 min. of venting, | true
            Vented: yes, 5 min. | false
            10# / vent 5 / then | false
            10# / vent 10 / then | true
            Vent 5:00, then | false
            Vented five, | false
            Vented 5 to 10, | true
            Ten pounds, 5 min. vent. | false
            Let the steam come out of it for 4 minutes before the weight went on. | false
            Exhausted with the petcock wide open for about six minutes. | false
            boiled 5 min. vented 10 min. | true
            Vented the canner with the lid locked on and the petcock open for all of 30 seconds. | false
            I check the vent pipe and the gasket, fill the jars and boil 5 minutes. Vented 10. | true
            Vented a full five, | false
            After the steam has blown 10 minutes, | true
            The steam had blown 5 minutes, | false
            5 minutes' venting. | false
            "How long do you vent?" "Five minutes." | false
            "How long do you vent?" "Ten minutes." | true
            Steam for ten, | true
            Ten minutes by the kitchen timer with the steam rolling out, | true
            11 lbs dial 30 min, 10 vent. | true
            11 lbs dial 30 min, 5 vent. | false
            We forgot about venting because the phone rang. | false
            Didn't have time to vent. | false
            Never got around to venting. | false
            Weight on right away. | false
            Vented ten minutes, weight on right away after that. | true
            Never needed that venting stuff. | false
            I set the weight when steam shows. | false
            I let the steam roll out for ten minutes before I close it. | true
            ten of steam before, | true
            five of steam before, | false
            Vented five & waited for zero. | false
            Vented 10 & waited for zero. | true
            Vented. When the pressure was down I waited 5 minutes and lifted the lid. | true
            """)
    void venting(String text, boolean vented) {
        assertThat(Read.facts("Beef cubes\nRaw in pints. " + text + " 75 minutes at 10 lb weighted.")
                        .vented()
                        .map(Fact::value))
                .contains(vented);
    }
}
