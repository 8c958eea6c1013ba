package oilcloth.server.audit;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import oilcloth.server.account.SignedIn;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts deeds on record. */
@Service
public class AuditTrail {
    private static final String FIRST = "0".repeat(64);
    private static final int LONGEST = 400;

    /** A deed as shown. */
    public record Deed(Long seq, Instant at, String person, String deed, UUID caseId, String detail) {}

    /** Whether the chain holds. @param brokenAt the first event that does not follow, or null */
    public record Checked(int events, boolean intact, Long brokenAt) {}

    private final AuditStore store;
    private final Clock clock;

    AuditTrail(AuditStore store, Clock clock) {
        this.store = store;
        this.clock = clock;
    }

    /** @param detail in plain words, without names or words of the canner */
    @Transactional
    public void record(SignedIn by, String deed, UUID caseId, String detail) {
        String previous = store.lastDigest().stream().findFirst().orElse(FIRST);
        String brief = detail.length() <= LONGEST ? detail : detail.substring(0, LONGEST);
        store.save(new AuditEvent(
                clock.instant().truncatedTo(ChronoUnit.MICROS),
                by.username(),
                by.displayName(),
                deed,
                caseId,
                brief,
                previous));
    }

    @Transactional(readOnly = true)
    public List<Deed> of(UUID caseId) {
        return store.findByCaseIdOrderBySeq(caseId).stream()
                .map(AuditEvent::entry)
                .toList();
    }

    @Transactional(readOnly = true)
    public Checked check() {
        String before = FIRST;
        int events = 0;
        for (AuditEvent event : store.findAllByOrderBySeq()) {
            if (!event.follows(before)) {
                return new Checked(events, false, event.entry().seq());
            }
            before = event.digest();
            events++;
        }
        return new Checked(events, true, null);
    }
}
