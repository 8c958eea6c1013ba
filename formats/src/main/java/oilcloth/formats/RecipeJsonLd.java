package oilcloth.formats;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import java.util.LinkedHashMap;
import java.util.Map;
import oilcloth.review.Review;

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
        RecipeLines lines = RecipeLines.of(review);
        Map<String, Object> recipe = new LinkedHashMap<>();
        recipe.put("@context", "https://schema.org");
        recipe.put("@type", "Recipe");
        recipe.put("name", name);
        review.recipe().facts().yield().ifPresent(y -> y.range().ifPresent(r -> recipe.put("recipeYield", r.of(text))));
        recipe.put("recipeIngredient", lines.ingredients());
        recipe.put(
                "recipeInstructions",
                lines.steps().stream()
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
}
