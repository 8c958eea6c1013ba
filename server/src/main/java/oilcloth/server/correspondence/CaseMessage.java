package oilcloth.server.correspondence;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** What the canner wrote after the first letter. */
@Entity
@Table(name = "case_message")
class CaseMessage {
    @Id
    private UUID id;

    private UUID caseId;

    @Column(columnDefinition = "mediumtext")
    private String words;

    private Instant writtenAt;
    private String takenInBy;

    protected CaseMessage() {}

    CaseMessage(UUID caseId, String words, Instant at, String by) {
        this.id = UUID.randomUUID();
        this.caseId = caseId;
        this.words = words;
        this.writtenAt = at;
        this.takenInBy = by;
    }

    CorrespondenceController.Message view() {
        return new CorrespondenceController.Message(id, words, writtenAt, takenInBy);
    }
}
