package oilcloth.server.dismissals;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** What was set aside, the oldest first. */
interface DismissalStore extends JpaRepository<Dismissal, UUID> {
    List<Dismissal> findByCaseIdOrderByAt(UUID caseId);
}
