package oilcloth.reading;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.guide.Gauge;
import oilcloth.guide.Pack;
import oilcloth.measure.Altitude;
import oilcloth.measure.JarSize;
import oilcloth.recipe.CanningMethod;

/**
 * A question in one breath, as understood: "pears pints 5200".
 *
 * @param forms what the food becomes, as far as said
 * @param liquid water, juice or none where a covering liquid was named
 * @param without whether something was said to be left out: "without meat", "no sugar"
 * @param rest lower-case words that none of these account for
 */
public record Spoken(
        List<Food> foods,
        Set<String> forms,
        Optional<JarSize> jar,
        Optional<Pack> pack,
        Optional<String> liquid,
        Optional<CanningMethod> method,
        Optional<Gauge> gauge,
        Optional<Altitude> altitude,
        boolean without,
        List<String> rest) {
    /** One word for a name of two foods that are not in it. */
    public static final String BREAD_AND_BUTTER = "breadandbutter";

    private static final Set<String> NAMELESS = Set.of("vegetables", "fruit", "bone");

    /** What a jar can be asked for by: not sugar, spice or pectin, nor "vegetables" in general. */
    public static boolean isAskedAbout(Food food) {
        boolean filling = food.kind().isProduce() || food.kind() == FoodClass.DAIRY || food.kind() == FoodClass.EGG;
        return filling && !NAMELESS.contains(food.name());
    }
}
