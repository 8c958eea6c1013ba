package oilcloth.correcting;

import oilcloth.guide.Food;
import oilcloth.measure.Amount;

/** Foods and amounts in the words of a recipe. */
final class Words {
    private Words() {}

    /** "lemon juice, bottled" is said "bottled lemon juice"; the strength of a vinegar follows its name. */
    static String of(Food food) {
        String name = food.name();
        String strength = "";
        if (food.isVinegar() && name.endsWith("5%")) {
            name = name.substring(0, name.length() - 2).strip();
            strength = " (5%)";
        }
        int comma = name.indexOf(", ");
        String said = comma < 0 ? name : name.substring(comma + 2) + " " + name.substring(0, comma);
        return said + strength;
    }

    static String of(Amount amount, Food food) {
        return amount + " " + of(food);
    }
}
