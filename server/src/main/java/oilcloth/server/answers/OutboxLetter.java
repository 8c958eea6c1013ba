package oilcloth.server.answers;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A letter as it would go out by mail. */
@Entity
@Table(name = "outbox_letter")
class OutboxLetter {
    @Id
    private UUID id;

    private UUID answerId;
    private String recipient;
    private String subject;

    @Column(columnDefinition = "mediumtext")
    private String message;

    private Instant writtenAt;

    protected OutboxLetter() {}

    OutboxLetter(UUID answerId, String recipient, String subject, String message, Instant at) {
        this.id = UUID.randomUUID();
        this.answerId = answerId;
        this.recipient = recipient;
        this.subject = subject;
        this.message = message;
        this.writtenAt = at;
    }

    void erase() {
        this.recipient = "erased on request";
        this.subject = "erased on request";
        this.message = "erased on request";
    }

    OutboxLine line() {
        return new OutboxLine(id, answerId, recipient, subject, message, writtenAt);
    }

    /** As shown. */
    record OutboxLine(UUID id, UUID answerId, String recipient, String subject, String message, Instant writtenAt) {}
}
