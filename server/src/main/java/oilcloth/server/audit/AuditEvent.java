package oilcloth.server.audit;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.HexFormat;
import java.util.UUID;
import org.hibernate.annotations.Immutable;

/** One deed on record, chained to the one before it. It holds no word of the canner's. */
@Entity
@Immutable
@Table(name = "audit_event")
class AuditEvent {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long seq;

    private Instant happenedAt;
    private String username;
    private String person;
    private String deed;
    private UUID caseId;
    private String detail;

    @Column(columnDefinition = "char(64)")
    private String previous;

    @Column(columnDefinition = "char(64)")
    private String digest;

    protected AuditEvent() {}

    AuditEvent(Instant at, String username, String person, String deed, UUID caseId, String detail, String previous) {
        this.happenedAt = at;
        this.username = username;
        this.person = person;
        this.deed = deed;
        this.caseId = caseId;
        this.detail = detail;
        this.previous = previous;
        this.digest = computed();
    }

    /** SHA-256 over everything said and the digest before. */
    String computed() {
        String all = String.join(
                "\n",
                previous,
                happenedAt.toString(),
                username,
                person,
                deed,
                caseId == null ? "" : caseId.toString(),
                detail);
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(all.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    boolean follows(String before) {
        return previous.equals(before) && digest.equals(computed());
    }

    String digest() {
        return digest;
    }

    AuditTrail.Deed entry() {
        return new AuditTrail.Deed(seq, happenedAt, person, deed, caseId, detail);
    }
}
