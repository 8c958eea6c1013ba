package oilcloth.lookup;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oilcloth.corpus.Examples;
import oilcloth.guide.Gauge;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Method;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Every row of the tables at every altitude from 0 to 10,000 ft, as the phone answers it, against the table's own text
 * read by other code than the engine's.
 */
class EveryRowTest {
    private static final Lookup LOOKUP = new Lookup(GuideSnapshot.shipped());
    private static final Pattern CELL = Pattern.compile("\"((?:[^\"]|\"\")*)\"|([^,]*)");

    @ParameterizedTest
    @ValueSource(strings = {"processes-boiling.csv", "processes-pressure.csv"})
    void isReachedAndAnswersItsFigures(String table) {
        boolean boiling = table.contains("boiling");
        int compared = 0;
        for (Map<String, String> row : oracle(table)) {
            for (int feet = 0; feet <= 10_000; feet += 250) {
                for (String gauge : boiling ? List.of("water bath") : List.of("dial", "weighted")) {
                    String question = row.get("id") + " " + row.get("jar") + " " + feet + " ft " + gauge;
                    Answer answer = LOOKUP.ask(question).answers().stream()
                            .filter(a -> a.process().id().equals(row.get("id")))
                            .findFirst()
                            .orElseThrow(() -> new AssertionError("not reached: " + question));
                    String expected = boiling ? boilingMinutes(row, feet) : pressure(row, feet, gauge);
                    assertThat(told(answer, gauge)).as(question).isEqualTo(expected);
                    assertThat(answer.headspace().inches()).isEqualTo(Double.parseDouble(row.get("headspace_in")));
                    compared++;
                }
            }
        }
        assertThat(compared).isGreaterThan(7_000);
    }

    private static String told(Answer a, String gauge) {
        if (a.isOffTable()) {
            return "beyond the table";
        }
        String minutes = Integer.toString(a.minutes().orElseThrow().value());
        return a.isPressure()
                ? minutes + "@"
                        + a.psi(gauge.equals("dial") ? Gauge.DIAL : Gauge.WEIGHTED)
                                .orElseThrow()
                : minutes;
    }

    private static String boilingMinutes(Map<String, String> row, int feet) {
        if (feet <= 1000) {
            return row.get("t_0_1000");
        }
        return feet <= 3000 ? row.get("t_1001_3000") : feet <= 6000 ? row.get("t_3001_6000") : row.get("t_6001_up");
    }

    private static String pressure(Map<String, String> row, int feet, String gauge) {
        String psi;
        if (gauge.equals("weighted")) {
            psi = feet <= 1000 ? row.get("weighted_psi_0_1000") : row.get("weighted_psi_1001_up");
        } else if (feet > 8000) {
            psi = "";
        } else {
            psi = feet <= 2000
                    ? row.get("dial_psi_0_2000")
                    : feet <= 4000
                            ? row.get("dial_psi_2001_4000")
                            : feet <= 6000 ? row.get("dial_psi_4001_6000") : row.get("dial_psi_6001_8000");
        }
        return psi.matches("[0-9]+") ? row.get("minutes") + "@" + psi : "beyond the table";
    }

    private static List<Map<String, String>> oracle(String table) {
        List<String> lines = Examples.lines("/oilcloth/guide/" + table);
        List<String> names = cells(lines.get(0));
        List<Map<String, String>> rows = new ArrayList<>();
        for (String line : lines.subList(1, lines.size())) {
            List<String> cells = cells(line);
            Map<String, String> row = new LinkedHashMap<>();
            for (int i = 0; i < names.size(); i++) {
                row.put(names.get(i), cells.get(i));
            }
            rows.add(row);
        }
        return rows;
    }

    private static List<String> cells(String line) {
        List<String> cells = new ArrayList<>();
        Matcher m = CELL.matcher(line);
        int at = 0;
        while (at <= line.length() && m.find(at)) {
            cells.add(m.group(1) != null ? m.group(1).replace("\"\"", "\"") : m.group(2));
            at = m.end() + 1;
        }
        return cells;
    }

    /** Typed by hand from the reference, told in words. */
    @ParameterizedTest
    @CsvSource({
        "apples sliced hot pints 1800, 25",
        "applesauce pints 3500, 20",
        "applesauce quarts 6500, 35",
        "apricots raw pints 250, 25",
        "blackberries hot quarts 7000, 25",
        "cherries raw pints 5000, 35",
        "figs quarts 6100, 65",
        "grapefruit sections pints 2000, 15",
        "whole grapes raw quarts 900, 20",
        "nectarines hot quarts 3100, 35",
        "peaches raw quarts 500, 30",
        "pears quarts 8000, 40",
        "pineapple quarts 1000, 20",
        "plums raw pints 6000, 30",
        "rhubarb quarts 1001, 20",
        "blueberry pie filling pints 800, 30",
        "cherry pie filling quarts 4000, 40",
        "tomato juice pints 700, 35",
        "tomato sauce quarts 3000, 45",
        "crushed tomatoes quarts 900, 45",
        "tomatoes whole in water raw pints 100, 40",
        "tomatillos quarts 2000, 50",
        "country western ketchup pints 2500, 20",
        "easy hot sauce half pints 5000, 15",
        "tomatillo green salsa pints 6200, 25",
        "taco sauce pints 6200, 30",
        "pickled okra pints 3500, 15",
        "pickled carrots pints 500, 15",
        "pickled cauliflower half pints 7000, 20",
        "quick fresh-pack dill quarts 1000, 15",
        "sweet gherkins pints 900, 5",
        "reduced-sodium dill quarts 2000, 25",
        "pickled pearl onions pints 6001, 20",
        "marinated mushrooms half pints 1000, 20",
        "three bean salad pints 5000, 20",
        "pickle relish half pints 400, 10",
        "golden pepper jelly half-pints 500, 5",
        "pear apple jam half pints 2000, 10",
        "peach pineapple spread pints 4000, 30",
        "cranberry orange chutney pints 6500, 20",
        "spiced crab apples pints 900, 20",
        "berry syrup pints 900, 10",
    })
    void rowsTypedByHand(String question, int minutes) {
        PhoneAnswer answer = LOOKUP.ask(question);
        assertThat(answer.answers()).as(question).isNotEmpty().allSatisfy(a -> {
            assertThat(a.process().method()).isEqualTo(Method.BOILING);
            assertThat(a.minutes().orElseThrow().value())
                    .as(question + ": " + a.process().id())
                    .isEqualTo(minutes);
        });
    }

    @Test
    void aPressureRowIsNotMistakenForTheBoilingOneOfTheSameName() {
        assertThat(LOOKUP.ask("pears-hot quart 900 ft dial").answers())
                .singleElement()
                .satisfies(a -> assertThat(told(a, "dial")).isEqualTo("10@6"));
        assertThat(LOOKUP.ask("pears-hot quart 900 ft").answers())
                .singleElement()
                .satisfies(a -> assertThat(told(a, "")).isEqualTo("25"));
    }
}
