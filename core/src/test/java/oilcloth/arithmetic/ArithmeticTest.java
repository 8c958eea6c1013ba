package oilcloth.arithmetic;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Kitchen;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.Altitude;
import oilcloth.measure.JarSize;
import oilcloth.measure.Unit;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The desk's small sums against figures worked by hand. */
class ArithmeticTest {
    private static final GuideSnapshot GUIDE = GuideSnapshot.shipped();
    private static final Offset<Double> HAIR = Offset.offset(0.01);

    @Test
    void acidForTwelvePintsOfCrushedTomatoes() {
        assertThat(BatchAcid.of(GUIDE, "tomato", JarSize.PINT, 12))
                .extracting(a -> a.rule().form().id() + " " + a.total())
                .containsExactly("lemon 12 Tbsp", "citric 3 tsp", "vinegar 24 Tbsp");
        assertThat(BatchAcid.of(GUIDE, "fig", JarSize.QUART, 7))
                .extracting(a -> a.rule().form().id() + " " + a.total())
                .containsExactly("lemon 14 Tbsp", "citric 3½ tsp");
        assertThat(BatchAcid.of(GUIDE, "papaya", JarSize.QUART, 7)).isEmpty();
        assertThatThrownBy(() -> BatchAcid.of(GUIDE, "tomato", JarSize.PINT, 0)).hasMessageContaining("At least one");
    }

    @ParameterizedTest
    @CsvSource({"10.5, 1.25, 9.1, 11.15", "9, 2.25, 17.4, 10.17", "8.25, 3.75, 27.8, 10.2", "4.25, 4.25, 45.8, 6.46"})
    void syrups(double water, double sugar, double percent, double yield) {
        SyrupMix mix = SyrupMix.of(water, sugar);
        assertThat(mix.percent()).isCloseTo(percent, Offset.offset(0.1));
        assertThat(mix.yieldCups()).isCloseTo(yield, HAIR);
        SyrupMix back = SyrupMix.forYield(mix.percent(), mix.yieldCups());
        assertThat(back.waterCups()).isCloseTo(water, HAIR);
        assertThat(back.sugarCups()).isCloseTo(sugar, HAIR);
    }

    @Test
    void brines() {
        BrineMix half = BrineMix.of(GUIDE, 4, 5, 4);
        assertThat(half.percent()).isCloseTo(2.5, HAIR);
        assertThat(half.isWeak()).isFalse();
        BrineMix thin = BrineMix.of(GUIDE, 2, 5, 5);
        assertThat(thin.percent()).isCloseTo(1.43, HAIR);
        assertThat(thin.isWeak()).isTrue();
        assertThat(thin.mostWaterCups()).isCloseTo(2, HAIR);
        assertThatThrownBy(() -> BrineMix.of(GUIDE, 0, 5, 5)).hasMessageContaining("vinegar");
    }

    @Test
    void saltByWeight() {
        assertThat(SaltSum.swap(GUIDE, 1, "canning or pickling salt", "kosher, light flake"))
                .isCloseTo(2.15, HAIR);
        assertThat(SaltSum.percent(GUIDE, 0.75, "canning or pickling salt", 25)).isCloseTo(1.92, HAIR);
        assertThatThrownBy(() -> SaltSum.kind(GUIDE, "road salt")).hasMessageContaining("road salt");
    }

    @Test
    void produceJarsAndLoads() {
        Kitchen.Yield pears = GUIDE.kitchen().yields().stream()
                .filter(y -> y.name().equals("pears"))
                .findFirst()
                .orElseThrow();
        assertThat(ProduceJars.fromPounds(pears, 17.5, JarSize.QUART).likely()).isCloseTo(7, HAIR);
        assertThat(ProduceJars.fromPounds(pears, 17.5, JarSize.PINT).likely()).isCloseTo(14, HAIR);
        assertThat(ProduceJars.forJars(pears, 7, JarSize.QUART).pounds()).isCloseTo(17.5, HAIR);
        Kitchen.CannerLoad quarts = GUIDE.kitchen().loads().get(0);
        assertThat(Loads.of(quarts, 7).loads()).isEqualTo(1);
        assertThat(Loads.of(quarts, 15)).satisfies(l -> {
            assertThat(l.loads()).isEqualTo(3);
            assertThat(l.last()).isEqualTo(1);
        });
    }

    @Test
    void aScaleIsCheckedWithWater() {
        assertThat(ScaleCheck.of(1, 944).isTrue()).isTrue();
        assertThat(ScaleCheck.of(1, 930).isTrue()).isTrue();
        assertThat(ScaleCheck.of(1, 900).isTrue()).isFalse();
        assertThat(ScaleCheck.of(4, 3965).offPercent()).isCloseTo(5.0, Offset.offset(0.1));
    }

    /** Jelly temperatures printed for the guide, whole degrees. */
    @ParameterizedTest
    @CsvSource({"0, 220", "1000, 218", "2000, 216", "3000, 214", "5000, 211", "6000, 209", "7000, 207", "8000, 205"})
    void jellyPoint(int feet, double fahrenheit) {
        assertThat(JellyPoint.fahrenheit(Altitude.ofFeet(feet))).isCloseTo(fahrenheit, Offset.offset(0.8));
    }

    private static TestedRecipe recipe(String id) {
        return GUIDE.recipes().stream()
                .filter(r -> r.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aTestedRecipeIsCutToTheProduceAtHand() {
        // seven pounds of beets are tested; three and a half are in the basket
        ScaledRecipe half = ScaledRecipe.toHave(recipe("pickled-beets"), 0, 3.5, Unit.POUND, GUIDE);
        assertThat(half.factor()).isCloseTo(0.5, HAIR);
        assertThat(half.lines().get(1).amount().orElseThrow().toString()).isEqualTo("2 cups");
        assertThat(half.jars().orElseThrow()).isEqualTo(new ScaledRecipe.Jars(4, 4, JarSize.PINT));
        assertThat(half.brine().orElseThrow().percent()).isCloseTo(3.33, HAIR);
        assertThat(half.loads()).isNotEmpty().allSatisfy(l -> assertThat(l.loads())
                .isEqualTo(1));
    }

    /** Four pounds of beets for seven: vinegar a hair up, water and onions down, so that the brine is not weaker. */
    @Test
    void amountsCanBeMeasuredAndNeverWeakenTheBatch() {
        ScaledRecipe some = ScaledRecipe.toHave(recipe("pickled-beets"), 0, 4, Unit.POUND, GUIDE);
        assertThat(some.lines())
                .extracting(l -> l.amount().orElseThrow().toString())
                .startsWith("4 lb", "2⅜ cups", "¾ tsp", "1⅛ cups", "1⅛ cups");
        for (TestedRecipe recipe : GUIDE.recipes()) {
            for (double factor : new double[] {0.3, 0.5, 0.7, 1.3, 2.9}) {
                ScaledRecipe.by(recipe, factor, GUIDE).lines().forEach(l -> l.amount()
                        .ifPresent(a -> {
                            double exact = l.tested().amount().orElseThrow().low() * factor;
                            if (l.tested().role().equals("acid")) {
                                assertThat(a.low()).as(recipe.id()).isGreaterThanOrEqualTo(exact - 1e-6);
                            } else if (l.tested().role().equals("vegetable")
                                    || l.tested().role().equals("water")) {
                                assertThat(a.low()).as(recipe.id()).isLessThanOrEqualTo(exact + 1e-6);
                            }
                        }));
            }
        }
    }

    @Test
    void aBatchTooLargeOrAUnitThatMeasuresSomethingElseIsRefused() {
        assertThatThrownBy(() -> ScaledRecipe.by(recipe("pickled-beets"), 9, GUIDE))
                .hasMessageContaining("a quarter to four times");
        assertThatThrownBy(() -> ScaledRecipe.toHave(recipe("pickled-beets"), 0, 12, Unit.EACH, GUIDE))
                .hasMessageContaining("give it in lb");
        assertThat(ScaledRecipe.by(recipe("jam-berry-no-pectin"), 2, GUIDE).pectinDoubled())
                .isTrue();
    }
}
