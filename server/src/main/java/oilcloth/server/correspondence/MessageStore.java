package oilcloth.server.correspondence;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Later letters, the oldest first. */
interface MessageStore extends JpaRepository<CaseMessage, UUID> {
    List<CaseMessage> findByCaseIdOrderByWrittenAt(UUID caseId);

    void deleteByCaseId(UUID caseId);
}
