package oilcloth.server.revision;

import java.sql.Timestamp;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import oilcloth.server.account.SignedIn;
import oilcloth.server.answers.Answers;
import oilcloth.server.audit.AuditTrail;
import oilcloth.server.cases.Cases;
import oilcloth.server.cases.Replies;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the last change of the guide did, and letters of correction about it. */
@Service
public class Revision {
    private final NamedParameterJdbcTemplate database;
    private final Cases cases;
    private final Replies replies;
    private final Answers answers;
    private final AuditTrail trail;
    private final Clock clock;

    Revision(
            NamedParameterJdbcTemplate database,
            Cases cases,
            Replies replies,
            Answers answers,
            AuditTrail trail,
            Clock clock) {
        this.database = database;
        this.cases = cases;
        this.replies = replies;
        this.answers = answers;
        this.trail = trail;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<RevisionController.Run> runs() {
        return database.query(
                """
                select r.id, r.guide, r.started_at, r.finished_at, r.total, r.done,
                    (select count(*) from recheck_change c where c.recheck_id = r.id) as changed
                from recheck r where r.total > 0 or r.finished_at is null
                order by r.started_at desc limit 20
                """,
                (row, n) -> {
                    Timestamp finished = row.getTimestamp("finished_at");
                    return new RevisionController.Run(
                            row.getObject("id", UUID.class),
                            row.getString("guide"),
                            row.getTimestamp("started_at").toInstant(),
                            finished == null ? null : finished.toInstant(),
                            row.getInt("total"),
                            row.getInt("done"),
                            row.getInt("changed"));
                });
    }

    /** The gravest first, answered ones before open ones: somebody may be canning by them. */
    @Transactional(readOnly = true)
    List<RevisionController.CaseChange> changes(UUID run) {
        return database.query(
                """
                select c.case_id, k.title, k.canner_name, c.before_call, c.after_call, c.before_figures, c.after_figures,
                    c.drafted_at, s.id as answer_id
                from recheck_change c
                join canning_case k on k.id = c.case_id
                left join answer s on s.case_id = c.case_id and s.reopened_at is null
                where c.recheck_id = :run
                order by s.id is null, field(c.after_call, 'stop', 'correct', 'ask', 'sound'), k.created_at
                """,
                Map.of("run", run),
                (row, n) -> {
                    Timestamp drafted = row.getTimestamp("drafted_at");
                    return new RevisionController.CaseChange(
                            row.getObject("case_id", UUID.class),
                            row.getString("title"),
                            row.getString("canner_name"),
                            row.getString("before_call"),
                            row.getString("after_call"),
                            row.getString("before_figures"),
                            row.getString("after_figures"),
                            row.getObject("answer_id", UUID.class) != null,
                            drafted == null ? null : drafted.toInstant());
                });
    }

    /**
     * Reviews the case under the guide of now, reopens its answer if it has one, and drafts the letter that says what
     * changed. An educator reads and signs it like any other.
     */
    @Transactional
    public void draft(UUID run, UUID caseId, SignedIn by) {
        RevisionController.CaseChange change = changes(run).stream()
                .filter(c -> c.caseId().equals(caseId))
                .findFirst()
                .orElseThrow(jakarta.persistence.EntityNotFoundException::new);
        cases.again(caseId, by.displayName());
        Instant signed = answers.reopenStanding(caseId, "the tested guide has changed", by);
        replies.draftCorrection(caseId, signed, change.beforeFigures(), change.afterFigures(), by.displayName());
        database.update(
                "update recheck_change set drafted_at = :now where recheck_id = :run and case_id = :case",
                Map.of(
                        "now",
                        Timestamp.from(clock.instant().truncatedTo(ChronoUnit.MICROS)),
                        "run",
                        run,
                        "case",
                        caseId));
        trail.record(by, "draft correction", caseId, change.beforeFigures() + " → " + change.afterFigures());
    }
}
