package oilcloth.server.incoming;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import oilcloth.text.Fingerprint;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What lies beside a case: the same text sent before, the canner's earlier questions, answers to cases like it. */
@Component
class Beside {
    private static final int MOST = 6;

    /** Another case. @param answerId of the answer that stands, or null */
    record Other(UUID id, String title, String cannerName, String call, Instant at, UUID answerId, int shared) {}

    /**
     * @param same texts that differ by no more than a greeting or a few words
     * @param earlier other cases of the same canner, by name or by the way to be answered
     * @param similar signed answers about the same process or food, with how many findings they share
     */
    record Others(List<Other> same, List<Other> earlier, List<Other> similar) {}

    private static final String OTHER =
            """
            select c.id, c.title, c.canner_name, i.outcome, c.created_at as at, s.id as answer_id, 0 as shared
            from canning_case c
            join case_index i on i.case_id = c.id
            left join answer s on s.case_id = c.id and s.reopened_at is null
            """;

    private final NamedParameterJdbcTemplate database;

    Beside(NamedParameterJdbcTemplate database) {
        this.database = database;
    }

    @Transactional(readOnly = true)
    Others of(UUID id) {
        Map<String, Object> given = Map.of("id", id, "within", Fingerprint.SAME_WITHIN, "most", MOST);
        List<Other> same = database.query(
                OTHER
                        + """
                join case_index o on o.case_id = :id
                where c.id <> :id and i.likeness <> 0 and o.likeness <> 0
                and bit_count(i.likeness ^ o.likeness) <= :within
                order by c.created_at desc limit :most
                """,
                given,
                Beside::other);
        List<Other> earlier = database.query(
                OTHER
                        + """
                join canning_case o on o.id = :id
                where c.id <> :id
                and (c.canner_name <> '' and c.canner_name = o.canner_name or c.contact <> '' and c.contact = o.contact)
                order by c.created_at desc limit :most
                """,
                given,
                Beside::other);
        List<Other> similar = database.query(
                """
                select c.id, c.title, c.canner_name, i.outcome, s.signed_at as at, s.id as answer_id,
                    (select count(distinct k.code) from case_code k join case_code m on m.case_id = :id and m.code = k.code
                        and m.severity in ('danger', 'correct', 'caution')
                        where k.case_id = c.id and k.severity in ('danger', 'correct', 'caution')) as shared
                from answer s
                join canning_case c on c.id = s.case_id
                join case_index i on i.case_id = c.id
                join case_index o on o.case_id = :id
                where s.reopened_at is null and c.id <> :id
                and (i.process <> '' and i.process = o.process or i.food <> '' and i.food = o.food)
                order by i.process = o.process desc, shared desc, s.signed_at desc limit :most
                """,
                given,
                Beside::other);
        return new Others(same, earlier, similar);
    }

    private static Other other(ResultSet row, int n) throws SQLException {
        return new Other(
                row.getObject("id", UUID.class),
                row.getString("title"),
                row.getString("canner_name"),
                row.getString("outcome"),
                row.getTimestamp("at").toInstant(),
                row.getObject("answer_id", UUID.class),
                row.getInt("shared"));
    }
}
