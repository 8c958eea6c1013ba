package oilcloth.guide;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** Reads a table of the guide. */
final class Csv {
    private static final CSVFormat FORMAT =
            CSVFormat.DEFAULT.builder().setHeader().setSkipHeaderRecord(true).get();

    private Csv() {}

    static List<Row> read(String file, String content) {
        List<Row> rows = new ArrayList<>();
        try (CSVParser parser = FORMAT.parse(new StringReader(content))) {
            for (CSVRecord record : parser) {
                rows.add(new Row(file, parser.getCurrentLineNumber(), record.toMap()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return rows;
    }
}
