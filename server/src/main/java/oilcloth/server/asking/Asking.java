package oilcloth.server.asking;

import jakarta.persistence.EntityNotFoundException;
import java.security.SecureRandom;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Map;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.regex.Pattern;
import oilcloth.check.Language;
import oilcloth.formats.UnusableInput;
import oilcloth.jars.JarAdvice;
import oilcloth.reading.QuestionReader;
import oilcloth.server.account.Secret;
import oilcloth.server.asking.AskingController.Asked;
import oilcloth.server.asking.AskingController.PrivateAnswer;
import oilcloth.server.asking.AskingController.Received;
import oilcloth.server.cases.CaseController;
import oilcloth.server.cases.Cases;
import oilcloth.server.guide.CurrentGuide;
import oilcloth.server.office.Office;
import oilcloth.server.places.Gazetteer;
import oilcloth.server.places.Place;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes questions in from the public form and shows the signed reply to whoever has the link. */
@Service
public class Asking {
    private static final String LETTERS = "ABCDEFGHJKLMNPQRSTUVWXYZ23456789";
    private static final int REFERENCE = 6;
    private static final Duration WINDOW = Duration.ofHours(1);
    private static final Pattern FEET_OR_METRES = Pattern.compile(
            "\\d\\s*('|ft\\b|feet\\b|foot\\b|pies\\b|m\\b|met(er|re|ro)s?\\b)", Pattern.CASE_INSENSITIVE);

    private final NamedParameterJdbcTemplate database;
    private final Cases cases;
    private final Gazetteer gazetteer;
    private final CurrentGuide guide;
    private final Office office;
    private final Clock clock;
    private final int mostAnHour;
    private final SecureRandom random = new SecureRandom();

    Asking(
            NamedParameterJdbcTemplate database,
            Cases cases,
            Gazetteer gazetteer,
            CurrentGuide guide,
            Office office,
            Clock clock,
            @Value("${oilcloth.public.most-an-hour}") int mostAnHour) {
        this.database = database;
        this.cases = cases;
        this.gazetteer = gazetteer;
        this.guide = guide;
        this.office = office;
        this.clock = clock;
        this.mostAnHour = mostAnHour;
    }

    /**
     * @throws TooManyQuestions beyond what one address may send in an hour
     * @throws UnusableInput when there is no recipe in it
     */
    @Transactional(rollbackFor = UnusableInput.class, noRollbackFor = TooManyQuestions.class)
    public Received take(Asked asked, String address) throws UnusableInput {
        String reference = random(REFERENCE);
        String token = Secret.fresh();
        if (asked.website() != null && !asked.website().isBlank()) {
            // whoever fills in what nobody sees is told what everybody is told, and nothing is kept
            return new Received(reference, token);
        }
        knock(address);
        UUID id = cases.open(
                asked.text(),
                CaseController.Details.sent(
                        asked.name(),
                        asked.place(),
                        asked.contact(),
                        asked.language(),
                        altitude(asked.place()),
                        asked.jars(),
                        asked.jarsOutAt()),
                "public form");
        database.update(
                """
                insert into public_question (case_id, reference, token_digest, sent_at)
                values (:id, :reference, :digest, :at)
                """,
                Map.of("id", id, "reference", reference, "digest", Secret.digest(token), "at", Timestamp.from(now())));
        return new Received(reference, token);
    }

    /** "Kettle Lake", "Kettle Lake, 4,100 ft": what is said or what the gazetteer knows, the higher of the two. */
    private Integer altitude(String place) {
        String town = place.split(",", 2)[0].strip();
        OptionalInt known = gazetteer.find(town).stream()
                .filter(p -> p.name().equalsIgnoreCase(town))
                .mapToInt(Place::highestFeet)
                .findFirst();
        // a figure without a unit may be the number of a house
        OptionalInt said = FEET_OR_METRES.matcher(place).find()
                ? new QuestionReader(guide.snapshot())
                        .hear(place)
                        .altitude()
                        .map(a -> OptionalInt.of(a.feet()))
                        .orElse(OptionalInt.empty())
                : OptionalInt.empty();
        if (known.isEmpty() && said.isEmpty()) {
            return null;
        }
        return Math.max(known.orElse(Integer.MIN_VALUE), said.orElse(Integer.MIN_VALUE));
    }

    private void knock(String address) {
        Map<String, Object> given = Map.of(
                "address", Secret.digest(address),
                "now", Timestamp.from(now()),
                "since", Timestamp.from(now().minus(WINDOW)),
                "old", Timestamp.from(now().minus(Duration.ofDays(1))));
        database.update("delete from public_knock where at < :old", given);
        database.update("insert into public_knock (address_digest, at) values (:address, :now)", given);
        Integer knocks = database.queryForObject(
                "select count(*) from public_knock where address_digest = :address and at > :since",
                given,
                Integer.class);
        if (knocks != null && knocks > mostAnHour) {
            throw new TooManyQuestions();
        }
    }

    /** @throws EntityNotFoundException when no question has this link */
    @Transactional(readOnly = true)
    public PrivateAnswer answer(String token) {
        Instant now = now();
        return database
                .query(
                        """
                        select q.reference, q.sent_at, c.title, c.language, c.jars, c.jars_out_at,
                            a.body, a.signed_at, a.language as letter_language
                        from public_question q
                        join canning_case c on c.id = q.case_id
                        left join answer a on a.case_id = c.id and a.reopened_at is null
                        where q.token_digest = :digest
                        """,
                        Map.of("digest", Secret.digest(token)),
                        (row, n) -> {
                            Timestamp signed = row.getTimestamp("signed_at");
                            Timestamp out = row.getTimestamp("jars_out_at");
                            Instant deadline = signed == null || out == null || !"MADE".equals(row.getString("jars"))
                                    ? null
                                    : out.toInstant().plus(JarAdvice.WINDOW);
                            return new PrivateAnswer(
                                    office.name(),
                                    row.getString("reference"),
                                    row.getTimestamp("sent_at").toInstant(),
                                    row.getString("title"),
                                    Language.valueOf(row.getString(signed == null ? "language" : "letter_language")),
                                    row.getString("body"),
                                    signed == null ? null : signed.toInstant(),
                                    deadline,
                                    deadline != null && deadline.isBefore(now));
                        })
                .stream()
                .findFirst()
                .orElseThrow(EntityNotFoundException::new);
    }

    /** @throws EntityNotFoundException until it is signed */
    @Transactional(readOnly = true)
    public PrivateAnswer signed(String token) {
        PrivateAnswer answer = answer(token);
        if (answer.letter() == null) {
            throw new EntityNotFoundException();
        }
        return answer;
    }

    private String random(int length) {
        StringBuilder letters = new StringBuilder();
        for (int i = 0; i < length; i++) {
            letters.append(LETTERS.charAt(random.nextInt(LETTERS.length())));
        }
        return letters.toString();
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }
}
