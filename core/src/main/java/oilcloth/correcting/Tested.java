package oilcloth.correcting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oilcloth.acidity.Proportions;
import oilcloth.arithmetic.Measured;
import oilcloth.check.Subject;
import oilcloth.guide.Food;
import oilcloth.guide.Gauge;
import oilcloth.guide.Method;
import oilcloth.guide.Process;
import oilcloth.guide.TestedIngredient;
import oilcloth.guide.TestedRecipe;
import oilcloth.heat.Requirement;
import oilcloth.measure.Amount;
import oilcloth.measure.JarSize;
import oilcloth.measure.Minutes;
import oilcloth.measure.Pressure;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Edit;
import oilcloth.recipe.Follow;
import oilcloth.recipe.Ingredient;

/**
 * What the tested process asks for here.
 *
 * @param minutes empty where the altitude is not known and the row differs by it
 * @param pressure empty where altitude or gauge would have to be guessed
 */
record Tested(Method method, JarSize jar, Optional<Minutes> minutes, Optional<Pressure> pressure) {

    static Optional<Tested> of(Subject s) {
        if (!s.placement().isPlaced()) {
            return Optional.empty();
        }
        Process process = s.strictest().orElseThrow();
        JarSize jar = s.jars().stream()
                .filter(j -> process.rowFor(j).isPresent())
                .findFirst()
                .orElse(process.rows().firstKey());
        Optional<Requirement> required = Requirement.of(s.rows(jar), s.altitude());
        boolean known = s.altitude().isPresent() || process.method() == Method.PRESSURE;
        return Optional.of(new Tested(
                process.method(),
                jar,
                known ? required.map(Requirement::most) : Optional.empty(),
                process.method() == Method.PRESSURE ? psi(s, process, jar) : Optional.empty()));
    }

    /** The figure of the gauge told; of a gauge nobody told, the higher, which is enough on either. */
    private static Optional<Pressure> psi(Subject s, Process process, JarSize jar) {
        return s.altitude().flatMap(a -> {
            var row = process.rowFor(jar).orElseThrow();
            var dial = row.psiAt(Gauge.DIAL, a);
            var weighted = row.psiAt(Gauge.WEIGHTED, a);
            var psi = s.gauge()
                    .map(g -> g == Gauge.DIAL ? dial : weighted)
                    .orElse(
                            dial.isPresent() && weighted.isPresent() && weighted.getAsInt() > dial.getAsInt()
                                    ? weighted
                                    : dial);
            return psi.isPresent() ? Optional.of(Pressure.ofPsi(psi.getAsInt())) : Optional.empty();
        });
    }

    /** Method, time and, under pressure, the pressure and the venting. */
    List<Edit> edits() {
        List<Edit> edits = new ArrayList<>();
        boolean canner = method == Method.PRESSURE;
        edits.add(new Edit.SetProcess(canner ? CanningMethod.PRESSURE : CanningMethod.BOILING_WATER, minutes));
        if (canner) {
            pressure.ifPresent(p -> edits.add(new Edit.SetPressure(p)));
            edits.add(new Follow(Follow.Step.VENT, "yes"));
        }
        return edits;
    }

    /** The largest smaller jar for which the stated minutes are enough. */
    static Optional<JarSize> smallerJar(Subject s, Minutes stated) {
        JarSize now = s.jars().stream().findFirst().orElse(null);
        if (now == null) {
            return Optional.empty();
        }
        JarSize best = null;
        for (JarSize jar : s.strictest().orElseThrow().jars()) {
            boolean enough = now.largerThan(jar)
                    && Requirement.of(s.rows(jar), s.altitude())
                            .map(r -> stated.compareTo(r.most()) >= 0)
                            .orElse(false);
            if (enough && (best == null || jar.largerThan(best))) {
                best = jar;
            }
        }
        return Optional.ofNullable(best);
    }

    /** How much the tested recipe has of this, for a batch of this size; in its own unit. */
    static Optional<Amount> amountOf(Subject s, Ingredient i) {
        Optional<TestedRecipe> tested = s.placement().recipe();
        if (tested.isEmpty()) {
            return Optional.empty();
        }
        double scale = Proportions.of(s.recipe(), tested.get(), s.guide()).scale();
        if (scale <= 0) {
            return Optional.empty();
        }
        return tested.get().ingredients().stream()
                .filter(l -> l.foods().stream().anyMatch(f -> same(f, i.food())))
                .filter(l -> l.amount().isPresent())
                .findFirst()
                .map((TestedIngredient l) ->
                        Measured.as(l.amount().orElseThrow().times(scale), l.role()));
    }

    private static boolean same(Food a, Food b) {
        return a.equals(b) || a.group().equals(b.group());
    }
}
