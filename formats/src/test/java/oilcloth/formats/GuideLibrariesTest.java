package oilcloth.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.networknt.schema.InputFormat;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.io.InputStream;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Method;
import oilcloth.guide.Overlay;
import oilcloth.guide.OwnProcess;
import oilcloth.guide.OwnRecipe;
import oilcloth.guide.Pack;
import oilcloth.guide.Reading;
import oilcloth.guide.RowKey;
import oilcloth.guide.Source;
import oilcloth.measure.JarSize;
import org.junit.jupiter.api.Test;

/** A library file written, checked against its published schema by another library, and read back. */
class GuideLibrariesTest {
    private static final JsonSchema SCHEMA = schema();

    private static JsonSchema schema() {
        InputStream in = GuideLibraries.class.getResourceAsStream("/oilcloth/library.schema.json");
        return JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012).getSchema(in);
    }

    private static Overlay office() {
        Source leaflet = new Source("Teasel leaflet", "Teasel pectin leaflet", "2024", "side 2");
        OwnProcess jam = new OwnProcess(
                Method.BOILING,
                "teasel-pectin-jam",
                "jam with Teasel pectin",
                "any acid fruit",
                Pack.HOT,
                Set.of("quince", "pear"),
                "jam",
                "powdered-pectin",
                leaflet.id(),
                "calcium water needed",
                List.of(new OwnProcess.Jar(
                        JarSize.HALF_PINT,
                        0.25,
                        "",
                        List.of(
                                new OwnProcess.Band(OptionalInt.of(1_000), 10),
                                new OwnProcess.Band(OptionalInt.of(2_000), 11),
                                new OwnProcess.Band(OptionalInt.empty(), 12)),
                        0,
                        List.of(),
                        List.of())));
        OwnProcess ham = new OwnProcess(
                Method.PRESSURE,
                "county-ham-stock",
                "ham stock",
                "",
                Pack.HOT,
                Set.of("pork"),
                "stock",
                "",
                leaflet.id(),
                "",
                List.of(new OwnProcess.Jar(
                        JarSize.QUART, 1, "", List.of(), 30, Arrays.asList(11, 12, 13, null), Arrays.asList(10, 15))));
        OwnRecipe relish = new OwnRecipe(
                "county-pear-relish",
                "County pear relish",
                leaflet.id(),
                Method.BOILING,
                List.of("corn-relish-hot"),
                "relish",
                "8 pints",
                "5 % vinegar",
                List.of(
                        new OwnRecipe.Line("8", "cup", "pears", "fruit", "firm"),
                        new OwnRecipe.Line("3-4", "cup", "vinegar", "acid", "")),
                List.of("Boil 10 minutes."),
                List.of("Any onion."));
        Reading agrees = new Reading(
                RowKey.ofText("boiling:pears-hot/quart"),
                new TreeMap<>(),
                "2015 print",
                "2-18",
                "Philippa",
                LocalDate.of(2026, 8, 3),
                Optional.empty());
        Reading shorter = new Reading(
                RowKey.ofText("boiling:figs-hot/pint"),
                new TreeMap<>(java.util.Map.of("t_0_1000", "40")),
                "2015 print",
                "2-14",
                "Philippa",
                LocalDate.of(2026, 8, 3),
                Optional.of(new Reading.Second("Cordelia", LocalDate.of(2026, 8, 5))));
        return new Overlay(List.of(leaflet), List.of(jam, ham), List.of(relish), List.of(agrees, shorter));
    }

    private static void isValid(String json) {
        assertThat(SCHEMA.validate(json, InputFormat.JSON)).isEmpty();
    }

    @Test
    void theShippedLibraryFitsItsSchema() {
        GuideLibrary library = GuideLibraries.of(GuideSnapshot.shipped());
        isValid(GuideLibraries.json(library));
        assertThat(library.processes()).hasSizeGreaterThan(150);
        assertThat(library.recipes()).hasSize(97);
        assertThat(library.foods()).hasSizeGreaterThan(258);
    }

    @Test
    void theOfficesLayerSurvivesTheRoundTrip() throws UnusableInput {
        GuideSnapshot guide = GuideSnapshot.with(office());
        String json = GuideLibraries.json(GuideLibraries.of(guide));
        isValid(json);
        assertThat(GuideLibraries.overlay(GuideLibraries.parse(json))).isEqualTo(office());
        GuideSnapshot back = GuideLibraries.snapshot(json);
        assertThat(back.hash()).isEqualTo(guide.hash());
        assertThat(GuideLibraries.json(GuideLibraries.of(back))).isEqualTo(json);
    }

    @Test
    void whatIsNoLibraryIsRefusedInOneLine() {
        assertThatThrownBy(() -> GuideLibraries.parse("pears"))
                .isInstanceOf(UnusableInput.class)
                .hasMessageContaining("no library file");
        assertThatThrownBy(() -> GuideLibraries.parse("{\"format\": \"cookbook\"}"))
                .hasMessageContaining("oilcloth-library-1");
        assertThatThrownBy(() -> GuideLibraries.parse("{\"format\": \"oilcloth-library-1\", \"recepies\": []}"))
                .hasMessageContaining("recepies")
                .hasMessageNotContaining("\n");
        assertThatThrownBy(() -> GuideLibraries.snapshot("{\"format\": \"oilcloth-library-1\", \"base\": \"000\"}"))
                .hasMessageContaining("other shipped tables");
        assertThatThrownBy(() -> GuideLibraries.overlay(GuideLibraries.parse(
                        "{\"format\": \"oilcloth-library-1\", \"processes\": [{\"own\": true, \"id\": \"x\"}]}")))
                .isInstanceOf(UnusableInput.class);
    }
}
