package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThat;

import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Pack;
import oilcloth.recipe.Fact;
import oilcloth.recipe.Facts;
import oilcloth.recipe.Recipe;
import org.junit.jupiter.api.Test;

/** A recipe written as a table of two columns. */
class TableRowsTest {
    private static final String TABLE =
            """
            | What | How |
            |------|-----|
            | Food | Peaches, yellow |
            | Pack | Hot, light syrup |
            | Jars | Quarts |
            | Headspace | 1/2 inch |
            | Process | Boiling water, 25 minutes |
            | Altitude | 610 ft |
            """;

    @Test
    void isReadAsAForm() {
        Facts facts = new RecipeReader(GuideSnapshot.shipped()).read(TABLE).facts();
        assertThat(Facts.values(facts.packs())).containsExactly(Pack.HOT);
        assertThat(facts.times()).hasSize(1);
        assertThat(facts.headspace()).isPresent();
        assertThat(facts.altitude().map(Fact::value))
                .hasValueSatisfying(a -> assertThat(a.feet()).isEqualTo(610));
    }

    @Test
    void theTextStaysAsItWasWritten() {
        Recipe recipe = new RecipeReader(GuideSnapshot.shipped()).read(TABLE);
        assertThat(recipe.text()).isEqualTo(TABLE);
        assertThat(TableRows.asFields(TABLE))
                .hasSameSizeAs(TABLE)
                .contains("Pack: ")
                .doesNotContain("|");
    }

    @Test
    void otherBarsAreLeftAlone() {
        String cells = "| a | b | c |\n2 cups | vinegar";
        assertThat(TableRows.asFields(cells)).isEqualTo(cells);
    }
}
