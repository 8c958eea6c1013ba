package oilcloth.server.answers;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import oilcloth.check.Language;
import oilcloth.server.cases.ReadyToSign;

/** A signed answer. What was said is never changed; that it was reopened or sent is noted on it. */
@Entity
class Answer {
    @Id
    private UUID id;

    private UUID caseId;
    private int number;
    private String title;
    private String cannerName;
    private String place;

    @Column(columnDefinition = "mediumtext")
    private String body;

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(5)")
    private Language language;

    private String outcome;
    private String guide;
    private String engine;

    @Column(columnDefinition = "longtext")
    private String rowStates;

    private String signedBy;
    private Instant signedAt;
    private String reopenedBy;
    private Instant reopenedAt;
    private String reopenedWhy;
    private String sentBy;
    private Instant sentAt;
    private String sentTo;

    @Version
    private Integer version;

    protected Answer() {}

    Answer(ReadyToSign ready, int number, String rowStates, String by, Instant at) {
        this.id = UUID.randomUUID();
        this.caseId = ready.caseId();
        this.number = number;
        this.title = ready.title();
        this.cannerName = ready.cannerName();
        this.place = ready.place();
        this.body = ready.body();
        this.language = ready.language();
        this.outcome = ready.call();
        this.guide = ready.guide();
        this.engine = ready.engine();
        this.rowStates = rowStates;
        this.signedBy = by;
        this.signedAt = at;
    }

    boolean stands() {
        return reopenedAt == null;
    }

    void reopen(String by, Instant at, String why) {
        this.reopenedBy = by;
        this.reopenedAt = at;
        this.reopenedWhy = why;
    }

    void sent(String by, Instant at, String to) {
        this.sentBy = by;
        this.sentAt = at;
        this.sentTo = to;
    }

    /** The canner's name, place and letter go; that an answer was given stays. */
    void erase() {
        this.cannerName = "";
        this.place = "";
        this.title = "erased on request";
        this.body = "erased on request";
        this.sentTo = sentTo == null ? null : "erased on request";
    }

    UUID id() {
        return id;
    }

    UUID caseId() {
        return caseId;
    }

    int number() {
        return number;
    }

    String title() {
        return title;
    }

    String body() {
        return body;
    }

    Language language() {
        return language;
    }

    Instant signedAt() {
        return signedAt;
    }

    AnswerView view() {
        return new AnswerView(
                id,
                caseId,
                number,
                title,
                cannerName,
                place,
                body,
                language,
                outcome,
                guide,
                engine,
                rowStates,
                signedBy,
                signedAt,
                reopenedBy,
                reopenedAt,
                reopenedWhy,
                sentBy,
                sentAt,
                sentTo);
    }
}
