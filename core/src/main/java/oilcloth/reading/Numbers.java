package oilcloth.reading;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import oilcloth.measure.Fractions;
import oilcloth.text.Token;

/** Reads a figure at a token: digits, fractions, mixed numbers, number words, ranges. */
final class Numbers {
    /** A figure or range, and the token after it. */
    record Figure(double low, double high, int next) {}

    private static final Map<String, Integer> ONES = Map.ofEntries(
            Map.entry("one", 1),
            Map.entry("two", 2),
            Map.entry("three", 3),
            Map.entry("four", 4),
            Map.entry("five", 5),
            Map.entry("six", 6),
            Map.entry("seven", 7),
            Map.entry("eight", 8),
            Map.entry("nine", 9),
            Map.entry("ten", 10),
            Map.entry("eleven", 11),
            Map.entry("twelve", 12),
            Map.entry("thirteen", 13),
            Map.entry("fourteen", 14),
            Map.entry("fifteen", 15),
            Map.entry("sixteen", 16),
            Map.entry("seventeen", 17),
            Map.entry("eighteen", 18),
            Map.entry("nineteen", 19),
            Map.entry("dozen", 12));
    private static final Map<String, Integer> TENS = Map.of(
            "twenty", 20, "thirty", 30, "forty", 40, "fifty", 50, "sixty", 60, "seventy", 70, "eighty", 80, "ninety",
            90);
    private static final Map<String, Double> PARTS = Map.of(
            "half",
            0.5,
            "third",
            1 / 3.0,
            "thirds",
            1 / 3.0,
            "quarter",
            0.25,
            "quarters",
            0.25,
            "fourth",
            0.25,
            "fourths",
            0.25,
            "eighth",
            0.125,
            "eighths",
            0.125);

    private Numbers() {}

    /** What "some" may stand for behind a round figure: less than one more of its last place that is no nought. */
    private static double upTo(double round) {
        double place = 10;
        while (round > 0 && round % (place * 10) == 0) {
            place *= 10;
        }
        return place - 1;
    }

    /** The figure that starts at token {@code at}, the longest reading first. */
    static Optional<Figure> at(List<Token> tokens, int at) {
        Optional<Figure> first = single(tokens, at);
        if (first.isEmpty()) {
            return first;
        }
        Figure low = first.get();
        int next = low.next();
        // "4- to 5-inch"
        if (next + 2 < tokens.size()
                && tokens.get(next).is("-")
                && tokens.get(next + 1).is("to")) {
            next++;
        }
        // "20-some minutes", "1,200-odd feet"
        if (next + 1 < tokens.size()
                && tokens.get(next).is("-")
                && (tokens.get(next + 1).is("some") || tokens.get(next + 1).is("odd"))) {
            return Optional.of(new Figure(low.low(), low.low() + upTo(low.low()), next + 2));
        }
        // "between 500 and 3,000 ft"
        boolean between = at > 0
                && next < tokens.size()
                && tokens.get(at - 1).is("between")
                && tokens.get(next).is("and");
        if (next + 1 < tokens.size() && (between || isRangeSign(tokens, next))) {
            Optional<Figure> second = single(tokens, next + 1);
            if (second.isPresent() && second.get().low() > low.low() && !isListed(tokens, at, second.get())) {
                return Optional.of(
                        new Figure(low.low(), second.get().low(), second.get().next()));
            }
        }
        return first;
    }

    /** "Vent 10 - 11 lb - 90 min": one fact after another. */
    private static boolean isListed(List<Token> tokens, int at, Figure second) {
        boolean vents =
                at > 0 && (tokens.get(at - 1).is("vent") || tokens.get(at - 1).is("vented"));
        return vents
                && second.next() < tokens.size()
                && POUNDS.contains(tokens.get(second.next()).norm());
    }

    private static final Set<String> POUNDS = Set.of("lb", "lbs", "pounds", "psi", "#");

    private static boolean isRangeSign(List<Token> tokens, int i) {
        Token t = tokens.get(i);
        return t.is("to") || t.is("or") || t.is("-") || t.is("–") || t.is("—");
    }

    private static Optional<Figure> single(List<Token> tokens, int at) {
        if (at >= tokens.size()) {
            return Optional.empty();
        }
        Token t = tokens.get(at);
        if (t.isNumber()) {
            return Optional.of(digits(tokens, at));
        }
        return t.isWord() ? words(tokens, at) : Optional.empty();
    }

    private static boolean isWhole(String number) {
        for (int i = 0; i < number.length(); i++) {
            if (!Character.isDigit(number.charAt(i))) {
                return false;
            }
        }
        return true;
    }

    private static Figure digits(List<Token> tokens, int at) {
        String raw = tokens.get(at).raw();
        if (Fractions.isVulgar(raw.charAt(0))) {
            double value = Fractions.vulgar(raw.charAt(0));
            return new Figure(value, value, at + 1);
        }
        double value = parse(raw);
        int next = at + 1;
        if (next < tokens.size() && tokens.get(next).is("dozen")) {
            return new Figure(value * 12, value * 12, next + 1);
        }
        if (next < tokens.size() && tokens.get(next).is("and")) {
            Figure more = andPart(tokens, value, next);
            if (more.low() != value) {
                return more;
            }
        }
        boolean whole = isWhole(raw);
        if (whole && next < tokens.size()) {
            // "1 1/2", "1-1/2", "1½", "1 and 1/2"
            int f = tokens.get(next).is("-")
                            || tokens.get(next).is("and")
                            || tokens.get(next).is("&")
                    ? next + 1
                    : next;
            if (f < tokens.size()) {
                Optional<Double> fraction = fraction(tokens.get(f));
                if (fraction.isPresent()) {
                    return new Figure(value + fraction.get(), value + fraction.get(), f + 1);
                }
            }
        }
        return new Figure(value, value, next);
    }

    private static Optional<Double> fraction(Token t) {
        if (!t.isNumber()) {
            return Optional.empty();
        }
        if (Fractions.isVulgar(t.raw().charAt(0))) {
            return Optional.of(Fractions.vulgar(t.raw().charAt(0)));
        }
        int slash = t.raw().indexOf('/');
        if (slash < 0) {
            return Optional.empty();
        }
        double value = parse(t.raw());
        return value < 1 ? Optional.of(value) : Optional.empty();
    }

    private static double parse(String raw) {
        int slash = raw.indexOf('/');
        if (slash < 0) {
            return Double.parseDouble(raw.replace(",", ""));
        }
        double below = Double.parseDouble(raw.substring(slash + 1).replace(",", ""));
        double above = Double.parseDouble(raw.substring(0, slash).replace(",", ""));
        return below == 0 ? above : above / below;
    }

    private static Optional<Figure> words(List<Token> tokens, int at) {
        String w = tokens.get(at).norm();
        if (w.equals("half") || w.equals("quarter") || w.equals("third")) {
            int next = at + 1;
            // "quarter the tomatoes", "half of the batch": cutting, or a share of something told elsewhere
            int article = next < tokens.size() && tokens.get(next).is("of") ? next + 1 : next;
            if (article < tokens.size()
                    && (tokens.get(article).is("the") || tokens.get(article).is("them"))) {
                return Optional.empty();
            }
            if (w.equals("quarter")
                    && at > 0
                    && tokens.get(at - 1).is("and")
                    && next < tokens.size()
                    && tokens.get(next).norm().endsWith("s")) {
                // "wash and quarter tomatoes"
                return Optional.empty();
            }
            if (next < tokens.size() && tokens.get(next).is("of")) {
                next++;
            }
            if (next < tokens.size()
                    && (tokens.get(next).is("a") || tokens.get(next).is("an"))) {
                next++;
            }
            if (w.equals("half") && next < tokens.size() && tokens.get(next).is("dozen")) {
                return Optional.of(new Figure(6, 6, next + 1));
            }
            return Optional.of(new Figure(PARTS.get(w), PARTS.get(w), next));
        }
        if (w.equals("a") || w.equals("an")) {
            return article(tokens, at);
        }
        Integer ones = ONES.get(w);
        Integer tens = TENS.get(w);
        if (ones == null && tens == null) {
            if (w.equals("couple")
                    && at + 1 < tokens.size()
                    && tokens.get(at + 1).is("dozen")) {
                return Optional.of(new Figure(24, 24, at + 2));
            }
            return w.equals("couple") ? Optional.of(new Figure(2, 2, skipOf(tokens, at + 1))) : Optional.empty();
        }
        double value = ones != null ? ones : tens;
        int next = at + 1;
        if (tens != null && next < tokens.size()) {
            int unit = tokens.get(next).is("-") ? next + 1 : next;
            Integer more = unit < tokens.size() ? ONES.get(tokens.get(unit).norm()) : null;
            if (more != null && more < 10) {
                value += more;
                next = unit + 1;
            }
        }
        if (next < tokens.size() && tokens.get(next).is("dozen")) {
            return Optional.of(new Figure(value * 12, value * 12, next + 1));
        }
        if (next < tokens.size()
                && (tokens.get(next).is("hundred") || tokens.get(next).is("thousand"))) {
            return Optional.of(scaled(tokens, value, next));
        }
        // "three quarters", "two-thirds", "one half"
        int part = next < tokens.size() && tokens.get(next).is("-") ? next + 1 : next;
        if (part < tokens.size() && PARTS.containsKey(tokens.get(part).norm()) && value < 8) {
            double fraction = value * PARTS.get(tokens.get(part).norm());
            int after = skipOf(tokens, part + 1);
            after = after < tokens.size()
                            && (tokens.get(after).is("a") || tokens.get(after).is("an"))
                    ? after + 1
                    : after;
            return Optional.of(new Figure(fraction, fraction, after));
        }
        return Optional.of(andPart(tokens, value, next));
    }

    /** "six hundred and forty", "two thousand five hundred". */
    private static Figure scaled(List<Token> tokens, double value, int hundred) {
        double scale = tokens.get(hundred).is("hundred") ? 100 : 1000;
        double sum = value * scale;
        int next = hundred + 1;
        int rest = next < tokens.size() && tokens.get(next).is("and") ? next + 1 : next;
        if (rest < tokens.size()
                && (ONES.containsKey(tokens.get(rest).norm())
                        || TENS.containsKey(tokens.get(rest).norm()))) {
            Optional<Figure> more = words(tokens, rest).filter(f -> f.low() < scale && f.low() == Math.rint(f.low()));
            if (more.isPresent()) {
                sum += more.get().low();
                next = more.get().next();
            }
        }
        return new Figure(sum, sum, next);
    }

    /** "one and a half", "two and three quarters". */
    private static Figure andPart(List<Token> tokens, double value, int next) {
        if (next < tokens.size() && tokens.get(next).is("and")) {
            int i = next + 1;
            double many = 1;
            if (i < tokens.size() && (tokens.get(i).is("a") || tokens.get(i).is("one"))) {
                i++;
            } else if (i < tokens.size() && ONES.containsKey(tokens.get(i).norm())) {
                many = ONES.get(tokens.get(i).norm());
                i++;
            }
            if (i < tokens.size() && PARTS.containsKey(tokens.get(i).norm())) {
                double sum = value + many * PARTS.get(tokens.get(i).norm());
                return new Figure(sum, sum, i + 1);
            }
        }
        return new Figure(value, value, next);
    }

    private static Optional<Figure> article(List<Token> tokens, int at) {
        int next = at + 1;
        if (next >= tokens.size()) {
            return Optional.empty();
        }
        String w = tokens.get(next).norm();
        if (w.equals("dozen")) {
            return Optional.of(new Figure(12, 12, next + 1));
        }
        if (w.equals("hundred") || w.equals("thousand")) {
            return Optional.of(scaled(tokens, 1, next));
        }
        if (w.equals("couple")) {
            return Optional.of(new Figure(2, 2, skipOf(tokens, next + 1)));
        }
        if (PARTS.containsKey(w)) {
            int after = next + 1;
            if (after < tokens.size() && tokens.get(after).is("of")) {
                after = skipOf(tokens, after);
            }
            if (after < tokens.size()
                    && (tokens.get(after).is("a") || tokens.get(after).is("an"))) {
                after++;
            }
            return Optional.of(new Figure(PARTS.get(w), PARTS.get(w), after));
        }
        // A bare "a" counts only before a unit; the caller checks that.
        return Optional.of(new Figure(1, 1, next));
    }

    private static int skipOf(List<Token> tokens, int i) {
        return i < tokens.size() && tokens.get(i).is("of") ? i + 1 : i;
    }
}
