package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The blanks of a form: what stands behind "Time", "Pressure" and "Altitude". */
class FormFactsTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            Processing time: 20 min | 20
            Process Time - 20 minutes | 20
            TIME: 20 MIN | 20
            Time in canner: 20 minutes | 20
            Minutes: 20 | 20
            """)
    void theTimeOnAForm(String line, String minutes) {
        String form = "Product: pears\nJar size: pint\nMethod: boiling water bath\n";
        assertThat(Read.facts(form + line + "\nAltitude: 700 ft").times().stream()
                        .map(t -> Integer.toString(t.value().least().value())))
                .containsExactly(minutes);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            Prep time: 20 minutes
            Cook time: 20 min
            Total time: 90 min
            Time to peel: 40
            """)
    void otherTimesOnAFormAreNone(String line) {
        assertThat(Read.facts("Product: pears\nJar size: pint\nMethod: boiling water bath\n" + line
                                + "\nAltitude: 700 ft")
                        .times())
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            Pressure: 11 lb | 11
            PSI: 11 | 11
            Pressure used - 10 pounds | 10
            Lbs. pressure: 15 | 15
            """)
    void thePressureOnAForm(String line, double psi) {
        String form = "Product: carrots\nJar size: pint\nGauge: dial\nTime: 25 min\n";
        assertThat(Read.facts(form + line).pressures().stream()
                        .map(p -> p.value().psi()))
                .containsExactly(psi);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            Altitude: 700 | 700
            Elevation (ft): 700 | 700
            Altitude = 700 feet | 700
            Elev 700' | 700
            """)
    void theAltitudeOnAForm(String line, int feet) {
        assertThat(Read.facts("Product: pears\nJar size: pint\nMethod: BWB\nTime: 20 min\n" + line)
                        .altitude()
                        .map(a -> a.value().feet()))
                .contains(feet);
    }
}
