package oilcloth.formats;

import java.util.List;
import java.util.Map;

/**
 * The whole library as JSON: shipped and the office's own, with provenance and proof state. Its schema is
 * {@code library.schema.json}. Entries with {@code own} true, and the readings, are the office's layer; an import takes
 * these and leaves the rest.
 */
public record GuideLibrary(
        String format,
        String edition,
        String hash,
        String base,
        List<SourceEntry> sources,
        List<ProcessEntry> processes,
        List<RecipeEntry> recipes,
        List<FoodEntry> foods,
        List<AcidEntry> acid,
        List<ThresholdEntry> thresholds,
        List<ReadingEntry> readings) {
    public static final String FORMAT = "oilcloth-library-1";

    /** A publication. */
    public record SourceEntry(String id, String title, String edition, String place, boolean own) {}

    /** A tested process. */
    public record ProcessEntry(
            String method,
            String id,
            String food,
            String style,
            String pack,
            List<String> foods,
            String form,
            String liquid,
            String source,
            String notes,
            boolean own,
            List<JarEntry> jars) {}

    /** One jar of it: {@code bands} for boiling water, {@code minutes} and psi for pressure. */
    public record JarEntry(
            String jar,
            double headspaceIn,
            String acid,
            List<BandEntry> bands,
            Integer minutes,
            List<Integer> dialPsi,
            List<Integer> weightedPsi,
            String source,
            String confidence,
            String proof) {}

    /** Minutes up to an altitude; {@code toFt} null for the open last band. */
    public record BandEntry(Integer toFt, int minutes) {}

    /** A tested recipe. */
    public record RecipeEntry(
            String id,
            String name,
            String source,
            String method,
            List<String> processes,
            String form,
            String yield,
            String brine,
            String confidence,
            String proof,
            boolean own,
            List<LineEntry> ingredients,
            List<String> steps,
            List<String> variations) {}

    /** A line of it. */
    public record LineEntry(String quantity, String unit, String item, String role, String note) {}

    /** A food with what the arithmetic knows of it. */
    public record FoodEntry(
            String name, String group, String kind, String acidity, Double gramsPerCup, Double cupsPerMedium) {}

    /** A tested amount of acid for one pint. */
    public record AcidEntry(String food, String form, double perPint, String unit, String source, String proof) {}

    /** A figure of judgement. */
    public record ThresholdEntry(String id, double value, String unit, String meaning, String source) {}

    /** What the office read against print. */
    public record ReadingEntry(
            String row,
            Map<String, String> printed,
            String edition,
            String page,
            String reader,
            String on,
            String secondReader,
            String secondOn) {}
}
