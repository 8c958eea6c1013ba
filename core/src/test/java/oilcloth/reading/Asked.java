package oilcloth.reading;

import java.util.List;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Recipe;
import oilcloth.recipe.Unread;

/** What the reader asks about, in the words of the text. */
final class Asked {
    private static final RecipeReader READER = new RecipeReader(GuideSnapshot.shipped());

    private Asked() {}

    static List<String> about(String text) {
        Recipe read = READER.read(text);
        return read.unread().stream()
                .filter(Unread::bears)
                .map(u -> u.range().of(read.text()))
                .toList();
    }
}
