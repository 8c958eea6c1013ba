package oilcloth.reading;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import oilcloth.measure.JarSize;
import oilcloth.recipe.Fact;
import oilcloth.recipe.Yield;
import oilcloth.text.Cue;

/** Jars named in the text, and how many the batch gave. */
final class JarMentions {
    /** A jar named at a token, and the token after it. */
    record Found(JarSize jar, int next) {}

    /** "1/2 tsp/qt". */
    static final Map<String, JarSize> SHORT =
            Map.of("qt", JarSize.QUART, "qts", JarSize.QUART, "pt", JarSize.PINT, "pts", JarSize.PINT);

    private static final int BESIDE = 3;
    private static final Cue HOLDS = Cue.of("(?<!\\b(to|i|we|you) )\\b(holds?|fits?|takes?) (\\S+ )?(\\S+ )?$");

    /** "Quarts are too much for us": why the jars are what they are. */
    private static final Cue SUITED = Cue.of(
            "(are|is|were|was|would be|seem) (way |just |really |far )?(too (much|big|many|large|heavy)|plenty|more than) (for )?(us|me|we|i|my|our|the two)\\b(?! (canner|pot|kettle|pan))");

    /** "Not for half-gallon jars", "never in quarts". */
    private static final Cue NOT_FOR = Cue.of(
            "\\b(not|never) (use |done |meant |tested )?(in|for|using)? ?$|\\b(do not|don't|did not|didn't|never) (do|use|can|fill|trust|bother with|put up|own) (in |any )?$|\\b(not|never) to (do|use|can|put up|make|try|fill)( (it|them|these|this|that))?( up)? (in )?$");

    private static final Cue DONE_ANYWAY = Cue.of(
            "\\b(but|still|yet|anyway|though|except)\\b[^.;]{0,24}\\b(i|we|did|do|some|half|one|two|three|four|five|six|the rest|these|mine)\\b");

    /** "About nine quarts to the bushel". */
    private static final Cue GENERALLY = Cue.of(
            "(to|from|per|out of) (the|a|each|every|half a)? ?(bushel|peck|lug|crate|load|canner load|canner full)\\b|(or|and) (\\S+ )?(pints|quarts) (to|in|per) (the|a|each) (load|canner)\\b");

    /** "A canner load is seven quarts". */
    private static final Cue OF_A_LOAD = Cue.of("\\b(load|canner full|canner) (is|means|makes) (\\S+ )?$");

    /** The first jar, or measure of that name, in a sentence. */
    static Optional<JarSize> named(Sentence s) {
        return IntStream.range(0, s.size())
                .mapToObj(i -> at(s, i))
                .flatMap(Optional::stream)
                .map(Found::jar)
                .findFirst();
    }

    void read(Sentence s, Draft draft) {
        if (isNoteOfAnother(s, draft)) {
            s.claim(0, s.size());
            return;
        }
        boolean others = OtherJarsAsked.isTold(s, draft);
        for (int i = 0; i < s.size(); i++) {
            Optional<Found> found = at(s, i);
            if (found.isEmpty() || s.anyClaimed(i, found.get().next()) || Vessel.at(s, i)) {
                continue;
            }
            boolean apart =
                    s.opensAt(found.get().next(), 7, SUITED) || s.is(found.get().next(), "lids");
            boolean share = s.is(i - 1, "/") && s.is(found.get().next(), "of");
            boolean none = s.is(i - 1, "no") || s.is(i - 1, "not") || s.isBefore(i, 5, NOT_FOR) && !s.has(DONE_ANYWAY);
            apart |= s.opensAt(found.get().next(), 4, GENERALLY) || s.isBefore(i, 5, OF_A_LOAD);
            if (share || none || apart || s.isBefore(i, 3, HOLDS)) {
                // "half cup water/quart of fruit", "a rack that holds seven quarts", "no quarts", "out of quart lids"
                s.claim(i, found.get().next());
                continue;
            }
            Found jar = found.get();
            if (JarCounts.isFractionOf(s, i, jar.next())) {
                continue;
            }
            if (others) {
                s.claim(i, jar.next());
                continue;
            }
            if (isGivenAwayIn(jar.jar(), draft) && s.isBefore(i, 6, GIVEN)) {
                // "I gave 3 quarts to the minister": who filled pints may have filled these as well
                draft.doubt(s.span(i, jar.next()));
                s.claim(i, jar.next());
                continue;
            }
            int before = JarCounts.figureBefore(s, i);
            boolean counted = before >= 0;
            JarCounts.timesSoMany(s, jar.next()).ifPresent(f -> {
                if (draft.facts.yield().isEmpty()) {
                    draft.facts.yield(Fact.read(new Yield(f.low(), f.high(), jar.jar()), s.span(jar.next(), f.next())));
                }
                s.claim(jar.next(), f.next());
            });
            if (counted && JarCounts.measuresOut(s, before, jar.next())) {
                continue;
            }
            if (counted && JarCounts.isPartOrSource(s, before, i) || isMeasureOfOne(s, i, jar.next())) {
                continue;
            }
            // "2 Tbsp per quart" tells a dose; the jar it is done in only if no other is named
            (perJar(s, i) ? draft.doseJars : draft.facts.jars()).add(Fact.read(jar.jar(), s.span(i, jar.next())));
            if (counted && draft.facts.yield().isEmpty() && !perJar(s, i)) {
                Numbers.Figure f = Numbers.at(s.tokens(), before).orElseThrow();
                draft.facts.yield(Fact.read(new Yield(f.low(), f.high(), jar.jar()), s.span(before, jar.next())));
            }
            // "1-quart jars"
            boolean single = s.is(i - 1, "-") && (s.is(i - 2, "1") || s.is(i - 2, "one"));
            s.claim(counted ? before : single ? i - 2 : i, jar.next());
            i = jar.next() - 1;
        }
    }

    private static final Cue GIVEN = Cue.of(
            "\\b(i|we|she|he|they|(my|our) \\w+) ((also|already|even|just|later) )*(gave|give|gives|sent|send|sends|traded|sold|brought|mailed|delivered)\\b(?! up)( \\w+){0,4} $");

    private static boolean isGivenAwayIn(JarSize jar, Draft draft) {
        return !draft.facts.times().isEmpty()
                && !draft.facts.jars().isEmpty()
                && draft.facts.jars().stream().noneMatch(told -> told.value() == jar);
    }

    /** "Quarts 25." */
    private static final Cue NOTE = Cue.of("(for )?(half[- ]pints|pints|quarts)[:,]? \\d\\d\\.?");

    /** Where the time of the jars that were filled is told: how long it would be for larger ones, or how many there were. */
    private static boolean isNoteOfAnother(Sentence s, Draft draft) {
        int jar = s.is(0, "for") ? 1 : 0;
        return !draft.facts.times().isEmpty()
                && !draft.facts.jars().isEmpty()
                && s.isWholly(NOTE)
                && at(s, jar)
                        .filter(j -> draft.facts.jars().stream()
                                .allMatch(told -> told.value().pints() < j.jar().pints()))
                        .isPresent();
    }

    /** What goes before a jar that is filled, eaten or dosed rather than measured out. */
    private static final Set<String> NOT_MEASURED =
            Set.of("per", "for", "open", "opened", "ate", "eat", "brought", "gave", "got", "takes", "want");

    /** Tokens of "A quart of okra and tomatoes: 9 lb …". */
    private static final int TITLE = 6;

    private static final Set<String> DOSED = Set.of("to", "in", "into");

    private static final Cue DOSE =
            Cue.of("\\b(tsps?|tbsps?|tbs|t|teaspoons?|tablespoons?|cups?|cloves?|pinch|ounces?|oz) .*$");

    /**
     * "Add a quart of water", "salt in a quart of vinegar"; but not "2 Tbsp to a quart of tomatoes", and not a
     * heading.
     */
    private static boolean isMeasureOfOne(Sentence s, int i, int next) {
        if (!s.is(i - 1, "a") || !s.is(next, "of") || s.around(next, 0, TITLE).contains(":")) {
            return false;
        }
        String before = i > 1 ? s.token(i - 2).norm() : "";
        boolean dose = DOSED.contains(before) && s.isBefore(i - 2, 8, DOSE);
        return !dose && !NOT_MEASURED.contains(before);
    }

    private static boolean perJar(Sentence s, int i) {
        return s.is(i - 1, "per")
                || s.is(i - 1, "/") && s.isBefore(i - 1, 6, DOSE)
                || s.is(i - 1, "each")
                || s.is(i - 1, "every")
                || s.is(i - 1, "a")
                || toThe(s, i)
                || s.isBefore(i, 6, SPOONS_IN)
                || s.isBefore(i, 4, IS_FOR);
    }

    /** "The salt is for quarts; 1/2 tsp for pints". */
    private static final Cue IS_FOR = Cue.of(
            "\\b(salt|acid|juice|vinegar|spoons?|teaspoons?|tsp|tablespoons?|tbsp|that|that's) ((is|was|are|were) )?(just |only )?for $");

    /** "2 tablespoons in each quart (1 T in pints)". */
    private static final Cue SPOONS_IN = Cue.of(
            "\\( (double|twice( that| as much)?|half( that| as much)?)( \\w+)? (in|for|to) $|\\( (or |and )?(\\S+ ){1,2}(t|tsps?|teaspoons?|tbsps?|tbs|tablespoons?) (in|for|to) $");

    /** "Half a cup of water to the quart". */
    private static boolean toThe(Sentence s, int i) {
        return s.is(i - 1, "the")
                && s.is(i - 2, "to")
                && (s.is(i, "quart") || s.is(i, "pint"))
                && !s.is(i + 1, "jar")
                && !s.is(i + 1, "jars");
    }

    private static final Set<String> OF_ONE = Set.of("each", "every", "per");

    private static boolean isPint(Sentence s, int i) {
        return s.is(i, "pint") || s.is(i, "pints") || s.is(i, "pt") || s.is(i, "pts");
    }

    static Optional<Found> at(Sentence s, int i) {
        if (s.is(i, "half") && isPint(s, i + 1)) {
            return found(s, JarSize.HALF_PINT, i + 2);
        }
        if (s.is(i, "half") && s.is(i + 1, "-") && isPint(s, i + 2)) {
            return found(s, JarSize.HALF_PINT, i + 3);
        }
        if (s.is(i, "half")
                && (s.is(i + 1, "gallon")
                        || s.is(i + 1, "gallons")
                        || (s.is(i + 1, "-") && (s.is(i + 2, "gallon") || s.is(i + 2, "gallons"))))) {
            int next = s.is(i + 1, "-") ? i + 3 : i + 2;
            return s.is(next, "of") || (next < s.size() && s.token(next).is("water"))
                    ? Optional.empty()
                    : found(s, JarSize.HALF_GALLON, next);
        }
        if ((s.is(i, "gallon") || s.is(i, "gallons"))
                && (s.is(i + 1, "jar") || s.is(i + 1, "jars") || s.is(i + 2, "jars") && s.is(i + 1, "mason"))) {
            return Optional.of(new Found(JarSize.GALLON, s.is(i + 1, "mason") ? i + 3 : i + 2));
        }
        if (s.is(i, "jelly") && (s.is(i + 1, "jar") || s.is(i + 1, "jars") || s.is(i + 1, "glasses"))) {
            return Optional.of(new Found(JarSize.HALF_PINT, i + 2));
        }
        if (i < s.size() && s.token(i).isNumber()) {
            return sized(s, i);
        }
        if (s.is(i - 1, "half") || (s.is(i - 1, "-") && s.is(i - 2, "half"))) {
            return Optional.empty();
        }
        if (isAndAHalf(s, i)) {
            return found(s, JarSize.PINT_AND_HALF, i + 4);
        }
        boolean counted = JarCounts.figureBefore(s, i) >= 0 && JarCounts.countsJars(s, i);
        if (s.is(i, "pint")
                || s.is(i, "pints")
                || s.is(i, "pts") && JarCounts.countsJars(s, i)
                || s.is(i, "pt") && counted) {
            return found(s, JarSize.PINT, i + 1);
        }
        if (s.is(i, "quart")
                || s.is(i, "quarts")
                || s.is(i, "qts") && JarCounts.countsJars(s, i)
                || s.is(i, "qt") && counted) {
            return found(s, JarSize.QUART, i + 1);
        }
        // "21 lb = 7 qt"
        if ((s.is(i, "pt") || s.is(i, "qt")) && JarCounts.isWhatComes(s, i)) {
            return Optional.of(new Found(s.is(i, "pt") ? JarSize.PINT : JarSize.QUART, i + 1));
        }
        // "Jar: pt", "jars (qt)"
        if ((s.is(i, "pt") || s.is(i, "qt"))
                && (s.is(i - 1, ":") || s.is(i - 1, "("))
                && (s.is(i - 2, "jar") || s.is(i - 2, "jars"))) {
            return Optional.of(new Found(s.is(i, "pt") ? JarSize.PINT : JarSize.QUART, i + 1));
        }
        // "1 tsp salt/qt": what a spoon is measured for
        if ((s.is(i, "pt") || s.is(i, "qt")) && s.is(i - 1, "/") && s.isBefore(i - 1, 6, DOSE)) {
            return Optional.of(new Found(s.is(i, "pt") ? JarSize.PINT : JarSize.QUART, i + 1));
        }
        // "pt jars", "qt. jars"
        int named = s.is(i + 1, ".") ? i + 2 : i + 1;
        if ((s.is(i, "pt") || s.is(i, "qt")) && (s.is(named, "jar") || s.is(named, "jars"))) {
            return Optional.of(new Found(s.is(i, "pt") ? JarSize.PINT : JarSize.QUART, named + 1));
        }
        // "2 T in each qt.", "filled hot pts"
        int share = s.is(i - 1, ".") ? i - 2 : i - 1;
        if ((s.is(i, "pt") || s.is(i, "qt"))
                && OF_ONE.contains(share >= 0 ? s.token(share).norm() : "")) {
            return Optional.of(new Found(s.is(i, "pt") ? JarSize.PINT : JarSize.QUART, i + 1));
        }
        return Optional.empty();
    }

    /** "Pint and a half jars". */
    private static boolean isAndAHalf(Sentence s, int i) {
        return (s.is(i, "pint") || s.is(i, "pints"))
                && s.is(i + 1, "and")
                && s.is(i + 2, "a")
                && s.is(i + 3, "half")
                && !s.is(i + 4, "of")
                // "I got 8 pints and a half"
                && !(s.is(i, "pints") && JarCounts.figureBefore(s, i) >= 0);
    }

    private static Optional<Found> found(Sentence s, JarSize jar, int next) {
        int end = next;
        if (s.is(end, "-")) {
            end++;
        }
        if (s.is(end, "mason") || s.is(end, "canning") || s.is(end, "size") || s.is(end, "sized")) {
            end++;
        }
        return Optional.of(new Found(jar, s.is(end, "jar") || s.is(end, "jars") ? end + 1 : next));
    }

    /** "8 oz jars", "500 ml jars", "1 litre jars", "1/2 pint", "1 1/2 pint". */
    private static Optional<Found> sized(Sentence s, int i) {
        Numbers.Figure f = Numbers.at(s.tokens(), i).orElseThrow();
        int u = s.is(f.next(), "-") ? f.next() + 1 : f.next();
        if (u >= s.size()) {
            return Optional.empty();
        }
        String unit = s.token(u).norm();
        // "I fill jar 1 quart"
        if ((s.is(i - 1, "jar") || s.is(i - 1, "jars"))
                && f.low() == 1
                && (unit.equals("quart") || unit.equals("pint") || unit.equals("liter") || unit.equals("litre"))) {
            return Optional.of(new Found(unit.equals("pint") ? JarSize.PINT : JarSize.QUART, u + 1));
        }
        if (isPint(s, u) && (f.low() == 0.5 || f.low() == 0.25 || f.low() == 1.5)) {
            JarSize jar =
                    f.low() == 0.5 ? JarSize.HALF_PINT : f.low() == 1.5 ? JarSize.PINT_AND_HALF : JarSize.QUARTER_PINT;
            // "1/2 pt. vinegar"
            int behind = s.is(u + 1, ".") ? u + 2 : u + 1;
            return JarCounts.isMeasure(s, behind) ? Optional.empty() : found(s, jar, u + 1);
        }
        boolean gallon = (unit.equals("gallon") || unit.equals("gal")) && f.low() == 0.5;
        int j = s.is(u + 1, "-") ? u + 2 : u + 1;
        while (s.is(j, "mason")
                || s.is(j, "jelly")
                || s.is(j, "canning")
                || s.is(j, "glass")
                || s.is(j, "mouth")
                || s.is(j, "wide")
                || s.is(j, "regular")
                || s.is(j, ".")) {
            j++;
        }
        // "a 10 oz jar maraschino cherries" is what something comes in
        boolean holds = s.is(j, "jar") && (s.is(j + 1, "of") || JarCounts.isMeasure(s, j + 1));
        if (holds || !(s.is(j, "jar") || s.is(j, "jars"))) {
            return Optional.empty();
        }
        double ml =
                switch (unit) {
                    case "oz", "ounce", "ounces" -> f.low() * 29.57;
                    case "ml", "millilitre", "millilitres", "milliliter", "milliliters" -> f.low();
                    case "l", "litre", "liter", "litres", "liters" -> f.low() * 1000;
                    default -> gallon ? 1893 : 0;
                };
        return ml == 0 ? Optional.empty() : Optional.of(new Found(nearest(ml), j + 1));
    }

    /** The nominal jar that holds it; metric jars run a few per cent over their US namesakes. */
    private static JarSize nearest(double ml) {
        for (JarSize jar : JarSize.values()) {
            if (ml <= jar.volume().millilitres() * 1.08) {
                return jar;
            }
        }
        return JarSize.GALLON;
    }

    /** Whether a jar is named right before a token, however many words it takes. */
    private static boolean endsAt(Sentence s, int next) {
        return IntStream.range(Math.max(0, next - LONGEST_NAME), next)
                .anyMatch(k -> at(s, k).filter(f -> f.next() == next).isPresent());
    }

    /** Tokens: "half - pint mason jars". */
    private static final int LONGEST_NAME = 5;

    /** The jar size named within a few words of a time, in the same clause. */
    Optional<JarSize> beside(Sentence s, int from, int to) {
        for (int k = to; k < Math.min(s.size(), to + BESIDE + 1); k++) {
            if (s.is(k, ",") || s.is(k, ";") || s.is(k, "and") || s.is(k, "since") || s.is(k, "because")) {
                break;
            }
            Optional<Found> jar = at(s, k);
            if (jar.isPresent()) {
                return jar.map(Found::jar);
            }
        }
        if (s.is(from - 1, "both")) {
            return Optional.empty();
        }
        for (int k = from - 1; k >= Math.max(0, from - BESIDE - 1); k--) {
            if (s.is(k, ",") || s.is(k, ";")) {
                break;
            }
            Optional<Found> jar = at(s, k);
            if (jar.isEmpty() && k > 0) {
                jar = at(s, k - 1).filter(f -> f.next() > from - BESIDE);
            }
            if (jar.isPresent()) {
                // "pints and quarts 25 min" is one time for both
                boolean joined = s.is(k - 1, "and") || s.is(k - 1, "&") || s.is(k - 1, "or");
                return joined && endsAt(s, k - 1) ? Optional.empty() : jar.map(Found::jar);
            }
        }
        return Optional.empty();
    }
}
