package oilcloth.formats;

import java.util.List;
import java.util.Map;

/**
 * A review as the contract writes it, for the command line, the database and the interface. Offsets are half-open UTF-16
 * ranges into {@code text}; nullable components are null, never left out.
 */
public record ReviewDocument(
        String file,
        String call,
        String worstOpen,
        String text,
        Integer altitudeFt,
        String stage,
        String guide,
        String engine,
        Placed placed,
        RequiredDoc required,
        List<FindingDoc> findings,
        List<QuestionDoc> questions,
        List<UnreadDoc> unread,
        JarsDoc jars,
        CorrectedDoc corrected,
        List<AspectDoc> aspects,
        List<IngredientDoc> ingredients,
        StatedDoc stated,
        List<SaidDoc> said,
        SheetDoc sheet,
        AcidMapDoc acidMap,
        List<ReviewDocument> parts) {

    /** Where it stands; process and recipe are null when nothing tested matches. */
    public record Placed(
            String process,
            String title,
            String recipe,
            String confidence,
            LikenessDoc likeness,
            List<AlternativeDoc> alternatives) {}

    /** Why it is held to be like it, and what tells them apart; the brine in per cent acetic acid. */
    public record LikenessDoc(
            List<String> shared,
            List<String> missing,
            List<String> beyond,
            Double brinePercent,
            Double testedBrinePercent,
            boolean packSaid) {}

    /** Another tested relative. */
    public record AlternativeDoc(String process, String title, String confidence, LikenessDoc likeness) {}

    /** What the tested process asks for. */
    public record RequiredDoc(
            String method,
            String jar,
            Integer minutes,
            Integer leastMinutes,
            Integer psi,
            Double headspaceIn,
            String acidPerJar,
            boolean sterilise,
            List<RungDoc> ladder,
            SourceDoc source) {}

    /** One altitude band of the row. */
    public record RungDoc(int fromFt, Integer toFt, int minutes, Integer psi, boolean here) {}

    /** What the canner states, for the pictures. */
    public record StatedDoc(
            String method, String jar, Integer minutes, Double psi, Double headspaceLeastIn, Double headspaceMostIn) {}

    /** A finding. */
    public record FindingDoc(
            String code,
            String severity,
            String aspect,
            String title,
            String why,
            List<EvidenceDoc> evidence,
            Map<String, Object> figures,
            CorrectionDoc correction,
            SourceDoc source) {}

    /** The canner's own words. */
    public record EvidenceDoc(int start, int end, String text) {}

    /** What to do about a finding. */
    public record CorrectionDoc(String text, List<EditDoc> edits) {}

    /** The recipe with the cheapest set of edits that makes it sound; null where it is sound, or there is none. */
    public record CorrectedDoc(String call, List<EditDoc> edits, String text) {}

    /** A typed edit. */
    public record EditDoc(String kind, Map<String, Object> values) {}

    /** Where a figure comes from, and whether this office has read it against print. */
    public record SourceDoc(String id, String title, String edition, String place, String proof, String confidence) {}

    /** A question with its likely answers. */
    public record QuestionDoc(
            String code, String text, List<AnswerDoc> answers, List<String> couldBecome, List<EvidenceDoc> evidence) {}

    /** A likely answer, and the call it leads to. */
    public record AnswerDoc(String answer, String call, String field, String value) {}

    /** Words not understood. */
    public record UnreadDoc(int start, int end, String text, boolean bears) {}

    /** What to do with jars already made, step by step, and when somebody has eaten from one. */
    public record JarsDoc(String advice, String by, String why, List<String> steps, List<String> eaten) {}

    /** The gravest severity of an aspect; {@code open} when a question hangs on it, {@code none} when nothing was looked at. */
    public record AspectDoc(String aspect, String state) {}

    /**
     * An ingredient as read.
     *
     * @param figure the lower end of the amount in {@code unit}; both null where it was not measured
     * @param lowAcid whether the acid of the recipe has to carry it
     */
    public record IngredientDoc(
            int start,
            int end,
            String text,
            String food,
            String amount,
            String role,
            Double figure,
            String unit,
            boolean lowAcid) {}

    /**
     * What somebody said besides the text, and what the text alone says of it.
     *
     * @param textSays null where the text says nothing of it
     * @param lost true where the words it was about are no longer in the text
     */
    public record SaidDoc(
            String field, String value, Integer start, Integer end, String quote, String textSays, boolean lost) {}

    /** The recipe beside its tested relative; {@code scale} tested batches. */
    public record SheetDoc(
            String recipe, String name, double scale, List<SheetLineDoc> lines, List<String> variations) {}

    /** The tested recipes of its family by what their acid carries and how strong it is; null where there is no such map. */
    public record AcidMapDoc(String family, boolean brine, List<DotDoc> tested, DotDoc mine) {}

    /** A recipe on the map. @param ratio cups of low-acid solids to a cup of acid */
    public record DotDoc(String id, String name, double ratio, double percent) {}

    /**
     * A line of it.
     *
     * @param tested as the tested recipe has it, null where it has none
     * @param scaled for the same produce
     * @param stated the canner's own, null where left out
     * @param cups difference in cups, more is positive; null where volumes are not known
     */
    public record SheetLineDoc(
            String tested, String scaled, String stated, Double cups, Double percent, String verdict, boolean free) {}
}
