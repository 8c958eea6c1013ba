package oilcloth.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oilcloth.measure.Minutes;

/**
 * Something a recipe's directions take time for before the jars are filled.
 *
 * @param words the sentence it stands in, as written
 */
public record Stage(Kind kind, Minutes minutes, String words) {
    public enum Kind {
        /** Nobody has to stand by: soaking, standing, draining. */
        WAIT,
        /** Somebody stirs or watches. */
        COOK
    }

    private static final int OVERNIGHT = 12 * 60;
    private static final Map<String, Double> WORDS = Map.ofEntries(
            Map.entry("a", 1.0),
            Map.entry("an", 1.0),
            Map.entry("one", 1.0),
            Map.entry("two", 2.0),
            Map.entry("three", 3.0),
            Map.entry("four", 4.0),
            Map.entry("five", 5.0),
            Map.entry("six", 6.0),
            Map.entry("eight", 8.0),
            Map.entry("ten", 10.0),
            Map.entry("twelve", 12.0),
            Map.entry("half an", 0.5),
            Map.entry("half a", 0.5));
    private static final Pattern SENTENCE = Pattern.compile("[^.;\\n]*(?:\\.\\d[^.;\\n]*)*[.;\\n]?");
    private static final Pattern LENGTH = Pattern.compile(
            "\\b(half an?|an?|one|two|three|four|five|six|eight|ten|twelve|\\d+(?:\\.\\d+)?)(?: ?(?:-|–|to|or) ?(\\d+(?:\\.\\d+)?))?"
                    + "[ -]?(h|hrs?|hours?|min|mins|minutes?|days?|weeks?)\\b|\\b(overnight)\\b");
    private static final Pattern WAITS = Pattern.compile(
            "\\b(soak\\w*|stand\\w*|sit|sits|rest|rests|chill\\w*|refrigerat\\w*|marinat\\w*|drain\\w*|drip\\w*|steep\\w*|salted|lime|ice water|ferment\\w*|cure\\w*|set aside|leave)\\b");
    private static final Pattern COOKS = Pattern.compile(
            "\\b(boil\\w*|simmer\\w*|cook\\w*|heat\\w*|blanch\\w*|steam\\w*|roast\\w*|bake\\w*|brown\\w*|reduce\\w*)\\b");
    /** The canner's own minutes are planned from the tested row, and the jars' from their own rule. */
    private static final Pattern NOT_BEFORE = Pattern.compile(
            "\\b(process\\w*|canner|water bath|bwb|bwc|pressure|psi|pounds|vent\\w*|exhaust\\w*|sterili[sz]\\w*|empty jars|cool(ed|ing)? jars|let (the )?jars)\\b");

    private static final Pattern AGAIN =
            Pattern.compile("\\b(repeat|two more times|twice more|2 more times|three times|3 times)\\b");

    /** The stages of directions, in their order. Of a wait the least that is given, of cooking the most. */
    static List<Stage> of(String directions) {
        List<Stage> stages = new ArrayList<>();
        Matcher sentence = SENTENCE.matcher(directions);
        while (sentence.find()) {
            String words = sentence.group().strip();
            String low = words.toLowerCase(Locale.ROOT);
            if (low.isEmpty() || NOT_BEFORE.matcher(low).find()) {
                continue;
            }
            Matcher length = LENGTH.matcher(low);
            while (length.find()) {
                Kind kind = kind(low, length.start(), length.end());
                if (kind != null) {
                    stages.add(new Stage(kind, Minutes.of(minutes(length, kind)), words));
                }
            }
            if (AGAIN.matcher(low).find() && !stages.isEmpty()) {
                Stage last = stages.get(stages.size() - 1);
                int more = low.contains("three times")
                                || low.contains("3 times")
                                || low.contains("more times")
                                || low.contains("twice more")
                        ? 2
                        : 1;
                if (last.kind() == Kind.WAIT && last.words().equals(words)) {
                    for (int i = 0; i < more; i++) {
                        stages.add(last);
                    }
                }
            }
        }
        return stages;
    }

    /** What the length is of: the nearest verb before it in the sentence, else the nearest after. */
    private static Kind kind(String sentence, int start, int end) {
        int wait = last(WAITS, sentence.substring(0, start));
        int cook = last(COOKS, sentence.substring(0, start));
        if (wait >= 0 || cook >= 0) {
            return wait > cook ? Kind.WAIT : Kind.COOK;
        }
        String after = sentence.substring(end);
        return WAITS.matcher(after).find() ? Kind.WAIT : COOKS.matcher(after).find() ? Kind.COOK : null;
    }

    private static int last(Pattern pattern, String words) {
        int at = -1;
        Matcher m = pattern.matcher(words);
        while (m.find()) {
            at = m.start();
        }
        return at;
    }

    private static int minutes(Matcher length, Kind kind) {
        if (length.group(4) != null) {
            return OVERNIGHT;
        }
        double least =
                WORDS.containsKey(length.group(1)) ? WORDS.get(length.group(1)) : Double.parseDouble(length.group(1));
        double most = length.group(2) == null ? least : Double.parseDouble(length.group(2));
        double figure = kind == Kind.WAIT ? least : Math.max(least, most);
        String unit = length.group(3);
        int each = unit.startsWith("m") ? 1 : unit.startsWith("h") ? 60 : unit.startsWith("d") ? 24 * 60 : 7 * 24 * 60;
        return (int) Math.max(1, Math.ceil(figure * each));
    }
}
