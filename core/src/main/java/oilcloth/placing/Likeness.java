package oilcloth.placing;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import oilcloth.acidity.Brine;
import oilcloth.guide.Food;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Pack;
import oilcloth.guide.PlacingRule;
import oilcloth.guide.TestedIngredient;
import oilcloth.recipe.Facts;
import oilcloth.recipe.Ingredient;
import oilcloth.recipe.Recipe;

/**
 * Why a recipe is held to be like a tested one, and what tells them apart.
 *
 * @param shared foods both have
 * @param missing foods the tested one has and this one does not
 * @param beyond foods this one has and the tested one does not list
 * @param brinePercent acetic acid of this brine and of the tested one, where both have one
 * @param packSaid the text names the pack of the tested process
 */
public record Likeness(
        List<String> shared,
        List<String> missing,
        List<String> beyond,
        Optional<double[]> brinePercent,
        boolean packSaid) {

    public static Likeness of(Recipe recipe, Placement placement, GuideSnapshot guide) {
        Set<String> mine = new LinkedHashSet<>(
                Produce.of(recipe).foods().stream().map(Food::group).toList());
        Set<String> theirs = new LinkedHashSet<>();
        placement
                .recipe()
                .ifPresentOrElse(
                        tested -> tested.ingredients().stream()
                                .filter(i -> !i.optional()
                                        && !i.foods().isEmpty()
                                        && i.foods().get(0).kind().isProduce())
                                .map(Likeness::group)
                                .forEach(theirs::add),
                        () -> placement.first().ifPresent(p -> guide.placing().stream()
                                .filter(r -> r.process().equals(p))
                                .map(PlacingRule::foods)
                                .forEach(f -> mine.stream()
                                        .filter(g -> f.stream().anyMatch(n -> n.startsWith("@") || n.startsWith(g)))
                                        .forEach(theirs::add))));
        Optional<Brine> brine = Brine.of(recipe);
        Optional<Brine> tested = placement.recipe().flatMap(Brine::of);
        Set<Pack> packs = Facts.values(recipe.facts().packs());
        return new Likeness(
                mine.stream().filter(theirs::contains).toList(),
                theirs.stream().filter(g -> !mine.contains(g)).toList(),
                placement.unlisted().stream()
                        .map(Ingredient::food)
                        .map(Food::name)
                        .distinct()
                        .toList(),
                brine.isPresent() && tested.isPresent()
                        ? Optional.of(new double[] {
                            brine.get().percent(), tested.get().percent()
                        })
                        : Optional.empty(),
                placement.first().map(p -> packs.contains(p.pack())).orElse(false));
    }

    private static String group(TestedIngredient line) {
        return line.foods().get(0).group();
    }
}
