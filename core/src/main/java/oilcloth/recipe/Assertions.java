package oilcloth.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oilcloth.guide.Food;
import oilcloth.guide.Gauge;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Pack;
import oilcloth.measure.Altitude;
import oilcloth.measure.Headspace;
import oilcloth.measure.JarSize;
import oilcloth.measure.Minutes;
import oilcloth.measure.Pressure;

/** Lays assertions over a recipe as read; the text and its ranges stay as they are. */
public final class Assertions {
    private Assertions() {}

    /** @throws IllegalArgumentException when a value does not fit its field */
    public static Recipe apply(Recipe recipe, List<Assertion> assertions, GuideSnapshot guide) {
        Recipe result = recipe;
        for (Assertion assertion : assertions) {
            result = apply(result, assertion, guide);
        }
        return result;
    }

    private static Recipe apply(Recipe recipe, Assertion assertion, GuideSnapshot guide) {
        Facts facts = recipe.facts().copy();
        String value = assertion.value();
        switch (assertion.field()) {
            case METHOD -> only(facts.methods(), CanningMethod.ofId(value).orElseThrow(() -> bad(assertion)));
            case JAR -> only(facts.jars(), JarSize.ofId(value).orElseThrow(() -> bad(assertion)));
            case JAR_COUNT -> {
                JarSize jar = facts.jars().isEmpty()
                        ? JarSize.PINT
                        : facts.jars().get(0).value();
                double count = number(assertion);
                facts.yield(Fact.asserted(new Yield(count, count, jar)));
            }
            case MINUTES -> {
                Minutes minutes = Minutes.of((int) number(assertion));
                only(facts.times(), new ProcessTime(minutes, minutes, Optional.empty()));
            }
            case PSI -> only(facts.pressures(), Pressure.ofPsi(number(assertion)));
            case GAUGE -> facts.gauge(Fact.asserted(value.equals("dial") ? Gauge.DIAL : Gauge.WEIGHTED));
            case VENTED -> facts.vented(Fact.asserted(value.equals("yes")));
            case PACK -> only(facts.packs(), value.equals("raw") ? Pack.RAW : Pack.HOT);
            case LIQUID -> only(facts.liquids(), value);
            case FORM -> only(facts.forms(), value);
            case HEADSPACE_INCHES -> {
                Headspace headspace = Headspace.ofInches(number(assertion));
                facts.headspace(Fact.asserted(new HeadspaceStated(headspace, headspace, false)));
            }
            case STERILISED -> facts.sterilised(Fact.asserted(Minutes.of((int) number(assertion))));
            case ALTITUDE_FEET -> facts.altitude(Fact.asserted(Altitude.ofFeet((int) number(assertion))));
            case LEMON_KIND -> {
                return recipe.withIngredients(recipe.ingredients().stream()
                        .map(i -> i.food().isCitrusJuice() ? i.withFood(citrus(i.food(), value, guide)) : i)
                        .toList());
            }
            case VINEGAR_PERCENT -> {
                double percent = number(assertion);
                return recipe.withIngredients(recipe.ingredients().stream()
                        .map(i -> i.food().isVinegar() ? i.withStrength(percent) : i)
                        .toList());
            }
        }
        return recipe.withFacts(facts);
    }

    private static Food citrus(Food food, String kind, GuideSnapshot guide) {
        String fruit = food.name().startsWith("lime") ? "lime" : "lemon";
        return guide.food(fruit + " juice, " + (kind.equals("fresh") ? "fresh" : "bottled"));
    }

    private static <T> void only(List<Fact<T>> facts, T value) {
        facts.clear();
        facts.add(Fact.asserted(value));
    }

    private static double number(Assertion assertion) {
        try {
            return Double.parseDouble(assertion.value());
        } catch (NumberFormatException e) {
            throw bad(assertion);
        }
    }

    private static IllegalArgumentException bad(Assertion assertion) {
        return new IllegalArgumentException(
                "“" + assertion.value() + "” is no " + assertion.field().name().toLowerCase(java.util.Locale.ROOT));
    }

    /** Replaces an earlier answer to the same question. */
    public static List<Assertion> with(List<Assertion> earlier, Assertion added) {
        List<Assertion> all = new ArrayList<>(earlier);
        all.removeIf(a -> a.field() == added.field());
        all.add(added);
        return List.copyOf(all);
    }
}
