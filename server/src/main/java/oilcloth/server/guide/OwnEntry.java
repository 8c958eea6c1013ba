package oilcloth.server.guide;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** A source, process or recipe of the office's own as it was saved, or its removal. Added, never changed. */
@Entity
@Table(name = "guide_entry")
class OwnEntry {
    /** What it is. */
    enum Kind {
        SOURCE,
        PROCESS,
        RECIPE
    }

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long seq;

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(20)")
    private Kind kind;

    private String entryId;

    @Column(columnDefinition = "longtext")
    private String document;

    private String person;
    private Instant at;

    protected OwnEntry() {}

    /** @param document the entry as JSON; null removes it */
    OwnEntry(Kind kind, String entryId, String document, String person, Instant at) {
        this.kind = kind;
        this.entryId = entryId;
        this.document = document;
        this.person = person;
        this.at = at;
    }

    Kind kind() {
        return kind;
    }

    String entryId() {
        return entryId;
    }

    String document() {
        return document;
    }
}
