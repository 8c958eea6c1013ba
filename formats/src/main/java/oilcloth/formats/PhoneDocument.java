package oilcloth.formats;

import java.util.List;
import oilcloth.formats.ReviewDocument.RungDoc;
import oilcloth.formats.ReviewDocument.SourceDoc;

/** The phone answer as the contract writes it; nullable components are null, never left out. */
public record PhoneDocument(
        UnderstoodDoc understood,
        List<PhoneAnswerDoc> answers,
        List<PhoneAskDoc> ask,
        String none,
        List<PhoneAnswerDoc> also,
        String guide) {

    /** What was heard; {@code not} are the words that played no part. */
    public record UnderstoodDoc(
            String food,
            String form,
            String jar,
            String pack,
            String liquid,
            String method,
            String gauge,
            Integer altitudeFt,
            List<String> not) {}

    /**
     * One process in one jar.
     *
     * @param minutes null where it depends on an altitude nobody said, or beyond the table
     * @param psi by the gauge said, else the dial's; {@code psiWeighted} the weighted gauge's
     * @param sterilise null where it depends on the altitude
     * @param jarRow the jar whose row holds, where a smaller one was asked about
     */
    public record PhoneAnswerDoc(
            String process,
            String rowKey,
            String title,
            String recipe,
            String recipeName,
            String method,
            String jar,
            String jarLabel,
            String jarRow,
            String pack,
            String style,
            Integer minutes,
            Integer psi,
            Integer psiWeighted,
            double headspaceIn,
            String acidPerJar,
            Boolean sterilise,
            Boolean steamCanner,
            Integer advisedMinutes,
            Integer byBandsMinutes,
            Integer byThousandsMinutes,
            Double boilingF,
            boolean offTable,
            String notes,
            List<RungDoc> ladder,
            SourceDoc source) {}

    /** What to ask back; {@code between} are the choices. */
    public record PhoneAskDoc(String what, String text, String figures, List<PhoneChoiceDoc> between) {}

    /** A choice, and the words that make it. */
    public record PhoneChoiceDoc(String label, String words) {}
}
