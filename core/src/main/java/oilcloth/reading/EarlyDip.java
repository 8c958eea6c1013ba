package oilcloth.reading;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import oilcloth.recipe.Fact;
import oilcloth.recipe.Preparation;
import oilcloth.recipe.ProcessTime;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/** A short boil that readies the food, told like a time of the canner before any jar is named. */
final class EarlyDip {
    /** Letters. */
    private static final int LONGEST_SENTENCE = 160;

    /** Letters behind the time. */
    private static final int NEAR_TIME = 72;

    private EarlyDip() {}

    /** Minutes. */
    private static final int LONGEST_DIP = 5;

    /** "Washed, trimmed, two minutes in boiling water. Hot into pint jars … 25 minutes": a short boil before any jar is named. */
    static void settle(String text, Draft draft) {
        List<Fact<ProcessTime>> times = draft.facts.times();
        int jars = Stream.concat(draft.facts.jars().stream(), draft.doseJars.stream())
                .flatMap(j -> j.range().stream())
                .mapToInt(Range::start)
                .min()
                .orElse(0);
        if (times.size() < 2
                || times.get(0).value().most().value() > LONGEST_DIP
                || times.get(0).value().jar().isPresent()
                || times.get(0)
                        .range()
                        .filter(r -> r.end() <= jars && readiesFood(text, r))
                        .isEmpty()
                || times.stream().skip(1).flatMap(t -> t.range().stream()).anyMatch(r -> r.start() < jars)) {
            return;
        }
        Fact<ProcessTime> dip = times.remove(0);
        draft.facts
                .prepared()
                .add(Fact.read(
                        new Preparation(
                                Preparation.Kind.HEATED, dip.value().most().value()),
                        dip.range().orElseThrow()));
    }

    private static final Cue READIES = Cue.of(
            "\\b(wash|rins|trim|peel|stem|slip|scald|blanch|pit|pitted|husk|shell|shuck|cut|cor|skin|snap|slic|halv|quarter|prick|pick|dip|drain)\\w*\\b");

    private static final Cue PROCESSES =
            Cue.of("\\b(process\\w*|canner|bath|bwb|can|canned|jars?|lids?|give|gave|get|got)\\b");

    /** The sentence of a time tells how the food is made ready, and of no canner. */
    private static boolean readiesFood(String text, Range time) {
        int from = time.start();
        while (from > 0 && ".!?\n".indexOf(text.charAt(from - 1)) < 0 && time.start() - from < LONGEST_SENTENCE) {
            from--;
        }
        int to = Math.min(text.length(), time.end() + NEAR_TIME);
        String told = text.substring(from, time.end()).toLowerCase(Locale.ROOT);
        String around = text.substring(from, to).toLowerCase(Locale.ROOT);
        int stop = around.indexOf(". ", told.length());
        return READIES.in(told) && !PROCESSES.in(stop < 0 ? around : around.substring(0, stop));
    }
}
