package oilcloth.reading;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import oilcloth.measure.Amount;
import oilcloth.measure.JarSize;
import oilcloth.measure.Unit;
import oilcloth.recipe.Ingredient;
import oilcloth.recipe.Unread;
import oilcloth.text.Cue;

/**
 * One dose told for two jars: "2 Tbsp per quart or 1 per pint", "2 T for quarts, 1 T for pints", "2 T/qt (1 T/pt)". Where
 * both come to the same the first is the dose, and the other's words are claimed; where they do not, it is asked about.
 */
final class JarDoses {
    private static final Set<String> PER = Set.of("per", "each", "every", "/");
    private static final Set<String> GOES_IN = Set.of("to", "in", "into", "for");
    private static final Set<String> EACH = Set.of("each", "every", "a", "the", "per", "my", "our");
    private static final Set<String> JOINS = Set.of("or", "and", ",", ";", "/", "(", "-", "–", "but", "so");

    private static final Set<String> GETS = Set.of("get", "got", "take", "took", "need", "have", "had", ":", "-", "=");
    private static final Set<String> PLURAL = Set.of("pints", "quarts");

    /** Cups; no more acid was tested in a jar. */
    private static final double MOST_IN_A_JAR = 0.25;

    /** Words between a figure and its jar: "1 Tbsp of lemon juice per pint". */
    private static final int NAME_WORDS = 5;
    /** Tokens before the jars in which they may be counted: "7 hot quarts 2 Tbsp". */
    private static final int COUNT = 4;
    /** What stands between two doses. */
    private static final int MOST_JOINS = 2;

    private JarDoses() {}

    /** A jar, and the token behind it. */
    private record Jar(JarSize size, int next) {}

    /** So much of an acid to a jar of so many pints. */
    private record Dose(Amount amount, double pints) {
        private static final double NEAR = 0.02;

        boolean isAs(Dose other) {
            double mine = amount.middle() / pints;
            return Math.abs(mine - other.amount.middle() / other.pints) < NEAR * mine;
        }
    }

    /**
     * What a dose is for, where it is told by the kind of jar; a second dose is dealt with, and asked about where it does not
     * come to the same.
     *
     * @param from the first token of the amount and its food
     * @param to the token behind them
     */
    static Optional<Ingredient.PerJar> of(Sentence s, Draft draft, int from, int to, Amount amount) {
        if (!isOfAJar(amount)) {
            return Optional.empty();
        }
        Optional<Jar> behind = jarAt(s, qualified(s, to));
        Optional<Jar> jar = behind.or(() -> jarBefore(s, from, to));
        if (jar.isEmpty()) {
            return Optional.empty();
        }
        int end = Math.max(to, jar.get().next());
        int next = end;
        while (next - end < MOST_JOINS && isOf(JOINS, s, next)) {
            next++;
        }
        if (next > end && behind.isPresent() && bare(s, next).isPresent()) {
            // "for pints or quarts"
            return Optional.of(new Ingredient.PerJar(Optional.empty()));
        }
        Dose told = new Dose(amount, jar.get().size().pints());
        int at = next;
        Set<String> named = names(s, from, to);
        Optional<Other> other =
                next > end ? times(s, at, amount).or(() -> other(s, at, amount.unit(), named)) : Optional.empty();
        boolean twice = other.filter(o -> told.isAs(o.dose())).isPresent();
        if (other.isPresent() && !twice) {
            draft.unread.add(new Unread(s.span(at, other.get().next()), true));
        }
        other.ifPresent(o -> s.claim(end, o.next()));
        // "Quarts 2 Tbsp bottled lemon juice", and not "7 quarts 2 Tbsp"
        boolean heads = behind.isEmpty()
                && bare(s, from - 1).isPresent()
                && IntStream.range(Math.max(0, from - COUNT), from)
                        .noneMatch(k -> Numbers.at(s.tokens(), k).isPresent());
        boolean plural = behind.isPresent()
                && s.is(to, "for")
                && isOf(PLURAL, s, behind.get().next() - 1);
        return twice || plural || heads && other.isEmpty()
                ? Optional.of(new Ingredient.PerJar(jar.map(Jar::size)))
                : Optional.empty();
    }

    /** Whether so much may be meant for one jar. */
    static boolean isOfAJar(Amount amount) {
        return amount.unit().kind() == Unit.Kind.VOLUME
                && amount.high() * amount.unit().inBase() <= MOST_IN_A_JAR * Unit.CUP.inBase();
    }

    /** A dose for another jar, and the token behind it. */
    private record Other(Dose dose, int next) {}

    /** The dose that stands there for another jar; its unit may be left to the first. */
    private static Optional<Other> other(Sentence s, int from, Unit unit, Set<String> named) {
        Optional<Jar> before = bare(s, from);
        int at = before.map(j -> isOf(GETS, s, j.next()) ? j.next() + 1 : j.next())
                .orElse(from);
        return Amounts.at(s.tokens(), at)
                .filter(a -> !a.unitSaid() || a.amount().unit() == unit)
                .flatMap(a -> before.map(j -> new Jar(j.size(), a.next()))
                        .or(() -> named(s, a.next(), named))
                        .map(j -> new Other(
                                new Dose(
                                        new Amount(
                                                a.amount().low(),
                                                a.amount().high(),
                                                unit,
                                                a.amount().exact()),
                                        j.size().pints()),
                                j.next())));
    }

    private static final Map<String, Double> TIMES = Map.of("half", 0.5, "double", 2.0, "twice", 2.0);
    private static final Set<String> AS_MUCH = Set.of("that", "as", "much", "of", "the", "amount");

    /** "Half that in pints". */
    private static Optional<Other> times(Sentence s, int from, Amount first) {
        if (!isOf(TIMES.keySet(), s, from)) {
            return Optional.empty();
        }
        int at = from + 1;
        while (isOf(AS_MUCH, s, at)) {
            at++;
        }
        Amount amount = first.times(TIMES.get(s.token(from).norm()));
        return jarAt(s, at).map(j -> new Other(new Dose(amount, j.size().pints()), j.next()));
    }

    private static final Set<String> ITSELF = Set.of("of", "it", "the", "same", "that");

    /** The words of the first dose: in a second one they name the same thing, and any other word another. */
    private static Set<String> names(Sentence s, int from, int to) {
        return IntStream.range(from, Math.min(to, s.size()))
                .mapToObj(k -> s.token(k).norm())
                .collect(Collectors.toSet());
    }

    /** The jar behind a few words that name the acid again. */
    private static Optional<Jar> named(Sentence s, int from, Set<String> names) {
        int k = from;
        Optional<Jar> jar = jarAt(s, k);
        while (jar.isEmpty()
                && k < from + NAME_WORDS
                && k < s.size()
                && (names.contains(s.token(k).norm())
                        || ITSELF.contains(s.token(k).norm()))) {
            k++;
            jar = jarAt(s, k);
        }
        return jar;
    }

    /** The token behind "(bottled)". */
    private static int qualified(Sentence s, int to) {
        if (s.is(to, ")")) {
            return to + 1;
        }
        int close = s.is(to, "(") ? Brackets.closing(s, to) : to;
        for (int k = to; k < close; k++) {
            if (s.token(k).isNumber()) {
                return to;
            }
        }
        return close > to ? close + 1 : to;
    }

    /** "Quarts get 2 T of lemon", "lemon juice: pints 1 T". */
    private static Optional<Jar> jarBefore(Sentence s, int from, int to) {
        int gets = isOf(GETS, s, from - 1) ? from - 2 : from - 1;
        return IntStream.concat(IntStream.of(gets), IntStream.range(from, to))
                .mapToObj(k -> bare(s, k))
                .flatMap(Optional::stream)
                .findFirst();
    }

    /** "quarts". */
    private static Optional<Jar> bare(Sentence s, int at) {
        return isOf(PLURAL, s, at) ? JarMentions.at(s, at).map(j -> new Jar(j.jar(), at + 1)) : Optional.empty();
    }

    /** "per quart", "/qt", "in each hot pint", "for quarts", "qt". */
    private static Optional<Jar> jarAt(Sentence s, int from) {
        int at = from;
        if (isOf(PER, s, at)) {
            at++;
        } else if (isOf(GOES_IN, s, at)) {
            at++;
            at = isOf(EACH, s, at) ? at + 1 : at;
            while (isOf(JarShare.JAR_ADJECTIVES, s, at)) {
                at++;
            }
        } else if (s.is(at, "a")) {
            at++;
        }
        boolean dotted = s.is(at + 1, ".");
        if (at < s.size() && JarMentions.SHORT.containsKey(s.token(at).norm())) {
            return Optional.of(new Jar(JarMentions.SHORT.get(s.token(at).norm()), dotted ? at + 2 : at + 1));
        }
        return at == from || at >= s.size()
                ? Optional.empty()
                : JarMentions.at(s, at).map(j -> new Jar(j.jar(), j.next()));
    }

    private static boolean isOf(Set<String> words, Sentence s, int i) {
        return i >= 0 && i < s.size() && words.contains(s.token(i).norm());
    }

    static final Cue MORE_OF_IT = Cue.of("\\b(more|another|extra|additional|also|plus|too|again)\\b");

    /** "2 Tbsp bottled lemon juice per jar. … To each jar I add 1 Tbsp": which of them it was is asked. */
    static boolean isAnother(Ingredient known, Ingredient read) {
        if (!read.food().isAcidulant()
                || !known.food().group().equals(read.food().group())
                || known.perJar().isEmpty()
                || read.perJar().isEmpty()
                || known.amount().isEmpty()
                || read.amount().isEmpty()) {
            return false;
        }
        Optional<JarSize> jar = known.perJar().get().jar();
        Optional<JarSize> other = read.perJar().get().jar();
        return (jar.isEmpty() || other.isEmpty() || jar.equals(other)) && !SameFood.sameAmount(known, read);
    }
}
