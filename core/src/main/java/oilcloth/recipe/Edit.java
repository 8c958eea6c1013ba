package oilcloth.recipe;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import oilcloth.guide.Food;
import oilcloth.measure.Amount;
import oilcloth.measure.Headspace;
import oilcloth.measure.JarSize;
import oilcloth.measure.Minutes;
import oilcloth.measure.Pressure;
import oilcloth.text.Range;

/**
 * What to do next time: a correction. It never says anything about jars already made, and never asserts an unknown fact.
 */
public sealed interface Edit
        permits Edit.SetMinutes,
                Edit.SetPressure,
                Edit.SetHeadspace,
                Edit.SetJar,
                Edit.SetMethod,
                Edit.SetProcess,
                Edit.AddAcidPerJar,
                Edit.SetIngredient,
                Edit.Remove,
                Edit.AddIngredient,
                Edit.LeaveOff,
                Follow {
    /** The name used in JSON. */
    String kind();

    /** The values used in JSON, in order. */
    Map<String, Object> values();

    Recipe apply(Recipe recipe);

    /** Whether what was asserted of a field is done otherwise from now on. */
    default boolean overrides(Assertion.Field field) {
        return false;
    }

    private static void measure(Map<String, Object> values, Amount amount) {
        values.put("amount", amount.toString());
        values.put("figure", amount.low());
        values.put("unit", amount.unit().name());
    }

    /** Process for this long. */
    record SetMinutes(Minutes minutes) implements Edit {
        @Override
        public boolean overrides(Assertion.Field field) {
            return field == Assertion.Field.MINUTES;
        }

        @Override
        public String kind() {
            return "setMinutes";
        }

        @Override
        public Map<String, Object> values() {
            return Map.of("minutes", minutes.value());
        }

        @Override
        public Recipe apply(Recipe recipe) {
            Facts facts = recipe.facts().copy();
            facts.times().clear();
            facts.times().add(Fact.asserted(new ProcessTime(minutes, minutes, Optional.empty())));
            return recipe.withFacts(facts);
        }
    }

    /** Process at this pressure. */
    record SetPressure(Pressure pressure) implements Edit {
        @Override
        public boolean overrides(Assertion.Field field) {
            return field == Assertion.Field.PSI;
        }

        @Override
        public String kind() {
            return "setPressure";
        }

        @Override
        public Map<String, Object> values() {
            return Map.of("psi", pressure.psi());
        }

        @Override
        public Recipe apply(Recipe recipe) {
            Facts facts = recipe.facts().copy();
            facts.pressures().clear();
            facts.pressures().add(Fact.asserted(pressure));
            return recipe.withFacts(facts);
        }
    }

    /** Leave this much headspace. */
    record SetHeadspace(Headspace headspace) implements Edit {
        @Override
        public boolean overrides(Assertion.Field field) {
            return field == Assertion.Field.HEADSPACE_INCHES;
        }

        @Override
        public String kind() {
            return "setHeadspace";
        }

        @Override
        public Map<String, Object> values() {
            return Map.of("inches", headspace.inches());
        }

        @Override
        public Recipe apply(Recipe recipe) {
            Facts facts = recipe.facts().copy();
            facts.headspace(Fact.asserted(new HeadspaceStated(headspace, headspace, false)));
            return recipe.withFacts(facts);
        }
    }

    /** Use this jar. */
    record SetJar(JarSize jar) implements Edit {
        @Override
        public boolean overrides(Assertion.Field field) {
            return field == Assertion.Field.JAR || field == Assertion.Field.JAR_COUNT;
        }

        @Override
        public String kind() {
            return "setJar";
        }

        @Override
        public Map<String, Object> values() {
            return Map.of("jar", jar.id());
        }

        @Override
        public Recipe apply(Recipe recipe) {
            Facts facts = recipe.facts().copy();
            facts.jars().clear();
            facts.jars().add(Fact.asserted(jar));
            return recipe.withFacts(facts);
        }
    }

    /** Process by this method. */
    record SetMethod(CanningMethod method) implements Edit {
        @Override
        public boolean overrides(Assertion.Field field) {
            return field == Assertion.Field.METHOD;
        }

        @Override
        public String kind() {
            return "setMethod";
        }

        @Override
        public Map<String, Object> values() {
            return Map.of("method", method.id());
        }

        @Override
        public Recipe apply(Recipe recipe) {
            Facts facts = recipe.facts().copy();
            facts.methods().clear();
            facts.methods().add(Fact.asserted(method));
            return recipe.withFacts(facts);
        }
    }

    /**
     * Process by another method, and by its time: the minutes of the one say nothing about the other.
     *
     * @param minutes empty where they depend on an altitude nobody told
     */
    record SetProcess(CanningMethod method, Optional<Minutes> minutes) implements Edit {
        @Override
        public boolean overrides(Assertion.Field field) {
            return field == Assertion.Field.METHOD || field == Assertion.Field.MINUTES;
        }

        @Override
        public String kind() {
            return "setProcess";
        }

        @Override
        public Map<String, Object> values() {
            Map<String, Object> values = new LinkedHashMap<>();
            values.put("method", method.id());
            minutes.ifPresent(m -> values.put("minutes", m.value()));
            return values;
        }

        @Override
        public Recipe apply(Recipe recipe) {
            Recipe moved = new SetMethod(method).apply(recipe);
            return minutes.map(m -> new SetMinutes(m).apply(moved)).orElse(moved);
        }
    }

    /** Put this acid into every jar. */
    record AddAcidPerJar(Food acid, Amount amount, JarSize jar) implements Edit {
        /** It takes the place of another dose and of lemon or citric acid in the pot; vinegar of the batch stays. */
        public boolean replaces(Ingredient i) {
            return i.food().isAcidulant()
                    && !i.aside()
                    && (i.perJar().isPresent() || !i.food().isVinegar());
        }

        @Override
        public boolean overrides(Assertion.Field field) {
            return field == Assertion.Field.LEMON_KIND;
        }

        @Override
        public String kind() {
            return "addAcidPerJar";
        }

        @Override
        public Map<String, Object> values() {
            Map<String, Object> values = new LinkedHashMap<>();
            values.put("acid", acid.name());
            measure(values, amount);
            values.put("jar", jar.id());
            return values;
        }

        @Override
        public Recipe apply(Recipe recipe) {
            List<Ingredient> ingredients = new ArrayList<>(recipe.ingredients());
            ingredients.removeIf(this::replaces);
            ingredients.add(new Ingredient(
                    new Range(0, 0),
                    acid,
                    Optional.of(amount),
                    Optional.of(new Ingredient.PerJar(Optional.of(jar))),
                    false,
                    false,
                    acid.isVinegar() ? OptionalDouble.of(5) : OptionalDouble.empty()));
            return recipe.withIngredients(ingredients);
        }
    }

    /** Change how much of an ingredient goes in, or which food stands there. */
    record SetIngredient(Range at, Food food, Amount amount) implements Edit {
        @Override
        public boolean overrides(Assertion.Field field) {
            return field == Assertion.Field.LEMON_KIND;
        }

        @Override
        public String kind() {
            return "setIngredient";
        }

        @Override
        public Map<String, Object> values() {
            Map<String, Object> values = new LinkedHashMap<>();
            values.put("start", at.start());
            values.put("end", at.end());
            values.put("food", food.name());
            measure(values, amount);
            return values;
        }

        @Override
        public Recipe apply(Recipe recipe) {
            return recipe.withIngredients(recipe.ingredients().stream()
                    .map(i -> i.range().equals(at) ? i.withFood(food).withAmount(amount) : i)
                    .toList());
        }
    }

    /** Leave an ingredient out. */
    record Remove(Range at, Food food) implements Edit {
        @Override
        public String kind() {
            return "remove";
        }

        @Override
        public Map<String, Object> values() {
            Map<String, Object> values = new LinkedHashMap<>();
            values.put("start", at.start());
            values.put("end", at.end());
            values.put("food", food.name());
            return values;
        }

        @Override
        public Recipe apply(Recipe recipe) {
            return recipe.withIngredients(recipe.ingredients().stream()
                    .filter(i -> !i.range().equals(at))
                    .toList());
        }
    }

    /** Put this in as well; for the batch. */
    record AddIngredient(Food food, Amount amount) implements Edit {
        @Override
        public String kind() {
            return "addIngredient";
        }

        @Override
        public Map<String, Object> values() {
            Map<String, Object> values = new LinkedHashMap<>();
            values.put("food", food.name());
            measure(values, amount);
            return values;
        }

        @Override
        public Recipe apply(Recipe recipe) {
            List<Ingredient> ingredients = new ArrayList<>(recipe.ingredients());
            ingredients.add(new Ingredient(
                    new Range(0, 0),
                    food,
                    Optional.of(amount),
                    Optional.empty(),
                    false,
                    false,
                    food.isVinegar() ? OptionalDouble.of(5) : OptionalDouble.empty()));
            return recipe.withIngredients(ingredients);
        }
    }

    /** Leave a practice off: its words are struck, and nothing reads them any more. */
    record LeaveOff(Range at) implements Edit {
        @Override
        public String kind() {
            return "leaveOff";
        }

        @Override
        public Map<String, Object> values() {
            return Map.of("start", at.start(), "end", at.end());
        }

        @Override
        public Recipe apply(Recipe recipe) {
            Facts facts = recipe.facts().copy();
            facts.forget(at);
            return recipe.withFacts(facts).struck(at);
        }
    }
}
