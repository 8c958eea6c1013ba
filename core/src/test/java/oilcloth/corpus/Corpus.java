package oilcloth.corpus;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Letters with what an educator reads in them: ingredient lines, facts, and the tested process they belong to. */
public final class Corpus {
    /** A line an educator would write down. @param low and {@code high}: the amount, in {@code unit} */
    record Line(double low, double high, String unit, String food) {}

    /**
     * @param places ids of the processes it may rightly be placed on; empty for none
     * @param calls the calls an educator would accept; empty where nobody marked them
     * @param found the codes that must be among the findings; a danger or correct of any other code is a false alarm
     */
    record Letter(
            String name,
            String text,
            List<Line> lines,
            List<String> places,
            Map<String, String> facts,
            List<String> calls,
            List<String> found) {}

    private static final List<String> FILES = List.of(
            "autumn.txt", "blind.txt", "frost.txt", "last.txt", "spring.txt", "summer.txt", "tuning.txt", "winter.txt");

    private Corpus() {}

    /** Every letter of every set, as it was sent. */
    public static List<String> texts() {
        return FILES.stream().flatMap(f -> read(f).stream()).map(Letter::text).toList();
    }

    static List<Letter> read(String file) {
        return Examples.blocks("/corpus/" + file).map(Corpus::letter).toList();
    }

    private static Letter letter(String part) {
        int first = part.indexOf('\n');
        int lines = part.indexOf("\n--- lines");
        int place = part.indexOf("\n--- place");
        int facts = part.indexOf("\n--- facts");
        int call = part.indexOf("\n--- call");
        int find = part.indexOf("\n--- find");
        List<Line> expected = part.substring(part.indexOf('\n', lines + 1), place)
                .lines()
                .filter(l -> !l.isBlank())
                .map(Corpus::line)
                .toList();
        String placed = part.substring(place + "\n--- place".length(), facts).strip();
        Map<String, String> said = new LinkedHashMap<>();
        Arrays.stream(part.substring(facts + "\n--- facts".length(), call < 0 ? part.length() : call)
                        .strip()
                        .split("\\s+"))
                .filter(f -> f.contains("="))
                .forEach(f -> said.put(f.substring(0, f.indexOf('=')), f.substring(f.indexOf('=') + 1)));
        return new Letter(
                part.substring(0, first).strip(),
                part.substring(first + 1, lines),
                expected,
                placed.equals("none") ? List.of() : List.of(placed.split("\\s+")),
                said,
                call < 0 ? List.of() : words(part.substring(call + "\n--- call".length(), find)),
                find < 0 ? List.of() : words(part.substring(find + "\n--- find".length())));
    }

    private static List<String> words(String line) {
        return line.isBlank() ? List.of() : List.of(line.strip().split("\\s+"));
    }

    private static Line line(String line) {
        String[] sides = line.split(" \\| ");
        String[] amount = sides[0].strip().split("\\s+");
        String[] range = amount[0].split("-");
        return new Line(
                Double.parseDouble(range[0]), Double.parseDouble(range[range.length - 1]), amount[1], sides[1].strip());
    }
}
