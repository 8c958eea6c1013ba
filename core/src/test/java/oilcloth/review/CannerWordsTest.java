package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import oilcloth.corpus.Examples;
import oilcloth.corpus.Part;
import oilcloth.guide.Confidence;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Method;
import oilcloth.guide.PlacingRule;
import oilcloth.guide.ProcessRow;
import oilcloth.measure.Altitude;
import oilcloth.measure.Fractions;
import oilcloth.measure.JarSize;
import oilcloth.recipe.Context;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The jars, the canner and the time in the words of many hands: right ones are sound, and no fault in them is. */
class CannerWordsTest {
    private static final GuideSnapshot GUIDE = GuideSnapshot.shipped();
    private static final Engine ENGINE = new Engine(GUIDE);
    private static final Altitude HERE = Altitude.ofFeet(500);
    /** Every so many rows of the tables; prime, so that all foods have their turn with some words. */
    private static final int STEP = 7;

    private static final int LONGEST_IN_STEAM = 45;
    private static final int STERILE_BELOW = 10;
    private static final int VENTING = 10;
    private static final Map<String, String> TYPED = Map.of("½", "1/2", "¼", "1/4", "¾", "3/4");
    private static final Map<Double, String> SPOKEN =
            Map.of(0.25, "a quarter", 0.5, "half an", 1.0, "an", 1.25, "one and a quarter", 1.5, "one and a half");

    private record Row(PlacingRule rule, ProcessRow row) {
        JarSize jar() {
            return row.jar();
        }

        Method method() {
            return rule.process().method();
        }

        int minutes() {
            return row.minutesAt(HERE).value();
        }
    }

    private record Words(String section, int number, String line) {
        boolean fit(Row row) {
            boolean steam = line.contains("steam canner") && row.minutes() > LONGEST_IN_STEAM;
            // a time as long as the venting cannot be told from it by its figure
            boolean asVenting = row.method() == Method.PRESSURE && row.minutes() <= VENTING;
            return !asVenting && section.equals(row.method() == Method.BOILING ? "boiling" : "pressure") && !steam;
        }

        /** @param minutes the time told */
        String of(Row row, int minutes) {
            double inches = row.row().headspace().inches();
            String figure = Fractions.format(inches);
            for (Map.Entry<String, String> f : TYPED.entrySet()) {
                figure = figure.replaceAll("(?<=\\d)" + f.getKey(), " " + f.getValue())
                        .replace(f.getKey(), f.getValue());
            }
            String spoken = SPOKEN.getOrDefault(inches, figure);
            String told = line.replace("${inches}-inch", spoken.replaceAll(" ?an$|^an$", "") + "-inch")
                    .replace("${inches}", spoken)
                    .replace("${headspace}", figure)
                    .replace("${jars}", row.jar().id() + "s")
                    .replace("${jar}", row.jar().id())
                    .replace("${words}", spoken(minutes))
                    .replace("${minutes}", String.valueOf(minutes))
                    .replace(" \\n ", "\n");
            String sterile =
                    row.minutes() < STERILE_BELOW ? "Boil the empty jars 16 minutes to sterilize them first.\n" : "\n";
            return sterile + Character.toUpperCase(told.charAt(0)) + told.substring(1);
        }

        @Override
        public String toString() {
            return section + " " + line;
        }
    }

    private static final List<String> ONES = List.of(
            "",
            "one",
            "two",
            "three",
            "four",
            "five",
            "six",
            "seven",
            "eight",
            "nine",
            "ten",
            "eleven",
            "twelve",
            "thirteen",
            "fourteen",
            "fifteen",
            "sixteen",
            "seventeen",
            "eighteen",
            "nineteen");
    private static final List<String> TENS =
            List.of("", "", "twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety");

    private static String spoken(int n) {
        if (n < ONES.size()) {
            return ONES.get(n);
        }
        if (n < 100) {
            return TENS.get(n / 10) + (n % 10 > 0 ? "-" + ONES.get(n % 10) : "");
        }
        return (n == 100 ? "a hundred" : "one hundred " + spoken(n - 100)).strip();
    }

    static Stream<Words> words() {
        List<Words> words = new ArrayList<>();
        for (String section : List.of("boiling", "pressure")) {
            Examples.section("/canner-words.txt", section)
                    .forEach(line -> words.add(new Words(section, words.size(), line)));
        }
        return words.stream();
    }

    private static List<Row> rows(Words words) {
        List<Row> fit = GUIDE.placing().stream()
                .flatMap(r -> r.process().rows().values().stream().map(row -> new Row(r, row)))
                .filter(r -> r.row().confidence() == Confidence.HIGH && words.fit(r))
                .filter(r -> r.jar() != JarSize.HALF_GALLON)
                .filter(r -> PlainProcessesTest.told(r.rule(), r.jar(), HERE).isPresent())
                .toList();
        return Part.of(fit, STEP, words.number());
    }

    private static Call call(Row row, String canning) {
        Optional<String> told = PlainProcessesTest.told(row.rule(), row.jar(), HERE);
        String plain = Retold.canning(row.rule().process(), row.jar(), HERE);
        assertThat(told.orElseThrow()).contains(plain);
        String text = told.get().replace(plain, canning);
        return ENGINE.review(text, Context.planning(null)).call();
    }

    @ParameterizedTest
    @MethodSource("words")
    void soundHoweverItIsTold(Words words) {
        List<String> failed = new ArrayList<>();
        List<Row> rows = rows(words);
        for (Row row : rows) {
            String canning = words.of(row, row.minutes());
            if (call(row, canning) != Call.SOUND) {
                failed.add(row.rule().process().id() + " " + canning);
            }
        }
        assertThat(rows).isNotEmpty();
        assertThat(failed).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("words")
    void neverSoundTooShortTooHighOrTooWeak(Words words) {
        List<String> sound = new ArrayList<>();
        for (Row row : rows(words)) {
            if (row.rule().process().id().contains("psi")) {
                // tomatoes have a time for every pressure
                continue;
            }
            String canning = words.of(row, row.minutes());
            String higher = canning.replaceAll("\\b500(?!\\d)", "4,500")
                    .replaceAll("(?i)five hundred feet", "forty-five hundred feet")
                    .replace("150 m", "1,400 m");
            String weaker = canning.replaceAll("\\b1[01](?=(#| (lb|pound|psi|PSI)))", "8")
                    .replaceAll("(?<=\\b(dial was at|read|dial to|says|PSI:|set at|kept at) )1[01]\\b", "8")
                    .replaceAll("(?i)\\b(ten|eleven)(?= pounds?)", "eight");
            List<String> spoiled =
                    new ArrayList<>(List.of(higher, words.of(row, row.minutes() - (row.minutes() > 15 ? 5 : 1))));
            if (row.method() == Method.PRESSURE) {
                spoiled.add(weaker);
            }
            for (String fault : spoiled) {
                assertThat(fault).isNotEqualTo(canning);
                if (call(row, fault) == Call.SOUND) {
                    sound.add(row.rule().process().id() + " " + fault);
                }
            }
        }
        assertThat(sound).isEmpty();
    }
}
