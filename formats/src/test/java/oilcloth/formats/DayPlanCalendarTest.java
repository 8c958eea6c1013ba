package oilcloth.formats;

import static org.assertj.core.api.Assertions.assertThat;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import oilcloth.plan.DayPlan;
import oilcloth.plan.Task;
import org.junit.jupiter.api.Test;

/** A day plan out, read back by another library. */
class DayPlanCalendarTest {
    @Test
    void everyTaskIsAnEventAtItsTime() {
        ZonedDateTime start = ZonedDateTime.of(2026, 8, 14, 8, 0, 0, 0, ZoneId.of("America/Denver"));
        DayPlan plan = new DayPlan(
                start,
                start.plusMinutes(90),
                List.of(
                        new Task(0, Task.Kind.WAIT, 0, 60, "Soak; in ice, \"salted\"\nEND:VCALENDAR"),
                        new Task(1, Task.Kind.PROCESS, 60, 90, "Process 30 minutes at ½ a boil")),
                List.of());
        String written =
                DayPlanCalendar.of(plan, List.of("Beets", "Figs, whole"), Instant.parse("2026-08-01T00:00:00Z"));
        List<ICalendar> read = Biweekly.parse(written).all();
        assertThat(read).hasSize(1);
        List<VEvent> events = read.get(0).getEvents();
        assertThat(events).hasSize(2);
        assertThat(events.get(0).getSummary().getValue()).isEqualTo("Soak; in ice, \"salted\" END:VCALENDAR");
        assertThat(events.get(0).getDateStart().getValue().toInstant())
                .isEqualTo(Instant.parse("2026-08-14T14:00:00Z"));
        assertThat(events.get(1).getDateEnd().getValue().toInstant()).isEqualTo(Instant.parse("2026-08-14T15:30:00Z"));
        assertThat(events.get(1).getDescription().getValue()).isEqualTo("Figs, whole");
        assertThat(events).extracting(e -> e.getUid().getValue()).doesNotHaveDuplicates();
        assertThat(written.lines()).allSatisfy(l -> assertThat(l.length()).isLessThanOrEqualTo(75));
    }
}
