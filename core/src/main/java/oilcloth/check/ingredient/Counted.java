package oilcloth.check.ingredient;

import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.measure.Unit;
import oilcloth.measure.Volume;
import oilcloth.recipe.Ingredient;

/** Counts without sizes. */
public final class Counted implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "ingredient.count",
            "Counted without a size",
            "A count is a volume only with a size: a small onion gives a third of what a large one does.",
            "Guide 3");

    /** Pieces of one kind differ by about a fifth either way in volume. */
    private static final double SPREAD = 0.2;

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        if (s.placement().recipe().filter(r -> !r.isPacked()).isEmpty()) {
            return;
        }
        for (Ingredient i : s.produce().ingredients()) {
            if (i.amount().filter(a -> a.unit() == Unit.EACH).isPresent()
                    && i.mostVolume().isPresent()) {
                double least = i.leastVolume().map(Volume::cups).orElseThrow();
                double most = i.mostVolume().map(Volume::cups).orElseThrow();
                out.add(Finding.of(INFO.code(), "count", Severity.NOTE, s.citePlaced(INFO))
                        .at(i.range())
                        .figure("leastCups", round(least * (1 - SPREAD)))
                        .figure("mostCups", round(most * (1 + SPREAD)))
                        .word("food", i.food().name()));
            }
        }
    }

    private static double round(double cups) {
        return Math.round(cups * 4) / 4.0;
    }
}
