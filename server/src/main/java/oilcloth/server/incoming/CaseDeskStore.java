package oilcloth.server.incoming;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Desk notes by case. */
interface CaseDeskStore extends JpaRepository<CaseDesk, UUID> {
    List<CaseDesk> findByAssignedTo(String username);
}
