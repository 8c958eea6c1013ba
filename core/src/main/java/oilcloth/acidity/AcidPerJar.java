package oilcloth.acidity;

import java.util.List;
import java.util.Optional;
import oilcloth.guide.AcidRule;
import oilcloth.measure.Amount;
import oilcloth.measure.JarSize;
import oilcloth.measure.Volume;
import oilcloth.recipe.Ingredient;
import oilcloth.recipe.Recipe;
import oilcloth.recipe.Yield;

/**
 * The acid that reaches one jar, against what is tested for the food.
 *
 * @param share 1 is exactly the tested amount; empty when amount or number of jars is not known
 */
public record AcidPerJar(State state, double share, List<Ingredient> acids) {
    /** How far the sum can be done. */
    public enum State {
        /** No acid was named at all. */
        NONE,
        /** Acid was named without an amount. */
        UNMEASURED,
        /** An amount for the batch, and nobody said how many jars. */
        JARS_UNKNOWN,
        /** Acid of a form never tested for this food. */
        UNTESTED_FORM,
        KNOWN
    }

    /**
     * @param rules the forms tested for the food, at least one
     * @param jar the jar it goes into; where a text names several, the acid of each per-jar amount goes with its own
     */
    public static AcidPerJar of(Recipe recipe, List<AcidRule> rules, JarSize jar) {
        List<Ingredient> acids = recipe.acids();
        if (acids.isEmpty()) {
            return new AcidPerJar(State.NONE, 0, acids);
        }
        double share = 0;
        boolean known = false;
        State worst = State.KNOWN;
        for (Ingredient acid : acids) {
            Optional<AcidRule> rule = rules.stream()
                    .filter(r -> r.form() == AcidRule.Form.of(acid.food()))
                    .findFirst();
            if (rule.isEmpty()) {
                continue;
            }
            if (acid.amount().isEmpty() || acid.leastVolume().isEmpty()) {
                worst = State.UNMEASURED;
                continue;
            }
            Optional<Double> part = share(acid, rule.get(), jar, recipe);
            if (part.isEmpty()) {
                worst = worst == State.UNMEASURED ? worst : State.JARS_UNKNOWN;
                continue;
            }
            // "1 Tbsp per pint or 2 Tbsp per quart": one line of the two is for this jar
            boolean otherJar = acid.perJar()
                    .flatMap(Ingredient.PerJar::jar)
                    .filter(j -> j != jar)
                    .isPresent();
            share = otherJar && known ? share : share + part.get();
            known = true;
        }
        if (known) {
            return new AcidPerJar(State.KNOWN, share, acids);
        }
        return new AcidPerJar(worst == State.KNOWN ? State.UNTESTED_FORM : worst, 0, acids);
    }

    private static Optional<Double> share(Ingredient acid, AcidRule rule, JarSize jar, Recipe recipe) {
        Volume amount = acid.leastVolume().orElseThrow();
        double strength = acid.food().isVinegar() ? Math.min(1, Brine.strength(acid) / Brine.VINEGAR_PERCENT) : 1;
        if (acid.perJar().isPresent()) {
            JarSize named = acid.perJar().get().jar().orElse(jar);
            return Optional.of(amount.millilitres() * strength / required(rule, named));
        }
        Optional<Yield> yield = recipe.facts().yield().map(f -> f.value());
        return yield.map(y -> amount.millilitres() * strength / y.most() / required(rule, y.jar()));
    }

    private static double required(AcidRule rule, JarSize jar) {
        Amount amount = rule.perJar(jar);
        return amount.low() * amount.unit().inBase();
    }

    /** A hair under the tested amount is rounding, not a shortage. */
    public boolean isEnough() {
        return state == State.KNOWN && share >= 0.98;
    }
}
