package oilcloth.server.cases;

import jakarta.persistence.EntityNotFoundException;
import java.util.List;
import java.util.UUID;
import oilcloth.correcting.Corrections;
import oilcloth.correcting.Solver;
import oilcloth.formats.CorrectionsDocument;
import oilcloth.formats.CorrectionsDocuments;
import oilcloth.formats.Edits;
import oilcloth.formats.RecipeJsonLd;
import oilcloth.formats.RecipeLines;
import oilcloth.formats.ReviewDocuments;
import oilcloth.guide.Method;
import oilcloth.measure.Altitude;
import oilcloth.recipe.Edit;
import oilcloth.review.Call;
import oilcloth.review.Review;
import oilcloth.server.guide.CurrentGuide;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What can be done about the recipes of a case; nothing here is kept. */
@Service
public class CaseCorrections {
    private final Cases cases;
    private final CurrentGuide guide;

    CaseCorrections(Cases cases, CurrentGuide guide) {
        this.cases = cases;
        this.guide = guide;
    }

    /**
     * A recipe of a case as it would be canned at an altitude.
     *
     * @param corrected with the first corrections that make it sound, or as it was sent
     * @throws IllegalArgumentException when no corrections make it sound
     */
    @Transactional(readOnly = true)
    public Review at(Altitude altitude, UUID id, int part, boolean corrected) {
        Review there = part(cases.find(id), part);
        Review here = guide.engine()
                .review(
                        there.recipe().text(),
                        there.assertions(),
                        there.context().at(altitude));
        if (!corrected || here.call() == Call.SOUND) {
            return here;
        }
        Corrections found = guide.solver().solve(here);
        String title = cases.find(id).title();
        return found.ways().stream()
                .findFirst()
                .map(way -> guide.solver().asWritten(here, way.edits()))
                .orElseThrow(() -> new IllegalArgumentException(
                        found.first().isEmpty()
                                ? "No corrections make “" + title + "” sound. Plan a tested recipe instead."
                                : "“" + title + "” has open questions. Answer them first, or plan a tested recipe."));
    }

    /** What can be done about one recipe of the letter. */
    @Transactional(readOnly = true)
    CorrectionsDocument corrections(UUID id, int part) {
        Review review = part(cases.find(id), part);
        return CorrectionsDocuments.of(review, guide.solver().solve(review));
    }

    /** The recipe with edits, reviewed; nothing is kept. */
    @Transactional(readOnly = true)
    CaseController.Trial trial(UUID id, CaseController.Tried tried) {
        Review before = part(cases.find(id), tried.part());
        List<Edit> edits = edits(before, tried);
        Review after = guide.engine()
                .review(
                        Solver.applied(before.recipe(), edits),
                        before.assertions(),
                        tried.altitudeFt() == null
                                ? before.context()
                                : before.context().at(Altitude.ofFeet(tried.altitudeFt())));
        return new CaseController.Trial(
                CorrectionsDocuments.way(before, edits, List.of()), ReviewDocuments.of(after, null));
    }

    private static List<String> loads(Review review) {
        return review.required().stream()
                .flatMap(r -> review.guide().kitchen().loads().stream()
                        .filter(l -> l.jar() == r.jar())
                        .filter(l -> l.canner().startsWith(r.method() == Method.PRESSURE ? "pressure" : "boiling"))
                        .map(l -> l.most() + " " + r.jar().label() + "s in a "
                                + l.canner().replaceFirst("^(\\S+) (\\d+) qt$", "$2-quart $1 canner")))
                .toList();
    }

    /** @throws IllegalArgumentException when the corrected text does not review as sound */
    @Transactional(readOnly = true)
    CaseController.Card card(UUID id, CaseController.Tried tried) {
        CanningCase found = cases.find(id);
        Review sound = corrected(found, tried);
        RecipeLines lines = RecipeLines.of(sound);
        return new CaseController.Card(
                found.title(), lines.ingredients(), lines.steps(), loads(sound), ReviewDocuments.of(sound, null));
    }

    /** @throws IllegalArgumentException when the corrected text does not review as sound */
    @Transactional(readOnly = true)
    String jsonLd(UUID id, CaseController.Tried tried) {
        CanningCase found = cases.find(id);
        return RecipeJsonLd.of(corrected(found, tried), found.title());
    }

    private Review corrected(CanningCase of, CaseController.Tried tried) {
        Review before = part(of, tried.part());
        List<Edit> edits = edits(before, tried);
        Review after = guide.solver().asWritten(before, edits);
        if (after.call() != Call.SOUND) {
            throw new IllegalArgumentException(
                    "A corrected recipe goes out only when it is sound; this one is not yet.");
        }
        return after;
    }

    private List<Edit> edits(Review of, CaseController.Tried tried) {
        int length = of.recipe().text().length();
        List<Edit> edits =
                tried.edits().stream().map(e -> Edits.read(e, of.guide())).toList();
        for (Edit edit : edits) {
            if (edit instanceof Edit.LeaveOff e && e.at().end() > length) {
                throw new IllegalArgumentException("The words to leave off are not in this text.");
            }
        }
        return edits;
    }

    /** @throws EntityNotFoundException when the letter has no such recipe */
    private Review part(CanningCase of, int part) {
        Review review = cases.review(of);
        if (review.parts().isEmpty()) {
            return review;
        }
        if (part < 0 || part >= review.parts().size()) {
            throw new EntityNotFoundException();
        }
        return review.parts().get(part);
    }
}
