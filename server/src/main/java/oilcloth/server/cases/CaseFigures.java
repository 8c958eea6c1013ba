package oilcloth.server.cases;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import oilcloth.formats.ReviewDocument.RequiredDoc;
import oilcloth.formats.ReviewDocuments;
import oilcloth.review.Engine;
import oilcloth.review.Review;
import oilcloth.server.guide.CurrentGuide;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a review asks for, and what the guide of now would ask for instead. */
@Service
public class CaseFigures {
    /** What a canner acts by. */
    public record Figures(String call, String words) {
        static Figures of(Review review) {
            List<Review> recipes = review.parts().isEmpty() ? List.of(review) : review.parts();
            return of(
                    review.call().id(),
                    recipes.stream().map(ReviewDocuments::required).toList());
        }

        private static Figures of(Kept kept) {
            return of(
                    kept.call(),
                    kept.parts().isEmpty()
                            ? Collections.singletonList(kept.required())
                            : kept.parts().stream().map(Kept::required).toList());
        }

        private static Figures of(String call, List<RequiredDoc> recipes) {
            String words = recipes.stream().map(Figures::words).collect(Collectors.joining("; "));
            return new Figures(call, words.length() <= LONGEST ? words : words.substring(0, LONGEST));
        }

        private static String words(RequiredDoc required) {
            if (required == null) {
                return "no tested process";
            }
            List<String> words = new ArrayList<>();
            words.add(required.jar());
            words.add(
                    required.minutes() == null
                            ? "minutes by altitude"
                            : Objects.equals(required.minutes(), required.leastMinutes())
                                    ? required.minutes() + " min"
                                    : required.leastMinutes() + " to " + required.minutes() + " min");
            if (required.psi() != null) {
                words.add(required.psi() + " psi");
            }
            if (required.headspaceIn() != null) {
                words.add(required.headspaceIn() + " in headspace");
            }
            if (required.acidPerJar() != null) {
                words.add(required.acidPerJar());
            }
            return String.join(", ", words);
        }
    }

    /** As much of a kept review as is compared; the rest is passed over unread. */
    @JsonIgnoreProperties(ignoreUnknown = true)
    private record Kept(String call, RequiredDoc required, List<Kept> parts) {}

    /** A case whose call or figures are no longer what they were. */
    public record Change(UUID caseId, Figures before, Figures after) {}

    private static final int LONGEST = 300;

    private final CaseStore cases;
    private final ReviewStore reviews;
    private final CurrentGuide guide;
    private final ObjectMapper json;
    private final Clock clock;

    CaseFigures(CaseStore cases, ReviewStore reviews, CurrentGuide guide, ObjectMapper json, Clock clock) {
        this.cases = cases;
        this.reviews = reviews;
        this.guide = guide;
        this.json = json;
        this.clock = clock;
    }

    /** Cases whose latest review rests on another guide than this one. */
    @Transactional(readOnly = true)
    public List<UUID> notReviewedUnder(String name) {
        return reviews.casesNotUnder(name);
    }

    /** Reviews these cases again, as of the moment of their last review; nothing is kept. */
    @Transactional(readOnly = true)
    public List<Change> compare(List<UUID> ids) {
        Map<UUID, CanningCase> found =
                cases.findAllById(ids).stream().collect(Collectors.toMap(CanningCase::id, Function.identity()));
        Engine engine = guide.engine();
        return reviews.latestOf(ids).parallelStream()
                .map(r -> compare(found.get(r.caseId()), r, engine))
                .filter(c -> !c.before().equals(c.after()))
                .toList();
    }

    private Change compare(CanningCase of, CaseReview last, Engine engine) {
        Figures before = Figures.of(read(last));
        Instant then = last.reviewedAt();
        Review now = engine.review(of.recipeText(), of.assertions(), of.context(then));
        return new Change(of.id(), before, Figures.of(now));
    }

    private Kept read(CaseReview review) {
        try {
            return json.readValue(review.document(), Kept.class);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("the review of case " + review.caseId() + " cannot be read", e);
        }
    }
}
