package oilcloth.check;

import java.util.List;
import oilcloth.recipe.Edit;

/** What to do about a finding: in words, and as edits where it can be applied and reviewed again. */
public record Correction(Message text, List<Edit> edits) {
    public Correction {
        edits = List.copyOf(edits);
    }
}
