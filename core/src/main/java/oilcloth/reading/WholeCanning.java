package oilcloth.reading;

import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;
import java.util.Set;
import java.util.regex.Matcher;
import oilcloth.guide.Gauge;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Fact;
import oilcloth.recipe.ProcessTime;
import oilcloth.recipe.Unread;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/** Which canner it was, and how long, where only the whole text tells: looked at when all of it has been read. */
final class WholeCanning {
    private WholeCanning() {}

    static void times(Draft draft) {
        // "75 min, 15 lb weight on the canner": a pressure or a gauge names the canner
        if (draft.facts.methods().stream().noneMatch(m -> m.value() == CanningMethod.PRESSURE)) {
            draft.facts.pressures().stream()
                    .findFirst()
                    .flatMap(Fact::range)
                    .or(() -> draft.facts.gauge().flatMap(Fact::range))
                    .ifPresent(r -> draft.facts.methods().add(Fact.read(CanningMethod.PRESSURE, r)));
        }
        looseTime(draft);
        unplacedTimes(draft);
        toldShorter(draft);
        shorterForNoJar(draft);
    }

    /** "Pints 20 minutes. … The process time was 5 minutes.": for which of them nobody knows. */
    private static void shorterForNoJar(Draft draft) {
        List<Fact<ProcessTime>> ofJars = draft.facts.times().stream()
                .filter(t -> t.value().jar().isPresent())
                .toList();
        List<Fact<ProcessTime>> ofNone = draft.facts.times().stream()
                .filter(t -> t.value().jar().isEmpty())
                .toList();
        ofNone.stream()
                .filter(t -> !ofJars.isEmpty() && isShorter(t, ofJars))
                .flatMap(t -> t.range().stream())
                .forEach(draft::doubt);
    }

    private static boolean isShorter(Fact<ProcessTime> time, List<Fact<ProcessTime>> others) {
        return others.stream()
                .allMatch(o -> time.value().most().value() < o.value().least().value());
    }

    private static final Cue OWN = Cue.of(
            "\\b(i|we) (always |usually |still |just )?(do|did|can|canned|put|process|processed)\\b|\\b(rest|others|extras|overflow|some|half|a few|leftovers) (i |we )?(went|go|goes|got|get|were|are|did|do|water ?bathed)\\b|\\b(ended up|wound up|settled|made do|got by) (with|for|in|using)\\b");

    private static final Cue TESTED =
            Cue.of("(?<!\\bweight(ed)? )\\bgau?ge\\b[^.;]{0,30}\\b(tested|checked|certified|calibrated)\\b");

    /** Pounds of the weights there are. */
    private static final Set<Double> WEIGHTS = Set.of(5.0, 10.0, 15.0);

    /** "Gauge certified in April … 11 pounds": only dials are tested, and no weight has eleven pounds. */
    static void gauge(String text, Draft draft) {
        boolean dial = draft.facts.gauge().isEmpty()
                && !draft.facts.pressures().isEmpty()
                && draft.facts.pressures().stream()
                        .noneMatch(p -> WEIGHTS.contains(p.value().psi()));
        if (dial) {
            Matcher tested = TESTED.matcher(text.toLowerCase(Locale.ROOT));
            if (tested.find()) {
                draft.facts.gauge(Fact.read(Gauge.DIAL, new Range(tested.start(), tested.end())));
            }
        }
    }

    /** "I do them in a boiling bath like grandma. … Process under pressure …": which of the two it was is not known. */
    static void otherCanner(String text, Draft draft) {
        boolean pressure = draft.facts.methods().stream().anyMatch(m -> m.value() == CanningMethod.PRESSURE);
        if (!pressure) {
            return;
        }
        for (Fact<CanningMethod> method : draft.facts.methods()) {
            method.range()
                    .filter(r -> method.value() == CanningMethod.BOILING_WATER
                            && (isOwn(text, r) || isUnderPressure(text, draft, r)))
                    .ifPresent(r -> draft.unread.add(new Unread(r, true)));
        }
    }

    /** "11 pounds in the boiling-water canner". */
    private static boolean isUnderPressure(String text, Draft draft, Range method) {
        return draft.facts.pressures().stream()
                .flatMap(p -> p.range().stream())
                .filter(p -> p.end() <= method.start() && method.start() - p.end() <= SAME_PHRASE)
                .anyMatch(p -> text.substring(p.end(), method.start()).contains(IN_THE));
    }

    private static final String IN_THE = " in ";

    /** Letters: "pounds pressure in the". */
    private static final int SAME_PHRASE = 24;

    private static boolean isOwn(String text, Range method) {
        int from = method.start();
        while (from > 0 && method.start() - from < NEAR_TIME && ".;!?\n".indexOf(text.charAt(from - 1)) < 0) {
            from--;
        }
        String before = text.substring(from, method.start()).toLowerCase(Locale.ROOT);
        return OWN.in(before) && !before.contains("not ") && !before.contains("n't") && !before.contains("never");
    }

    private static final Cue JARS_BOILED =
            Cue.of("\\bboil(ed|ing)?( (them|it|the jars|jars|for|about|a full|another))*\\s*$");
    private static final Cue BOILED_AFTER = Cue.of(
            "[^.;\\n]{0,12}\\bboil(ed|ing)?\\b|[^.;\\n]{0,16}\\bfrom (when|the time|the moment) (the boil|it|the water|the kettle)( (comes|came|gets|got|boils|boiled|returns|returned|is|was))? (back|again|boiling)\\b|[^.;\\n]{0,50}\\b((rolling|full) boil|water (an?|one|two|1|2) inch(es)? (over|above))\\b");

    /** "Pints, half inch, boil 15 minutes": once the jars are named, what boils for a time is the jars. */
    static void boiledJars(String text, Draft draft) {
        if (!draft.facts.methods().isEmpty() || draft.facts.openKettle().isPresent()) {
            return;
        }
        int jars = draft.facts.jars().stream()
                .flatMap(j -> j.range().stream())
                .mapToInt(Range::start)
                .min()
                .orElse(Integer.MAX_VALUE);
        if (draft.facts.times().isEmpty() && draft.looseTimes.size() == 1) {
            // "Quart jars, juice to half an inch, bubbles, lids. 25 minutes in a rolling boil."
            draft.looseTimes
                    .get(0)
                    .range()
                    .filter(r -> r.start() > jars && isBoil(text, r))
                    .ifPresent(r -> takeLooseTime(draft));
        }
        draft.facts.times().stream()
                .flatMap(t -> t.range().stream())
                .filter(r -> r.start() > jars && isBoil(text, r))
                .findFirst()
                .ifPresent(r -> {
                    if (isClosedLater(text, r)) {
                        draft.doubt(r);
                    } else {
                        draft.facts.methods().add(Fact.read(CanningMethod.BOILING_WATER, r));
                    }
                });
    }

    private static final Cue CLOSED = Cue.of("\\b(lids?|lidded|caps?|capped|sealed|bands?|rings?)\\b");

    private static final Cue CLOSED_NOW = Cue.of(
            "(?<!\\bwith the )\\b(lids?|caps?|tops?)( (go|goes|went|get|got|put|come|came))? on\\b|\\b(put|screw|clap|set|slap)(ped|ed)? (on )?(the |my )?(lids?|caps?|tops?)\\b|\\b(cap|lid)(ped|ded)?( (them|it|each|the jars|up|tight)| ?[.,;]|$)|\\bseal(ed)? (them|it|each|the jars)\\b|\\bpour(ed)? (it |them )?(into|in|over)\\b");

    /** "Pints, half inch. 20 minutes boiling. Then lids on": what boiled was no closed jar. */
    static boolean isClosedLater(String text, Range time) {
        String low = text.toLowerCase(Locale.ROOT);
        return !CLOSED.in(low.substring(0, time.start())) && CLOSED_NOW.in(low.substring(time.end()));
    }

    /** "Put in the canner, bring to a full rolling boil and process for 25 minutes": in one sentence. */
    private static final Cue CANNER_BOILS = Cue.of(
            "\\b(canner|jars|over the lids|over the jars|the water|under water|inch(es)? of water)\\b[^.!?\\n]*\\b(boil|rolling)|\\bboil\\w*\\b[^.!?\\n]*\\b(canner|jars|over the lids|over the jars|the water|under water|inch(es)? of water)\\b");

    private static boolean boilsInItsSentence(String text, Range time) {
        int from = time.start();
        while (from > 0 && ".!?\n".indexOf(text.charAt(from - 1)) < 0 && time.start() - from < LONGEST_SENTENCE) {
            from--;
        }
        int to = time.end();
        while (to < text.length() && ".!?\n".indexOf(text.charAt(to)) < 0 && to - time.end() < LONGEST_SENTENCE) {
            to++;
        }
        return CANNER_BOILS.in(text.substring(from, to).toLowerCase(Locale.ROOT));
    }

    private static final int LONGEST_SENTENCE = 160;

    private static boolean isBoil(String text, Range time) {
        String before = text.substring(Math.max(0, time.start() - NEAR_TIME), time.start());
        String after = text.substring(time.end(), Math.min(text.length(), time.end() + NEAR_TIME));
        return boilsInItsSentence(text, time)
                || JARS_BOILED.in(before.toLowerCase(Locale.ROOT))
                || BOILED_AFTER.opens(after.toLowerCase(Locale.ROOT));
    }

    /** Where no time is told, one of those nobody could place may be the canner's. */
    private static void unplacedTimes(Draft draft) {
        int filled = draft.facts.jars().stream()
                .flatMap(j -> j.range().stream())
                .mapToInt(Range::end)
                .min()
                .orElse(Integer.MAX_VALUE);
        if (draft.facts.times().isEmpty()) {
            draft.unplacedTimes.stream()
                    .filter(r -> r.start() >= filled)
                    .forEach(r -> draft.unread.add(new Unread(r, true)));
        }
    }

    /** "20 minutes at 11 pounds. … 18 minutes, not 20." */
    private static void toldShorter(Draft draft) {
        List<Fact<ProcessTime>> told = draft.facts.times().stream()
                .filter(t -> !draft.boiledTimes.contains(t))
                .toList();
        shorterBehind(draft.looseTimes, told).forEach(r -> draft.unread.add(new Unread(r, true)));
        // "Twelve minutes. … 20 minutes at 11 pounds."
        draft.plainTimes.stream()
                .filter(t -> isShorter(t, told))
                .flatMap(t -> t.range().stream())
                .forEach(r -> draft.unread.add(new Unread(r, true)));
    }

    /** Where a time behind the last of those told is shorter than every one of them. */
    private static List<Range> shorterBehind(List<Fact<ProcessTime>> times, List<Fact<ProcessTime>> told) {
        OptionalInt shortest =
                told.stream().mapToInt(t -> t.value().least().value()).min();
        int last = told.stream()
                .flatMap(t -> t.range().stream())
                .mapToInt(Range::start)
                .max()
                .orElse(0);
        return times.stream()
                .filter(t -> shortest.isPresent() && t.value().least().value() < shortest.getAsInt())
                .flatMap(t -> t.range().stream())
                .filter(r -> r.start() > last)
                .toList();
    }

    /** "Quarts, 10 lb weighted, vented 10, 75 minutes.": the one time that belongs to nothing else is the canner's. */
    private static void looseTime(Draft draft) {
        boolean jars = !draft.facts.jars().isEmpty()
                || draft.filled
                || draft.facts.headspace().isPresent();
        boolean heat = draft.facts.methods().stream().anyMatch(m -> m.value() != CanningMethod.COLD_STORAGE);
        if (draft.facts.times().isEmpty() && jars && heat && draft.looseTimes.size() == 1) {
            takeLooseTime(draft);
        }
    }

    /** The one time that nothing else claims is the canner's. */
    static void takeLooseTime(Draft draft) {
        draft.facts.times().add(draft.looseTimes.get(0));
        draft.hedgedTimes.stream().flatMap(t -> t.range().stream()).forEach(draft::doubt);
    }

    private static final int NEAR_TIME = 72;
}
