package oilcloth.server.cases;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

/** Reviews are added, never changed. */
interface ReviewStore extends Repository<CaseReview, UUID> {
    CaseReview save(CaseReview review);

    Optional<CaseReview> findFirstByCaseIdOrderByReviewedAtDesc(UUID caseId);
}
