package oilcloth.server.practice;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.persistence.EntityNotFoundException;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import oilcloth.check.Finding;
import oilcloth.check.Message;
import oilcloth.check.Messages;
import oilcloth.formats.RecipeText;
import oilcloth.formats.UnusableInput;
import oilcloth.measure.Altitude;
import oilcloth.practice.Anonymous;
import oilcloth.practice.Mark;
import oilcloth.practice.Score;
import oilcloth.recipe.Context;
import oilcloth.review.Call;
import oilcloth.review.Review;
import oilcloth.server.account.SignedIn;
import oilcloth.server.cases.Cases;
import oilcloth.server.guide.CurrentGuide;
import oilcloth.server.practice.PracticeController.Marked;
import oilcloth.text.Range;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps exercises and scores attempts. */
@Service
public class Practice {
    private final NamedParameterJdbcTemplate database;
    private final CurrentGuide guide;
    private final Cases cases;
    private final ObjectMapper json;
    private final Clock clock;
    private final Messages say = Messages.english();

    Practice(NamedParameterJdbcTemplate database, CurrentGuide guide, Cases cases, ObjectMapper json, Clock clock) {
        this.database = database;
        this.guide = guide;
        this.cases = cases;
        this.json = json;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<PracticeController.ExerciseLine> all(String username) {
        return database.query(
                """
                select e.id, e.title, e.level, (select max(a.score) from attempt a
                    where a.exercise_id = e.id and a.username = :username) as best
                from exercise e order by e.level, e.title
                """,
                Map.of("username", username),
                (row, n) -> new PracticeController.ExerciseLine(
                        row.getObject("id", UUID.class),
                        row.getString("title"),
                        row.getInt("level"),
                        row.getObject("best", Integer.class)));
    }

    @Transactional(readOnly = true)
    PracticeController.Exercise one(UUID id) {
        return database
                .query(
                        "select title, recipe_text, altitude_ft, level from exercise where id = :id",
                        Map.of("id", id),
                        (row, n) -> new PracticeController.Exercise(
                                id,
                                row.getString("title"),
                                row.getString("recipe_text"),
                                row.getObject("altitude_ft", Integer.class),
                                row.getInt("level")))
                .stream()
                .findFirst()
                .orElseThrow(EntityNotFoundException::new);
    }

    /** The letter of a case without the people in it, for an educator to look over. */
    @Transactional(readOnly = true)
    PracticeController.Draft from(UUID caseId) {
        Cases.Letter letter = cases.letterOf(caseId);
        return new PracticeController.Draft(
                Anonymous.of(letter.title(), letter.cannerName()),
                Anonymous.of(letter.text(), letter.cannerName(), letter.place()),
                letter.altitudeFt());
    }

    /** @throws UnusableInput when there is no recipe in it */
    @Transactional(rollbackFor = UnusableInput.class)
    public void put(String title, String text, Integer altitudeFt, String by) throws UnusableInput {
        add(new PracticeController.Draft(title, text, altitudeFt), by);
    }

    /** @throws UnusableInput when there is no recipe in it */
    @Transactional(rollbackFor = UnusableInput.class)
    public UUID add(PracticeController.Draft draft, String by) throws UnusableInput {
        String text = RecipeText.of(draft.text());
        Review review = review(text, draft.altitudeFt());
        if (review.isNoRecipe()) {
            throw new UnusableInput("There is no recipe in this to practise on.");
        }
        UUID id = UUID.randomUUID();
        Map<String, Object> row = new HashMap<>();
        row.put("id", id);
        row.put("title", draft.title().strip());
        row.put("text", text);
        row.put("altitude", draft.altitudeFt());
        row.put("level", Score.level(review));
        row.put("by", by);
        row.put("at", Timestamp.from(clock.instant().truncatedTo(ChronoUnit.MICROS)));
        database.update(
                """
                insert into exercise (id, title, recipe_text, altitude_ft, level, made_by, made_at)
                values (:id, :title, :text, :altitude, :level, :by, :at)
                """,
                row);
        return id;
    }

    @Transactional
    public void remove(UUID id) {
        if (database.update("delete from exercise where id = :id", Map.of("id", id)) == 0) {
            throw new EntityNotFoundException();
        }
    }

    /** Scores what somebody marked, and keeps the attempt. */
    @Transactional
    public PracticeController.Scored score(UUID id, Marked marked, SignedIn by) {
        PracticeController.Exercise exercise = one(id);
        Review review = review(exercise.text(), exercise.altitudeFt());
        Score score = Score.of(
                review,
                marked.marks().stream().map(m -> mark(m, exercise.text())).toList(),
                Call.valueOf(marked.call().toUpperCase(Locale.ROOT)));
        database.update(
                """
                insert into attempt (id, exercise_id, username, person, marks, score, at)
                values (:id, :exercise, :username, :person, :marks, :score, :at)
                """,
                Map.of(
                        "id", UUID.randomUUID(),
                        "exercise", id,
                        "username", by.username(),
                        "person", by.displayName(),
                        "marks", written(marked),
                        "score", score.percent(),
                        "at", Timestamp.from(clock.instant().truncatedTo(ChronoUnit.MICROS))));
        return new PracticeController.Scored(
                score.percent(),
                review.call().id(),
                score.call(),
                score.hits().stream().map(f -> told(f, exercise.text())).toList(),
                score.near().stream().map(f -> told(f, exercise.text())).toList(),
                score.missed().stream().map(f -> told(f, exercise.text())).toList(),
                score.beyond().stream().map(Mark::code).toList());
    }

    private static Mark mark(PracticeController.MarkDoc m, String text) {
        if (m.start() == null || m.end() == null) {
            return new Mark(m.code(), Optional.empty(), m.correction());
        }
        if (m.start() >= m.end() || m.end() > text.length()) {
            throw new IllegalArgumentException("The marked words are not in this text.");
        }
        return new Mark(m.code(), Optional.of(new Range(m.start(), m.end())), m.correction());
    }

    private PracticeController.Told told(Finding f, String text) {
        return new PracticeController.Told(
                f.code(),
                f.severity().name().toLowerCase(Locale.ROOT),
                say.say(f.title()),
                say.say(f.why()),
                f.correction().map(c -> c.text()).map((Message m) -> say.say(m)).orElse(""),
                f.evidence().isEmpty() ? "" : f.evidence().get(0).of(text));
    }

    private Review review(String text, Integer altitudeFt) {
        return guide.engine().review(text, Context.planning(altitudeFt == null ? null : Altitude.ofFeet(altitudeFt)));
    }

    private String written(Marked marked) {
        try {
            return json.writeValueAsString(marked);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Everybody's best of each exercise, averaged by level. */
    @Transactional(readOnly = true)
    List<PracticeController.Progress> progress() {
        return database.query(
                """
                select b.username, min(b.person) as person, b.level, count(*) as exercises, round(avg(b.best)) as average,
                    max(b.last) as last
                from (select a.username, min(a.person) as person, e.level, max(a.score) as best, max(a.at) as last
                    from attempt a join exercise e on e.id = a.exercise_id group by a.username, e.id, e.level) b
                group by b.username, b.level order by person, b.level
                """,
                Map.of(),
                (row, n) -> new PracticeController.Progress(
                        row.getString("person"),
                        row.getInt("level"),
                        row.getInt("exercises"),
                        row.getInt("average"),
                        row.getTimestamp("last").toInstant()));
    }

    @Transactional(readOnly = true)
    public boolean isEmpty() {
        Integer count = database.queryForObject("select count(*) from exercise", Map.of(), Integer.class);
        return count == null || count == 0;
    }
}
