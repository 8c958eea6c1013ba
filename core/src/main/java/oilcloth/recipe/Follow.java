package oilcloth.recipe;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import oilcloth.guide.Pack;
import oilcloth.measure.Minutes;

/** A step the recipe does not say, or says otherwise, to be done from now on. */
public record Follow(Step step, String value) implements Edit {
    /** Steps that are the canner's to choose; a fact such as the altitude is not. */
    public enum Step {
        PACK,
        LIQUID,
        VENT,
        STERILISE,
        VINEGAR_PERCENT;

        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    @Override
    public boolean overrides(Assertion.Field field) {
        return switch (step) {
            case PACK -> field == Assertion.Field.PACK;
            case LIQUID -> field == Assertion.Field.LIQUID;
            case VENT -> field == Assertion.Field.VENTED;
            case STERILISE -> field == Assertion.Field.STERILISED;
            case VINEGAR_PERCENT -> field == Assertion.Field.VINEGAR_PERCENT;
        };
    }

    @Override
    public String kind() {
        return "follow";
    }

    @Override
    public Map<String, Object> values() {
        Map<String, Object> values = new LinkedHashMap<>();
        values.put("step", step.id());
        values.put("value", value);
        return values;
    }

    @Override
    public Recipe apply(Recipe recipe) {
        if (step == Step.VINEGAR_PERCENT) {
            return recipe.withIngredients(recipe.ingredients().stream()
                    .map(i -> i.food().isVinegar() ? i.withStrength(Double.parseDouble(value)) : i)
                    .toList());
        }
        Facts facts = recipe.facts().copy();
        switch (step) {
            case PACK -> {
                facts.packs().clear();
                facts.packs().add(Fact.asserted(value.equals("raw") ? Pack.RAW : Pack.HOT));
            }
            case LIQUID -> {
                facts.liquids().clear();
                facts.liquids().add(Fact.asserted(value));
            }
            case VENT -> facts.vented(Fact.asserted(true));
            default -> facts.sterilised(Fact.asserted(Minutes.of(Integer.parseInt(value))));
        }
        return recipe.withFacts(facts);
    }
}
