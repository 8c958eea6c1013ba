package oilcloth.formats;

import java.util.List;
import oilcloth.arithmetic.ScaledRecipe;
import oilcloth.check.Message;
import oilcloth.check.Messages;
import oilcloth.correcting.Corrections;
import oilcloth.correcting.EditWords;
import oilcloth.correcting.Instead;
import oilcloth.correcting.MarkedText;
import oilcloth.correcting.Way;
import oilcloth.formats.CorrectionsDocument.InsteadDoc;
import oilcloth.formats.CorrectionsDocument.MendedDoc;
import oilcloth.formats.CorrectionsDocument.PieceDoc;
import oilcloth.formats.CorrectionsDocument.WayDoc;
import oilcloth.recipe.Edit;
import oilcloth.review.Asked;
import oilcloth.review.Review;

/** Writes corrections as a document. */
public final class CorrectionsDocuments {
    private static final Messages SAY = Messages.english();

    private CorrectionsDocuments() {}

    public static CorrectionsDocument of(Review review, Corrections corrections) {
        return new CorrectionsDocument(
                review.call().id(),
                corrections.ways().stream().map(w -> way(review, w)).toList(),
                corrections.soFar().isEmpty() ? null : way(review, corrections.soFar(), List.of()),
                corrections.first().stream()
                        .map(q -> ReviewDocuments.question(
                                review.questions().stream()
                                        .filter(a -> a.question().equals(q))
                                        .findFirst()
                                        .orElse(new Asked(q, List.of())),
                                review.text()))
                        .toList(),
                corrections.beyond().stream()
                        .map(f -> ReviewDocuments.finding(f, review.text()))
                        .toList(),
                corrections.instead().stream()
                        .map(CorrectionsDocuments::instead)
                        .toList(),
                corrections.mended().stream()
                        .map(m -> new MendedDoc(
                                m.finding().code(),
                                m.finding().severity().id(),
                                SAY.say(m.finding().title()),
                                m.edits().stream()
                                        .map(e -> EditWords.of(e, review.recipe()))
                                        .toList(),
                                m.edits().stream().map(Edits::document).toList(),
                                SAY.say(m.price())))
                        .toList());
    }

    private static WayDoc way(Review review, Way way) {
        return way(review, way.edits(), way.prices());
    }

    /** A set of edits, marked in the text. */
    public static WayDoc way(Review review, List<Edit> edits, List<Message> prices) {
        MarkedText marked = MarkedText.of(review.recipe(), edits);
        return new WayDoc(
                edits.stream().map(Edits::document).toList(),
                edits.stream().map(e -> EditWords.of(e, review.recipe())).toList(),
                prices.stream().map(SAY::say).toList(),
                marked.pieces().stream()
                        .map(p -> new PieceDoc(p.mark().id(), p.text()))
                        .toList(),
                marked.plain());
    }

    private static InsteadDoc instead(Instead instead) {
        return new InsteadDoc(
                instead.kind().id(),
                SAY.say(instead.text()),
                instead.source(),
                instead.recipe().map(r -> r.recipe().id()).orElse(null),
                instead.recipe().map(ScaledRecipe::factor).orElse(null),
                instead.recipe()
                        .map(r -> r.lines().stream()
                                .map(l -> l.amount().map(a -> a + " ").orElse("")
                                        + l.tested().item()
                                        + (l.tested().prep().isBlank()
                                                ? ""
                                                : ", " + l.tested().prep()))
                                .toList())
                        .orElse(List.of()));
    }
}
