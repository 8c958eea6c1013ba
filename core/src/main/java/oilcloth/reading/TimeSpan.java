package oilcloth.reading;

import java.util.Optional;

/**
 * A span of time as somebody writes it: "an hour and a half", "20 full min".
 *
 * @param least minutes; of a span that is not of the clock the bare figure
 * @param most the same, of a range
 * @param clock minutes or hours, not days or weeks
 * @param next the token behind it
 */
record TimeSpan(double least, double most, boolean clock, int next) {
    private static final int MINUTES_OF_AN_HOUR = 60;
    private static final int HOURS_OF_A_CLOCK = 12;
    private static final int LEAST_UNDER_PRESSURE = 8;

    private static boolean isMinutes(Sentence s, Numbers.Figure f) {
        int next = f.next();
        boolean whole =
                f.low() == f.high() && f.low() == Math.rint(f.low()) && f.low() >= 5 && f.low() < MINUTES_OF_AN_HOUR;
        return whole
                && (next >= s.size()
                        || !s.token(next).isWord() && !s.is(next, "%") && !s.is(next, "/")
                        || s.is(next, "at")
                        || s.is(next, "in")
                        || s.is(next, "for"));
    }

    /** "75 at 11 lb": before a pressure stand minutes. */
    private static boolean atPressure(Sentence s, int at) {
        if (!s.is(at, "at") && !s.is(at, "@")) {
            return false;
        }
        Optional<Numbers.Figure> pounds = at + 1 < s.size() ? Numbers.at(s.tokens(), at + 1) : Optional.empty();
        return pounds.filter(p -> p.next() < s.size())
                .map(p -> s.token(p.next()).norm())
                .filter(unit ->
                        unit.equals("psi") || unit.equals("#") || unit.startsWith("lb") || unit.startsWith("pound"))
                .isPresent();
    }

    static Optional<TimeSpan> at(Sentence s, int i) {
        return read(s, i).map(d -> d.pastTheOther(s));
    }

    /** "30 minutes instead of 20", "18 minutes, not 20": the second figure is not what was done. */
    private TimeSpan pastTheOther(Sentence s) {
        int not = s.is(next, ",") ? next + 1 : next;
        int other = s.is(not, "instead") && s.is(not + 1, "of") || s.is(not, "rather") && s.is(not + 1, "than")
                ? not + 2
                : s.is(not, "not") ? not + 1 : next;
        int at = s.is(other, "the") ? other + 1 : other;
        Optional<Numbers.Figure> figure =
                clock && other > next && at < s.size() ? Numbers.at(s.tokens(), at) : Optional.empty();
        return figure.map(f -> new TimeSpan(
                        least,
                        most,
                        true,
                        f.next() < s.size()
                                        && TimeWords.MINUTE.contains(
                                                s.token(f.next()).norm())
                                ? f.next() + 1
                                : f.next()))
                .orElse(this);
    }

    private static Optional<TimeSpan> read(Sentence s, int i) {
        Optional<Numbers.Figure> figure = Numbers.at(s.tokens(), i);
        if (figure.isEmpty()) {
            return Optional.empty();
        }
        Numbers.Figure f = figure.get();
        int u = f.next();
        while (s.is(u, "-")
                || s.is(u, "+")
                || s.is(u, "full")
                || s.is(u, "more")
                || s.is(u, "solid")
                || s.is(u, "good")
                || s.is(u, "extra")
                || s.is(u, "whole")) {
            u++;
        }
        if (u >= s.size()) {
            return Optional.empty();
        }
        // "75:00", and not "at 8:00"
        if (s.is(u, ":")
                && u == f.next()
                && f.low() > HOURS_OF_A_CLOCK
                && u + 1 < s.size()
                && s.token(u + 1).raw().equals("00")) {
            return Optional.of(new TimeSpan(f.low(), f.high(), true, u + 2));
        }
        String unit = s.token(u).norm();
        int next = s.is(u + 1, ".")
                        && u + 2 < s.size()
                        && !Character.isUpperCase(s.token(u + 2).raw().charAt(0))
                ? u + 2
                : u + 1;
        if (TimeWords.MINUTE.contains(unit)) {
            return Optional.of(new TimeSpan(f.low(), f.high(), true, next));
        }
        // "75 m @ 10 lb", "vent 10'": elsewhere an m is a metre, and the sign a foot
        if ((unit.equals("m") || unit.equals("'"))
                && (atPressure(s, u + 1) || s.is(i - 1, "vent") || s.is(i - 1, "vented"))) {
            return Optional.of(new TimeSpan(f.low(), f.high(), true, next));
        }
        // "our 4-H club"
        boolean club = f.low() == 4 && s.token(u).raw().equals("H");
        if (TimeWords.HOUR.contains(unit) && !club) {
            double least = f.low() * 60;
            double most = f.high() * 60;
            int join = s.is(next, "and") || s.is(next, ",") ? next + 1 : next;
            // "an hour and a half", "1 hour 30 minutes"
            if (s.is(next, "and") && s.is(next + 1, "a") && (s.is(next + 2, "half") || s.is(next + 2, "quarter"))) {
                double more = s.is(next + 2, "half") ? 30 : 15;
                return Optional.of(new TimeSpan(least + more, most + more, true, next + 3));
            }
            Optional<Numbers.Figure> rest = Numbers.at(s.tokens(), Math.min(join, s.size()));
            if (rest.isPresent()
                    && rest.get().next() < s.size()
                    && TimeWords.MINUTE.contains(s.token(rest.get().next()).norm())) {
                return Optional.of(new TimeSpan(
                        least + rest.get().low(),
                        most + rest.get().high(),
                        true,
                        rest.get().next() + 1));
            }
            // "one hour fifteen at ten pounds"
            if (join == next && rest.isPresent() && isMinutes(s, rest.get())) {
                return Optional.of(new TimeSpan(
                        least + rest.get().low(),
                        most + rest.get().high(),
                        true,
                        rest.get().next()));
            }
            return Optional.of(new TimeSpan(least, most, true, next));
        }
        if (atPressure(s, u) && f.low() >= LEAST_UNDER_PRESSURE && f.low() == Math.rint(f.low())) {
            return Optional.of(new TimeSpan(f.low(), f.high(), true, u));
        }
        return TimeWords.OTHER.contains(unit)
                ? Optional.of(new TimeSpan(f.low(), f.high(), false, next))
                : Optional.empty();
    }
}
