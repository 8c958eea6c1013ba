package oilcloth.guide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;
import oilcloth.measure.Altitude;
import oilcloth.measure.JarSize;
import oilcloth.recipe.Context;
import oilcloth.review.Call;
import oilcloth.review.Engine;
import oilcloth.review.Review;
import org.junit.jupiter.api.Test;

/** The office's layer over the shipped guide: what rules, what waits, what is refused. */
class OverlayTest {
    private static final RowKey PEARS = new RowKey(RowKey.Table.BOILING, "pears-hot/quart");
    private static final LocalDate DAY = LocalDate.of(2026, 8, 3);
    private static final Source LEAFLET = new Source("Teasel leaflet", "Teasel pectin leaflet", "2024", "side 2");

    private static Reading reading(RowKey row, Map<String, String> printed, String second) {
        return new Reading(
                row,
                new TreeMap<>(printed),
                "2015 print",
                "2-18",
                "Philippa",
                DAY,
                Optional.ofNullable(second).map(s -> new Reading.Second(s, DAY)));
    }

    private static GuideSnapshot read(Reading... readings) {
        return GuideSnapshot.with(new Overlay(List.of(), List.of(), List.of(), List.of(readings)));
    }

    private static ProcessRow pears(GuideSnapshot guide) {
        return guide.process(Method.BOILING, "pears-hot").orElseThrow().rows().get(JarSize.QUART);
    }

    @Test
    void aRowThatAgreesKeepsItsFiguresAndSaysSo() {
        GuideSnapshot guide = read(reading(PEARS, Map.of(), null));
        assertThat(pears(guide).proof()).isEqualTo(Proof.AGREES);
        assertThat(pears(guide).minutes()).containsExactly(25, 30, 35, 40);
        assertThat(guide.hash()).isNotEqualTo(guide.baseHash());
        assertThat(guide.baseHash()).isEqualTo(GuideSnapshot.shipped().hash());
    }

    @Test
    void aLongerPrintedTimeRulesAtOnce() {
        GuideSnapshot guide = read(reading(PEARS, Map.of("t_3001_6000", "40"), null));
        assertThat(pears(guide).minutesAt(Altitude.ofFeet(5_200)).value()).isEqualTo(40);
        assertThat(pears(guide).proof()).isEqualTo(Proof.OVERRIDDEN);
        assertThat(guide.waiting()).isEmpty();
    }

    @Test
    void aShorterOneWaitsForASecondReader() {
        GuideSnapshot alone = read(reading(PEARS, Map.of("t_0_1000", "20"), null));
        assertThat(pears(alone).minutes()).containsExactly(25, 30, 35, 40);
        assertThat(pears(alone).proof()).isEqualTo(Proof.UNREAD);
        assertThat(alone.waiting()).extracting(Reading::row).containsExactly(PEARS);
        GuideSnapshot both = read(reading(PEARS, Map.of("t_0_1000", "20"), "Anselm"));
        assertThat(pears(both).minutes()).containsExactly(20, 30, 35, 40);
        assertThat(both.waiting()).isEmpty();
        assertThatThrownBy(() -> reading(PEARS, Map.of(), "Philippa")).hasMessageContaining("somebody else");
    }

    @Test
    void lessAcidOrLessPressureWaitsToo() {
        RowKey lemon = new RowKey(RowKey.Table.ACID, "tomato/lemon");
        GuideSnapshot less = read(reading(lemon, Map.of("per_pint", "0.5"), null));
        assertThat(less.acidRules("tomato").get(0).perPint().low()).isEqualTo(1);
        GuideSnapshot more = read(reading(lemon, Map.of("per_pint", "1.5"), null));
        assertThat(more.acidRules("tomato").get(0).perPint().low()).isEqualTo(1.5);
        RowKey okra = new RowKey(RowKey.Table.PRESSURE, "okra-hot/pint");
        assertThat(read(reading(okra, Map.of("dial_psi_0_2000", "10"), null)).waiting())
                .hasSize(1);
        // a figure where there was none is a process nobody had
        RowKey juice = new RowKey(RowKey.Table.PRESSURE, "tomato-juice-hot-15psi-weighted/pint");
        assertThat(read(reading(juice, Map.of("weighted_psi_1001_up", "15"), null))
                        .waiting())
                .hasSize(1);
        RowKey relish = new RowKey(RowKey.Table.RECIPE, "corn-relish");
        assertThat(read(reading(relish, Map.of("qty.1", "12"), null)).waiting()).hasSize(1);
    }

    @Test
    void aReadingThatContradictsTheTablesIsRefused() {
        assertThatThrownBy(() -> read(reading(PEARS, Map.of("t_0_1000", "45"), null)))
                .hasMessageContaining("processes-boiling.csv, line")
                .hasMessageContaining("falls with altitude");
        assertThatThrownBy(() -> read(reading(PEARS, Map.of("food", "plums"), null)))
                .hasMessageContaining("no figure");
        assertThatThrownBy(() -> read(reading(new RowKey(RowKey.Table.BOILING, "pears/quart"), Map.of(), null)))
                .hasMessageContaining("no row boiling:pears/quart");
        assertThatThrownBy(() ->
                        read(reading(new RowKey(RowKey.Table.RECIPE, "corn-relish"), Map.of("qty.99", "1"), "Anselm")))
                .hasMessageContaining("no line 99");
    }

    /** A leaflet that prescribes a minute more for each thousand feet, and ends at 4,000. */
    private static OwnProcess leafletJam(String foods, int... minutes) {
        List<OwnProcess.Band> bands = new java.util.ArrayList<>();
        for (int i = 0; i < minutes.length; i++) {
            bands.add(new OwnProcess.Band(OptionalInt.of((i + 1) * 1_000), minutes[i]));
        }
        return new OwnProcess(
                Method.BOILING,
                "teasel-pectin-jam",
                "jam with Teasel pectin",
                "",
                Pack.HOT,
                Set.of(foods),
                "jam",
                "powdered-pectin",
                LEAFLET.id(),
                "",
                List.of(new OwnProcess.Jar(JarSize.HALF_PINT, 0.25, "", bands, 0, List.of(), List.of())));
    }

    private static GuideSnapshot own(OwnProcess process) {
        return GuideSnapshot.with(new Overlay(List.of(LEAFLET), List.of(process), List.of(), List.of()));
    }

    @Test
    void anOwnProcessCarriesItsOwnAltitudeRule() {
        ProcessRow row = own(leafletJam("quince", 10, 11, 12, 13))
                .process(Method.BOILING, "teasel-pectin-jam")
                .orElseThrow()
                .anyRow();
        assertThat(row.minutesAt(Altitude.ofFeet(2_500)).value()).isEqualTo(12);
        assertThat(row.endsBelow(Altitude.ofFeet(4_000))).isFalse();
        assertThat(row.endsBelow(Altitude.ofFeet(4_001))).isTrue();
        assertThat(row.proof()).isEqualTo(Proof.AGREES);
    }

    @Test
    void anOwnProcessNeedsASourceAFoodAndRisingBands() {
        OwnProcess jam = leafletJam("quince", 10, 11);
        assertThatThrownBy(() -> GuideSnapshot.with(new Overlay(List.of(), List.of(jam), List.of(), List.of())))
                .hasMessageContaining("no source “Teasel leaflet”");
        assertThatThrownBy(() -> own(leafletJam("moon fruit", 10, 11))).hasMessageContaining("no food moon fruit");
        assertThatThrownBy(() -> own(leafletJam("quince", 12, 11))).hasMessageContaining("falls with altitude");
    }

    @Test
    void aboveTheEndOfItsSourceNothingIsSound() {
        Engine engine = new Engine(own(leafletJam("quince", 10, 11, 12, 13)));
        String text = "Quince jam\n4 cups chopped quince\n1 box powdered pectin\n5 cups sugar\n\n"
                + "Stir pectin into the fruit, bring to a boil, add sugar, boil hard 1 minute. Fill hot half-pints, 1/4 inch "
                + "headspace. Process 15 minutes in a boiling water canner.";
        assertThat(review(engine, text, 3_500).findings())
                .noneMatch(f -> f.code().equals("time.off-table"));
        Review high = review(engine, text, 4_500);
        assertThat(high.findings()).anyMatch(f -> f.code().equals("time.off-table"));
        assertThat(high.call()).isNotEqualTo(Call.SOUND);
    }

    private static Review review(Engine engine, String text, int feet) {
        return engine.review(
                text,
                new Context(
                        Optional.of(Altitude.ofFeet(feet)),
                        Optional.empty(),
                        Optional.empty(),
                        Context.Stage.PLANNING,
                        Optional.empty(),
                        DAY.atStartOfDay(java.time.ZoneOffset.UTC).toInstant()));
    }

    @Test
    void anOverriddenTimeRulesInTheNextReview() {
        String text =
                "Pears\n17 lb pears\n\nBoil 5 minutes in light syrup. Pack hot in quarts with the syrup, 1/2 inch "
                        + "headspace, remove bubbles. Process 35 minutes in a boiling water canner.";
        assertThat(review(new Engine(GuideSnapshot.shipped()), text, 5_200).call())
                .isEqualTo(Call.SOUND);
        Engine after = new Engine(read(reading(PEARS, Map.of("t_3001_6000", "40"), null)));
        assertThat(review(after, text, 5_200).findings())
                .anyMatch(f -> f.code().equals("time.short")
                        && f.figures().get("requiredMinutes").equals(40)
                        && f.source().proof() == Proof.OVERRIDDEN);
    }

    @Test
    void anOwnRecipeIsPlacedLikeAShippedOne() {
        OwnRecipe recipe = new OwnRecipe(
                "county-pear-relish",
                "County pear relish",
                LEAFLET.id(),
                Method.BOILING,
                List.of("corn-relish-hot"),
                "relish",
                "8 pints",
                "5 % vinegar",
                List.of(
                        new OwnRecipe.Line("8", "cup", "pears", "fruit", ""),
                        new OwnRecipe.Line("2", "cup", "onion", "vegetable", ""),
                        new OwnRecipe.Line("3", "cup", "vinegar", "acid", "")),
                List.of("Boil 10 minutes."),
                List.of());
        GuideSnapshot guide = GuideSnapshot.with(new Overlay(List.of(LEAFLET), List.of(), List.of(recipe), List.of()));
        Review review = review(
                new Engine(guide),
                "Pear relish\n8 cups chopped pears\n2 cups chopped onion\n3 cups vinegar (5%)\n\nBoil 10 minutes. Fill "
                        + "pints, 1/2 inch headspace. Process 15 minutes in a boiling water canner.",
                500);
        assertThat(review.placement().recipe().map(TestedRecipe::id)).contains("county-pear-relish");
        assertThatThrownBy(() -> GuideSnapshot.with(new Overlay(
                        List.of(LEAFLET),
                        List.of(),
                        List.of(new OwnRecipe(
                                "corn-relish",
                                "x",
                                LEAFLET.id(),
                                Method.BOILING,
                                List.of(),
                                "relish",
                                "",
                                "",
                                recipe.ingredients(),
                                List.of(),
                                List.of())),
                        List.of())))
                .hasMessageContaining("already");
    }
}
