package oilcloth.server.cases;

import jakarta.persistence.EntityNotFoundException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import oilcloth.check.Finding;
import oilcloth.check.Language;
import oilcloth.check.Message;
import oilcloth.check.Messages;
import oilcloth.reply.Carry;
import oilcloth.reply.Letter;
import oilcloth.reply.LetterWish;
import oilcloth.reply.Passage;
import oilcloth.server.guide.CurrentGuide;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Composes letters and keeps the drafts. */
@Service
public class Replies {
    /** Somebody who writes on after this long is written on the record again. */
    private static final Duration ONE_SITTING = Duration.ofMinutes(30);

    /** The version of a letter nobody has saved: whoever saves second over it is told so. */
    private static final int NOT_SAVED = -1;

    private final Cases cases;
    private final ReviewStore reviews;
    private final ReplyStore replies;
    private final SignedReplies signed;
    private final SetAside setAside;
    private final CurrentGuide guide;
    private final Clock clock;
    private final ZoneId zone;

    Replies(
            Cases cases,
            ReviewStore reviews,
            ReplyStore replies,
            SignedReplies signed,
            SetAside setAside,
            CurrentGuide guide,
            Clock clock,
            @Value("${oilcloth.desk.zone}") ZoneId zone) {
        this.cases = cases;
        this.reviews = reviews;
        this.replies = replies;
        this.signed = signed;
        this.setAside = setAside;
        this.guide = guide;
        this.clock = clock;
        this.zone = zone;
    }

    /** The letter as the engine would write it now, each passage with what it rests on. */
    @Transactional(readOnly = true)
    public List<Passage> compose(UUID id, Language language) {
        CanningCase found = cases.find(id);
        SetAside.Findings left = setAside.of(id);
        Messages say = Messages.in(Language.EN);
        Predicate<Finding> leftOut = f -> left.holds(f.code(), say.say(f.title()));
        return Letter.compose(
                cases.review(found),
                new LetterWish(found.cannerName(), language, zone, guide.solver()::solve, leftOut));
    }

    /** The saved reply, or a first one composed from the findings in the canner's language. */
    @Transactional(readOnly = true)
    ReplyView reply(UUID id) {
        return replies.findById(id).map(r -> view(r, compose(id, r.language()))).orElseGet(() -> {
            Language language = cases.find(id).language();
            List<Passage> passages = compose(id, language);
            String letter = Passage.join(passages);
            return new ReplyView(
                    letter, false, NOT_SAVED, null, null, language, letter, passages, letter, letter, false, List.of());
        });
    }

    private static ReplyView view(Reply reply, List<Passage> passages) {
        String fresh = Passage.join(passages);
        Carry carry = reply.composed().isEmpty()
                ? new Carry(reply.body(), List.of())
                : Carry.of(reply.composed(), reply.body(), fresh);
        return new ReplyView(
                reply.body(),
                true,
                reply.version(),
                reply.editedAt(),
                reply.editedBy(),
                reply.language(),
                reply.composed(),
                passages,
                fresh,
                carry.letter(),
                !carry.letter().equals(reply.body()),
                carry.left());
    }

    /**
     * Keeps a draft.
     *
     * @return whether it belongs on the record: the first of a sitting does, a draft saved by itself does not
     * @throws IllegalArgumentException when the answer is signed
     * @throws ObjectOptimisticLockingFailureException when somebody else saved in the meantime
     */
    @Transactional
    public boolean write(UUID id, ReplyController.Written written, String by) {
        cases.find(id);
        if (signed.isSigned(id)) {
            throw new IllegalArgumentException("This answer is signed and locked. An educator can reopen it.");
        }
        Reply reply = replies.findById(id).orElse(null);
        boolean noted = true;
        if (reply == null) {
            reply = new Reply(id);
        } else if (reply.version() != written.version()) {
            throw new ObjectOptimisticLockingFailureException(Reply.class, id);
        } else {
            noted = !written.byItself()
                    || !reply.editedBy().equals(by)
                    || reply.editedAt().plus(ONE_SITTING).isBefore(now());
        }
        reply.write(written.body(), written.composed(), written.language(), now(), by);
        replies.saveAndFlush(reply);
        return noted;
    }

    /** Keeps the letter as the engine composes it in the canner's language. @return its version, for signing */
    @Transactional
    public int accept(UUID id, String by) {
        Language language = cases.find(id).language();
        String letter = Passage.join(compose(id, language));
        write(id, new ReplyController.Written(letter, letter, language, false, NOT_SAVED), by);
        return replies.findById(id).orElseThrow(EntityNotFoundException::new).version();
    }

    /**
     * Drafts the letter that says what a change of the guide means for this recipe. A draft somebody is still writing stays
     * as it is: its page shows that the review has changed and brings it in.
     *
     * @param signed when the answer before was signed, or null when there was none
     */
    @Transactional
    public void draftCorrection(UUID id, Instant signed, String before, String after, String by) {
        if (signed == null && replies.existsById(id)) {
            return;
        }
        Reply reply = replies.findById(id).orElseGet(() -> new Reply(id));
        Language language = cases.find(id).language();
        String letter = Passage.join(compose(id, language));
        Messages say = Messages.in(language);
        String news = say.say(new Message(
                signed == null ? "letter.revised" : "letter.revised-since",
                Map.of(
                        "date", signed == null ? "" : language.day().format(signed.atZone(zone)),
                        "before", before,
                        "after", after)));
        int greeting = letter.indexOf("\n\n");
        reply.write(
                letter.substring(0, greeting) + "\n\n" + news + letter.substring(greeting),
                letter,
                language,
                now(),
                by);
        replies.saveAndFlush(reply);
    }

    /**
     * The saved reply with what it rests on.
     *
     * @throws IllegalArgumentException when nothing was saved
     * @throws ObjectOptimisticLockingFailureException when somebody saved after this version was read
     */
    @Transactional(readOnly = true)
    public ReadyToSign readyToSign(UUID id, int replyVersion) {
        CanningCase found = cases.find(id);
        Reply reply = replies.findById(id)
                .filter(r -> !r.body().isBlank())
                .orElseThrow(
                        () -> new IllegalArgumentException("There is no saved reply to sign. Save the letter first."));
        if (reply.version() != replyVersion) {
            throw new ObjectOptimisticLockingFailureException(Reply.class, id);
        }
        CaseReview review =
                reviews.findFirstByCaseIdOrderByReviewedAtDesc(id).orElseThrow(EntityNotFoundException::new);
        return new ReadyToSign(
                id,
                found.title(),
                found.cannerName(),
                found.place(),
                reply.body(),
                reply.language(),
                view(reply, compose(id, reply.language())).behind(),
                review.outcome(),
                review.guide(),
                review.engine(),
                review.rows().stream().collect(Collectors.toMap(r -> r, guide::proofOf, (a, b) -> a, TreeMap::new)));
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }
}
