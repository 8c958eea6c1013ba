package oilcloth.guide;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the words of a process's style ask before the jars are filled. */
class PretreatmentTest {
    private static final GuideSnapshot GUIDE = GuideSnapshot.shipped();

    private static Process process(Method method, String id) {
        return GUIDE.process(method, id).orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "PRESSURE, okra-hot, 2",
        "PRESSURE, mushrooms-hot, 5",
        "PRESSURE, greens-hot, 3",
        "PRESSURE, sweet-potatoes-hot, 15",
        "PRESSURE, beans-dry-hot, 30",
        "BOILING, pears-hot, 5",
        "BOILING, pineapple-hot, 10",
        "BOILING, tomatillos-hot-water, 5"
    })
    void minutesOfTheBoil(Method method, String id, int minutes) {
        assertThat(Pretreatment.of(process(method, id))).singleElement().satisfies(w -> assertThat(w.heatMinutes())
                .hasValue(minutes));
    }

    @Test
    void potatoesEachSizeWithItsOwnBoil() {
        assertThat(Pretreatment.of(process(Method.PRESSURE, "white-potatoes-hot")))
                .extracting(
                        w -> w.heatMinutes().getAsInt(), w -> w.pieceInches().getAsDouble(), Pretreatment::whole)
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple(2, 0.5, false),
                        org.assertj.core.groups.Tuple.tuple(10, 2.0, true));
    }

    @Test
    void dryBeansAreSoakedTwelveHoursOrOneAfterABoil() {
        assertThat(Pretreatment.of(process(Method.PRESSURE, "beans-dry-hot")))
                .singleElement()
                .satisfies(w -> assertThat(w.soak()).isEqualTo(new Pretreatment.Soak(12, 1)));
    }

    @Test
    void aStyleWithoutFiguresAsksNothing() {
        assertThat(Pretreatment.of(process(Method.PRESSURE, "carrots-raw"))).isEmpty();
    }
}
