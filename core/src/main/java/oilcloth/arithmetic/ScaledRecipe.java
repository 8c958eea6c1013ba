package oilcloth.arithmetic;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import oilcloth.acidity.Brine;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Kitchen;
import oilcloth.guide.Process;
import oilcloth.guide.TestedIngredient;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.Amount;
import oilcloth.measure.JarSize;
import oilcloth.measure.Unit;
import oilcloth.text.Cue;

/**
 * A tested recipe cut to the produce at hand; all lines by one factor, so that its proportions stay as tested.
 *
 * @param factor 0.25 to 4: beyond that a batch no longer cooks as the tested one
 * @param jars the jars it fills by its own yield, or by its rows where it tells none
 */
public record ScaledRecipe(
        TestedRecipe recipe,
        double factor,
        List<Line> lines,
        Optional<Jars> jars,
        Optional<Brine> brine,
        List<Loads> loads,
        boolean pectinDoubled) {
    public static final double LEAST = 0.25;
    public static final double MOST = 4;
    private static final Cue YIELD = Cue.of(
            "(\\d+(?:\\.\\d+)?)(?:\\s*(?:-|to)\\s*(\\d+(?:\\.\\d+)?))?\\s*(?:wide-mouth )?(half-pint|pint|quart)");

    /** One line. @param amount empty where the recipe gives no amount in a unit */
    public record Line(TestedIngredient tested, Optional<Amount> amount) {}

    /** So many jars of a size. */
    public record Jars(double least, double most, JarSize jar) {}

    /** @throws IllegalArgumentException for a factor out of range */
    public static ScaledRecipe by(TestedRecipe recipe, double factor, GuideSnapshot guide) {
        if (!(factor >= LEAST && factor <= MOST)) {
            throw new IllegalArgumentException("A tested recipe is made at a quarter to four times its size, not "
                    + String.format(java.util.Locale.ROOT, "%.2g", factor) + " times.");
        }
        List<Line> lines = recipe.ingredients().stream()
                .map(i -> new Line(i, i.amount().map(a -> Measured.as(a.times(factor), i.role()))))
                .toList();
        Optional<Jars> jars = jars(recipe, factor, guide);
        List<Loads> loads = jars.stream()
                .flatMap(j -> guide.kitchen().loads().stream()
                        .filter(c -> c.jar() == j.jar()
                                && c.canner()
                                        .startsWith(
                                                recipe.method() == oilcloth.guide.Method.PRESSURE
                                                        ? "pressure"
                                                        : "boiling"))
                        .map((Kitchen.CannerLoad c) -> Loads.of(c, Math.max(1, (int) Math.ceil(j.most())))))
                .toList();
        boolean gelled = recipe.form().equals("jam") || recipe.form().endsWith("jelly");
        return new ScaledRecipe(recipe, factor, lines, jars, Brine.of(recipe), loads, gelled && factor > 1);
    }

    /**
     * Scaled so that one line comes to the amount at hand.
     *
     * @param line counted from 0
     * @throws IllegalArgumentException when the line has no amount or the units do not measure the same thing
     */
    public static ScaledRecipe toHave(TestedRecipe recipe, int line, double figure, Unit unit, GuideSnapshot guide) {
        if (line < 0 || line >= recipe.ingredients().size()) {
            throw new IllegalArgumentException("the recipe has no such line");
        }
        TestedIngredient tested = recipe.ingredients().get(line);
        Amount amount = tested.amount()
                .orElseThrow(() -> new IllegalArgumentException("“" + tested.item() + "” has no amount to scale by"));
        double have = figure * unit.inBase();
        double want = amount.middle() * amount.unit().inBase();
        if (unit.kind() != amount.unit().kind()) {
            Optional<Double> cups = tested.foods().stream()
                    .findFirst()
                    .filter(f -> f.gramsPerCup().isPresent())
                    .map(f -> unit.kind() == Unit.Kind.MASS
                            ? figure * unit.inBase() / f.gramsPerCup().getAsDouble() * Unit.CUP.inBase()
                            : figure
                                    * unit.inBase()
                                    / Unit.CUP.inBase()
                                    * f.gramsPerCup().getAsDouble());
            boolean massAndVolume =
                    unit.kind() != Unit.Kind.COUNT && amount.unit().kind() != Unit.Kind.COUNT;
            if (cups.isEmpty() || !massAndVolume) {
                throw new IllegalArgumentException("“" + tested.item() + "” stands in the recipe by "
                        + amount.unit().kind().name().toLowerCase(java.util.Locale.ROOT) + "; give it in "
                        + (amount.unit().label().isEmpty()
                                ? "pieces"
                                : amount.unit().label()));
            }
            have = cups.get();
        }
        return by(recipe, have / want, guide);
    }

    private static Optional<Jars> jars(TestedRecipe recipe, double factor, GuideSnapshot guide) {
        Matcher m = YIELD.matcher(recipe.yield());
        if (!m.find()) {
            return Optional.empty();
        }
        JarSize jar = JarSize.ofId(m.group(3)).orElseThrow();
        boolean tested = recipe.processes().stream()
                .flatMap(id -> guide.process(recipe.method(), id).stream())
                .map((Process p) -> p.rowFor(jar))
                .anyMatch(Optional::isPresent);
        double least = Double.parseDouble(m.group(1)) * factor;
        double most = m.group(2) == null ? least : Double.parseDouble(m.group(2)) * factor;
        return tested || recipe.processes().isEmpty() ? Optional.of(new Jars(least, most, jar)) : Optional.empty();
    }
}
