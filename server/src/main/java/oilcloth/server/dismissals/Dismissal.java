package oilcloth.server.dismissals;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/** A finding set aside. It is taken back by a date, never removed. */
@Entity
class Dismissal {
    @Id
    private UUID id;

    private UUID caseId;
    private String code;
    private String severity;
    private String title;
    private String quote;
    private String reason;
    private String person;
    private Instant at;
    private String takenBackBy;
    private Instant takenBackAt;

    protected Dismissal() {}

    Dismissal(UUID caseId, DismissalController.ToSetAside given, String severity, String person, Instant at) {
        this.id = UUID.randomUUID();
        this.caseId = caseId;
        this.code = given.code();
        this.severity = severity;
        this.title = given.title();
        this.quote = given.quote();
        this.reason = given.reason().strip();
        this.person = person;
        this.at = at;
    }

    void takeBack(String by, Instant when) {
        this.takenBackBy = by;
        this.takenBackAt = when;
    }

    /** The canner's own words go. */
    void erase() {
        this.title = "erased on request";
        this.quote = "";
        this.reason = "erased on request";
    }

    boolean stands() {
        return takenBackAt == null;
    }

    UUID caseId() {
        return caseId;
    }

    String code() {
        return code;
    }

    String title() {
        return title;
    }

    String severity() {
        return severity;
    }

    DismissalController.SetAsideView view() {
        return new DismissalController.SetAsideView(
                id, code, severity, title, quote, reason, person, at, takenBackBy, takenBackAt);
    }
}
