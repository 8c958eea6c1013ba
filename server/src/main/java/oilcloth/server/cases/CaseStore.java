package oilcloth.server.cases;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Cases and the summary that Incoming lists. */
interface CaseStore extends JpaRepository<CanningCase, UUID> {
    /** A line of Incoming. */
    record Line(
            UUID id,
            String title,
            String cannerName,
            String place,
            Integer altitudeFt,
            JarsState jars,
            Instant jarsOutAt,
            Instant createdAt,
            String call,
            String worstOpen,
            boolean replied) {}

    /** Cases without a signed answer that stands. The latest review counts; the newest case comes first. */
    @Query(
            """
            select new oilcloth.server.cases.CaseStore$Line(
                c.id, c.title, c.cannerName, c.place, c.altitudeFt, c.jars, c.jarsOutAt, c.createdAt,
                r.outcome, r.worstOpen, p.caseId is not null)
            from CanningCase c
            join CaseReview r on r.caseId = c.id
            left join Reply p on p.caseId = c.id
            where r.reviewedAt = (select max(l.reviewedAt) from CaseReview l where l.caseId = c.id)
            and not exists (select 1 from Answer a where a.caseId = c.id and a.reopenedAt is null)
            order by c.createdAt desc
            """)
    List<Line> incoming();
}
