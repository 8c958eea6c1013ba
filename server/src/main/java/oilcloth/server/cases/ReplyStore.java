package oilcloth.server.cases;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Replies by case. */
interface ReplyStore extends JpaRepository<Reply, UUID> {}
