package oilcloth.reading;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A table of two columns, told as the fields of a form. */
final class TableRows {
    private static final Pattern ROW = Pattern.compile("(?m)^(\\s*)\\|([^|\\n]+)\\|([^|\\n]*)\\|[ \\t]*$");
    private static final Pattern RULE = Pattern.compile("(?m)^[ \\t]*\\|?[ \\t]*:?-{2,}[-:| \\t]*$");

    private TableRows() {}

    /** The text with each row as "name: value", every letter where it was. */
    static String asFields(String text) {
        if (text.indexOf('|') < 0) {
            return text;
        }
        StringBuilder told = new StringBuilder(text);
        Matcher rule = RULE.matcher(text);
        while (rule.find()) {
            for (int i = rule.start(); i < rule.end(); i++) {
                told.setCharAt(i, ' ');
            }
        }
        Matcher row = ROW.matcher(text);
        while (row.find()) {
            told.setCharAt(row.end(1), ' ');
            told.setCharAt(row.start(3) - 1, ' ');
            // "Food   : Peaches" would be no field: the colon stands behind the name
            int name = row.end(2);
            while (name > row.start(2) && text.charAt(name - 1) == ' ') {
                name--;
            }
            told.setCharAt(name, ':');
            told.setCharAt(row.end(3), ' ');
        }
        return told.toString();
    }
}
