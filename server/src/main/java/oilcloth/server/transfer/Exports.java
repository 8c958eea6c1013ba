package oilcloth.server.transfer;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import oilcloth.formats.SafeCsv;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Everything the desk holds, for other programs. */
@Component
class Exports {
    /** A signed answer, as exported. */
    record AnswerOut(
            int number,
            String call,
            String guide,
            String engine,
            String signedBy,
            Instant signedAt,
            Instant reopenedAt,
            String letter) {}

    /** A case with its answers, as exported. */
    record CaseOut(
            UUID id,
            String title,
            String cannerName,
            String place,
            String contact,
            String language,
            Integer altitudeFt,
            String jars,
            Instant jarsOutAt,
            Instant createdAt,
            String call,
            String worstOpen,
            String food,
            String process,
            String text,
            String assertions,
            List<AnswerOut> answers) {}

    private static final String CASES =
            """
            select c.id, c.title, c.canner_name, c.place, c.contact, c.language, c.altitude_ft, c.jars, c.jars_out_at,
                c.created_at, c.recipe_text, c.assertions, i.outcome, i.worst_open, i.food, i.process
            from canning_case c join case_index i on i.case_id = c.id
            order by c.created_at
            """;

    private record Given(UUID caseId, AnswerOut answer) {}

    private final NamedParameterJdbcTemplate database;

    Exports(NamedParameterJdbcTemplate database) {
        this.database = database;
    }

    @Transactional(readOnly = true)
    List<CaseOut> everything() {
        Map<UUID, List<AnswerOut>> answers = database
                .query(
                        """
                        select case_id, number, outcome, guide, engine, signed_by, signed_at, reopened_at, body
                        from answer order by case_id, number
                        """,
                        Map.of(),
                        (row, n) -> new Given(
                                row.getObject("case_id", UUID.class),
                                new AnswerOut(
                                        row.getInt("number"),
                                        row.getString("outcome"),
                                        row.getString("guide"),
                                        row.getString("engine"),
                                        row.getString("signed_by"),
                                        instant(row, "signed_at"),
                                        instant(row, "reopened_at"),
                                        row.getString("body"))))
                .stream()
                .collect(Collectors.groupingBy(Given::caseId, Collectors.mapping(Given::answer, Collectors.toList())));
        return database.query(CASES, Map.of(), (row, n) -> {
            UUID id = row.getObject("id", UUID.class);
            return new CaseOut(
                    id,
                    row.getString("title"),
                    row.getString("canner_name"),
                    row.getString("place"),
                    row.getString("contact"),
                    row.getString("language"),
                    row.getObject("altitude_ft", Integer.class),
                    row.getString("jars"),
                    instant(row, "jars_out_at"),
                    instant(row, "created_at"),
                    row.getString("outcome"),
                    row.getString("worst_open"),
                    row.getString("food"),
                    row.getString("process"),
                    row.getString("recipe_text"),
                    row.getString("assertions"),
                    answers.getOrDefault(id, List.of()));
        });
    }

    /** One line a case; the columns are those that an import takes, and what became of it. */
    @Transactional(readOnly = true)
    String casesAsCsv() {
        SafeCsv csv = new SafeCsv(
                "text",
                "name",
                "place",
                "contact",
                "language",
                "altitude_ft",
                "jars",
                "came_in",
                "title",
                "call",
                "worst_open",
                "food",
                "process",
                "answered");
        everything()
                .forEach(c -> csv.row(
                        c.text(),
                        c.cannerName(),
                        c.place(),
                        c.contact(),
                        c.language(),
                        c.altitudeFt(),
                        c.jars(),
                        c.createdAt(),
                        c.title(),
                        c.call(),
                        c.worstOpen(),
                        c.food(),
                        c.process(),
                        c.answers().stream()
                                .filter(a -> a.reopenedAt() == null)
                                .map(a -> a.signedAt().toString())
                                .findFirst()
                                .orElse("")));
        return csv.text();
    }

    /** Who did what, when. */
    @Transactional(readOnly = true)
    String logAsCsv() {
        SafeCsv csv = new SafeCsv("number", "at", "username", "person", "deed", "case", "detail");
        database.query(
                "select seq, happened_at, username, person, deed, case_id, detail from audit_event order by seq",
                Map.of(),
                row -> {
                    csv.row(
                            row.getLong("seq"),
                            instant(row, "happened_at"),
                            row.getString("username"),
                            row.getString("person"),
                            row.getString("deed"),
                            row.getString("case_id"),
                            row.getString("detail"));
                });
        return csv.text();
    }

    private static Instant instant(ResultSet row, String column) throws SQLException {
        Timestamp at = row.getTimestamp(column);
        return at == null ? null : at.toInstant();
    }
}
