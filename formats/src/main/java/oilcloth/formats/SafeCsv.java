package oilcloth.formats;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/**
 * A table as CSV (RFC 4180) that a spreadsheet opens without running anything: a cell that would be a formula begins with
 * an apostrophe, and figures stay figures.
 */
public final class SafeCsv {
    private static final Pattern FORMULA = Pattern.compile("(?s)^[\\s\\uFEFF]*[=+\\-@|\\t\\r].*");

    private final StringBuilder text = new StringBuilder();
    private final CSVPrinter printer;

    public SafeCsv(String... header) {
        try {
            printer = new CSVPrinter(text, CSVFormat.RFC4180);
            printer.printRecord((Object[]) header);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** @param cells figures and words; null is an empty cell */
    public void row(Object... cells) {
        try {
            printer.printRecord(Arrays.stream(cells).map(SafeCsv::cell).toArray());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Object cell(Object value) {
        if (value == null || value instanceof Number) {
            return value;
        }
        String words = LetterFormats.harmless(value.toString());
        return FORMULA.matcher(words).matches() ? "'" + words : words;
    }

    public String text() {
        return text.toString();
    }
}
