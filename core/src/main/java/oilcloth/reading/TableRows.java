package oilcloth.reading;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Tables of two columns and cards of one line, told as the fields of a form. */
final class TableRows {
    private static final Pattern ROW = Pattern.compile("(?m)^(\\s*)\\|([^|\\n]+)\\|([^|\\n]*)\\|[ \\t]*$");
    /** "Product: okra | Jars: pints | Process: …": the fields of a card in one line. */
    private static final Pattern CARD =
            Pattern.compile("(?m)^[^|\\n]+(?:\\|[^|\\n:]{1,30}:[^|\\n]*){2,}(?:\\|[^|\\n]*)*$");

    /** "Prep time 1 hr | Process time 30 min | Makes 8 pints". */
    private static final Pattern HEAD_LINE = Pattern.compile(
            "(?im)^ *(?:prep|cook|total|process|canning|active|makes|yields?|servings?|serves|jars?|headspace)\\b[^|\\n]*(?:\\| *(?:prep|cook|total|process|canning|active|makes|yields?|servings?|serves|jars?|headspace)\\b[^|\\n]*)+$");

    private static final Pattern AMOUNT = Pattern.compile("\\s*[\\d½¼¾⅓⅔⅛][\\d½¼¾⅓⅔⅛/ .-]* ?[A-Za-z]{1,12}\\.?\\s*");

    private static final Pattern RULE = Pattern.compile("(?m)^[ \\t]*\\|?[ \\t]*:?-{2,}[-:| \\t]*$");

    private TableRows() {}

    /** The text with each row as "name: value", every letter where it was. */
    static String asFields(String text) {
        if (text.indexOf('|') < 0) {
            return text;
        }
        StringBuilder told = new StringBuilder(text);
        inLines(text, CARD, told);
        inLines(text, HEAD_LINE, told);
        Matcher rule = RULE.matcher(text);
        while (rule.find()) {
            for (int i = rule.start(); i < rule.end(); i++) {
                told.setCharAt(i, ' ');
            }
        }
        Matcher row = ROW.matcher(told.toString());
        while (row.find()) {
            told.setCharAt(row.end(1), ' ');
            told.setCharAt(row.start(3) - 1, ' ');
            told.setCharAt(row.end(3), ' ');
            if (AMOUNT.matcher(row.group(2)).matches()) {
                // "| 4 quarts | green tomatoes |" reads as it stands
                continue;
            }
            // "Food   : Peaches" would be no field: the colon stands behind the name
            int name = row.end(2);
            while (name > row.start(2) && text.charAt(name - 1) == ' ') {
                name--;
            }
            told.setCharAt(name, ':');
        }
        return told.toString();
    }

    private static void inLines(String text, Pattern rows, StringBuilder told) {
        Matcher row = rows.matcher(text);
        while (row.find()) {
            for (int i = row.start(); i < row.end(); i++) {
                if (text.charAt(i) == '|') {
                    told.setCharAt(i, '\n');
                }
            }
        }
    }
}
