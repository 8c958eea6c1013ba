package oilcloth.acidity;

import java.util.List;
import java.util.Optional;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.TestedRecipe;
import oilcloth.recipe.Recipe;

/**
 * Every tested recipe of a family as a dot, and this recipe among them: how much the acid has to carry against how strong
 * it is. A picture to look at; it clears nothing.
 *
 * @param brine true where {@code percent} is the acetic acid of the brine (% w/v), false where it is the
 *     acetic-equivalent share of the whole jar (mass %)
 */
public record AcidMap(String family, boolean brine, List<Dot> tested, Dot mine) {
    private static final int FEWEST_DOTS = 3;

    /** A recipe. @param ratio cups of low-acid solids to a cup of vinegar or citrus juice */
    public record Dot(String id, String name, double ratio, double percent) {}

    /** Empty where the recipe has no measured acid, or its family too few tested recipes to be a map. */
    public static Optional<AcidMap> of(Recipe recipe, String family, GuideSnapshot guide) {
        AcidSum mine = AcidSum.of(recipe);
        List<TestedRecipe> relatives = guide.recipes().stream()
                .filter(r -> r.form().equals(family) && !r.isFermented())
                .filter(r -> AcidSum.of(r).acidCups() > 0)
                .toList();
        if (mine.acidCups() == 0 || mine.lowAcidCups() == 0 || relatives.size() < FEWEST_DOTS) {
            return Optional.empty();
        }
        boolean brine = Brine.of(recipe).isPresent()
                && relatives.stream().allMatch(r -> Brine.of(r).isPresent());
        List<Dot> dots = relatives.stream()
                .map(r -> {
                    AcidSum sum = AcidSum.of(r);
                    double percent = brine ? Brine.of(r).orElseThrow().percent() : sum.equivalentPercent();
                    return new Dot(r.id(), r.name(), sum.ratio(), percent);
                })
                .filter(d -> d.ratio() > 0)
                .toList();
        double percent = brine ? Brine.of(recipe).orElseThrow().percent() : mine.equivalentPercent();
        return Optional.of(new AcidMap(family, brine, dots, new Dot("", "", mine.ratio(), percent)));
    }
}
