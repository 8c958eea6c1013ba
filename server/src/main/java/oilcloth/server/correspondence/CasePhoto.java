package oilcloth.server.correspondence;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A photo of the card the text was typed from. */
@Entity
@Table(name = "case_photo")
class CasePhoto {
    @Id
    private UUID id;

    private UUID caseId;
    private String contentType;

    @Column(columnDefinition = "longblob")
    private byte[] content;

    private Instant addedAt;
    private String addedBy;

    protected CasePhoto() {}

    CasePhoto(UUID caseId, String contentType, byte[] content, Instant at, String by) {
        this.id = UUID.randomUUID();
        this.caseId = caseId;
        this.contentType = contentType;
        this.content = content;
        this.addedAt = at;
        this.addedBy = by;
    }

    UUID id() {
        return id;
    }

    UUID caseId() {
        return caseId;
    }

    String contentType() {
        return contentType;
    }

    byte[] content() {
        return content;
    }
}
