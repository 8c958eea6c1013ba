package oilcloth.correcting;

import java.util.List;
import oilcloth.check.Message;
import oilcloth.recipe.Edit;

/**
 * A set of edits after which the call is {@code sound}, proved by reviewing the recipe again. No edit of it can be left
 * out.
 *
 * @param prices what it costs the canner, in words
 * @param cost in no unit; the cheapest way has the least
 */
public record Way(List<Edit> edits, List<Message> prices, double cost) {
    public Way {
        edits = List.copyOf(edits);
        prices = List.copyOf(prices);
    }
}
