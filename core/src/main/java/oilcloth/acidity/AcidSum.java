package oilcloth.acidity;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oilcloth.guide.Acidity;
import oilcloth.guide.Chemistry;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.guide.TestedIngredient;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.Amount;
import oilcloth.measure.Volume;
import oilcloth.recipe.Ingredient;
import oilcloth.recipe.Recipe;

/**
 * The acid of a whole batch against what has to share it. Sums only; what they mean is for the checks.
 *
 * @param parts what is in the jar, in grams
 * @param acidCups vinegar and citrus juice, cups
 * @param lowAcidCups low-acid solids, cups
 * @param known false when something that bears on it was not measured or is not in the foods table
 */
public record AcidSum(List<Part> parts, double acidCups, double lowAcidCups, boolean known) {
    /** The pH at which the acids of different strength are compared. */
    static final double COMPARED_AT = 4.2;

    private static final double ACETIC_GRAMS_PER_MMOL = 0.06005;

    /** So many grams of a food; {@code strength} scales the acid of a vinegar that is not at 5 %. */
    public record Part(Food food, double grams, double strength) {
        double mmol(Chemistry.Species species) {
            return food.chemistry()
                    .filter(c -> c.species() == species)
                    .map(c -> c.acid() * grams * strength)
                    .orElse(0.0);
        }
    }

    /** The batch as read; acid added per jar is left out. */
    public static AcidSum of(Recipe recipe) {
        Builder builder = new Builder();
        for (Ingredient i : recipe.inJar()) {
            if (i.perJar().isPresent()) {
                continue;
            }
            double strength = i.food().isVinegar() ? Brine.strength(i) / Brine.VINEGAR_PERCENT : 1;
            builder.add(i.food(), i.leastVolume(), i.mostVolume(), strength);
        }
        return builder.build();
    }

    public static AcidSum of(TestedRecipe tested) {
        Builder builder = new Builder();
        for (TestedIngredient line : tested.ingredients()) {
            if (!line.aside() && !line.foods().isEmpty()) {
                Food food = line.foods().get(0);
                Optional<Volume> volume = line.amount().flatMap((Amount a) -> food.volume(a, a.middle()));
                builder.add(food, volume, volume, 1);
            }
        }
        return builder.build();
    }

    private static final class Builder {
        private final List<Part> parts = new ArrayList<>();
        private double acid;
        private double lowAcid;
        private boolean known = true;

        void add(Food food, Optional<Volume> least, Optional<Volume> most, double strength) {
            if (food.kind() == FoodClass.FIRMING) {
                // lime and alum are rinsed out, or too little to count
                return;
            }
            boolean bears = food.kind().isProduce() || food.isAcidulant();
            if (least.isEmpty() || most.isEmpty()) {
                known &= !bears;
                return;
            }
            double cups = (least.get().cups() + most.get().cups()) / 2;
            if (food.isVinegar() || food.isCitrusJuice()) {
                acid += cups * Math.min(1, strength);
            }
            if (food.kind().isProduce() && food.acidity() == Acidity.LOW && !food.isFruitJuice()) {
                lowAcid += cups;
            }
            double grams = cups * food.gramsPerCup().orElse(0);
            known &= !bears || grams > 0 && food.chemistry().isPresent();
            if (grams > 0) {
                parts.add(new Part(food, grams, strength));
            }
        }

        AcidSum build() {
            return new AcidSum(List.copyOf(parts), acid, lowAcid, known);
        }
    }

    /** Cups of low-acid solids to a cup of acid; infinite without acid. */
    public double ratio() {
        return acidCups == 0 ? Double.POSITIVE_INFINITY : lowAcidCups / acidCups;
    }

    public double grams() {
        return parts.stream().mapToDouble(Part::grams).sum();
    }

    double mmol(Chemistry.Species species) {
        return parts.stream().mapToDouble(p -> p.mmol(species)).sum();
    }

    /** Acetic-equivalent mass % over the whole jar; citric acid counted by the H⁺ it delivers at pH 4.2. */
    public double equivalentPercent() {
        double acetic = Acids.charge(Chemistry.Species.ACETIC, COMPARED_AT);
        double citric = Acids.charge(Chemistry.Species.CITRIC, COMPARED_AT);
        double equivalent = mmol(Chemistry.Species.ACETIC) + mmol(Chemistry.Species.CITRIC) * citric / acetic;
        return grams() == 0 ? 0 : 100 * equivalent * ACETIC_GRAMS_PER_MMOL / grams();
    }

    /** mmol of H⁺ delivered at pH 4.2 to a kilogram of low-acid solids; infinite without such solids. */
    public double hydrogenPerKg() {
        double delivered = 0;
        for (Chemistry.Species s : List.of(Chemistry.Species.ACETIC, Chemistry.Species.CITRIC)) {
            delivered += mmol(s) * Acids.charge(s, COMPARED_AT);
        }
        double kilograms = parts.stream()
                        .filter(p -> p.food().kind().isProduce() && p.food().acidity() == Acidity.LOW)
                        .mapToDouble(Part::grams)
                        .sum()
                / 1000;
        return kilograms == 0 ? Double.POSITIVE_INFINITY : delivered / kilograms;
    }
}
