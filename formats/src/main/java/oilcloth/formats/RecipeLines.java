package oilcloth.formats;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import oilcloth.review.Review;
import oilcloth.text.Range;
import oilcloth.text.Sentences;

/** A recipe's own words, told apart: what goes in, and what is done. */
public record RecipeLines(List<String> ingredients, List<String> steps) {
    public static RecipeLines of(Review review) {
        String text = review.recipe().text();
        return new RecipeLines(
                review.recipe().ingredients().stream()
                        .map(i -> i.range().of(text).strip())
                        .filter(w -> !w.isEmpty())
                        .distinct()
                        .toList(),
                steps(review, text));
    }

    /** The lines that are neither the title nor a bare ingredient. */
    private static List<String> steps(Review review, String text) {
        List<String> steps = new ArrayList<>();
        int at = 0;
        for (String line : text.split("\n", -1)) {
            Range range = new Range(at, at + line.length());
            boolean title = review.recipe().title().filter(range::overlaps).isPresent();
            boolean bare = review.recipe().ingredients().stream()
                    .anyMatch(i -> range.contains(i.range())
                            && i.range().end() - i.range().start() + BARE
                                    > line.strip().length());
            if (!line.isBlank() && !title && !bare) {
                Sentences.of(text, range).stream()
                        .map(r -> r.of(text).strip())
                        .filter(w -> STEP.matcher(w).find())
                        .forEach(steps::add);
            }
            at += line.length() + 1;
        }
        return steps;
    }

    /** Talk about the family and the garden is no step. */
    private static final Pattern STEP = Pattern.compile(
            "(?i)\\b(wash|peel|core|pit|trim|slic|chop|cut|halv|dic|snap|blanch|scald|boil|simmer|cook|heat|brown|roast|steam|bring|stir|mix|combin|dissolv|add|pour|ladl|fill|pack|cover|leav|headspace|bubbl|wip|lid|process|canner|vent|minut|pound|cool|drain|rins|soak|salt|strain|mill|mash|crush|press|use|put|place|remov|sterili|let|raw|hot|quart|pint|store|label)\\w*");

    /** What a list line may hold besides the ingredient: a bullet, "chopped", a bracket. */
    private static final int BARE = 24;
}
