package oilcloth.placing;

import java.util.ArrayList;
import java.util.List;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.guide.TestedIngredient;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.Volume;

/** A line of a tested recipe that fills the jar, and how many cups of it there are. */
record ProduceLine(TestedIngredient ingredient, double cups) {
    private static final double UNMEASURED_CUPS = 1;
    private static final double LEAST_CUPS = 0.02;

    static List<ProduceLine> of(TestedRecipe tested) {
        List<ProduceLine> lines = new ArrayList<>();
        for (TestedIngredient i : tested.ingredients()) {
            boolean produce = i.role().equals("vegetable") || i.role().equals("fruit");
            for (Food food : i.foods()) {
                produce |= food.kind() == FoodClass.MEAT;
            }
            if (produce && !i.foods().isEmpty() && Produce.isSolid(i.foods().get(0))) {
                Food food = i.foods().get(0);
                double cups = i.amount()
                        .flatMap(a -> food.volume(a, a.middle()))
                        .map(Volume::cups)
                        .orElse(UNMEASURED_CUPS);
                lines.add(new ProduceLine(i, Math.max(cups, LEAST_CUPS)));
            }
        }
        return lines;
    }
}
