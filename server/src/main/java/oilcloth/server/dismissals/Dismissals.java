package oilcloth.server.dismissals;

import jakarta.persistence.EntityNotFoundException;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import oilcloth.server.account.Role;
import oilcloth.server.account.SignedIn;
import oilcloth.server.audit.AuditTrail;
import oilcloth.server.cases.CannerData;
import oilcloth.server.cases.Cases;
import oilcloth.server.cases.SetAside;
import org.springframework.security.authorization.AuthorizationDeniedException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sets findings aside: what is grave only by an educator, all of it with a reason and on the record. */
@Service
public class Dismissals implements SetAside, CannerData {
    private static final Set<String> GRAVE = Set.of("danger", "correct");

    private final DismissalStore store;
    private final Cases cases;
    private final AuditTrail trail;
    private final Clock clock;

    Dismissals(DismissalStore store, Cases cases, AuditTrail trail, Clock clock) {
        this.store = store;
        this.cases = cases;
        this.trail = trail;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<DismissalController.SetAsideView> all(UUID caseId) {
        return store.findByCaseIdOrderByAt(caseId).stream().map(Dismissal::view).toList();
    }

    /**
     * @throws IllegalArgumentException when the review has no such finding now
     * @throws AuthorizationDeniedException when a volunteer wants to set something grave aside
     */
    @Transactional
    public void setAside(UUID caseId, DismissalController.ToSetAside given, SignedIn by) {
        String severity = cases.severityOf(caseId, given.code(), given.title())
                .orElseThrow(() -> new IllegalArgumentException("The review has no such finding now."));
        if (GRAVE.contains(severity) && by.role() != Role.EDUCATOR) {
            throw new AuthorizationDeniedException("An educator sets this aside.");
        }
        store.save(new Dismissal(caseId, given, severity, by.displayName(), now()));
        trail.record(by, "set aside", caseId, given.code() + " (" + severity + ")");
    }

    @Transactional
    public void takeBack(UUID caseId, UUID id, SignedIn by) {
        Dismissal found = store.findById(id)
                .filter(d -> d.caseId().equals(caseId) && d.stands())
                .orElseThrow(EntityNotFoundException::new);
        found.takeBack(by.displayName(), now());
        trail.record(by, "set aside", caseId, found.code() + " taken back");
    }

    @Override
    @Transactional(readOnly = true)
    public Findings of(UUID caseId) {
        List<Dismissal> standing = store.findByCaseIdOrderByAt(caseId).stream()
                .filter(Dismissal::stands)
                .toList();
        return (code, title) -> standing.stream()
                .anyMatch(d -> d.code().equals(code) && d.title().equals(title));
    }

    @Override
    @Transactional
    public void erase(UUID caseId) {
        store.findByCaseIdOrderByAt(caseId).forEach(Dismissal::erase);
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }
}
