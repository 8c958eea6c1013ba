package oilcloth.reading;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import oilcloth.measure.Amount;
import oilcloth.measure.Unit;
import oilcloth.text.Token;

/** Reads an amount at a token: figure, unit, and sizes in brackets such as {@code 2 (14 oz) cans}. */
final class Amounts {
    /** An amount, and the token after it; {@code unitSaid} is false for a bare count. */
    record Found(Amount amount, int next, boolean unitSaid) {}

    private static final Set<String> ABOUT = Set.of(
            "about",
            "approximately",
            "approx",
            "roughly",
            "around",
            "nearly",
            "almost",
            "just",
            "under",
            "over",
            "heaping",
            "scant",
            "generous",
            "some",
            "maybe",
            "~");

    private static final Set<String> SIZED = Set.of("whole", "full", "big", "large", "small", "good", "nice");

    /** "Pints, tablespoon of bottled lemon juice in each": one of them. */
    private static final Set<String> SPOONS = Set.of("tablespoon", "tbsp", "teaspoon", "tsp");

    private static final Set<String> JOINS = Set.of("and", "with", "plus", "then", "put", "add");

    private static final Map<String, Double> PARTS = Map.of("half", 0.5, "quarter", 0.25, "third", 1.0 / 3);

    private Amounts() {}

    /** The amount at a token; of "11 cups or 4 lbs" the first, and the token behind both. */
    static Optional<Found> at(List<Token> tokens, int at) {
        return one(tokens, at).map(first -> withOther(tokens, first));
    }

    /** By measure and by weight. */
    static final Set<Unit.Kind> MEASURES = Set.of(Unit.Kind.VOLUME, Unit.Kind.MASS);

    private static Found withOther(List<Token> tokens, Found first) {
        int or = first.next();
        if (!first.unitSaid()
                || or + 1 >= tokens.size()
                || !tokens.get(or).is("or")
                || !MEASURES.contains(first.amount().unit().kind())) {
            return first;
        }
        return one(tokens, or + 1)
                .filter(Found::unitSaid)
                .filter(other -> MEASURES.contains(other.amount().unit().kind())
                        && other.amount().unit().kind() != first.amount().unit().kind())
                .map(other -> new Found(first.amount(), other.next(), true))
                .orElse(first);
    }

    private static Optional<Found> one(List<Token> tokens, int at) {
        if (at >= tokens.size()) {
            return Optional.empty();
        }
        Optional<Numbers.Figure> figure = Numbers.at(tokens, at);
        if (figure.isEmpty()) {
            return unmeasuredPack(tokens, at);
        }
        Numbers.Figure f = figure.get();
        boolean exact = at == 0 || !ABOUT.contains(tokens.get(at - 1).norm());
        boolean article = tokens.get(at).is("a") || tokens.get(at).is("an");
        int i = f.next();
        if (article
                && i < tokens.size()
                && SIZED.contains(tokens.get(i).norm())
                && Units.at(tokens, i + 1).isPresent()) {
            // "a whole head", "a full cup"
            i++;
        }
        // "2 (14 oz) cans": two of fourteen ounces
        if (i < tokens.size() && tokens.get(i).is("(")) {
            Optional<Found> inner = at(tokens, i + 1);
            if (inner.isPresent() && inner.get().unitSaid() && inner.get().next() < tokens.size()) {
                int close = inner.get().next();
                int afterClose = tokens.get(close).is(")") ? close + 1 : -1;
                if (afterClose > 0
                        && Units.at(tokens, afterClose)
                                .map(u -> u.unit().kind() == Unit.Kind.PACK)
                                .orElse(false)) {
                    int next = Units.at(tokens, afterClose).orElseThrow().next();
                    return Optional.of(new Found(scaled(inner.get().amount(), f), next, true));
                }
            }
        }
        Optional<Units.Found> unit = Units.at(tokens, i);
        if (unit.isPresent() && tokens.get(i).is("c") && f.low() >= MOST_CUPS) {
            // "boiled to 104 C"
            return Optional.empty();
        }
        if (unit.isPresent()) {
            int next = unit.get().next();
            Unit u = unit.get().unit();
            // "14-oz can", "8 ounce package": the pack is the container, the figure is the content
            Optional<Units.Found> container = Units.at(tokens, next);
            if (u.kind() == Unit.Kind.MASS
                    && container.isPresent()
                    && container.get().unit().kind() == Unit.Kind.PACK) {
                next = container.get().next();
            }
            if (u.kind() == Unit.Kind.MASS
                    && next + 1 < tokens.size()
                    && tokens.get(next).is("-")
                    && tokens.get(next + 1).is("ish")) {
                // "1/2 lb-ish per pint"
                next += 2;
            }
            // "2 14-oz cans"
            if (u.kind() == Unit.Kind.PACK) {
                Optional<Found> bracket = bracketed(tokens, next);
                bracket = bracket.isPresent() ? bracket : weighed(tokens, next);
                if (bracket.isPresent()) {
                    return Optional.of(new Found(
                            scaled(bracket.get().amount(), f), bracket.get().next(), true));
                }
            }
            OptionalDouble part = andPart(tokens, next);
            if (part.isPresent()) {
                double more = part.getAsDouble();
                return Optional.of(new Found(new Amount(f.low() + more, f.high() + more, u, exact), next + 3, true));
            }
            Amount amount = plus(tokens, new Amount(f.low(), f.high(), u, exact), next);
            return Optional.of(new Found(amount, afterPlus(tokens, next), true));
        }
        if (!article && i < tokens.size() && tokens.get(i).isNumber()) {
            Optional<Found> inner = at(tokens, i);
            if (inner.isPresent()
                    && inner.get().unitSaid()
                    && inner.get().amount().unit().kind() == Unit.Kind.MASS
                    && f.low() <= 12
                    && f.low() == Math.rint(f.low())) {
                return Optional.of(
                        new Found(scaled(inner.get().amount(), f), inner.get().next(), true));
            }
        }
        return article
                ? Optional.empty()
                : Optional.of(new Found(new Amount(f.low(), f.high(), Unit.EACH, exact), i, false));
    }

    /** Behind more than so many, a "C" is of degrees. */
    private static final double MOST_CUPS = 60;

    /** "a cup and a half", "a teaspoon and a quarter of salt": a part more of the same unit. */
    private static OptionalDouble andPart(List<Token> tokens, int i) {
        boolean joins = i + 2 < tokens.size()
                && tokens.get(i).is("and")
                && (tokens.get(i + 1).is("a") || tokens.get(i + 1).is("one"));
        Double part = joins ? PARTS.get(tokens.get(i + 2).norm()) : null;
        // "a cup and a half pound" are two amounts
        return part == null || Units.at(tokens, i + 3).isPresent() ? OptionalDouble.empty() : OptionalDouble.of(part);
    }

    /** "3/4 cup plus 2 Tbsp" is one amount. */
    private static Amount plus(List<Token> tokens, Amount amount, int i) {
        Optional<Found> more = plusFound(tokens, i);
        if (more.isEmpty() || more.get().amount().unit().kind() != amount.unit().kind()) {
            return amount;
        }
        Amount m = more.get().amount();
        double factor = m.unit().inBase() / amount.unit().inBase();
        return new Amount(
                amount.low() + m.low() * factor, amount.high() + m.high() * factor, amount.unit(), amount.exact());
    }

    private static int afterPlus(List<Token> tokens, int i) {
        return plusFound(tokens, i).map(Found::next).orElse(i);
    }

    private static Optional<Found> plusFound(List<Token> tokens, int i) {
        boolean joins = i + 1 < tokens.size()
                && (tokens.get(i).is("plus")
                        || tokens.get(i).is("+")
                        || tokens.get(i).is("and"));
        if (!joins || !tokens.get(i + 1).isNumber()) {
            return Optional.empty();
        }
        Optional<Numbers.Figure> f = Numbers.at(tokens, i + 1);
        Optional<Units.Found> u = f.flatMap(n -> Units.at(tokens, n.next()));
        if (u.isEmpty() || u.get().unit().kind() != Unit.Kind.VOLUME) {
            return Optional.empty();
        }
        // "2 cups water and 3 cups vinegar" has a food between; "1 cup and 2 Tbsp sugar" has none
        return Optional.of(new Found(
                new Amount(f.get().low(), f.get().high(), u.get().unit(), true),
                u.get().next(),
                true));
    }

    private static Amount scaled(Amount one, Numbers.Figure count) {
        return new Amount(one.low() * count.low(), one.high() * count.high(), one.unit(), one.exact());
    }

    /** "1 box 1 3/4 oz powdered pectin". */
    private static Optional<Found> weighed(List<Token> tokens, int i) {
        return i < tokens.size() && tokens.get(i).isNumber()
                ? at(tokens, i).filter(a -> a.unitSaid() && a.amount().unit().kind() == Unit.Kind.MASS)
                : Optional.empty();
    }

    private static Optional<Found> bracketed(List<Token> tokens, int i) {
        if (i < tokens.size() && tokens.get(i).is("(")) {
            Optional<Found> inner = at(tokens, i + 1);
            if (inner.isPresent()
                    && inner.get().unitSaid()
                    && inner.get().next() < tokens.size()
                    && tokens.get(inner.get().next()).is(")")) {
                return Optional.of(new Found(inner.get().amount(), inner.get().next() + 1, true));
            }
        }
        return Optional.empty();
    }

    /** "a handful of", "a bunch of" were read above; "handfuls of" has no figure at all. */
    private static Optional<Found> unmeasuredPack(List<Token> tokens, int at) {
        Token t = tokens.get(at);
        if (t.is("handful") || t.is("handfuls") || t.is("bunch") || t.is("pinch")) {
            Unit unit = Units.at(tokens, at).orElseThrow().unit();
            return Optional.of(new Found(new Amount(1, 1, unit, false), at + 1, true));
        }
        if (SPOONS.contains(t.norm())
                && at + 1 < tokens.size()
                && tokens.get(at + 1).is("of")
                && (at == 0
                        || !tokens.get(at - 1).isWord() && !tokens.get(at - 1).isNumber()
                        || JOINS.contains(tokens.get(at - 1).norm()))) {
            Unit unit = Units.at(tokens, at).orElseThrow().unit();
            return Optional.of(new Found(Amount.of(1, unit), at + 1, true));
        }
        if (t.is("equal")
                && at + 1 < tokens.size()
                && (tokens.get(at + 1).is("parts") || tokens.get(at + 1).is("amounts"))) {
            int next = at + 2 < tokens.size() && tokens.get(at + 2).is("of") ? at + 3 : at + 2;
            return Optional.of(new Found(Amount.of(1, Unit.PART), next, true));
        }
        return Optional.empty();
    }
}
