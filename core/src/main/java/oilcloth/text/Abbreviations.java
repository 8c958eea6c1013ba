package oilcloth.text;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Patterns are written with full words; canners write "qts", "pts" and "ea" as often. */
final class Abbreviations {
    private static final Pattern JAR = Pattern.compile("(?:(?<![a-z])|(?<=\\\\b))(quart|pint)s(\\??)(?![a-z])");

    private static final Pattern EACH = Pattern.compile("(?:(?<![a-z])|(?<=\\\\b))each(?![a-z])");

    private static final Pattern LIGHT = Pattern.compile("(?:(?<![a-z])|(?<=\\\\b))light(?= |\\)|\\||$)");

    private static final Pattern MEDIUM = Pattern.compile("(?:(?<![a-z])|(?<=\\\\b))medium(?= |\\)|\\||$)");

    private Abbreviations() {}

    /** The pattern, finding the short names wherever it finds the full ones. */
    static String widened(String regex) {
        String each = EACH.matcher(regex).replaceAll("(?:each|ea(?![a-z]))");
        String syrup =
                MEDIUM.matcher(LIGHT.matcher(each).replaceAll("(?:light|lt)")).replaceAll("(?:medium|med(?: ?\\\\.)?)");
        return JAR.matcher(syrup).replaceAll(m -> {
            String abbreviated = m.group(1).equals("quart") ? "qts" : "pts";
            return Matcher.quoteReplacement(
                    "(?:" + m.group(1) + "s" + m.group(2) + "|" + abbreviated + m.group(2) + ")");
        });
    }
}
