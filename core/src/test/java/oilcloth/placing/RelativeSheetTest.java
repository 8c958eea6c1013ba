package oilcloth.placing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import oilcloth.guide.GuideSnapshot;
import oilcloth.placing.RelativeSheet.Line;
import oilcloth.placing.RelativeSheet.Verdict;
import oilcloth.reading.RecipeReader;
import oilcloth.recipe.Recipe;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

/** A canner's recipe beside its tested relative, as an educator would write the two columns. */
class RelativeSheetTest {
    private static final GuideSnapshot GUIDE = GuideSnapshot.shipped();

    private static RelativeSheet sheet(String text, String tested) {
        Recipe recipe = new RecipeReader(GUIDE).read(text);
        return RelativeSheet.of(
                recipe,
                GUIDE.recipes().stream()
                        .filter(r -> r.id().equals(tested))
                        .findFirst()
                        .orElseThrow(),
                GUIDE);
    }

    private static Line line(RelativeSheet sheet, String item) {
        return sheet.lines().stream()
                .filter(l -> l.tested().map(t -> t.item().contains(item)).orElse(false)
                        || l.tested().isEmpty()
                                && l.stated().get(0).food().name().contains(item))
                .findFirst()
                .orElseThrow();
    }

    private static final String RELISH =
            "Corn relish\n5 cups corn\n1 1/4 cups red pepper\n1 1/4 cups green pepper\n1 1/4 cups celery\n2 cups onion\n"
                    + "2 cups vinegar (5%)\n1 cup sugar\n1 cup zucchini\n1 tsp turmeric\n";

    @Test
    void theTestedRecipeIsScaledToTheSameProduce() {
        RelativeSheet sheet = sheet(RELISH, "corn-relish");
        assertThat(sheet.scale()).isCloseTo(0.5, Offset.offset(0.01));
        assertThat(line(sheet, "corn").verdict()).isEqualTo(Verdict.SAME);
        Line vinegar = line(sheet, "vinegar");
        assertThat(vinegar.verdict()).isEqualTo(Verdict.LESS);
        assertThat(vinegar.scaled().orElseThrow().toString()).isEqualTo("2½ cups");
        assertThat(vinegar.cups().orElseThrow()).isCloseTo(-0.5, Offset.offset(0.01));
        assertThat(vinegar.percent().orElseThrow()).isCloseTo(-20, Offset.offset(0.5));
        Line onion = line(sheet, "onion");
        assertThat(onion.verdict()).isEqualTo(Verdict.MORE);
        assertThat(onion.cups().orElseThrow()).isCloseTo(1.375, Offset.offset(0.02));
        assertThat(line(sheet, "zucchini").verdict()).isEqualTo(Verdict.ADDED);
        assertThat(line(sheet, "mustard").verdict()).isEqualTo(Verdict.LEFT_OUT);
        assertThat(line(sheet, "mustard").free()).isTrue();
    }

    @Test
    void whatIsSoakedAndDrainedStandsApart() {
        RelativeSheet sheet = sheet(
                "Bread and butter zucchini\n16 cups zucchini\n4 cups onions\n4 cups white vinegar (5%)\n2 cups sugar\n\n"
                        + "Soak: cover with water and 1/2 cup canning salt, stand 2 hours, drain.\n",
                "bread-and-butter-zucchini");
        assertThat(sheet.scale()).isCloseTo(1, Offset.offset(0.01));
        assertThat(sheet.lines())
                .filteredOn(l -> l.tested().map(t -> t.item().contains("salt")).orElse(false))
                .allMatch(l -> l.verdict() == Verdict.ASIDE);
        assertThat(line(sheet, "vinegar").verdict()).isEqualTo(Verdict.SAME);
    }

    @Test
    void withoutAnAmountNothingIsCompared() {
        RelativeSheet sheet = sheet("Pickled beets\nbeets\n4 cups vinegar (5%)\n2 cups water\n", "pickled-beets");
        assertThat(line(sheet, "beets").verdict()).isEqualTo(Verdict.NOT_COMPARED);
        assertThat(line(sheet, "vinegar").scaled().map(Object::toString)).isEqualTo(Optional.of("4 cups"));
        assertThat(List.of(Verdict.values())).hasSize(8);
    }
}
