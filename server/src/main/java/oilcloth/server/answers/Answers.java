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
import oilcloth.check.Language;
import oilcloth.formats.LetterMail;
import oilcloth.server.account.SignedIn;
import oilcloth.server.audit.AuditTrail;
import oilcloth.server.cases.CannerData;
import oilcloth.server.cases.Cases;
import oilcloth.server.cases.ReadyToSign;
import oilcloth.server.cases.Replies;
import oilcloth.server.office.Office;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Signs, reopens, sends and keeps answers; each deed goes on record with it. */
@Service
public class Answers {
    private final AnswerStore answers;
    private final OutboxStore outbox;
    private final Cases cases;
    private final Replies replies;
    private final Post post;
    private final List<CannerData> kept;
    private final AuditTrail trail;
    private final ObjectMapper json;
    private final Clock clock;
    private final Office office;

    Answers(
            AnswerStore answers,
            OutboxStore outbox,
            Cases cases,
            Replies replies,
            Post post,
            List<CannerData> kept,
            AuditTrail trail,
            ObjectMapper json,
            Clock clock,
            Office office) {
        this.answers = answers;
        this.outbox = outbox;
        this.cases = cases;
        this.replies = replies;
        this.post = post;
        this.kept = kept;
        this.trail = trail;
        this.json = json;
        this.clock = clock;
        this.office = office;
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
     * @param asItStands the educator knows that the review has changed since, and wants the letter as it is
     * @throws IllegalArgumentException when it is signed already, there is nothing to sign, or the letter is behind its
     *     review and nobody said so
     */
    @Transactional
    public AnswerView sign(UUID caseId, int replyVersion, boolean asItStands, SignedIn by) {
        Answer last = answers.findFirstByCaseIdOrderByNumberDesc(caseId).orElse(null);
        if (last != null && last.stands()) {
            throw new IllegalArgumentException("This answer is signed already. Reopen it to change it.");
        }
        cases.catchUp(caseId, by.displayName());
        ReadyToSign ready = replies.readyToSign(caseId, replyVersion);
        if (ready.behind() && !asItStands) {
            throw new IllegalArgumentException(
                    "The review has changed since this letter was begun. Bring the changes in, or say that you sign it as it stands.");
        }
        Answer signed = answers.saveAndFlush(
                new Answer(ready, last == null ? 1 : last.number() + 1, states(ready), by.displayName(), now()));
        trail.record(
                by,
                "sign",
                caseId,
                "answer " + signed.number() + ", call " + ready.call() + ", guide " + ready.guide() + ", engine "
                        + ready.engine() + (ready.behind() ? ", as it stood before the review changed" : ""));
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

    /** Reopens the answer that stands, if one does. @return when it was signed, or null */
    @Transactional
    public Instant reopenStanding(UUID caseId, String why, SignedIn by) {
        Answer last = answers.findFirstByCaseIdOrderByNumberDesc(caseId).orElse(null);
        if (last == null || !last.stands()) {
            return null;
        }
        reopen(last.id(), why, by);
        return last.signedAt();
    }

    /**
     * Sends the letter, and keeps it in the outbox as it went.
     *
     * @throws IllegalArgumentException for an address nobody can write to, or when the mail server refuses
     */
    @Transactional
    public AnswerView send(UUID id, String to, SignedIn by) {
        Answer answer = find(id);
        if (!answer.stands()) {
            throw new IllegalArgumentException("This answer was reopened; only one that stands is sent.");
        }
        String subject = subject(answer);
        String message = LetterMail.of(office.mailFrom(), to, subject, answer.body(), answer.language(), now());
        post.send(to, message);
        outbox.save(new OutboxLetter(answer.id(), to, subject, message, now()));
        answer.sent(by.displayName(), now(), to);
        trail.record(by, "send", answer.caseId(), "answer " + answer.number());
        return answer.view();
    }

    private static String subject(Answer answer) {
        return (answer.language() == Language.ES ? "Su receta: " : "Your recipe: ") + answer.title();
    }

    /** The letter as a mail that is yet to be addressed. */
    @Transactional(readOnly = true)
    String mail(UUID id) {
        Answer answer = find(id);
        return LetterMail.of(
                office.mailFrom(), "", subject(answer), answer.body(), answer.language(), answer.signedAt());
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
        kept.forEach(k -> k.erase(caseId));
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
