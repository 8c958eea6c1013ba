package oilcloth.guide;

import java.util.Set;

/**
 * Which foods, in which form and covering liquid, a process is for.
 *
 * @param foods food names, or one of the tokens {@code @acid-fruit}, {@code @soup}
 * @param liquid water, juice, none, a kind of pectin, or blank where it does not matter
 */
public record PlacingRule(Process process, Set<String> foods, String form, String liquid) {
    public boolean takes(Food food) {
        return foods.contains(food.name())
                || (foods.contains("@acid-fruit") && food.kind() == FoodClass.FRUIT && food.acidity() == Acidity.HIGH);
    }
}
