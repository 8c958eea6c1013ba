package oilcloth.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oilcloth.guide.Food;
import oilcloth.guide.Gauge;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Pack;
import oilcloth.measure.Altitude;
import oilcloth.measure.Amount;
import oilcloth.measure.Headspace;
import oilcloth.measure.JarSize;
import oilcloth.measure.Minutes;
import oilcloth.measure.Pressure;
import oilcloth.measure.Unit;
import oilcloth.text.Range;

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
        if (assertion.field().isAnchored()) {
            return anchored(recipe, assertion, guide);
        }
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
            case PLACED -> facts.placed(value);
            case FOOD, AMOUNT, ROLE, IGNORE -> throw new IllegalStateException("an anchored field");
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

    /** A correction to one reading; it is passed over where its words are no longer in the text. */
    private static Recipe anchored(Recipe recipe, Assertion assertion, GuideSnapshot guide) {
        if (assertion.at() == null) {
            throw new IllegalArgumentException("a correction to the reading names the words it is about");
        }
        Optional<Range> place = assertion.at().in(recipe.text());
        if (place.isEmpty()) {
            return recipe;
        }
        Range at = place.get();
        List<Ingredient> ingredients = new ArrayList<>(recipe.ingredients());
        boolean known = ingredients.stream().anyMatch(i -> i.range().overlaps(at));
        switch (assertion.field()) {
            case FOOD -> {
                Food food = guide.food(assertion.value());
                ingredients.replaceAll(i -> i.range().overlaps(at) ? i.withFood(food) : i);
                if (!known) {
                    ingredients.add(new Ingredient(
                            at,
                            food,
                            Optional.empty(),
                            Optional.empty(),
                            false,
                            false,
                            java.util.OptionalDouble.empty()));
                    ingredients.sort(java.util.Comparator.comparing(Ingredient::range));
                }
            }
            case AMOUNT -> {
                Amount amount = amount(assertion);
                ingredients.replaceAll(i -> i.range().overlaps(at) ? i.withAmount(amount) : i);
            }
            case ROLE -> {
                switch (assertion.value()) {
                    case "none" -> ingredients.removeIf(i -> i.range().overlaps(at));
                    case "aside", "jar" -> ingredients.replaceAll(i -> i.range().overlaps(at)
                            ? i.withAside(assertion.value().equals("aside"))
                            : i);
                    default -> throw bad(assertion);
                }
            }
            default -> {
                // words that do not matter
            }
        }
        return recipe.withIngredients(ingredients)
                .withUnread(recipe.unread().stream()
                        .filter(u -> !u.range().overlaps(at))
                        .toList());
    }

    /** {@code 2.5 CUP}, {@code 2-3 POUND}. */
    private static Amount amount(Assertion assertion) {
        String[] parts = assertion.value().strip().split("\\s+");
        try {
            String[] range = parts[0].split("-");
            double low = Double.parseDouble(range[0]);
            double high = Double.parseDouble(range[range.length - 1]);
            return new Amount(low, high, Unit.valueOf(parts[1].toUpperCase(java.util.Locale.ROOT)), true);
        } catch (IllegalArgumentException | ArrayIndexOutOfBoundsException e) {
            throw bad(assertion);
        }
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

    /** Whether one takes the place of the other: the same field, of the same words. */
    public static boolean isSame(Assertion a, Assertion b) {
        return a.field() == b.field() && java.util.Objects.equals(a.at(), b.at());
    }

    /** Replaces an earlier answer to the same question. */
    public static List<Assertion> with(List<Assertion> earlier, Assertion added) {
        List<Assertion> all = new ArrayList<>(earlier);
        all.removeIf(a -> isSame(a, added));
        all.add(added);
        return List.copyOf(all);
    }
}
