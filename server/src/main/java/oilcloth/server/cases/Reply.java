package oilcloth.server.cases;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import oilcloth.check.Language;

/** The reply to a case as drafted so far. */
@Entity
class Reply {
    @Id
    private UUID caseId;

    @Column(columnDefinition = "mediumtext")
    private String body;

    /** The letter as the engine composed it when the draft last caught up with the review. */
    @Column(columnDefinition = "mediumtext")
    private String composed;

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(5)")
    private Language language;

    private Instant editedAt;
    private String editedBy;

    @Version
    private Integer version;

    protected Reply() {}

    Reply(UUID caseId) {
        this.caseId = caseId;
    }

    void write(String words, String composedFrom, Language in, Instant at, String by) {
        this.body = words;
        this.composed = composedFrom;
        this.language = in;
        this.editedAt = at;
        this.editedBy = by;
    }

    void erase(Instant at) {
        write("erased on request", "", language, at, "erased on request");
    }

    String composed() {
        return composed;
    }

    Language language() {
        return language;
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
