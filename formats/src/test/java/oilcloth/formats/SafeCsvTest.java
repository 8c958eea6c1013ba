package oilcloth.formats;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.MappingIterator;
import com.fasterxml.jackson.dataformat.csv.CsvMapper;
import com.fasterxml.jackson.dataformat.csv.CsvParser;
import java.io.IOException;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Tables out, read back by another library; nothing in them runs. */
class SafeCsvTest {
    @Test
    void whatWouldBeAFormulaIsWords() throws IOException {
        SafeCsv csv = new SafeCsv("title", "feet");
        csv.row("=HYPERLINK(\"http://nowhere.example\")", 5_200);
        csv.row("  +1 cup, \"heaped\"\nand more", -20);
        csv.row("@cmd", null);
        csv.row("Pears ½", 0.5);
        csv.row("\u202Eabc", 1);
        try (MappingIterator<String[]> rows = new CsvMapper()
                .enable(CsvParser.Feature.WRAP_AS_ARRAY)
                .readerFor(String[].class)
                .readValues(csv.text())) {
            List<String[]> read = rows.readAll();
            assertThat(read.get(1)).containsExactly("'=HYPERLINK(\"http://nowhere.example\")", "5200");
            assertThat(read.get(2)).containsExactly("'  +1 cup, \"heaped\"\nand more", "-20");
            assertThat(read.get(3)).containsExactly("'@cmd", "");
            assertThat(read.get(4)).containsExactly("Pears ½", "0.5");
            assertThat(read.get(5)[0]).isEqualTo("abc");
        }
    }
}
