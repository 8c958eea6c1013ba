package oilcloth.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.Altitude;
import oilcloth.measure.JarSize;
import oilcloth.plan.DayPlan.Kitchen;
import oilcloth.plan.Task.Kind;
import oilcloth.recipe.Context;
import oilcloth.review.Engine;
import org.junit.jupiter.api.Test;

/** Days at the stove. */
class DayPlanTest {
    private static final GuideSnapshot GUIDE = GuideSnapshot.shipped();
    private static final ZoneId ZONE = ZoneId.of("America/Denver");
    private static final ZonedDateTime EIGHT = ZonedDateTime.of(2026, 8, 14, 8, 0, 0, 0, ZONE);
    private static final Altitude HIGH = Altitude.ofFeet(5_200);
    private static final Kitchen BOILING = new Kitchen(HIGH, "boiling-water 21 qt", Stove.Burner.USUAL);

    private static Job tested(String id, JarSize jar, int jars) {
        TestedRecipe recipe = GUIDE.recipes().stream()
                .filter(r -> r.id().equals(id))
                .findFirst()
                .orElseThrow();
        return Job.of(recipe, GUIDE, HIGH, jar, jars);
    }

    private static List<Task> of(DayPlan plan, int job, Kind kind) {
        return plan.tasks().stream()
                .filter(t -> t.job() == job && t.kind() == kind)
                .toList();
    }

    @Test
    void soaksAreReadOutOfTheDirections() {
        List<Stage> stages =
                Stage.of("Soak in lime water 18 h (12-24 h range). Drain, rinse, cover with fresh water and soak 1 h;"
                        + " Boil vinegar and sugar, simmer 10 to 15 minutes. Let stand overnight. Sterilize jars 10 minutes."
                        + " Process 15 minutes in a boiling water canner.");
        assertThat(stages)
                .extracting(Stage::kind)
                .containsExactly(Stage.Kind.WAIT, Stage.Kind.WAIT, Stage.Kind.WAIT, Stage.Kind.COOK, Stage.Kind.WAIT);
        assertThat(stages).extracting(s -> s.minutes().value()).containsExactly(18 * 60, 12 * 60, 60, 15, 12 * 60);
    }

    @Test
    void theRunsFollowOneAnotherAndTakeTheTestedTimeAtThisAltitude() {
        DayPlan plan = DayPlan.from(EIGHT, List.of(tested("pickled-beets", JarSize.PINT, 20)), BOILING, GUIDE);
        List<Task> runs = of(plan, 0, Kind.PROCESS);
        assertThat(runs).hasSize(3);
        assertThat(runs).allSatisfy(r -> assertThat(r.to() - r.from()).isEqualTo(40));
        List<Task> lifts = of(plan, 0, Kind.LIFT);
        for (int i = 1; i < runs.size(); i++) {
            assertThat(of(plan, 0, Kind.COME_UP).get(i).from())
                    .isGreaterThanOrEqualTo(lifts.get(i - 1).to());
        }
        assertThat(plan.done()).isEqualTo(EIGHT.plusMinutes(lifts.get(2).to()));
        assertThat(of(plan, 0, Kind.REST).get(0).to()
                        - of(plan, 0, Kind.REST).get(0).from())
                .isEqualTo(12 * 60);
    }

    @Test
    void backwardsFromSixItIsDoneAtSix() {
        ZonedDateTime six = EIGHT.withHour(18);
        DayPlan plan = DayPlan.doneBy(six, List.of(tested("pickled-beets", JarSize.PINT, 9)), BOILING, GUIDE);
        assertThat(plan.done()).isEqualTo(six);
        assertThat(plan.start()).isBefore(six);
        assertThat(plan.tasks())
                .isEqualTo(DayPlan.from(plan.start(), List.of(tested("pickled-beets", JarSize.PINT, 9)), BOILING, GUIDE)
                        .tasks());
    }

    @Test
    void twoRecipesShareTheCannerAndTheCook() {
        DayPlan plan = DayPlan.from(
                EIGHT,
                List.of(tested("pickled-beets", JarSize.PINT, 9), tested("corn-relish", JarSize.PINT, 9)),
                BOILING,
                GUIDE);
        List<Task> canner = plan.tasks().stream()
                .filter(t -> t.kind() == Kind.COME_UP || t.kind() == Kind.PROCESS || t.kind() == Kind.COOL_DOWN)
                .toList();
        apart(canner);
        apart(plan.tasks().stream()
                .filter(t -> t.kind().isHandsOn() && t.kind() != Kind.SEALS)
                .toList());
        assertThat(of(plan, 1, Kind.PREPARE).get(0).from())
                .isLessThan(of(plan, 0, Kind.LIFT).get(0).from());
    }

    private static void apart(List<Task> tasks) {
        for (int i = 1; i < tasks.size(); i++) {
            assertThat(tasks.get(i).from())
                    .as(tasks.get(i).toString())
                    .isGreaterThanOrEqualTo(tasks.get(i - 1).to());
        }
    }

    @Test
    void aLateStartIsSaidToRunPastMidnight() {
        DayPlan plan =
                DayPlan.from(EIGHT.withHour(22), List.of(tested("pickled-beets", JarSize.PINT, 20)), BOILING, GUIDE);
        assertThat(plan.warnings()).anyMatch(w -> w.contains("past midnight"));
        assertThat(DayPlan.from(EIGHT, List.of(tested("pickled-beets", JarSize.PINT, 9)), BOILING, GUIDE)
                        .warnings())
                .isEmpty();
        Task seals = of(plan, 0, Kind.SEALS).get(0);
        assertThat(plan.start().plusMinutes(seals.from()).getHour()).isBetween(6, 23);
    }

    @Test
    void foodThatWouldStandForHoursIsNamed() {
        DayPlan plan = DayPlan.from(EIGHT, List.of(tested("pickled-beets", JarSize.PINT, 40)), BOILING, GUIDE);
        assertThat(plan.warnings()).anyMatch(w -> w.contains("would stand"));
    }

    @Test
    void weeksOfFermentingAreNotPutOnTheClock() {
        DayPlan plan = DayPlan.from(EIGHT, List.of(tested("sauerkraut", JarSize.QUART, 7)), BOILING, GUIDE);
        assertThat(plan.done()).isBefore(EIGHT.plusHours(24));
    }

    @Test
    void aStrongerBurnerIsFasterAndHighUpTheProcessIsLonger() {
        List<Job> jobs = List.of(tested("pickled-beets", JarSize.PINT, 9));
        assertThat(DayPlan.from(EIGHT, jobs, new Kitchen(HIGH, "boiling-water 21 qt", Stove.Burner.STRONG), GUIDE)
                        .done())
                .isBefore(DayPlan.from(EIGHT, jobs, new Kitchen(HIGH, "boiling-water 21 qt", Stove.Burner.SMALL), GUIDE)
                        .done());
    }

    @Test
    void whatIsNotSafeIsNotPlanned() {
        Engine engine = new Engine(GUIDE);
        assertThatThrownBy(() -> Job.of(
                        "Beans",
                        engine.review(
                                "Green beans in pints, boiling water bath 40 minutes, 700 ft", Context.planning(null)),
                        7))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("must not be canned");
        assertThatThrownBy(() -> DayPlan.from(
                        EIGHT,
                        List.of(tested("pickled-beets", JarSize.PINT, 9)),
                        new Kitchen(HIGH, "pressure 16 qt", Stove.Burner.USUAL),
                        GUIDE))
                .hasMessageContaining("boiling-water canner");
    }

    @Test
    void whatIsNotSoundIsSaidToBeSoAndNoPressureIsMadeUp() {
        Engine engine = new Engine(GUIDE);
        Job pears = Job.of(
                "Pears",
                engine.review(
                        "Pears, halved. Boil the pears 5 minutes in light syrup, pack hot in quarts, 1/2 inch headspace, remove"
                                + " bubbles. Process 15 minutes in a boiling water canner. We are at 400 feet.",
                        Context.planning(null)),
                7);
        assertThat(DayPlan.from(EIGHT, List.of(pears), BOILING, GUIDE).warnings())
                .anyMatch(w -> w.contains("not sound as it stands"));
        assertThatThrownBy(() -> new Job(
                        "Beans",
                        List.of(),
                        oilcloth.guide.Method.PRESSURE,
                        oilcloth.measure.Minutes.of(20),
                        0,
                        true,
                        true,
                        true,
                        7,
                        JarSize.PINT))
                .hasMessageContaining("no tested pressure");
    }
}
