package oilcloth.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import oilcloth.guide.GuideSnapshot;
import oilcloth.heat.BoilingPoint;
import oilcloth.heat.Sterilising;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Quantities, their bounds and how they are written. */
class QuantitiesTest {
    @ParameterizedTest
    @CsvSource({
        "0, 0",
        "0.5, ½",
        "1.5, 1½",
        "0.333, ⅓",
        "2.667, 2⅔",
        "0.125, ⅛",
        "1, 1",
        "9.99, 10",
        "12, 12",
        "14.25, 14.3",
        "1200, '1,200'",
        "0.05, 0.05"
    })
    void figuresAsCooksWriteThem(double value, String words) {
        assertThat(Fractions.format(value)).isEqualTo(words);
    }

    @Test
    void measuresConvert() {
        assertThat(Volume.ofCups(1).tablespoons()).isCloseTo(16, Offset.offset(1e-9));
        assertThat(Volume.ofTablespoons(1).teaspoons()).isCloseTo(3, Offset.offset(1e-9));
        assertThat(Volume.ofTeaspoons(96)).isEqualTo(Volume.ofCups(2));
        assertThat(Amount.of(2, Unit.TABLESPOON).toString()).isEqualTo("2 Tbsp");
        assertThat(new Amount(2, 3, Unit.CUP, true).toString()).isEqualTo("2 to 3 cups");
    }

    @Test
    void metresRoundUpToTheSafeSide() {
        assertThat(Altitude.ofMetres(305).feet()).isEqualTo(1_001);
        assertThat(Altitude.ofMetres(0).feet()).isZero();
        assertThat(Altitude.ofFeet(5_280).metres()).isEqualTo(1_609);
    }

    @Test
    void nonsenseIsRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> Altitude.ofFeet(30_000));
        assertThatIllegalArgumentException().isThrownBy(() -> Volume.ofCups(-1));
        assertThatIllegalArgumentException().isThrownBy(() -> Headspace.ofInches(9));
        assertThatIllegalArgumentException().isThrownBy(() -> Minutes.of(-5));
        assertThatIllegalArgumentException().isThrownBy(() -> Pressure.ofPsi(100));
        assertThatIllegalArgumentException().isThrownBy(() -> new Amount(3, 2, Unit.CUP, true));
        assertThatIllegalArgumentException().isThrownBy(() -> new Amount(Double.NaN, 2, Unit.CUP, true));
    }

    @ParameterizedTest
    @CsvSource({"0, 212.0", "1000, 210.2", "3000, 206.5", "5000, 202.9", "7200, 198.9", "10000, 193.8"})
    void waterBoilsCoolerHigherUp(int feet, double fahrenheit) {
        assertThat(BoilingPoint.fahrenheit(Altitude.ofFeet(feet))).isCloseTo(fahrenheit, Offset.offset(0.06));
    }

    @ParameterizedTest
    @CsvSource({"0, 10", "1000, 10", "1001, 11", "2000, 11", "2001, 12", "5200, 15"})
    void jarsAreBoiledLongerHigherUp(int feet, int minutes) {
        assertThat(Sterilising.minutes(Altitude.ofFeet(feet)).value()).isEqualTo(minutes);
    }

    @Test
    void sterilisingIsForShortProcesses() {
        assertThat(Sterilising.needed(Minutes.of(9), GuideSnapshot.shipped())).isTrue();
        assertThat(Sterilising.needed(Minutes.of(10), GuideSnapshot.shipped())).isFalse();
    }
}
