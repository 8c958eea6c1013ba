package oilcloth.check;

import java.util.Set;
import oilcloth.guide.Food;

/** Foods that a spread or a mash of is too thick for heat and too uneven in acid, whatever is added. */
public final class DenseFood {
    private static final Set<String> NAMES = Set.of("pumpkin", "winter squash", "sweet potato");

    private DenseFood() {}

    public static boolean is(Food food) {
        return NAMES.contains(food.name());
    }
}
