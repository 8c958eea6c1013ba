package oilcloth.server.cases;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Cases by their id. */
interface CaseStore extends JpaRepository<CanningCase, UUID> {}
