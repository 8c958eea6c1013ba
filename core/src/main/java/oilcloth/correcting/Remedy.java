package oilcloth.correcting;

import java.util.List;
import oilcloth.check.Message;
import oilcloth.recipe.Edit;

/**
 * One way to mend one finding: edits that belong together, and what they cost the canner in produce, yield, taste and
 * effort.
 *
 * @param edits never empty
 * @param cost in no unit; only the order counts
 * @param price the cost in words
 */
record Remedy(List<Edit> edits, double cost, Message price) {
    Remedy {
        edits = List.copyOf(edits);
        if (edits.isEmpty() || !(cost > 0)) {
            throw new IllegalArgumentException("a remedy changes something, and costs something");
        }
    }

    static Remedy of(double cost, Message price, Edit... edits) {
        return new Remedy(List.of(edits), cost, price);
    }
}
