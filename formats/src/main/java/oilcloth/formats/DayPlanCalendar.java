package oilcloth.formats;

import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import oilcloth.plan.DayPlan;
import oilcloth.plan.Task;

/** A day plan as iCalendar (RFC 5545), an event for each thing to do; times in UTC, so that every calendar shows its own. */
public final class DayPlanCalendar {
    private DayPlanCalendar() {}

    /**
     * @param names of the recipes, in the plan's order
     * @param madeAt stamps the events
     */
    public static String of(DayPlan plan, List<String> names, Instant madeAt) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Oilcloth//Day plan//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        int number = 0;
        for (Task task : plan.tasks()) {
            Instant from = plan.start().plusMinutes(task.from()).toInstant();
            Instant to = plan.start().plusMinutes(task.to()).toInstant();
            VEvent event = new VEvent(from, to, words(task.words()));
            event.add(new Uid("oilcloth-"
                    + plan.start().withZoneSameInstant(ZoneOffset.UTC).toEpochSecond() + "-" + number++));
            event.add(new Description(words(names.get(task.job()))));
            calendar.add(event);
        }
        return calendar.toString();
    }

    private static String words(String words) {
        return LetterFormats.harmless(words).replaceAll("\\s+", " ").strip();
    }
}
