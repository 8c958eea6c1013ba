package oilcloth.plan;

import java.time.Duration;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Kitchen.CannerLoad;
import oilcloth.guide.Method;
import oilcloth.measure.Altitude;

/**
 * A day of canning on a clock: soaks and rinses, heating the canner, filling, loads and runs, rest, cooling, and the look
 * at the seals. One cook, one canner; recipes follow one another and use each other's waits.
 *
 * @param start when the work begins
 * @param done when the last jar stands on the counter
 * @param tasks in the order they begin
 * @param warnings in plain words
 */
public record DayPlan(ZonedDateTime start, ZonedDateTime done, List<Task> tasks, List<String> warnings) {
    private static final int PREPARE = 45;
    private static final int MINUTES_A_JAR = 2;
    private static final int VENT = 10;
    private static final int REST_IN_WATER = 5;
    /** Cooling of a pressure canner by itself, and the wait with the weight off; rules on pressure canners. */
    private static final int COOL_DOWN = 45 + 10;

    private static final int COOLING = 12 * 60;
    private static final int LOOK = 15;
    /** Hot food that stands longer than this before it is filled. */
    private static final int STANDING = 120;
    /** A wait longer than this belongs to the days before. */
    private static final int DAYS_BEFORE = 36 * 60;

    private static final LocalTime NIGHT = LocalTime.of(0, 0);
    private static final LocalTime MORNING = LocalTime.of(6, 0);

    /** @param canner as the table of loads names it: {@code boiling-water 21 qt}, {@code pressure 16 qt} */
    public record Kitchen(Altitude altitude, String canner, Stove.Burner burner) {}

    public DayPlan {
        tasks = List.copyOf(tasks);
        warnings = List.copyOf(warnings);
    }

    /** @throws IllegalArgumentException when a recipe does not go into this canner */
    public static DayPlan from(ZonedDateTime start, List<Job> jobs, Kitchen kitchen, GuideSnapshot guide) {
        return new Layout(jobs, kitchen, guide).starting(start);
    }

    /** The latest start that is done by then. @throws IllegalArgumentException as {@link #from} */
    public static DayPlan doneBy(ZonedDateTime done, List<Job> jobs, Kitchen kitchen, GuideSnapshot guide) {
        Layout layout = new Layout(jobs, kitchen, guide);
        return layout.starting(done.minusMinutes(layout.length));
    }

    /** The day's work from its first minute; it is the same whenever it begins. */
    private static final class Layout {
        private final List<Job> jobs;
        private final Kitchen kitchen;
        private final GuideSnapshot guide;
        private final Hands hands = new Hands();
        private final List<Task> tasks = new ArrayList<>();
        private final List<String> warnings = new ArrayList<>();
        private int cannerFree;
        private boolean cannerHot;
        private int length;

        Layout(List<Job> jobs, Kitchen kitchen, GuideSnapshot guide) {
            if (jobs.isEmpty()) {
                throw new IllegalArgumentException("A day plan wants at least one recipe.");
            }
            this.jobs = jobs;
            this.kitchen = kitchen;
            this.guide = guide;
            for (int i = 0; i < jobs.size(); i++) {
                lay(i, jobs.get(i));
            }
        }

        private void add(int job, Task.Kind kind, int from, int minutes, String words) {
            tasks.add(new Task(job, kind, from, from + Math.max(1, minutes), words));
        }

        private void lay(int n, Job job) {
            boolean pressure = job.method() == Method.PRESSURE;
            if (pressure != kitchen.canner().startsWith("pressure")) {
                throw new IllegalArgumentException("“" + job.name() + "” needs a "
                        + (pressure ? "pressure canner" : "boiling-water canner") + ", and the day has another.");
            }
            CannerLoad load = guide.kitchen().loads().stream()
                    .filter(l -> l.canner().equals(kitchen.canner()) && l.jar() == job.jar())
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException(
                            "Nothing is known of how many " + job.jar().label() + " jars go into that canner."));
            if (!job.sound()) {
                warnings.add("“" + job.name() + "” is not sound as it stands. The time here is the tested one; see its"
                        + " review for what else must change.");
            }
            int ready = before(n, job);
            Stove stove = new Stove(kitchen.burner(), kitchen.altitude(), pressure);
            int left = job.jars();
            int run = 0;
            int runs = (job.jars() + load.most() - 1) / load.most();
            int lastFill = ready;
            while (left > 0) {
                int jars = Math.min(left, load.most());
                left -= jars;
                run++;
                int filling = 5 + MINUTES_A_JAR * jars;
                int heating = cannerHot ? 0 : stove.toReady(job.hotPack()).value();
                // the canner is put on so that it is ready when the jars are
                int cannerReady = Math.max(cannerFree + heating, ready + filling);
                int fill = hands.take(Math.max(ready, cannerReady - filling), filling);
                int in = Math.max(fill + filling, cannerFree + heating);
                if (heating > 0) {
                    add(n, Task.Kind.HEAT, in - heating, heating, "Heat the canner");
                    cannerHot = true;
                }
                String which = runs > 1 ? ", run " + run + " of " + runs : "";
                add(
                        n,
                        Task.Kind.FILL,
                        fill,
                        filling,
                        "Fill " + jars + " " + job.jar().label() + " jars" + which);
                int comeUp = stove.comeUp(jars, job.jar(), job.hotPack()).value() + (pressure ? VENT : 0);
                add(
                        n,
                        Task.Kind.COME_UP,
                        in,
                        comeUp,
                        pressure ? "Vent 10 minutes, then come up to " + job.psi() + " psi" : "Come to a full boil");
                add(
                        n,
                        Task.Kind.PROCESS,
                        in + comeUp,
                        job.process().value(),
                        "Process " + job.process().value() + " minutes" + (pressure ? " at " + job.psi() + " psi" : "")
                                + which);
                int end = in + comeUp + job.process().value();
                int rest = pressure ? COOL_DOWN : REST_IN_WATER;
                add(
                        n,
                        Task.Kind.COOL_DOWN,
                        end,
                        rest,
                        pressure
                                ? "Heat off; cool to zero by itself, weight off, wait 10 minutes"
                                : "Heat off, lid off, wait 5 minutes");
                int lift = hands.take(end + rest, 5);
                add(n, Task.Kind.LIFT, lift, 5, "Lift the jars out");
                cannerFree = lift + 5;
                length = Math.max(length, cannerFree);
                lastFill = fill;
            }
            if (lastFill - ready > STANDING) {
                warnings.add("“" + job.name() + "”: the food for the last run would stand " + words(lastFill - ready)
                        + (job.lowAcid()
                                ? ". Low-acid food must not: cook it in as many batches as there are runs."
                                : ". Keep it simmering, or cook it in batches."));
            }
            int cooled = cannerFree + COOLING;
            add(n, Task.Kind.REST, cannerFree, COOLING, "Cool undisturbed, 12 to 24 hours");
            add(
                    n,
                    Task.Kind.SEALS,
                    cooled,
                    LOOK,
                    "Look at the seals, take off the bands, wash, label with food and date");
        }

        /** What comes before the jars are filled. @return when the food is ready for them */
        private int before(int n, Job job) {
            int at = hands.take(0, PREPARE);
            add(n, Task.Kind.PREPARE, at, PREPARE, "Wash, peel and cut; wash the jars and keep them hot");
            at += PREPARE;
            for (Stage stage : job.stages()) {
                int minutes = stage.minutes().value();
                if (stage.kind() == Stage.Kind.WAIT && minutes > DAYS_BEFORE) {
                    warnings.add("“" + job.name() + "” first takes " + words(minutes) + " (“" + stage.words()
                            + "”). This plan is of the day it is canned.");
                    continue;
                }
                if (stage.kind() == Stage.Kind.WAIT) {
                    add(n, Task.Kind.WAIT, at, minutes, stage.words());
                } else {
                    at = hands.take(at, minutes);
                    add(n, Task.Kind.COOK, at, minutes, stage.words());
                }
                at += minutes;
            }
            return at;
        }

        private DayPlan starting(ZonedDateTime start) {
            List<String> told = new ArrayList<>(warnings);
            for (Task task : tasks) {
                ZonedDateTime from = start.plusMinutes(task.from());
                ZonedDateTime to = start.plusMinutes(task.to());
                if (task.kind() != Task.Kind.SEALS && task.kind().isHandsOn() && inTheNight(from, to)) {
                    told.add("This runs past midnight: “" + jobs.get(task.job()).name() + "”, "
                            + task.words().toLowerCase(java.util.Locale.ROOT) + " at " + clock(from) + ".");
                    break;
                }
            }
            tasks.stream()
                    .filter(t -> t.kind() == Task.Kind.WAIT
                            && inTheNight(start.plusMinutes(t.to()), start.plusMinutes(t.to() + 1)))
                    .findFirst()
                    .ifPresent(t -> told.add("A wait ends in the night, at " + clock(start.plusMinutes(t.to())) + ": "
                            + jobs.get(t.job()).name() + "."));
            List<Task> ordered = new ArrayList<>();
            for (Task task : tasks) {
                ordered.add(task.kind() == Task.Kind.SEALS ? byDaylight(task, start) : task);
            }
            ordered.sort(Comparator.comparingInt(Task::from).thenComparingInt(Task::job));
            return new DayPlan(start, start.plusMinutes(length), ordered, told);
        }

        /** Nobody gets up at night for a look at the seals: between 12 and 24 hours there is time for the morning. */
        private static Task byDaylight(Task task, ZonedDateTime start) {
            ZonedDateTime from = start.plusMinutes(task.from());
            if (!inTheNight(from, from.plusMinutes(1))) {
                return task;
            }
            int later = (int)
                    Duration.between(from, from.with(MORNING).plusHours(1)).toMinutes();
            return new Task(task.job(), task.kind(), task.from() + later, task.to() + later, task.words());
        }

        private static boolean inTheNight(ZonedDateTime from, ZonedDateTime to) {
            LocalTime begins = from.toLocalTime();
            boolean nightly = !begins.isBefore(NIGHT) && begins.isBefore(MORNING);
            return nightly
                    || !to.toLocalDate().equals(from.toLocalDate())
                            && !to.toLocalTime().equals(NIGHT);
        }

        private static String clock(ZonedDateTime at) {
            return String.format("%d:%02d", at.getHour(), at.getMinute());
        }

        private static String words(int minutes) {
            int hours = minutes / 60;
            if (hours >= 48) {
                return hours / 24 + " days";
            }
            return hours == 0
                    ? minutes + " minutes"
                    : hours + " h" + (minutes % 60 == 0 ? "" : " " + minutes % 60 + " min");
        }
    }
}
