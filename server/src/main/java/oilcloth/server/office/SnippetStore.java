package oilcloth.server.office;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** The office's phrases by title. */
interface SnippetStore extends JpaRepository<Snippet, UUID> {
    List<Snippet> findAllByOrderByTitle();
}
