package oilcloth.reading;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import oilcloth.measure.Amount;
import oilcloth.measure.JarSize;
import oilcloth.measure.Unit;
import oilcloth.recipe.Ingredient;

/**
 * One dose told for two jars: "2 Tbsp per quart or 1 per pint", "2 T for quarts, 1 T for pints", "2 T/qt (1 T/pt)". Where
 * both come to the same the first is the dose, and the other's words are claimed; where they do not, nobody reads them.
 */
final class JarDoses {
    private static final Set<String> PER = Set.of("per", "each", "every", "/");
    private static final Set<String> GOES_IN = Set.of("to", "in", "into", "for");
    private static final Set<String> EACH = Set.of("each", "every", "a", "the", "per");
    private static final Set<String> JAR_IS = Set.of("hot", "clean", "empty", "sterile", "warm");
    private static final Set<String> JOINS = Set.of("or", "and", ",", ";", "/", "(", "-", "–", "but");
    private static final Map<String, JarSize> SHORT =
            Map.of("qt", JarSize.QUART, "qts", JarSize.QUART, "pt", JarSize.PINT, "pts", JarSize.PINT);

    /** Words between a figure and its jar: "1 Tbsp of lemon juice per pint". */
    private static final int NAME_WORDS = 5;
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
     * The jar of the first of two doses that come to the same. The words of the other are claimed.
     *
     * @param to the token behind the amount and its food
     */
    static Optional<Ingredient.PerJar> of(Sentence s, int to, Amount amount) {
        if (amount.unit().kind() != Unit.Kind.VOLUME) {
            return Optional.empty();
        }
        Optional<Jar> first = jarAt(s, to);
        int next = first.map(Jar::next).orElse(s.size());
        int joins = 0;
        while (joins < MOST_JOINS
                && next < s.size()
                && JOINS.contains(s.token(next).norm())) {
            next++;
            joins++;
        }
        if (joins == 0) {
            return Optional.empty();
        }
        Dose told = new Dose(amount, first.get().size().pints());
        return other(s, next, amount.unit()).filter(told::isAs).isPresent()
                ? Optional.of(new Ingredient.PerJar(first.map(Jar::size)))
                : Optional.empty();
    }

    /** The other dose, claimed; its unit may be left to the first. */
    private static Optional<Dose> other(Sentence s, int from, Unit unit) {
        Optional<Amounts.Found> found = Amounts.at(s.tokens(), from)
                .filter(a -> !a.unitSaid() || a.amount().unit() == unit);
        if (found.isEmpty()) {
            return Optional.empty();
        }
        Amount amount = new Amount(
                found.get().amount().low(),
                found.get().amount().high(),
                unit,
                found.get().amount().exact());
        for (int k = found.get().next(); k <= found.get().next() + NAME_WORDS && k < s.size(); k++) {
            Optional<Jar> jar = jarAt(s, k);
            if (jar.isPresent()) {
                s.claim(from, jar.get().next());
                return Optional.of(new Dose(amount, jar.get().size().pints()));
            }
            if (!s.token(k).isWord()) {
                return Optional.empty();
            }
        }
        return Optional.empty();
    }

    /** "per quart", "/qt", "in each hot pint", "for quarts", "qt". */
    private static Optional<Jar> jarAt(Sentence s, int from) {
        int at = from;
        if (isOf(PER, s, at)) {
            at++;
        } else if (isOf(GOES_IN, s, at)) {
            at++;
            at = isOf(EACH, s, at) ? at + 1 : at;
            while (isOf(JAR_IS, s, at)) {
                at++;
            }
        } else if (s.is(at, "a")) {
            at++;
        }
        boolean dotted = s.is(at + 1, ".");
        if (at < s.size() && SHORT.containsKey(s.token(at).norm())) {
            return Optional.of(new Jar(SHORT.get(s.token(at).norm()), dotted ? at + 2 : at + 1));
        }
        return at == from || at >= s.size()
                ? Optional.empty()
                : JarMentions.at(s, at).map(j -> new Jar(j.jar(), j.next()));
    }

    private static boolean isOf(Set<String> words, Sentence s, int i) {
        return i < s.size() && words.contains(s.token(i).norm());
    }
}
