package oilcloth.server.answers;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Answers, the newest first. */
interface AnswerStore extends JpaRepository<Answer, UUID> {
    Optional<Answer> findFirstByCaseIdOrderByNumberDesc(UUID caseId);

    List<Answer> findByCaseIdOrderByNumberDesc(UUID caseId);

    @Query("select a from Answer a where a.reopenedAt is null order by a.signedAt desc")
    List<Answer> standing();

    @Query(
            """
            select a from Answer a
            where a.reopenedAt is null
            and (lower(a.title) like :words or lower(a.body) like :words or lower(a.cannerName) like :words
                or lower(a.place) like :words)
            order by a.signedAt desc
            """)
    List<Answer> standingWith(String words);
}
