package oilcloth.server.answers;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.persistence.EntityNotFoundException;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import oilcloth.formats.LetterMail;
import oilcloth.server.account.SignedIn;
import oilcloth.server.audit.AuditTrail;
import oilcloth.server.cases.Cases;
import oilcloth.server.cases.ReadyToSign;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Signs, reopens, sends and keeps answers; each deed goes on record with it. */
@Service
public class Answers {
    private final AnswerStore answers;
    private final OutboxStore outbox;
    private final Cases cases;
    private final AuditTrail trail;
    private final ObjectMapper json;
    private final Clock clock;
    private final String from;

    Answers(
            AnswerStore answers,
            OutboxStore outbox,
            Cases cases,
            AuditTrail trail,
            ObjectMapper json,
            Clock clock,
            @Value("${oilcloth.mail.from}") String from) {
        this.answers = answers;
        this.outbox = outbox;
        this.cases = cases;
        this.trail = trail;
        this.json = json;
        this.clock = clock;
        this.from = from;
    }

    /** The office's address. */
    String from() {
        return from;
    }

    @Transactional(readOnly = true)
    List<AnswerView> shelf(String words) {
        List<Answer> found = words.isBlank()
                ? answers.standing()
                : answers.standingWith(
                        "%" + words.strip().toLowerCase(Locale.ROOT).replace("%", "\\%") + "%");
        return found.stream().map(Answer::view).toList();
    }

    @Transactional(readOnly = true)
    List<AnswerView> of(UUID caseId) {
        return answers.findByCaseIdOrderByNumberDesc(caseId).stream()
                .map(Answer::view)
                .toList();
    }

    @Transactional(readOnly = true)
    AnswerView view(UUID id) {
        return find(id).view();
    }

    /**
     * Locks the saved reply as the answer to the case.
     *
     * @param replyVersion of the reply the educator has read
     * @throws IllegalArgumentException when it is signed already or there is nothing to sign
     */
    @Transactional
    public AnswerView sign(UUID caseId, int replyVersion, SignedIn by) {
        Answer last = answers.findFirstByCaseIdOrderByNumberDesc(caseId).orElse(null);
        if (last != null && last.stands()) {
            throw new IllegalArgumentException("This answer is signed already. Reopen it to change it.");
        }
        ReadyToSign ready = cases.readyToSign(caseId, replyVersion);
        Answer signed = answers.saveAndFlush(
                new Answer(ready, last == null ? 1 : last.number() + 1, states(ready), by.displayName(), now()));
        trail.record(
                by,
                "sign",
                caseId,
                "answer " + signed.number() + ", call " + ready.call() + ", guide " + ready.guide() + ", engine "
                        + ready.engine());
        return signed.view();
    }

    private String states(ReadyToSign ready) {
        try {
            return json.writeValueAsString(ready.rows());
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Makes the reply editable again; the signed answer stays on the shelf as it was, marked as reopened. */
    @Transactional
    public AnswerView reopen(UUID id, String why, SignedIn by) {
        Answer answer = find(id);
        if (!answer.stands()) {
            throw new IllegalArgumentException("This answer has been reopened already.");
        }
        answer.reopen(by.displayName(), now(), why);
        trail.record(by, "reopen", answer.caseId(), "answer " + answer.number());
        return answer.view();
    }

    /** Writes the letter into the outbox. @throws IllegalArgumentException for an address nobody can write to */
    @Transactional
    public AnswerView send(UUID id, String to, SignedIn by) {
        Answer answer = find(id);
        if (!answer.stands()) {
            throw new IllegalArgumentException("This answer was reopened; only one that stands is sent.");
        }
        String subject = "Your recipe: " + answer.title();
        String message = LetterMail.of(from, to, subject, answer.body(), now());
        outbox.save(new OutboxLetter(answer.id(), to, subject, message, now()));
        answer.sent(by.displayName(), now(), to);
        trail.record(by, "send", answer.caseId(), "answer " + answer.number());
        return answer.view();
    }

    @Transactional(readOnly = true)
    List<OutboxLetter.OutboxLine> outbox() {
        return outbox.findAllByOrderByWrittenAtDesc().stream()
                .map(OutboxLetter::line)
                .toList();
    }

    /** A person's data goes, on request; what was decided, by whom and when stays, and so does the trail. */
    @Transactional
    public void erase(UUID caseId, SignedIn by) {
        cases.erase(caseId);
        for (Answer answer : answers.findByCaseIdOrderByNumberDesc(caseId)) {
            answer.erase();
            outbox.findByAnswerId(answer.id()).forEach(OutboxLetter::erase);
        }
        trail.record(by, "erase", caseId, "the canner's data, on request");
    }

    private Answer find(UUID id) {
        return answers.findById(id).orElseThrow(EntityNotFoundException::new);
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }
}
