package oilcloth.server.cases;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oilcloth.server.guide.RowUse;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Reviews are added, never changed. */
interface ReviewStore extends Repository<CaseReview, UUID> {
    CaseReview save(CaseReview review);

    Optional<CaseReview> findFirstByCaseIdOrderByReviewedAtDesc(UUID caseId);

    List<CaseReview> findByCaseId(UUID caseId);

    @Query(
            """
            select r.caseId from CaseReview r
            where r.reviewedAt = (select max(l.reviewedAt) from CaseReview l where l.caseId = r.caseId)
            and r.guide <> :guide
            """)
    List<UUID> casesNotUnder(String guide);

    @Query(
            """
            select r from CaseReview r
            where r.caseId in :cases
            and r.reviewedAt = (select max(l.reviewedAt) from CaseReview l where l.caseId = r.caseId)
            """)
    List<CaseReview> latestOf(List<UUID> cases);

    /** How many cases' latest reviews rest on a row. */
    record RowCount(String row, long cases) {}

    @Query(
            """
            select new oilcloth.server.cases.ReviewStore$RowCount(k, count(r))
            from CaseReview r join r.rows k
            where r.reviewedAt = (select max(l.reviewedAt) from CaseReview l where l.caseId = r.caseId)
            group by k
            """)
    List<RowCount> casesByRow();

    @Query(
            """
            select new oilcloth.server.guide.RowUse$TouchedCase(
                c.id, c.title, c.cannerName, r.outcome, r.guide, p.caseId is not null)
            from CaseReview r join r.rows k join CanningCase c on c.id = r.caseId left join Reply p on p.caseId = c.id
            where k = :row
            and r.reviewedAt = (select max(l.reviewedAt) from CaseReview l where l.caseId = c.id)
            order by c.createdAt desc
            """)
    List<RowUse.TouchedCase> restingOn(String row);
}
