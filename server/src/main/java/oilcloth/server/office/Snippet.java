package oilcloth.server.office;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/** A phrase of the office's own, for letters. */
@Entity
class Snippet {
    @Id
    private UUID id;

    private String title;

    @Column(columnDefinition = "text")
    private String english;

    @Column(columnDefinition = "text")
    private String spanish;

    private Instant changedAt;
    private String changedBy;

    protected Snippet() {}

    Snippet(UUID id) {
        this.id = id;
    }

    void say(OfficeController.Phrase phrase, Instant at, String by) {
        this.title = phrase.title().strip();
        this.english = phrase.english().strip();
        this.spanish = phrase.spanish().strip();
        this.changedAt = at;
        this.changedBy = by;
    }

    OfficeController.PhraseView view() {
        return new OfficeController.PhraseView(id, title, english, spanish);
    }
}
