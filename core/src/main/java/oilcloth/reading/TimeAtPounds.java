package oilcloth.reading;

import java.util.Optional;
import java.util.Set;

/** "75 minutes at 11 pounds": a time beside a pressure is the canner's. */
final class TimeAtPounds {
    private static final Set<String> PRESSURES =
            Set.of("5", "6", "7", "8", "9", "10", "11", "12", "13", "14", "15", "five", "ten", "eleven", "fifteen");

    /** What a weight does at its pressure. */
    private static final Set<String> WEIGHT_MOVES =
            Set.of("jiggling", "jiggled", "rocking", "rocked", "dancing", "jiggles", "rocks");

    private TimeAtPounds() {}

    /** "at 10 pounds for an hour", "15 lb 75 min". */
    static boolean isBehind(Sentence s, int from) {
        // "ten pounds (weight) twenty five min."
        if (s.is(from - 1, "for")
                && from > 2
                && PRESSURES.contains(s.token(from - 2).norm())
                && s.is(from - 3, "at")) {
            // "the gauge was kept at 11 for 40 minutes"
            return true;
        }
        boolean joins = s.is(from - 1, "and") || s.is(from - 1, ",") || s.is(from - 1, "for") && s.is(from - 2, ")");
        int joined = joins ? from - 1 : from;
        int end = s.is(joined - 1, ")") ? opening(s, joined - 1) : s.is(joined, "and") ? joined : from;
        int k = s.is(end - 1, "for") || s.is(end - 1, ",") || s.is(end - 1, "x") ? end - 2 : end - 1;
        if ((s.is(k, "weighted")
                        || k >= 0 && PARTS_OF_A_CANNER.contains(s.token(k).norm()))
                && (s.is(k - 1, "#")
                        || s.is(k - 1, "psi")
                        || s.is(k - 1, "lb")
                        || s.is(k - 1, "lbs")
                        || s.is(k - 1, "pound")
                        || s.is(k - 1, "pounds"))) {
            // "ten lb weight 45 min"
            k--;
        }
        if (k > 1 && WEIGHT_MOVES.contains(s.token(k).norm()) && s.is(k - 1, "weight")) {
            // "10 lb weight jiggling for 25 min"
            k -= 2;
        }
        if (k > 2 && s.is(k - 1, "the") && (s.is(k - 2, "on") || s.is(k - 2, "by"))) {
            // "11 pounds on the dial for 25 minutes"
            k -= 3;
        }
        if (k < 1) {
            return false;
        }
        String unit = s.token(k).norm();
        boolean pounds = unit.equals("psi")
                || unit.equals("#")
                || unit.startsWith("lb")
                || unit.startsWith("pound")
                || unit.equals("pressure");
        return pounds
                && (s.is(from - 1, "for")
                        || s.is(from - 1, "x")
                        || PRESSURES.contains(s.token(k - 1).norm()));
    }

    /** The token of the bracket that closes at {@code close}. */
    private static int opening(Sentence s, int close) {
        int k = close;
        while (k > 0 && !s.is(k, "(")) {
            k--;
        }
        return k;
    }

    /** "30 min at 12 lb", "75 min, 15 lbs, weighted gauge". */
    static boolean isBefore(Sentence s, int to) {
        // "25 min pints / 40 min quarts @ 11 lb"
        int bracket = s.is(to, "(") ? to + 1 : to;
        int jar = JarMentions.at(s, bracket).map(JarMentions.Found::next).orElse(bracket);
        // "45 minutes (half-pints) at 11 lb"
        int behind = bracket == to ? jar : jar > bracket && s.is(jar, ")") ? jar + 1 : to;
        int k = s.is(behind, ",") || s.is(behind, ";") ? behind + 1 : behind;
        // "75 minutes with the dial at 11 pounds"
        boolean dial = s.is(k, "with") && (s.is(k + 2, "dial") || s.is(k + 2, "gauge") || s.is(k + 2, "needle"));
        k = dial ? k + 3 : k;
        k = s.is(k, "at") || s.is(k, "@") || dial && s.is(k, "on") ? k + 1 : k;
        Optional<Numbers.Figure> figure = k < s.size() ? Numbers.at(s.tokens(), k) : Optional.empty();
        boolean at = s.is(k - 1, "at") || s.is(k - 1, "@");
        if (figure.isEmpty()) {
            return false;
        }
        // "vented 10 min and 40 min at 10."
        if (at
                && PRESSURES.contains(s.token(k).norm())
                && endsClause(s, figure.get().next())) {
            return true;
        }
        if (figure.get().next() >= s.size()) {
            return false;
        }
        String unit = s.token(figure.get().next()).norm();
        boolean pounds = unit.equals("psi")
                || unit.equals("#")
                || unit.startsWith("lb")
                || unit.startsWith("pound")
                // "75 min @ 11 dial"
                || unit.equals("dial");
        return pounds
                && (at
                        || PRESSURES.contains(s.token(k).norm())
                                && endsClause(s, figure.get().next() + 1)
                        || s.low().contains("gauge")
                        || s.low().contains("dial")
                        || s.low().contains("weight")
                        || s.low().contains("pressure")
                        || s.low().contains("canner")
                        || s.low().contains("psi")
                        || s.low().contains("vent"));
    }

    /** "10 lb." and "10 lb weighted" are a pressure, "10 lb beef" is not. */
    private static boolean endsClause(Sentence s, int at) {
        return at >= s.size()
                || !s.token(at).isWord()
                || TimeWords.PROCESS.contains(s.token(at).norm())
                || PARTS_OF_A_CANNER.contains(s.token(at).norm());
    }

    private static final Set<String> PARTS_OF_A_CANNER = Set.of("dial", "rocker", "jiggler", "regulator", "weight");
}
