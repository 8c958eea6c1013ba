package oilcloth.server.transfer;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.persistence.EntityNotFoundException;
import java.io.IOException;
import java.io.StringReader;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import oilcloth.check.Language;
import oilcloth.formats.UnusableInput;
import oilcloth.server.account.SignedIn;
import oilcloth.server.audit.AuditTrail;
import oilcloth.server.cases.CaseController;
import oilcloth.server.cases.Cases;
import oilcloth.server.cases.JarsState;
import oilcloth.server.transfer.TransferController.ImportLine;
import oilcloth.server.transfer.TransferController.ImportRun;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.springframework.core.task.TaskExecutor;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;

/** Takes many letters in at once, in the background; every one has a line in the report. */
@Service
class Imports {
    /** A file as it was sent. */
    record Sent(String name, byte[] content) {}

    private record Letter(String name, String text, CaseController.Details details) {}

    private static final CaseController.Details NOTHING_KNOWN =
            CaseController.Details.sent("", "", "", Language.EN, null, JarsState.NOT_YET, null);

    private final NamedParameterJdbcTemplate database;
    private final Cases cases;
    private final AuditTrail trail;
    private final ObjectMapper json;
    private final TaskExecutor executor;
    private final Clock clock;

    Imports(
            NamedParameterJdbcTemplate database,
            Cases cases,
            AuditTrail trail,
            ObjectMapper json,
            TaskExecutor applicationTaskExecutor,
            Clock clock) {
        this.database = database;
        this.cases = cases;
        this.trail = trail;
        this.json = json;
        this.executor = applicationTaskExecutor;
        this.clock = clock;
    }

    UUID begin(List<Sent> files, SignedIn by) {
        List<ImportLine> report = new ArrayList<>();
        List<Letter> letters = new ArrayList<>();
        for (Sent file : files) {
            try {
                letters.addAll(letters(file));
            } catch (UnusableInput | IOException | IllegalArgumentException e) {
                report.add(new ImportLine(file.name(), null, "", e.getMessage()));
            }
        }
        UUID id = UUID.randomUUID();
        database.update(
                """
                insert into import_run (id, person, started_at, total, done, report)
                values (:id, :person, :now, :total, :done, :report)
                """,
                Map.of(
                        "id", id,
                        "person", by.displayName(),
                        "now", Timestamp.from(now()),
                        "total", letters.size() + report.size(),
                        "done", report.size(),
                        "report", written(report)));
        executor.execute(() -> run(id, letters, report, by));
        return id;
    }

    private void run(UUID id, List<Letter> letters, List<ImportLine> report, SignedIn by) {
        for (Letter letter : letters) {
            try {
                UUID opened = cases.open(letter.text(), letter.details(), by.displayName());
                trail.record(by, "open", opened, "imported");
                report.add(new ImportLine(letter.name(), opened, cases.callOf(opened), ""));
            } catch (UnusableInput | RuntimeException e) {
                report.add(new ImportLine(letter.name(), null, "", e.getMessage()));
            }
            database.update(
                    "update import_run set done = :done, report = :report where id = :id",
                    Map.of("done", report.size(), "report", written(report), "id", id));
        }
        database.update(
                "update import_run set finished_at = :now where id = :id",
                Map.of("now", Timestamp.from(now()), "id", id));
    }

    private static List<Letter> letters(Sent file) throws UnusableInput, IOException {
        String text;
        try {
            text = StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(file.content()))
                    .toString();
        } catch (CharacterCodingException e) {
            throw new UnusableInput("This is not text. Plain text, Markdown, a web page, JSON-LD or CSV is read.");
        }
        return file.name().toLowerCase(Locale.ROOT).endsWith(".csv")
                ? rows(file.name(), text)
                : List.of(new Letter(file.name(), text, NOTHING_KNOWN));
    }

    /** A table of cases with a column {@code text}; the others of the export are taken where they are. */
    private static List<Letter> rows(String name, String csv) throws UnusableInput, IOException {
        List<Letter> letters = new ArrayList<>();
        for (CSVRecord row : CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .get()
                .parse(new StringReader(csv))) {
            if (!row.isMapped("text")) {
                throw new UnusableInput("A table of cases has a column named text.");
            }
            String altitude = cell(row, "altitude_ft");
            letters.add(new Letter(
                    name + ", line " + (row.getRecordNumber() + 1),
                    cell(row, "text"),
                    CaseController.Details.sent(
                            cell(row, "name"),
                            cell(row, "place"),
                            cell(row, "contact"),
                            cell(row, "language").equalsIgnoreCase("es") ? Language.ES : Language.EN,
                            altitude.isEmpty() ? null : Integer.valueOf(altitude),
                            JarsState.NOT_YET,
                            null)));
        }
        return letters;
    }

    /** The apostrophe that keeps a spreadsheet from reading a formula is none of the canner's. */
    private static String cell(CSVRecord row, String column) {
        String words = row.isSet(column) ? row.get(column).strip() : "";
        return words.matches("(?s)'\\s*[=+@|-].*") ? words.substring(1) : words;
    }

    ImportRun view(UUID id) {
        return database
                .query(
                        "select total, done, finished_at, report from import_run where id = :id",
                        Map.of("id", id),
                        (row, n) -> new ImportRun(
                                id,
                                row.getInt("total"),
                                row.getInt("done"),
                                row.getTimestamp("finished_at") != null,
                                read(row.getString("report"))))
                .stream()
                .findFirst()
                .orElseThrow(EntityNotFoundException::new);
    }

    private List<ImportLine> read(String report) {
        try {
            return json.readValue(report, new TypeReference<List<ImportLine>>() {});
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    private String written(List<ImportLine> report) {
        try {
            return json.writeValueAsString(report);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }
}
