package oilcloth.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import oilcloth.correcting.MarkedText;
import oilcloth.correcting.Solver;
import oilcloth.correcting.Way;
import oilcloth.formats.ReviewDocument.EditDoc;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import oilcloth.recipe.Edit;
import oilcloth.review.Call;
import oilcloth.review.Engine;
import oilcloth.review.Review;
import org.junit.jupiter.api.Test;

/** The corrected recipe as it goes out, and edits as documents and back. */
class CorrectedRecipeTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());
    private static final Solver SOLVER = new Solver(ENGINE);
    private static final String BEETS =
            """
            Pickled beets
            7 pounds beets
            2 cups vinegar (5%)
            1 1/2 teaspoons canning salt
            2 cups sugar
            2 cups water
            4 onions, sliced
            Boil the beets 25 minutes, peel and slice. Boil the vinegar, salt, sugar and water, add beets and onions, simmer 5 minutes.
            Fill hot pints, 1/2 inch headspace, remove air bubbles. Process 30 minutes in a boiling water canner at 750 ft.""";

    private static Review review(String text) {
        return ENGINE.review(text, Context.planning(null));
    }

    @Test
    void theDocumentHoldsTheCheapestSet() {
        ReviewDocument document = ReviewDocuments.of(review(BEETS), "beets.txt", SOLVER);
        assertThat(document.corrected().call()).isEqualTo("sound");
        assertThat(review(document.corrected().text()).call()).isEqualTo(Call.SOUND);
    }

    @Test
    void jsonLdIsReadBackAsTheSameRecipe() throws UnusableInput {
        Review before = review(BEETS);
        Way way = SOLVER.solve(before).ways().get(0);
        Review after = review(MarkedText.of(before.recipe(), way.edits()).plain());
        String json = RecipeJsonLd.of(after, "Pickled beets");
        String text = RecipeText.of(json);
        assertThat(text).contains("Pickled beets").contains("7 pounds beets").contains("Process 30 minutes");
        assertThat(review(text).call()).isEqualTo(Call.SOUND);
    }

    @Test
    void everyEditComesBackAsItWas() {
        for (Way way : SOLVER.solve(review(BEETS)).ways()) {
            for (Edit edit : way.edits()) {
                Map<String, Object> values = new LinkedHashMap<>(edit.values());
                Edit again = Edits.read(new EditDoc(edit.kind(), values), ENGINE.guide());
                assertThat(again.values()).isEqualTo(edit.values());
            }
        }
        for (EditDoc doc : List.of(
                new EditDoc("setProcess", Map.of("method", "pressure", "minutes", 20)),
                new EditDoc("follow", Map.of("step", "vent", "value", "yes")),
                new EditDoc("setHeadspace", Map.of("inches", 0.5)),
                new EditDoc("setPressure", Map.of("psi", 11.0)),
                new EditDoc("leaveOff", Map.of("start", 3, "end", 9)),
                new EditDoc(
                        "addAcidPerJar",
                        Map.of("acid", "citric acid", "figure", 0.5, "unit", "TEASPOON", "jar", "quart")))) {
            Edit edit = Edits.read(doc, ENGINE.guide());
            assertThat(edit.kind()).isEqualTo(doc.kind());
            assertThat(edit.values()).containsAllEntriesOf(doc.values());
        }
    }
}
