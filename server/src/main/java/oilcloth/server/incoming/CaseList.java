package oilcloth.server.incoming;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import oilcloth.jars.JarAdvice;
import oilcloth.server.cases.SearchWords;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.namedparam.MapSqlParameterSource;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * The list of cases. What is urgent comes first: jars out less than 24 hours ago, the least time left first; then cases
 * whose canner wrote back; then by the call, and the longest waiting first. Answered ones are the newest first.
 */
@Component
class CaseList {
    /** Lines of a page. */
    static final int PAGE = 50;

    /** @param tags in alphabetical order */
    record Line(
            UUID id,
            String title,
            String cannerName,
            String place,
            Integer altitudeFt,
            String language,
            String jars,
            Instant jarsOutAt,
            Instant createdAt,
            String call,
            String worstOpen,
            String food,
            boolean replied,
            boolean photo,
            String assignedTo,
            LocalDate followUp,
            Instant wroteBackAt,
            Instant answeredAt,
            List<String> tags) {}

    record OfCall(String call, int cases) {}

    /**
     * @param total cases that match
     * @param calls how many of those have which call
     * @param tags all tags in use
     */
    record Found(List<Line> lines, int total, int pageSize, List<OfCall> calls, List<String> tags) {}

    private static final String FROM =
            """
            from canning_case c
            join case_index i on i.case_id = c.id
            left join case_desk d on d.case_id = c.id
            left join answer s on s.case_id = c.id and s.reopened_at is null
            """;

    private static final String LINE =
            """
            select c.id, c.title, c.canner_name, c.place, c.altitude_ft, c.language, c.jars, c.jars_out_at, c.created_at,
                i.outcome, i.worst_open, i.food, d.follow_up, d.wrote_back_at, s.signed_at,
                (select a.display_name from account a where a.username = d.assigned_to) as assigned_to,
                exists (select 1 from reply p where p.case_id = c.id) as replied,
                exists (select 1 from case_photo f where f.case_id = c.id) as photo,
                (select group_concat(t.tag order by t.tag separator '\n') from case_tag t where t.case_id = c.id) as tags
            """;

    private static final String URGENT_FIRST =
            """
            order by
                case when c.jars = 'MADE' and c.jars_out_at > :since and i.outcome <> 'sound' and s.id is null then 0
                    when d.wrote_back_at is not null then 1 else 2 end,
                case when c.jars = 'MADE' and c.jars_out_at > :since and i.outcome <> 'sound' then c.jars_out_at end,
                field(i.outcome, 'stop', 'correct', 'ask', 'sound'),
                field(i.worst_open, 'stop', 'correct', 'ask', 'sound'),
                c.created_at
            """;

    private static final String NEWEST_FIRST = "order by coalesce(s.signed_at, c.created_at) desc\n";

    private final NamedParameterJdbcTemplate database;
    private final Clock clock;
    private final ZoneId zone;

    CaseList(NamedParameterJdbcTemplate database, Clock clock, @Value("${oilcloth.desk.zone}") ZoneId zone) {
        this.database = database;
        this.clock = clock;
        this.zone = zone;
    }

    @Transactional(readOnly = true)
    Found find(Wanted wanted) {
        MapSqlParameterSource given = new MapSqlParameterSource()
                .addValue("since", Timestamp.from(clock.instant().minus(JarAdvice.WINDOW)))
                .addValue("today", LocalDate.now(clock.withZone(zone)))
                .addValue("most", PAGE)
                .addValue("skip", PAGE * wanted.pageNumber());
        String where = where(wanted, given);
        List<OfCall> calls = database.query(
                "select i.outcome, count(*) as cases " + FROM + where + " group by i.outcome",
                given,
                (row, n) -> new OfCall(row.getString("outcome"), row.getInt("cases")));
        String narrowed = given(wanted.call()) ? where + " and i.outcome = :call" : where;
        given.addValue("call", wanted.call());
        int total = calls.stream()
                .filter(c -> !given(wanted.call()) || c.call().equals(wanted.call()))
                .mapToInt(OfCall::cases)
                .sum();
        boolean open = !given(wanted.state()) || wanted.state().equals("open");
        List<Line> lines = database.query(
                LINE + FROM + narrowed + "\n" + (open ? URGENT_FIRST : NEWEST_FIRST) + "limit :most offset :skip",
                given,
                (row, n) -> line(row));
        return new Found(
                lines,
                total,
                PAGE,
                calls,
                database.queryForList("select distinct tag from case_tag order by tag", Map.of(), String.class));
    }

    private static boolean given(String value) {
        return value != null && !value.isBlank();
    }

    private static String where(Wanted wanted, MapSqlParameterSource given) {
        StringBuilder where = new StringBuilder("where true");
        if (!given(wanted.state()) || wanted.state().equals("open")) {
            where.append(" and (s.id is null or d.wrote_back_at is not null or d.follow_up <= :today)");
        } else if (wanted.state().equals("answered")) {
            where.append(" and s.id is not null");
        }
        if (given(wanted.q())) {
            String words = SearchWords.of(wanted.q());
            if (words.isEmpty()) {
                where.append(" and c.title like :title");
                given.addValue("title", "%" + wanted.q().strip().replaceAll("([%_\\\\])", "\\\\$1") + "%");
            } else {
                where.append(" and match (i.words) against (:words in boolean mode)");
                given.addValue("words", words);
            }
        }
        if (given(wanted.assigned())) {
            where.append(
                    wanted.assigned().equals("nobody")
                            ? " and d.assigned_to is null"
                            : " and d.assigned_to = :assigned");
            given.addValue("assigned", wanted.assigned());
        }
        if (given(wanted.tag())) {
            where.append(" and exists (select 1 from case_tag t where t.case_id = c.id and t.tag = :tag)");
            given.addValue("tag", wanted.tag());
        }
        if (wanted.onlyWithin()) {
            where.append(" and c.jars = 'MADE' and c.jars_out_at > :since");
        }
        if (wanted.onlyDue()) {
            where.append(" and d.follow_up <= :today");
        }
        return where.toString();
    }

    private static Line line(ResultSet row) throws SQLException {
        String tags = row.getString("tags");
        return new Line(
                row.getObject("id", UUID.class),
                row.getString("title"),
                row.getString("canner_name"),
                row.getString("place"),
                row.getObject("altitude_ft", Integer.class),
                row.getString("language"),
                row.getString("jars"),
                instant(row, "jars_out_at"),
                instant(row, "created_at"),
                row.getString("outcome"),
                row.getString("worst_open"),
                row.getString("food"),
                row.getBoolean("replied"),
                row.getBoolean("photo"),
                row.getString("assigned_to"),
                row.getObject("follow_up", LocalDate.class),
                instant(row, "wrote_back_at"),
                instant(row, "signed_at"),
                tags == null ? List.of() : List.of(tags.split("\n")));
    }

    private static Instant instant(ResultSet row, String column) throws SQLException {
        Timestamp at = row.getTimestamp(column);
        return at == null ? null : at.toInstant();
    }
}
