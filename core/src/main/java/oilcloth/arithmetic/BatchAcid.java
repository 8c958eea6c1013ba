package oilcloth.arithmetic;

import java.util.List;
import oilcloth.guide.AcidRule;
import oilcloth.guide.GuideSnapshot;
import oilcloth.measure.Amount;
import oilcloth.measure.JarSize;

/**
 * The tested acid for a number of jars, in one of its forms.
 *
 * @param perJar for one jar
 * @param total for all of them
 */
public record BatchAcid(AcidRule rule, Amount perJar, Amount total) {
    /**
     * @param foodGroup tomato, tomatillo, fig …; a food no acid was tested for gives none
     * @param jars 1 or more
     */
    public static List<BatchAcid> of(GuideSnapshot guide, String foodGroup, JarSize jar, int jars) {
        if (jars < 1) {
            throw new IllegalArgumentException("how many jars? At least one");
        }
        return guide.acidRules(foodGroup).stream()
                .map(r -> new BatchAcid(r, r.perJar(jar), r.perJar(jar).times(jars)))
                .toList();
    }
}
