package oilcloth.server.audit;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Adds and reads; there is no way to change or remove. */
interface AuditStore extends Repository<AuditEvent, Long> {
    AuditEvent save(AuditEvent event);

    /** The last digest, locked until the next event is written, so that the chain has no fork. */
    @Query(value = "select digest from audit_event order by seq desc limit 1 for update", nativeQuery = true)
    List<String> lastDigest();

    List<AuditEvent> findAllByOrderBySeq();

    List<AuditEvent> findByCaseIdOrderBySeq(UUID caseId);
}
