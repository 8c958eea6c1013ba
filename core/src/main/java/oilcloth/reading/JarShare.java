package oilcloth.reading;

import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.measure.Amount;
import oilcloth.measure.Unit;
import oilcloth.recipe.Ingredient;
import oilcloth.text.Cue;

/** Whether an amount is for one jar or for the batch. */
final class JarShare {
    static final Set<String> JAR_ADJECTIVES =
            Set.of("single", "last", "sterile", "clean", "hot", "warm", "empty", "sterilized");

    private static final Cue PER_JAR = Cue.of(
            "\\b(per|each|every)\\b(?! (cup|pound|lb|batch|gallon|person|side|year|time|thousand|1))|\\ba (pint|quart|jar)\\b|\\bto the (pint|quart|jar)\\b|\\b(in|into) the (bottom of the )?((hot|clean|empty|sterile|pint|quart) )*jars?\\b(?! (of|that|with))|/ ?(pints?|quarts?|qts?|pts?|jars?)\\b");

    /** "2 in each of 7 quart jars". */
    private static final Cue OF_THE_JARS =
            Cue.of("of (the |my )?(\\w+ )?(quart|pint|half - pint)?s? ?(jars|pints|quarts)\\b");

    /** "Packed loosely in hot pints with 1 tbsp lemon juice and 1/2 t salt". */
    private static final Cue WITH_SPOONS = Cue.of(
            "(\\b(pack|fill|ladl|spoon|put|went|goes)\\w*\\b[^.;]{0,40}|(^|[,;] )(the |my |into |in )?(hot |clean |sterile |pint |quart )*)(?<!\\b(\\d{1,2}|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|dozen|all|the) )\\b(pints|quarts|half[- ]pints|jars) with [^.;]*\\b(tsps?|teaspoons?|tbsps?|tbs|tablespoons?|t)\\b[^.;]*$");

    /** "1 Tbsp to each", "in each". */
    private static final Set<String> OF_EACH = Set.of("in", "to", "into", "for");

    private static final int FEW_WORDS = 6;

    private static final Cue JARS = Cue.of("\\b(pints|quarts|jars)\\b");
    private static final Pattern NAMES_JARS =
            Pattern.compile("(?i)\\b(pints|quarts|jars|qts|pts|(each|every) (hot )?(jar|pint|quart|half[- ]pint))\\b");

    /** "2 T bottled lemon in the bottom, pressed till the juice came". */
    private static final Cue IN_THE_BOTTOM =
            Cue.of("(\\w+ ){0,3}(in|at|on) the bottom\\b(?! of (the|my|a) (\\w+ )?(pot|pan|kettle|canner|crock|bowl))");

    private JarShare() {}

    /** How much of something there is, and whether that is for each jar. */
    record Told(Optional<Amount> amount, Optional<Ingredient.PerJar> perJar) {}

    /**
     * @param from the first token of the amount and its name
     * @param to the token behind them
     * @param measured as it stands there; empty where nobody said how much
     * @param amount what that is of the food
     */
    static Told told(
            Sentence s, Draft draft, Food food, int from, int to, Optional<Amount> measured, Optional<Amount> amount) {
        Optional<Ingredient.PerJar> doses = measured.flatMap(a -> JarDoses.of(s, draft, from, to, a));
        Optional<Amount> shared =
                amount.filter(a -> doses.isEmpty() && isDosed(food)).flatMap(a -> shared(s, a, to));
        if (shared.isPresent()) {
            return new Told(shared, Optional.of(new Ingredient.PerJar(Optional.empty())));
        }
        return new Told(
                amount, doses.or(() -> measured.flatMap(a -> of(s, to, a).or(() -> withJars(s, a, to)))));
    }

    /** What is measured into each jar rather than into the pot. */
    private static boolean isDosed(Food food) {
        return food.kind() == FoodClass.ACID && !food.isVinegar()
                || food.kind() == FoodClass.FRESH_HERB
                || food.name().equals("garlic");
    }

    /** What the jars, not so and so many of them, are packed with by the spoon. */
    private static Optional<Ingredient.PerJar> withJars(Sentence s, Amount amount, int to) {
        String told =
                s.low().substring(0, s.token(to - 1).range().end() - s.range().start());
        return JarDoses.isOfAJar(amount)
                        && (told.contains("s with ") && WITH_SPOONS.in(told)
                                || s.opensAt(to, 7, IN_THE_BOTTOM) && s.wholeHas(NAMES_JARS))
                ? Optional.of(new Ingredient.PerJar(Optional.empty()))
                : Optional.empty();
    }

    /** "per pint", "to each quart", "in every jar" — in the same clause as the amount. */
    private static Optional<Ingredient.PerJar> of(Sentence s, int to, Amount amount) {
        if (!s.has(PER_JAR) || isTooMuch(amount, MOST_OF_A_JAR)) {
            return Optional.empty();
        }
        for (int k = 0; k < s.size(); k++) {
            // "2 tablespoons/quart"
            boolean slash = s.is(k, "/") && k + 1 < s.size() && k >= to && k <= to + 1;
            boolean per =
                    slash || s.is(k, "per") || s.is(k, "each") || s.is(k, "every") || s.is(k, "a") || s.is(k, "the");
            boolean parted = isParted(s, Math.min(k, to), Math.max(k, to));
            if (!per
                    || parted && isTooMuch(amount, MOST_ACROSS_A_COMMA)
                    || Math.abs(k - to) > 14
                    || hasItsOwnAmount(s, k, to)
                    || isOfAnotherBefore(s, k, to)) {
                continue;
            }
            int at = k + 1;
            boolean dotted = s.is(at, ".") && s.token(k).raw().equalsIgnoreCase("ea");
            at = dotted ? at + 1 : at;
            while (at < s.size() && JAR_ADJECTIVES.contains(s.token(at).norm())) {
                at++;
            }
            Optional<JarMentions.Found> jar = at < s.size() ? JarMentions.at(s, at) : Optional.empty();
            if (slash
                    && jar.isEmpty()
                    && JarMentions.SHORT.containsKey(s.token(at).norm())) {
                return Optional.of(new Ingredient.PerJar(
                        Optional.of(JarMentions.SHORT.get(s.token(at).norm()))));
            }
            if (jar.isPresent()) {
                if (s.is(k, "a") && s.is(jar.get().next(), "of")) {
                    continue; // "a pint of cream" is a measure
                }
                return Optional.of(new Ingredient.PerJar(Optional.of(jar.get().jar())));
            }
            boolean closes = at >= s.size() || s.is(at, ",") || s.is(at, ".") || s.is(at, ";");
            if ((closes || k == to && (s.is(at, "and") || s.is(at, "+") || s.is(at, "&") || s.is(at, "plus")))
                    && s.is(k, "each")
                    && (k == to && (s.has(JARS) || JarDoses.isOfAJar(amount) && s.wholeHas(NAMES_JARS))
                            || k > 0 && OF_EACH.contains(s.token(k - 1).norm()) && s.wholeHas(NAMES_JARS))) {
                // "quarts, 2 Tbsp bottled lemon juice each"
                return Optional.of(new Ingredient.PerJar(Optional.empty()));
            }
            if (s.is(at, "jar") || s.is(at, "jars") || s.is(at, "one")) {
                return Optional.of(new Ingredient.PerJar(Optional.empty()));
            }
        }
        return Optional.empty();
    }

    /** Quarts of what no jar holds. */
    private static final double MOST_OF_A_JAR = 1;

    /** Quarts: "seven pounds okra, a clove of garlic per jar, 8 cups water" has one thing by the jar. */
    private static final double MOST_ACROSS_A_COMMA = 0.25;

    private static final double POUNDS_OF_A_QUART = 3.5;

    private static boolean isTooMuch(Amount amount, double quarts) {
        Unit unit = amount.unit();
        double base = amount.low() * unit.inBase();
        return unit.kind() == Unit.Kind.VOLUME && base > quarts * Unit.QUART.inBase()
                || unit.kind() == Unit.Kind.MASS && base > quarts * POUNDS_OF_A_QUART * Unit.POUND.inBase();
    }

    private static boolean isParted(Sentence s, int from, int to) {
        return IntStream.range(from, to).anyMatch(k -> s.is(k, ",") || s.is(k, ";"));
    }

    /**
     * "14 tablespoons of lemon juice, 2 in each jar", "8 cloves of garlic (1 per jar)": what comes to a jar of an amount
     * that was told for the batch, in the same unit. The words
     * are claimed.
     */
    private static Optional<Amount> shared(Sentence s, Amount batch, int to) {
        for (int k = to + 1; k + 1 < s.size() && k <= to + FEW_WORDS; k++) {
            int number = s.is(k, "in") || s.is(k, "to") || s.is(k, "for") ? k - 1 : k;
            int per = number == k ? k : k + 1;
            boolean each = s.is(per, "per")
                    || s.is(per, "each")
                    || s.is(per, "every")
                    || number < k && (s.is(per, "a") || s.is(per, "the"));
            boolean jar = each
                    && (s.is(per + 1, "jar")
                            || per + 1 < s.size() && JarMentions.at(s, per + 1).isPresent()
                            || s.opensAt(per + 1, 5, OF_THE_JARS));
            if (jar) {
                int at = number == k ? k - 1 : number;
                Optional<Amounts.Found> found = Amounts.at(s.tokens(), at)
                        .filter(f -> at >= to && !f.unitSaid() && isShareOf(f.amount(), batch));
                found.ifPresent(f -> s.claim(at, Math.max(f.next(), per + 2)));
                return found.map(f -> new Amount(f.amount().low(), f.amount().high(), batch.unit(), batch.exact()));
            }
        }
        return Optional.empty();
    }

    /** Spoons and pieces are shared out without naming them again; of "a cup, 2 in each jar" nobody knows two of what. */
    private static boolean isShareOf(Amount share, Amount batch) {
        boolean small = batch.unit() == Unit.TABLESPOON
                || batch.unit() == Unit.TEASPOON
                || batch.unit().kind() == Unit.Kind.COUNT;
        return small && share.high() <= batch.high();
    }

    /** "8 cloves of garlic (1 per jar)": the eight are the batch's. */
    private static boolean hasItsOwnAmount(Sentence s, int per, int to) {
        return per > to && isAmount(s, per - 1) || per - 1 > to && isAmount(s, per - 2);
    }

    /** "8 cloves (one to a jar), 6 cups water": what is shared out before, in brackets or by its own figure. */
    private static boolean isOfAnotherBefore(Sentence s, int per, int to) {
        boolean figure = false;
        for (int k = per - 1; k >= 0 && !s.is(k, ",") && !s.is(k, ";") && !s.is(k, "."); k--) {
            figure |= isAmount(s, k);
        }
        boolean bracketed = false;
        for (int k = per - 1; k >= 0 && !s.is(k, ")"); k--) {
            bracketed |= s.is(k, "(");
        }
        boolean parted = false;
        boolean closed = false;
        for (int k = per + 1; k < to; k++) {
            closed |= s.is(k, ")");
            parted |= s.is(k, ",") || s.is(k, ";");
        }
        return per < to && (bracketed && closed || figure && parted);
    }

    private static boolean isAmount(Sentence s, int i) {
        return Amounts.at(s.tokens(), i).isPresent();
    }
}
