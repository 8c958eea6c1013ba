package oilcloth.server.revision;

import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import oilcloth.server.cases.CaseFigures;
import oilcloth.server.cases.CaseFigures.Change;
import oilcloth.server.guide.CurrentGuide;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Reviews every case again under a guide that changed. Each guide has one run, taken by whichever server is first; a run
 * whose server fell silent is taken over by another.
 */
@Component
class Recheck {
    private static final Logger LOG = LoggerFactory.getLogger(Recheck.class);
    private static final Duration SILENT = Duration.ofMinutes(2);
    private static final int BATCH = 200;

    private final NamedParameterJdbcTemplate database;
    private final CaseFigures figures;
    private final CurrentGuide guide;
    private final Clock clock;
    private final String runner = UUID.randomUUID().toString();
    private final AtomicBoolean running = new AtomicBoolean();

    Recheck(NamedParameterJdbcTemplate database, CaseFigures figures, CurrentGuide guide, Clock clock) {
        this.database = database;
        this.figures = figures;
        this.guide = guide;
        this.clock = clock;
    }

    /** Looks whether the guide of now has had its run; if not, and nobody else takes it, does it here. */
    @Scheduled(fixedDelayString = "${oilcloth.recheck.every}", initialDelayString = "${oilcloth.recheck.every}")
    void lookAround() {
        if (!running.compareAndSet(false, true)) {
            return;
        }
        try {
            UUID taken = take(guide.snapshot().name());
            if (taken != null) {
                run(taken);
            }
        } finally {
            running.set(false);
        }
    }

    /** @return the run to do here, or null when it is done or another server has it */
    private UUID take(String name) {
        Timestamp now = Timestamp.from(now());
        List<UUID> unfinished = database.queryForList(
                "select id from recheck where guide = :guide and finished_at is null and beat_at < :silent",
                Map.of("guide", name, "silent", Timestamp.from(now().minus(SILENT))),
                UUID.class);
        for (UUID id : unfinished) {
            int mine = database.update(
                    """
                    update recheck set runner = :runner, beat_at = :now, done = 0
                    where id = :id and finished_at is null and beat_at < :silent
                    """,
                    Map.of("runner", runner, "now", now, "id", id, "silent", Timestamp.from(now().minus(SILENT))));
            return mine == 1 ? id : null;
        }
        UUID id = UUID.randomUUID();
        int mine = database.update(
                """
                insert ignore into recheck (id, guide, started_at, beat_at, runner, total, done)
                values (:id, :guide, :now, :now, :runner, 0, 0)
                """,
                Map.of("id", id, "guide", name, "now", now, "runner", runner));
        return mine == 1 ? id : null;
    }

    private void run(UUID id) {
        long began = System.nanoTime();
        List<UUID> cases = figures.notReviewedUnder(guide.snapshot().name());
        database.update("update recheck set total = :total where id = :id", Map.of("total", cases.size(), "id", id));
        database.update("delete from recheck_change where recheck_id = :id", Map.of("id", id));
        AtomicInteger changed = new AtomicInteger();
        for (int from = 0; from < cases.size(); from += BATCH) {
            List<UUID> batch = cases.subList(from, Math.min(cases.size(), from + BATCH));
            List<Change> changes = figures.compare(batch);
            changes.forEach(c -> keep(id, c));
            changed.addAndGet(changes.size());
            int mine = database.update(
                    "update recheck set done = :done, beat_at = :now where id = :id and runner = :runner",
                    Map.of("done", from + batch.size(), "now", Timestamp.from(now()), "id", id, "runner", runner));
            if (mine == 0) {
                return; // another server took it over
            }
        }
        database.update(
                "update recheck set finished_at = :now, beat_at = :now where id = :id",
                Map.of("now", Timestamp.from(now()), "id", id));
        if (!cases.isEmpty()) {
            Runtime memory = Runtime.getRuntime();
            LOG.info(
                    "rechecked {} cases in {} ms, {} changed; {} MB in use",
                    cases.size(),
                    (System.nanoTime() - began) / 1_000_000,
                    changed,
                    (memory.totalMemory() - memory.freeMemory()) >> 20);
        }
    }

    private void keep(UUID id, Change change) {
        database.update(
                """
                insert into recheck_change
                    (recheck_id, case_id, before_call, after_call, before_figures, after_figures)
                values (:id, :case, :beforeCall, :afterCall, :before, :after)
                """,
                Map.of(
                        "id", id,
                        "case", change.caseId(),
                        "beforeCall", change.before().call(),
                        "afterCall", change.after().call(),
                        "before", change.before().words(),
                        "after", change.after().words()));
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }
}
