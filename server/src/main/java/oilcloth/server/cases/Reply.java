package oilcloth.server.cases;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;

/** The reply to a case as drafted so far. */
@Entity
class Reply {
    @Id
    private UUID caseId;

    @Column(columnDefinition = "mediumtext")
    private String body;

    private Instant editedAt;
    private String editedBy;

    @Version
    private Integer version;

    protected Reply() {}

    Reply(UUID caseId) {
        this.caseId = caseId;
    }

    void write(String words, Instant at, String by) {
        this.body = words;
        this.editedAt = at;
        this.editedBy = by;
    }

    String body() {
        return body;
    }

    Instant editedAt() {
        return editedAt;
    }

    String editedBy() {
        return editedBy;
    }

    int version() {
        return version == null ? 0 : version;
    }
}
