package oilcloth.server.cases;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Set;
import java.util.UUID;

/** One review of a case, kept as it was given, with the guide and engine it rests on. */
@Entity
@Table(name = "case_review")
class CaseReview {
    @Id
    private UUID id;

    private UUID caseId;
    private String outcome;
    private String worstOpen;
    private String guide;
    private String engine;

    @Column(columnDefinition = "longtext")
    private String document;

    private Instant reviewedAt;
    private String reviewedBy;

    @ElementCollection
    @CollectionTable(name = "review_row", joinColumns = @JoinColumn(name = "review_id"))
    @Column(name = "row_key")
    private Set<String> rows;

    protected CaseReview() {}

    CaseReview(
            UUID caseId,
            String outcome,
            String worstOpen,
            String guide,
            String engine,
            String document,
            Instant reviewedAt,
            String reviewedBy,
            Set<String> rows) {
        this.id = UUID.randomUUID();
        this.caseId = caseId;
        this.outcome = outcome;
        this.worstOpen = worstOpen;
        this.guide = guide;
        this.engine = engine;
        this.document = document;
        this.reviewedAt = reviewedAt;
        this.reviewedBy = reviewedBy;
        this.rows = rows;
    }

    /** The document goes with the canner's words in it; the call and what it rested on stay in the other columns. */
    void erase(String nothing) {
        this.document = nothing;
    }

    UUID caseId() {
        return caseId;
    }

    String outcome() {
        return outcome;
    }

    String guide() {
        return guide;
    }

    String engine() {
        return engine;
    }

    Set<String> rows() {
        return rows;
    }

    String document() {
        return document;
    }

    Instant reviewedAt() {
        return reviewedAt;
    }

    String reviewedBy() {
        return reviewedBy;
    }
}
