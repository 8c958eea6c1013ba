package oilcloth.server.correspondence;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Photos by case. */
interface PhotoStore extends JpaRepository<CasePhoto, UUID> {
    /** Without the pictures themselves. */
    @Query("select p.id from CasePhoto p where p.caseId = :caseId order by p.addedAt")
    List<UUID> idsOf(UUID caseId);

    void deleteByCaseId(UUID caseId);
}
