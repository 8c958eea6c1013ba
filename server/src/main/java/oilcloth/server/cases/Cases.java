package oilcloth.server.cases;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.persistence.EntityNotFoundException;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oilcloth.formats.RecipeText;
import oilcloth.formats.ReviewDocument;
import oilcloth.formats.ReviewDocuments;
import oilcloth.formats.UnusableInput;
import oilcloth.guide.RowKey;
import oilcloth.guide.TestedRecipe;
import oilcloth.recipe.Assertion;
import oilcloth.review.Review;
import oilcloth.server.guide.CurrentGuide;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes cases in, reviews them, keeps their replies. */
@Service
public class Cases {
    private final CaseStore cases;
    private final ReviewStore reviews;
    private final ReplyStore replies;
    private final CaseIndex index;
    private final CurrentGuide guide;
    private final ObjectMapper json;
    private final Clock clock;

    Cases(
            CaseStore cases,
            ReviewStore reviews,
            ReplyStore replies,
            CaseIndex index,
            CurrentGuide guide,
            ObjectMapper json,
            Clock clock) {
        this.cases = cases;
        this.reviews = reviews;
        this.replies = replies;
        this.index = index;
        this.guide = guide;
        this.json = json;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public boolean isEmpty() {
        return cases.count() == 0;
    }

    /** @throws UnusableInput when the text is no recipe, empty, too long or not text */
    @Transactional(rollbackFor = UnusableInput.class)
    public UUID open(String raw, CaseController.Details details, String by) throws UnusableInput {
        return open(raw, details, by, now());
    }

    /** Opens a case as of an earlier moment; the demo desk has a past. */
    @Transactional(rollbackFor = UnusableInput.class)
    public UUID open(String raw, CaseController.Details details, String by, Instant at) throws UnusableInput {
        CanningCase opened = new CanningCase(RecipeText.of(raw), at, by);
        opened.describe(details);
        Review review = guide.engine().review(opened.recipeText(), opened.context(now()));
        if (review.isNoRecipe()) {
            throw new UnusableInput("This does not look like a recipe: no food, amount or canning step was found.");
        }
        opened.title(title(review));
        cases.saveAndFlush(opened);
        keep(opened, review, by);
        return opened.id();
    }

    /** A letter by its own title, else by what it is; several recipes by all their titles. */
    private static String title(Review review) {
        if (review.parts().size() > 1
                && review.parts().stream().allMatch(p -> p.recipe().title().isPresent())
                && review.parts().stream()
                                .map(p -> p.recipe().title())
                                .distinct()
                                .count()
                        > 1) {
            return review.parts().stream().map(Cases::titleOfOne).collect(Collectors.joining(" · "));
        }
        return titleOfOne(review);
    }

    private static String titleOfOne(Review review) {
        String text = review.text();
        return review.recipe()
                .title()
                .map(r -> r.of(text)
                        .replaceFirst("(?i)^(subject|title|name|recipe)\\s*:\\s*", "")
                        .replaceAll("^[#*\\s]+|[*\\s]+$", ""))
                .filter(t -> !t.isBlank())
                .or(() -> review.placement().recipe().map(TestedRecipe::name))
                .or(() -> review.subject()
                        .produce()
                        .main()
                        .map(f -> Character.toUpperCase(f.name().charAt(0))
                                + f.name().substring(1)))
                .orElse(text.lines()
                        .map(String::strip)
                        .filter(l -> !l.isEmpty())
                        .findFirst()
                        .orElse("Untitled"));
    }

    private void keep(CanningCase of, Review review, String by) {
        ReviewDocument document = ReviewDocuments.of(review, null);
        reviews.save(new CaseReview(
                of.id(),
                document.call(),
                document.worstOpen(),
                document.guide(),
                document.engine(),
                written(document),
                now(),
                by,
                review.rows().stream().map(RowKey::text).collect(Collectors.toSet())));
        index.put(of, review, document, now());
    }

    private String written(ReviewDocument document) {
        try {
            return json.writeValueAsString(document);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    @Transactional(readOnly = true)
    CaseController.CaseView view(UUID id) {
        CanningCase found = find(id);
        CaseReview review =
                reviews.findFirstByCaseIdOrderByReviewedAtDesc(id).orElseThrow(EntityNotFoundException::new);
        try {
            return new CaseController.CaseView(
                    found.id(),
                    found.version(),
                    found.title(),
                    new CaseController.Details(
                            found.cannerName(),
                            found.place(),
                            found.contact(),
                            found.language(),
                            found.altitudeFt(),
                            found.canner(),
                            found.jars(),
                            found.jarsOutAt()),
                    found.assertions(),
                    found.createdAt(),
                    found.createdBy(),
                    review.reviewedAt(),
                    review.reviewedBy(),
                    json.readValue(review.document(), ReviewDocument.class),
                    guide.snapshot().name());
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("the review of case " + id + " cannot be read", e);
        }
    }

    /** New facts about the case: reviewed again at once. */
    @Transactional
    public void describe(UUID id, int version, CaseController.Details details, String by) {
        CanningCase found = fresh(id, version);
        found.describe(details);
        again(found, by);
    }

    @Transactional
    public void assertThat(UUID id, Assertion assertion, String by) {
        CanningCase found = find(id);
        found.assertThat(assertion);
        again(found, by);
    }

    @Transactional
    public void takeBack(UUID id, Assertion.Field field, Integer start, String by) {
        CanningCase found = find(id);
        found.takeBack(field, start);
        again(found, by);
    }

    @Transactional
    public void again(UUID id, String by) {
        again(find(id), by);
    }

    /** Reviews it again if the guide has changed since, so that what is kept is what is said now. */
    @Transactional
    public void catchUp(UUID id, String by) {
        boolean current = reviews.findFirstByCaseIdOrderByReviewedAtDesc(id)
                .filter(r -> r.guide().equals(guide.snapshot().name()))
                .isPresent();
        if (!current) {
            again(id, by);
        }
    }

    private void again(CanningCase of, String by) {
        keep(of, review(of), by);
    }

    Review review(CanningCase of) {
        return guide.engine().review(of.recipeText(), of.assertions(), of.context(now()));
    }

    /** What the canner wrote later goes on the end of the text, and all of it is reviewed. */
    @Transactional
    public void append(UUID id, String words, String by) throws UnusableInput {
        CanningCase found = find(id);
        found.append(RecipeText.of(words));
        again(found, by);
    }

    /** The call of the latest review. */
    @Transactional(readOnly = true)
    public String callOf(UUID id) {
        return reviews.findFirstByCaseIdOrderByReviewedAtDesc(id)
                .orElseThrow(EntityNotFoundException::new)
                .outcome();
    }

    /** A case's letter, for whoever makes something of it. */
    public record Letter(String title, String text, String cannerName, String place, Integer altitudeFt) {}

    /** @throws EntityNotFoundException when there is no such case */
    @Transactional(readOnly = true)
    public Letter letterOf(UUID id) {
        CanningCase found = find(id);
        return new Letter(found.title(), found.recipeText(), found.cannerName(), found.place(), found.altitudeFt());
    }

    /** @throws EntityNotFoundException when there is no such case */
    @Transactional(readOnly = true)
    public String titleOf(UUID id) {
        return find(id).title();
    }

    /** @throws EntityNotFoundException when there is no such case */
    @Transactional(readOnly = true)
    public void mustExist(UUID id) {
        find(id);
    }

    /** How grave a finding of the latest review is. @param title as it is said in English */
    @Transactional(readOnly = true)
    public Optional<String> severityOf(UUID id, String code, String title) {
        CaseController.CaseView view = view(id);
        return Stream.concat(Stream.of(view.review()), view.review().parts().stream())
                .flatMap(r -> r.findings().stream())
                .filter(f -> f.code().equals(code) && f.title().equals(title))
                .map(ReviewDocument.FindingDoc::severity)
                .findFirst();
    }

    /** The canner's name, place, words and letter go; the calls of the reviews stay. */
    @Transactional
    public void erase(UUID id) {
        CanningCase found = find(id);
        found.erase();
        String nothing =
                written(ReviewDocuments.of(guide.engine().review(found.recipeText(), found.context(now())), null));
        replies.findById(id).ifPresent(r -> r.erase(now()));
        reviews.findByCaseId(id).forEach(r -> r.erase(nothing));
        index.erase(id);
    }

    private CanningCase fresh(UUID id, int version) {
        CanningCase found = find(id);
        if (found.version() != version) {
            throw new ObjectOptimisticLockingFailureException(CanningCase.class, id);
        }
        return found;
    }

    /** @throws EntityNotFoundException when there is no such case */
    CanningCase find(UUID id) {
        return cases.findById(id).orElseThrow(EntityNotFoundException::new);
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }
}
