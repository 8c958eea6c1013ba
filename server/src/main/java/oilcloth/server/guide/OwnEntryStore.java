package oilcloth.server.guide;

import java.util.List;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** The office's own entries, oldest first; the newest of an id counts. */
interface OwnEntryStore extends Repository<OwnEntry, Long> {
    OwnEntry save(OwnEntry entry);

    List<OwnEntry> findAllByOrderBySeq();

    @Query("select coalesce(max(e.seq), 0) from OwnEntry e")
    long newest();
}
