package oilcloth.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import oilcloth.measure.JarSize;
import oilcloth.measure.Minutes;
import oilcloth.recipe.Fact;
import oilcloth.recipe.Facts;
import oilcloth.recipe.ProcessTime;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/**
 * Two sizes of jars with a time for each: "the seven quarts got 25 minutes and the nine pints 20", "20 minutes the pints, 25
 * the quarts". Nothing but the canner is timed by the jar, so that neither needs a word of it, nor the second its minutes.
 */
final class JarTimes {
    /** Between a jar and its time. */
    private static final Set<String> TO_TIME = Set.of(
            "got get gets for at were was are is took take takes had have need needs needed in went ran run processed process done given stayed jar jars the a full about only , : - – — ( ) ="
                    .split(" "));

    /** Between them, where the other jars were told before. */
    private static final Set<String> OF_A_LOAD = Set.of(
            "into second next another other last separate load batch canner bath after too same but way likewise also :"
                    .split(" "));

    /** Between a time and its jar. */
    private static final Set<String> TO_JAR =
            Set.of("for the in on each my our all those these of jar jars , - – — ( ) =".split(" "));

    /** Between one jar and its time, and the other. */
    private static final Set<String> BETWEEN =
            Set.of("and but then while the my our all those these so also , ; / & . - – — ( ) + jars jar".split(" "));

    /** Behind a figure that is no time. */
    private static final Set<String> OTHER_MEASURE =
            Set.of("lb lbs pound pounds psi # . % ft feet ' \" inch inches hours hour cup cups x".split(" "));

    private static final Pattern BOTH = Pattern.compile("(\\d{2,3})/(\\d{2,3})");

    private static final Cue CANNED = Cue.of("\\b(bath|canner|process\\w*|bwb|bwc)\\b");
    private static final Cue NOT_CANNED = Cue.of("\\b(vent|exhaust|steril|cool|rest|wait|soak|simmer|preheat)\\w*");

    /** Tokens. */
    private static final int REACH = 4;

    private static final int SHORTEST = 5;
    private static final int LONGEST = 200;

    /** A jar, or a time, at tokens from which up to which. */
    private record Part(Optional<JarSize> jar, int minutes, boolean unit, int from, int next) {}

    private JarTimes() {}

    static void read(Sentence s, Draft draft) {
        List<Part> parts = parts(s);
        if (isOfTheOther(s, draft, parts)) {
            theOnesBefore(draft, parts.get(0)).ifPresent(jar -> draft.facts
                    .times()
                    .replaceAll(t -> new Fact<>(
                            new ProcessTime(t.value().least(), t.value().most(), Optional.of(jar)), t.range())));
            add(s, draft, parts.get(0), parts.get(1));
            return;
        }
        if (parts.stream().flatMap(p -> p.jar().stream()).distinct().count() < 2 || Hearsay.isAnothers(s)) {
            return;
        }
        for (int i = 0; i + 3 < parts.size(); i++) {
            Optional<Pairs> pairs = Pairs.of(s, parts.subList(i, i + 4));
            if (pairs.isPresent() && isOfTheCanner(s, parts.get(i), pairs.get())) {
                if (NotDone.isSaidIn(s.low())) {
                    draft.doubt(s.span(parts.get(i).from(), parts.get(i + 3).next()));
                    return;
                }
                add(s, draft, pairs.get().jar(), pairs.get().time());
                add(s, draft, pairs.get().other(), pairs.get().otherTime());
                return;
            }
        }
    }

    /** Two jars, each with its time. */
    private record Pairs(Part jar, Part time, Part other, Part otherTime) {
        static Optional<Pairs> of(Sentence s, List<Part> four) {
            boolean[] isJar = new boolean[four.size()];
            for (int i = 0; i < isJar.length; i++) {
                isJar[i] = four.get(i).jar().isPresent();
            }
            boolean jarFirst = isJar[0];
            Part a = four.get(0);
            Part b = four.get(1);
            Part c = four.get(2);
            Part d = four.get(3);
            Set<String> within = jarFirst ? TO_TIME : TO_JAR;
            if (isJar[0] == isJar[2] && isJar[1] == isJar[3] && isJar[0] != isJar[1]) {
                // "quarts 25 minutes, pints 20"
                return Optional.of(jarFirst ? new Pairs(a, b, c, d) : new Pairs(b, a, d, c))
                        .filter(p ->
                                isJoined(s, a, b, within) && isJoined(s, b, c, BETWEEN) && isJoined(s, c, d, within));
            }
            if (isJar[0] == isJar[1] && isJar[2] == isJar[3] && isJar[0] != isJar[2]) {
                // "20/25 minutes (pints/quarts)"
                return Optional.of(jarFirst ? new Pairs(a, c, b, d) : new Pairs(c, a, d, b))
                        .filter(p ->
                                isJoined(s, a, b, BETWEEN) && isJoined(s, b, c, within) && isJoined(s, c, d, BETWEEN));
            }
            return Optional.empty();
        }
    }

    private static boolean isOfTheCanner(Sentence s, Part begins, Pairs pairs) {
        return !pairs.jar().jar().equals(pairs.other().jar())
                && (pairs.time().unit() || pairs.otherTime().unit() || s.has(CANNED))
                && !s.isBefore(begins.from(), REACH, NOT_CANNED)
                && !Durations.isElsewhere(s, begins.from())
                && !s.negatedToken(pairs.time().from());
    }

    /** "The pints went in a second load, 20 minutes", where the quarts were told before. */
    private static boolean isOfTheOther(Sentence s, Draft draft, List<Part> parts) {
        return parts.size() == 2
                && parts.get(0).jar().isPresent()
                && parts.get(1).unit()
                && parts.get(1).next() >= s.size() - 1
                && IntStream.range(0, parts.get(0).from())
                        .allMatch(k -> BETWEEN.contains(s.token(k).norm()))
                && IntStream.range(parts.get(0).next(), parts.get(1).from())
                        .mapToObj(k -> s.token(k).norm())
                        .allMatch(w -> TO_TIME.contains(w) || OF_A_LOAD.contains(w))
                && (draft.facts.times().stream()
                                .map(t -> t.value().jar())
                                .anyMatch(j ->
                                        j.isPresent() && !j.equals(parts.get(0).jar()))
                        || theOnesBefore(draft, parts.get(0)).isPresent());
    }

    /** "Pints, raw pack. BWB 15 min. Quarts too: same but 20 min": the jars that the one time told so far is for. */
    private static Optional<JarSize> theOnesBefore(Draft draft, Part other) {
        List<JarSize> jars =
                Facts.values(draft.facts.jars()).stream().distinct().toList();
        boolean one = jars.size() == 1
                && draft.facts.times().size() == 1
                && draft.facts.times().get(0).value().jar().isEmpty();
        return one ? Optional.of(jars.get(0)).filter(j -> !other.jar().equals(Optional.of(j))) : Optional.empty();
    }

    private static boolean isJoined(Sentence s, Part before, Part behind, Set<String> words) {
        return IntStream.range(before.next(), behind.from())
                .allMatch(k -> words.contains(s.token(k).norm()) || isCount(s, k, behind));
    }

    /** "The nine pints", "7 (quarts)". */
    private static boolean isCount(Sentence s, int k, Part jar) {
        return k == jar.from() - 1
                && jar.jar().isPresent()
                && Numbers.at(s.tokens(), k).isPresent();
    }

    private static void add(Sentence s, Draft draft, Part jar, Part time) {
        Range words = s.span(time.from(), time.next());
        Minutes minutes = Minutes.of(time.minutes());
        draft.facts.times().add(Fact.read(new ProcessTime(minutes, minutes, jar.jar()), words));
        s.claim(time.from(), time.next());
    }

    private static List<Part> parts(Sentence s) {
        List<Part> parts = new ArrayList<>();
        for (int i = 0; i < s.size(); i++) {
            List<Part> both = both(s, i);
            if (!both.isEmpty()) {
                parts.addAll(both);
                i = both.get(0).next() - 1;
                continue;
            }
            Optional<Part> part = s.isClaimed(i) ? Optional.empty() : part(s, i);
            if (part.isPresent()) {
                parts.add(part.get());
                i = part.get().next() - 1;
            }
        }
        return parts;
    }

    private static Optional<Part> part(Sentence s, int i) {
        Optional<JarMentions.Found> jar = JarMentions.at(s, i);
        if (jar.isPresent()) {
            return jar.map(j -> new Part(Optional.of(j.jar()), 0, false, i, j.next()));
        }
        Optional<TimeSpan> span = TimeSpan.at(s, i).filter(t -> t.clock() && isTime(t.least(), t.most()));
        if (span.isPresent()) {
            return span.map(t -> new Part(Optional.empty(), (int) t.least(), true, i, t.next()));
        }
        return Numbers.at(s.tokens(), i)
                .filter(f -> isTime(f.low(), f.high()) && !isOfSomethingElse(s, f.next()))
                .map(f -> new Part(Optional.empty(), (int) f.low(), false, i, f.next()));
    }

    /** "20/25" is no fraction here. */
    private static List<Part> both(Sentence s, int i) {
        String raw = s.token(i).raw();
        Matcher m = BOTH.matcher(raw);
        if (raw.indexOf('/') < 0 || !m.matches() || isOfSomethingElse(s, i + 1)) {
            return List.of();
        }
        boolean unit =
                i + 1 < s.size() && TimeWords.MINUTE.contains(s.token(i + 1).norm());
        return IntStream.of(Integer.parseInt(m.group(1)), Integer.parseInt(m.group(2)))
                .mapToObj(minutes -> new Part(Optional.empty(), minutes, unit, i, unit ? i + 2 : i + 1))
                .toList();
    }

    private static boolean isTime(double least, double most) {
        return least >= SHORTEST && most <= LONGEST && least == most && least == Math.rint(least);
    }

    private static boolean isOfSomethingElse(Sentence s, int next) {
        return JarMentions.at(s, next).isPresent()
                || next < s.size()
                        && OTHER_MEASURE.contains(s.token(next).norm())
                        && !(s.is(next, ".") && next + 1 == s.size());
    }
}
