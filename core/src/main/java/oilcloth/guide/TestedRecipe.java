package oilcloth.guide;

import java.util.List;
import java.util.Locale;

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

    /** "Cranberry orange chutney" is named after a fruit of which it lists the juice alone. @param behind what the text says behind it */
    public boolean isNamedAfter(Food food, String behind) {
        String named = food.name().toLowerCase(Locale.ROOT) + " ";
        String whole = name.toLowerCase(Locale.ROOT);
        int at = whole.indexOf(named);
        return at >= 0
                && behind.strip().toLowerCase(Locale.ROOT).startsWith(whole.substring(at + named.length()))
                && ingredients.stream().anyMatch(l -> l.item().contains(named))
                && ingredients.stream().noneMatch(l -> l.foods().contains(food));
    }

    public boolean isFermented() {
        return id.equals("sauerkraut") || id.equals("dill-pickles-fermented");
    }
}
