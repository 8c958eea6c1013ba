package oilcloth.check.acid;

import java.util.List;
import java.util.stream.Collectors;
import oilcloth.guide.AcidRule;
import oilcloth.measure.JarSize;

/** The tested acid of a jar in words: {@code 2 Tbsp bottled lemon juice or ½ tsp citric acid}. */
public final class AcidWords {
    private AcidWords() {}

    public static String forms(List<AcidRule> rules, JarSize jar) {
        return rules.stream().map(r -> r.perJar(jar) + " " + r.form().label()).collect(Collectors.joining(" or "));
    }
}
