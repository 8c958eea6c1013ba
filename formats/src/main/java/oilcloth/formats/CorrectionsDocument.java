package oilcloth.formats;

import java.util.List;
import oilcloth.formats.ReviewDocument.EditDoc;
import oilcloth.formats.ReviewDocument.FindingDoc;
import oilcloth.formats.ReviewDocument.QuestionDoc;

/**
 * What can be done about a recipe.
 *
 * @param call as it is
 * @param ways sets of edits proved sound, the cheapest first
 * @param soFar where there is none: what can be mended before the questions are answered; not called sound
 * @param first questions to be answered before anything is proved
 * @param beyond findings no edit can mend
 * @param instead what to make of the produce
 * @param mended findings one by one
 */
public record CorrectionsDocument(
        String call,
        List<WayDoc> ways,
        WayDoc soFar,
        List<QuestionDoc> first,
        List<FindingDoc> beyond,
        List<InsteadDoc> instead,
        List<MendedDoc> mended) {

    /** A finding by itself, with the cheapest edits for it, in words and typed. */
    public record MendedDoc(
            String code, String severity, String title, List<String> words, List<EditDoc> edits, String price) {}

    /**
     * A set of edits.
     *
     * @param prices what it costs the canner
     * @param pieces the text with the edits marked
     * @param text the corrected text alone
     */
    public record WayDoc(
            List<EditDoc> edits, List<String> words, List<String> prices, List<PieceDoc> pieces, String text) {}

    /** A run of text: {@code kept}, {@code struck} or {@code added}. */
    public record PieceDoc(String mark, String text) {}

    /** @param lines of the tested recipe for the produce at hand; empty where it is no recipe */
    public record InsteadDoc(
            String kind, String text, String source, String recipe, Double factor, List<String> lines) {}
}
