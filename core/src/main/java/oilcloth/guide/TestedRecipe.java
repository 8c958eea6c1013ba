package oilcloth.guide;

import java.util.List;

/** A tested recipe whose proportions decide safety, with the processes it is canned by. */
public record TestedRecipe(
        String id,
        String name,
        String source,
        Method method,
        List<String> processes,
        String form,
        String yield,
        String brine,
        Confidence confidence,
        Proof proof,
        List<TestedIngredient> ingredients,
        List<String> steps,
        List<String> variations) {

    public RowKey key() {
        return new RowKey(RowKey.Table.RECIPE, id);
    }

    /** Whole or cut pieces covered with a brine: the jar limits the vegetable, the brine's strength decides. */
    public boolean isPacked() {
        return form.equals("pickle") || form.equals("spiced");
    }

    public boolean isFermented() {
        return id.equals("sauerkraut") || id.equals("dill-pickles-fermented");
    }
}
