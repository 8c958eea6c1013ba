package oilcloth.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import oilcloth.guide.GuideSnapshot;
import oilcloth.measure.Altitude;
import oilcloth.recipe.Context;
import oilcloth.review.Engine;
import org.junit.jupiter.api.Test;

/** The text shown, from whatever was sent, and the one clear line when there is none. */
class RecipeTextTest {
    @Test
    void plainTextAndMarkdownStayAsTheyAre() throws UnusableInput {
        String text = "# Pears\r\n\r\n* 12 lb pears\n";
        assertThat(RecipeText.of(text)).isEqualTo(text);
        assertThat(RecipeText.of(("\uFEFF" + text).getBytes(StandardCharsets.UTF_8)))
                .isEqualTo(text);
        assertThat(RecipeText.of("½ cup jalapeño".getBytes(Charset.forName("windows-1252"))))
                .isEqualTo("½ cup jalapeño");
    }

    @Test
    void aPageShowsItsWordsAndNoScripts() throws UnusableInput {
        String page =
                "<!DOCTYPE html><html><body><nav>Home</nav><h1>Pears</h1><p>12 lb pears<br>2 cups sugar</p><script>alert(1)</script><ul><li>Boil 5 min</li><li>Pack</li></ul></body></html>";
        assertThat(RecipeText.of(page)).isEqualTo("Pears\n12 lb pears\n2 cups sugar\nBoil 5 min\nPack");
    }

    @Test
    void aRecipeInJsonLdIsWrittenOut() throws UnusableInput {
        String json =
                """
                [{"@context":"https://schema.org","@type":["Recipe"],"name":"Pears &amp; syrup","recipeYield":["7","7 quarts"],
                "recipeIngredient":["12 lb pears","<b>2 cups</b> sugar"],
                "recipeInstructions":[{"@type":"HowToSection","itemListElement":[{"@type":"HowToStep","text":"Boil 5 minutes."}]},"Pack hot."]}]""";
        assertThat(RecipeText.of(json))
                .isEqualTo("Pears & syrup\n\n12 lb pears\n2 cups sugar\n\nBoil 5 minutes.\nPack hot.\nMakes 7 quarts");
    }

    @Test
    void whatCannotBeUsedIsSaidInOneLine() {
        assertThatThrownBy(() -> RecipeText.of(" \n\t")).hasMessageContaining("empty");
        assertThatThrownBy(() -> RecipeText.of("pear ".repeat(50_000))).hasMessageContaining("longer than 200,000");
        assertThatThrownBy(() -> RecipeText.of(new byte[] {'p', 0, 'x'})).hasMessageContaining("not a text file");
        assertThatThrownBy(() -> RecipeText.of("{\"@type\": \"Recipe\", ")).hasMessageContaining("broken");
        assertThatThrownBy(() -> RecipeText.of("{\"@type\": \"Person\"}")).hasMessageContaining("no schema.org Recipe");
    }

    @Test
    void theDocumentHasEverythingTheContractNames() {
        String text =
                "Pears\n\n12 lb pears\n\nBoil 5 minutes in syrup, pack hot in quarts. Process 20 minutes in a boiling-water canner.";
        ReviewDocument document = ReviewDocuments.of(
                new Engine(GuideSnapshot.shipped()).review(text, Context.planning(Altitude.ofFeet(5_200))),
                "pears.txt");
        assertThat(document.call()).isEqualTo("correct");
        assertThat(document.required().minutes()).isEqualTo(35);
        assertThat(document.required().ladder())
                .extracting(ReviewDocument.RungDoc::here)
                .containsExactly(false, false, true, false);
        assertThat(document.findings()).anySatisfy(f -> {
            assertThat(f.code()).isEqualTo("time.short");
            assertThat(f.figures()).containsEntry("statedMinutes", 20).containsEntry("requiredMinutes", 35);
            assertThat(f.evidence())
                    .extracting(ReviewDocument.EvidenceDoc::text)
                    .containsExactly("20 minutes");
            assertThat(f.source().proof()).isEqualTo("unread");
        });
        assertThat(ReviewDocuments.json(document))
                .contains("\"worstOpen\" : \"correct\"", "\"jars\" : null", "\"corrected\" : null");
    }

    @Test
    void theTimeShownIsTheOneStatedForTheJarTheFiguresAreFor() {
        ReviewDocument document = ReviewDocuments.of(
                new Engine(GuideSnapshot.shipped())
                        .review(
                                "Apricots, raw pack in light syrup\n12 lb apricots\nBoiling water canner, pints 25 minutes, quarts 30 minutes, 1/2 inch headspace.",
                                Context.planning(Altitude.ofFeet(4_650))),
                "card.txt");
        assertThat(document.stated().minutes())
                .isEqualTo(document.required().jar().equals("quart") ? 30 : 25);
    }

    /** On the screen this would look like 51 minutes, and the vinegar would not be read. */
    @Test
    void signsThatNobodySeesAreNotPartOfTheRecipe() throws UnusableInput {
        assertThat(RecipeText.of("2 cups vine\u200Bgar. Process \u202E15\u202C min\u00ADutes."))
                .isEqualTo("2 cups vinegar. Process 15 minutes.");
        assertThat(RecipeText.of("<p>Process &#x202E;15&#x202C; minutes</p>")).isEqualTo("Process 15 minutes");
    }
}
