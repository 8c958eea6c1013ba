package oilcloth.server.guide;

import java.util.List;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Readings in the order they were made. */
interface ReadingStore extends Repository<ReadingEvent, Long> {
    ReadingEvent save(ReadingEvent event);

    List<ReadingEvent> findAllByOrderBySeq();

    List<ReadingEvent> findByRowKeyOrderBySeq(String rowKey);

    @Query("select coalesce(max(e.seq), 0) from ReadingEvent e")
    long newest();
}
