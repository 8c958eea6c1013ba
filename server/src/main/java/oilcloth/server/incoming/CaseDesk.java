package oilcloth.server.incoming;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.UUID;

/** What the desk keeps about a case: whose it is, when to look again, its tags, and that the canner wrote back. */
@Entity
@Table(name = "case_desk")
class CaseDesk {
    @Id
    private UUID caseId;

    private String assignedTo;
    private LocalDate followUp;
    private Instant wroteBackAt;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "case_tag", joinColumns = @JoinColumn(name = "case_id"))
    @Column(name = "tag")
    private Set<String> tags = new TreeSet<>();

    @Version
    private Integer version;

    protected CaseDesk() {}

    CaseDesk(UUID caseId) {
        this.caseId = caseId;
    }

    void keep(String who, LocalDate lookAgain, Set<String> words) {
        this.assignedTo = who;
        this.followUp = lookAgain;
        this.tags.clear();
        this.tags.addAll(words);
    }

    void assign(String who) {
        this.assignedTo = who;
    }

    void wroteBack(Instant at) {
        this.wroteBackAt = at;
    }

    String assignedTo() {
        return assignedTo;
    }

    LocalDate followUp() {
        return followUp;
    }

    Instant wroteBackAt() {
        return wroteBackAt;
    }

    SortedSet<String> tags() {
        return new TreeSet<>(tags);
    }
}
