package oilcloth.guide;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** Reads a table of the guide, with errors that name file and line. */
final class Csv {
    private static final CSVFormat FORMAT =
            CSVFormat.DEFAULT.builder().setHeader().setSkipHeaderRecord(true).get();

    private Csv() {}

    static List<CSVRecord> read(String content) {
        try {
            return FORMAT.parse(new StringReader(content)).getRecords();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** An error in a guide file, with the file and the row it stands in. */
    static final class BadRow extends IllegalArgumentException {
        BadRow(String file, CSVRecord row, String what) {
            super(file + ", row " + (row.getRecordNumber() + 1) + ": " + what);
        }
    }
}
