package oilcloth.formats;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import oilcloth.review.Review;
import oilcloth.text.Range;

/** A recipe as schema.org {@code Recipe} in JSON-LD. */
public final class RecipeJsonLd {
    private static final ObjectMapper JSON = new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT);

    private RecipeJsonLd() {}

    /**
     * @param review of the text as it goes out
     * @param name of the recipe
     */
    public static String of(Review review, String name) {
        String text = review.recipe().text();
        Map<String, Object> recipe = new LinkedHashMap<>();
        recipe.put("@context", "https://schema.org");
        recipe.put("@type", "Recipe");
        recipe.put("name", name);
        review.recipe().facts().yield().ifPresent(y -> y.range().ifPresent(r -> recipe.put("recipeYield", r.of(text))));
        recipe.put(
                "recipeIngredient",
                review.recipe().ingredients().stream()
                        .map(i -> i.range().of(text).strip())
                        .filter(w -> !w.isEmpty())
                        .distinct()
                        .toList());
        recipe.put(
                "recipeInstructions",
                steps(review, text).stream()
                        .map(s -> Map.of("@type", "HowToStep", "text", s))
                        .toList());
        review.required()
                .ifPresent(r -> recipe.put(
                        "isBasedOn",
                        Map.of(
                                "@type",
                                "CreativeWork",
                                "name",
                                r.source().source().title())));
        try {
            return JSON.writeValueAsString(recipe);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
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
                steps.add(line.strip());
            }
            at += line.length() + 1;
        }
        return steps;
    }

    /** What a list line may hold besides the ingredient: a bullet, "chopped", a bracket. */
    private static final int BARE = 24;
}
