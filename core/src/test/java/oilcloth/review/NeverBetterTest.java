package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Predicate;
import java.util.stream.Stream;
import oilcloth.guide.Acidity;
import oilcloth.guide.Food;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Process;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.Altitude;
import oilcloth.measure.Amount;
import oilcloth.measure.JarSize;
import oilcloth.measure.Minutes;
import oilcloth.measure.Unit;
import oilcloth.recipe.Assertion;
import oilcloth.recipe.Context;
import oilcloth.recipe.Edit;
import oilcloth.recipe.Ingredient;
import oilcloth.recipe.Recipe;
import org.junit.jupiter.api.Test;

/**
 * The promises of the catalogue as chains: each step makes a tested recipe worse in one way, and neither the call nor the
 * worst it may still be gets better on the way. Where it stands is held fixed.
 */
class NeverBetterTest {
    private static final GuideSnapshot GUIDE = GuideSnapshot.shipped();
    private static final Engine ENGINE = new Engine(GUIDE);
    private static final Context HERE = Context.planning(Altitude.ofFeet(900));

    private record Told(TestedRecipe tested, Recipe recipe, List<Assertion> placed) {}

    private static Stream<Told> told() {
        List<Told> told = new ArrayList<>();
        for (TestedRecipe tested : GUIDE.recipes()) {
            for (String id : tested.processes()) {
                Process process = Retold.process(tested, id).orElseThrow();
                String text = Retold.recipe(tested, process, process.jars().get(0), Altitude.ofFeet(900));
                Review review = ENGINE.review(text, HERE);
                if (review.placement().recipe().filter(tested::equals).isPresent()) {
                    List<Assertion> placed = List.of(new Assertion(Assertion.Field.PLACED, tested.id()));
                    told.add(
                            new Told(tested, oilcloth.recipe.Assertions.apply(review.recipe(), placed, GUIDE), placed));
                }
            }
        }
        assertThat(told).hasSizeGreaterThan(50);
        return told.stream();
    }

    /** Reviews each step of a chain and compares it with the step before. */
    private static void neverBetter(double[] steps, BiFunction<Told, Double, Recipe> worse) {
        List<String> better = new ArrayList<>();
        List<String> worsened = new ArrayList<>();
        told().forEach(t -> {
            Call call = Call.SOUND;
            Call worst = Call.SOUND;
            for (double step : steps) {
                Review review = ENGINE.review(worse.apply(t, step), t.placed(), HERE);
                if (review.call().compareTo(call) < 0 || review.worstOpen().compareTo(worst) < 0) {
                    better.add(t.tested().id() + " at " + step + ": " + review.call() + "/" + review.worstOpen()
                            + " after " + call + "/" + worst);
                }
                call = review.call();
                worst = review.worstOpen();
            }
            if (call == Call.STOP) {
                worsened.add(t.tested().id());
            }
        });
        assertThat(worsened).as("the chain leads somewhere").hasSizeGreaterThan(5);
        assertThat(better).as(String.join("\n", better)).isEmpty();
    }

    private static Recipe times(Recipe recipe, Predicate<Food> which, double factor) {
        return recipe.withIngredients(recipe.ingredients().stream()
                .map(i -> which.test(i.food()) && i.amount().isPresent()
                        ? i.withAmount(i.amount().get().times(factor))
                        : i)
                .toList());
    }

    @Test
    void lessAcid() {
        neverBetter(
                new double[] {1, 0.95, 0.85, 0.7, 0.5, 0.3, 0.1}, (t, f) -> times(t.recipe(), Food::isAcidulant, f));
    }

    @Test
    void weakerVinegar() {
        neverBetter(new double[] {5, 4.8, 4.5, 4, 3, 2}, (t, percent) -> t.recipe()
                .withIngredients(t.recipe().ingredients().stream()
                        .map(i -> i.food().isVinegar() ? i.withStrength(percent) : i)
                        .toList()));
    }

    @Test
    void moreWater() {
        neverBetter(new double[] {0, 0.5, 1, 2, 4, 8}, (t, cups) -> {
            if (cups == 0) {
                return t.recipe();
            }
            List<Ingredient> more = new ArrayList<>(t.recipe().ingredients());
            Ingredient any = more.get(0);
            more.add(new Ingredient(
                    any.range(),
                    GUIDE.food("water"),
                    java.util.Optional.of(Amount.of(cups, Unit.CUP)),
                    java.util.Optional.empty(),
                    false,
                    false,
                    java.util.OptionalDouble.empty()));
            return t.recipe().withIngredients(more);
        });
    }

    @Test
    void moreLowAcidVegetables() {
        neverBetter(
                new double[] {1, 1.05, 1.2, 1.5, 2, 4},
                (t, f) -> times(t.recipe(), d -> d.kind().isProduce() && d.acidity() == Acidity.LOW, f));
    }

    @Test
    void shorterTime() {
        neverBetter(new double[] {0, 1, 3, 6, 10, 30}, (t, less) -> {
            int stated = t.recipe().facts().times().get(0).value().least().value();
            return new Edit.SetMinutes(Minutes.of(Math.max(1, stated - less.intValue()))).apply(t.recipe());
        });
    }

    @Test
    void largerJar() {
        neverBetter(new double[] {0, 1, 2, 3}, (t, up) -> {
            JarSize jar = t.recipe().facts().jars().get(0).value();
            int at = Math.min(JarSize.values().length - 1, jar.ordinal() + up.intValue());
            return new Edit.SetJar(JarSize.values()[at]).apply(t.recipe());
        });
    }
}
