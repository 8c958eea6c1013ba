package oilcloth.guide;

import java.util.List;
import java.util.Optional;
import oilcloth.measure.Amount;

/**
 * A line of a tested recipe.
 *
 * @param foods the foods it names; several where the recipe lets one stand in for another
 * @param amount empty where the recipe counts packets or the like
 * @param printed quantity and unit as the table has them
 * @param role vegetable, fruit, acid, water, salt, sweetener, spice, thickener, soak or other
 * @param aside true where the salt or water is drawn off and is not in the jar
 */
public record TestedIngredient(
        String item,
        String prep,
        String note,
        List<Food> foods,
        Optional<Amount> amount,
        String printed,
        String role,
        boolean optional,
        boolean aside) {}
