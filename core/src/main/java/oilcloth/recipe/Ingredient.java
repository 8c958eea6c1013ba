package oilcloth.recipe;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import oilcloth.guide.Food;
import oilcloth.measure.Amount;
import oilcloth.measure.JarSize;
import oilcloth.measure.Volume;
import oilcloth.text.Range;

/**
 * One ingredient as read.
 *
 * @param range the words it was read from, amount and name
 * @param amount empty when it was not measured
 * @param perJar the jar an amount is for ("1 Tbsp per pint"), else empty: the amount is for the batch
 * @param aside soaking water and the like, which is poured off and never in the jar
 * @param strengthPercent acetic acid of a vinegar, when said
 */
public record Ingredient(
        Range range,
        Food food,
        Optional<Amount> amount,
        Optional<PerJar> perJar,
        boolean aside,
        boolean optional,
        OptionalDouble strengthPercent) {

    /** "Per jar", and which jar when it was said. */
    public record PerJar(Optional<JarSize> jar) {}

    /** A food that is named and nothing more. */
    public static Ingredient named(Range range, Food food) {
        return new Ingredient(range, food, Optional.empty(), Optional.empty(), false, false, OptionalDouble.empty());
    }

    public Optional<Volume> leastVolume() {
        return amount.flatMap(a -> food.volume(a, a.low()));
    }

    public Optional<Volume> mostVolume() {
        return amount.flatMap(a -> food.volume(a, a.high()));
    }

    Ingredient moved(UnaryOperator<Range> to) {
        return new Ingredient(to.apply(range), food, amount, perJar, aside, optional, strengthPercent);
    }

    public Ingredient withPerJar(PerJar jar) {
        return new Ingredient(range, food, amount, Optional.of(jar), aside, optional, strengthPercent);
    }

    public Ingredient withStrength(double percent) {
        return new Ingredient(range, food, amount, perJar, aside, optional, OptionalDouble.of(percent));
    }

    public Ingredient withFood(Food other) {
        return new Ingredient(range, other, amount, perJar, aside, optional, strengthPercent);
    }

    public Ingredient withAside(boolean other) {
        return new Ingredient(range, food, amount, perJar, other, optional, strengthPercent);
    }

    public Ingredient withAmount(Amount other) {
        return withAmount(other, range);
    }

    /** @param told where it is told */
    public Ingredient withAmount(Amount other, Range told) {
        return new Ingredient(told, food, Optional.of(other), perJar, aside, optional, strengthPercent);
    }
}
