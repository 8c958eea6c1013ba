package oilcloth.server.answers;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Letters that went out, the newest first. */
interface OutboxStore extends JpaRepository<OutboxLetter, UUID> {
    List<OutboxLetter> findAllByOrderByWrittenAtDesc();

    List<OutboxLetter> findByAnswerId(UUID answerId);
}
