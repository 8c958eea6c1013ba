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

/** Somebody read a row, read it a second time, or took a reading back. Added, never changed. */
@Entity
@Table(name = "guide_reading")
class ReadingEvent {
    /** What was done. */
    enum Kind {
        READ,
        SECOND,
        WITHDRAWN
    }

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long seq;

    private String rowKey;

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(20)")
    private Kind kind;

    @Column(columnDefinition = "longtext")
    private String printed;

    private String edition;
    private String page;
    private String person;
    private String username;
    private Instant at;

    protected ReadingEvent() {}

    /** @param printed the printed figures as a JSON object; an empty one when print agrees */
    ReadingEvent(
            String rowKey,
            Kind kind,
            String printed,
            String edition,
            String page,
            String person,
            String username,
            Instant at) {
        this.rowKey = rowKey;
        this.kind = kind;
        this.printed = printed;
        this.edition = edition;
        this.page = page;
        this.person = person;
        this.username = username;
        this.at = at;
    }

    String rowKey() {
        return rowKey;
    }

    Kind kind() {
        return kind;
    }

    String printed() {
        return printed;
    }

    String edition() {
        return edition;
    }

    String page() {
        return page;
    }

    String person() {
        return person;
    }

    String username() {
        return username;
    }

    Instant at() {
        return at;
    }
}
