package oilcloth.guide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import oilcloth.corpus.Examples;
import oilcloth.measure.Altitude;
import oilcloth.measure.JarSize;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The tables as loaded, against the tables as they stand, and what the loader refuses. */
class GuideTest {
    private static final GuideSnapshot GUIDE = GuideSnapshot.shipped();

    private static String table(String file) {
        return Examples.text("/oilcloth/guide/" + file);
    }

    /** Cuts a line of CSV by hand: nothing of the loader is used here. */
    private static List<String> cells(String line) {
        List<String> cells = new ArrayList<>();
        StringBuilder cell = new StringBuilder();
        boolean quoted = false;
        for (char c : line.toCharArray()) {
            if (c == '"') {
                quoted = !quoted;
            } else if (c == ',' && !quoted) {
                cells.add(cell.toString());
                cell.setLength(0);
            } else {
                cell.append(c);
            }
        }
        cells.add(cell.toString());
        return cells;
    }

    @Test
    void everyBoilingRowAtEveryAltitude() {
        List<String> lines = table("processes-boiling.csv").lines().skip(1).toList();
        assertThat(lines).hasSize(195);
        for (String line : lines) {
            List<String> c = cells(line);
            ProcessRow row = GUIDE.process(Method.BOILING, c.get(0))
                    .orElseThrow()
                    .rows()
                    .get(JarSize.ofId(c.get(4)).orElseThrow());
            assertThat(row.headspace().inches()).isEqualTo(Double.parseDouble(c.get(5)));
            for (int feet = 0; feet <= 10_000; feet += 250) {
                int column = feet <= 1_000 ? 6 : feet <= 3_000 ? 7 : feet <= 6_000 ? 8 : 9;
                assertThat(row.minutesAt(Altitude.ofFeet(feet)).value())
                        .as(line + " at " + feet)
                        .isEqualTo(Integer.parseInt(c.get(column)));
            }
        }
    }

    @Test
    void everyPressureRowAtEveryAltitude() {
        List<String> lines = table("processes-pressure.csv").lines().skip(1).toList();
        assertThat(lines).hasSize(187);
        for (String line : lines) {
            List<String> c = cells(line);
            ProcessRow row = GUIDE.process(Method.PRESSURE, c.get(0))
                    .orElseThrow()
                    .rows()
                    .get(JarSize.ofId(c.get(4)).orElseThrow());
            assertThat(row.minutesAt(Altitude.ofFeet(5_000)).value()).isEqualTo(Integer.parseInt(c.get(6)));
            for (int feet = 0; feet <= 10_000; feet += 250) {
                int column = feet <= 2_000 ? 7 : feet <= 4_000 ? 8 : feet <= 6_000 ? 9 : feet <= 8_000 ? 10 : -1;
                String dial = column < 0 ? "" : c.get(column);
                assertThat(words(row.psiAt(Gauge.DIAL, Altitude.ofFeet(feet))))
                        .as(line + " dial at " + feet)
                        .isEqualTo(dial.matches("\\d+") ? dial : "");
                String weighted = c.get(feet <= 1_000 ? 11 : 12);
                assertThat(words(row.psiAt(Gauge.WEIGHTED, Altitude.ofFeet(feet))))
                        .as(line + " weighted at " + feet)
                        .isEqualTo(weighted.matches("\\d+") ? weighted : "");
            }
        }
    }

    private static String words(java.util.OptionalInt psi) {
        return psi.isPresent() ? Integer.toString(psi.getAsInt()) : "";
    }

    @ParameterizedTest
    @CsvSource({
        "pears-hot, pint, 0, 20",
        "pears-hot, quart, 5200, 35",
        "peaches-raw, quart, 6001, 45",
        "tomatoes-whole-raw-no-liquid, quart, 1000, 85",
        "tomatoes-whole-raw-no-liquid, pint, 1001, 90",
        "tomatoes-whole-hot-water, quart, 3000, 50",
        "tomatoes-crushed-hot, quart, 6500, 60",
        "figs-hot, quart, 200, 50",
        "pickled-beets-hot, pint, 4000, 40",
        "pickled-okra-raw, pint, 900, 10",
        "corn-relish-hot, half-pint, 1500, 20",
        "applesauce-hot, quart, 2999, 25",
        "sauerkraut-raw, pint, 0, 20",
        "jam-no-pectin-hot, half-pint, 7000, 15",
    })
    void rowsTypedByHand(String id, String jar, int feet, int minutes) {
        ProcessRow row = GUIDE.process(Method.BOILING, id)
                .orElseThrow()
                .rowFor(JarSize.ofId(jar).orElseThrow())
                .orElseThrow();
        assertThat(row.minutesAt(Altitude.ofFeet(feet)).value()).isEqualTo(minutes);
    }

    @Test
    void aSmallerJarTakesTheNextLargerRowAndALargerOneHasNone() {
        Process relish =
                GUIDE.process(Method.BOILING, "green-tomato-relish-hot").orElseThrow();
        assertThat(relish.rowFor(JarSize.HALF_PINT)).contains(relish.rows().get(JarSize.PINT));
        assertThat(relish.rowFor(JarSize.QUART)).isEmpty();
    }

    @Test
    void everyRecipeEveryFoodEverySource() {
        assertThat(GUIDE.recipes()).hasSize(97).allSatisfy(r -> assertThat(GUIDE.source(r.source()))
                .isNotNull());
        assertThat(GUIDE.recipes()).allSatisfy(r -> assertThat(r.ingredients())
                .filteredOn(i -> i.role().equals("acid"))
                .allSatisfy(
                        i -> assertThat(i.foods()).as(r.id() + ": " + i.item()).isNotEmpty()));
        assertThat(GUIDE.foodNames()).hasSizeGreaterThan(258);
        assertThat(GUIDE.hash()).matches("[0-9a-f]{12}");
    }

    private static GuideLoader loader(String file, UnaryOperator<String> spoil) {
        return new GuideLoader(f -> f.equals(file) ? spoil.apply(table(f)) : table(f), Overlay.NONE);
    }

    @Test
    void aTableThatContradictsItselfIsRefusedByFileAndRow() {
        assertThatThrownBy(() -> loader(
                                "processes-boiling.csv", t -> t.replaceFirst("0.25,5,10,10,15", "0.25,15,10,10,15"))
                        .load())
                .hasMessageContaining("processes-boiling.csv, line 2")
                .hasMessageContaining("falls with altitude");
        assertThatThrownBy(() -> loader("placing.csv", t -> t.replaceFirst("apples-sliced-hot", "apples-diced-hot"))
                        .load())
                .hasMessageContaining("placing.csv")
                .hasMessageContaining("apples-diced-hot");
        assertThatThrownBy(() -> loader("processes-pressure.csv", t -> t.replaceFirst("Guide 4,high", "hearsay,high"))
                        .load())
                .hasMessageContaining("no source “hearsay”");
        assertThatThrownBy(
                        () -> loader("tested-recipes.csv", t -> t.replaceFirst("dilled-beans-raw", "dilled-beans-hot"))
                                .load())
                .hasMessageContaining("no process dilled-beans-hot");
        assertThatThrownBy(() -> loader("processes-boiling.csv", t -> t.replaceFirst(",half-pint,", ",bucket,"))
                        .load())
                .hasMessageContaining("“bucket” is no jar");
    }

    @Test
    void oneFigureChangedIsAnotherGuide() {
        String other = loader("processes-boiling.csv", t -> t.replaceFirst("0.25,5,10,10,15", "0.25,5,10,10,20"))
                .load()
                .hash();
        assertThat(other).isNotEqualTo(GUIDE.hash());
        assertThat(loader("foods.csv", t -> t).load().hash()).isEqualTo(GUIDE.hash());
    }

    /** Another name for a food, put among the aliases, must not split the name a tested line says. */
    @Test
    void aTestedLineNamesOneFoodUnlessItOffersSeveral() {
        Pattern several = Pattern.compile("\\bor\\b|[,(:]|lime soak");
        assertThat(GUIDE.recipes().stream()
                        .flatMap(r -> r.ingredients().stream())
                        .filter(i -> !several.matcher(i.item()).find()))
                .isNotEmpty()
                .allMatch(i -> i.foods().size() <= 1, "one food");
    }
}
