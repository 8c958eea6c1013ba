package oilcloth.reading;

import java.util.Optional;
import java.util.Set;
import oilcloth.guide.Lexicon;

/** Where the name of a food stands behind its amount, and an amount behind a name that says it once more. */
final class NameAfter {
    private static final int REACH = 9;
    private static final Set<String> OF_A_FIGURE = Set.of(
            "%",
            "percent", "per", "cent", "pct", "five", "four", "six", "-", "to", "inch", "inches", "in", "\"", "cm",
            "one", "two", "three", "half", "an", "a");

    /** Sizes written short, with their dot: "6 sm. peppers". */
    private static final Set<String> SIZES = Set.of("sm", "med", "lg", "pkg", "approx", "frozen", "ea", "each");

    /** "5 lb of 1-inch cubes from underripe cantaloupe". */
    private static final Set<String> PIECES =
            Set.of("cubes", "chunks", "slices", "pieces", "strips", "balls", "sections", "halves", "florets");

    /** "I am 83 and have been putting up kraut". */
    private static final Set<String> VERBS = Set.of("have", "has", "had", "been", "am", "was", "were");

    private final Lexicon lexicon;

    NameAfter(Lexicon lexicon) {
        this.lexicon = lexicon;
    }

    Lexicon lexicon() {
        return lexicon;
    }

    /** @return the token the name begins at, or -1. @param counted for a bare count, which goes with what is nearest */
    int at(Sentence s, int from, boolean counted) {
        int words = 0;
        for (int k = from; k < s.size() && words <= REACH; k++) {
            if (s.is(k, "any") && s.is(k + 1, "combination") && s.is(k + 2, "of")) {
                // "3 cups of any combination of celery, onions and peppers"
                k += 2;
                continue;
            }
            if (k == from && (s.is(k, "in") && s.is(k + 1, "all") || s.is(k, "all") && s.is(k + 1, "told"))) {
                // "3 cups in all of celery, onions and peppers"
                k++;
                continue;
            }
            if (s.is(k, "(")) {
                k = Brackets.closing(s, k);
                continue;
            }
            int sized = behindSize(s, k);
            if (sized > k) {
                k = sized - 1;
                continue;
            }
            if (s.isClaimed(k)) {
                // "five cups of 5% vinegar", "6 lb of 4- to 5-inch cucumbers"
                if (s.token(k).isNumber() || OF_A_FIGURE.contains(s.token(k).norm())) {
                    continue;
                }
                return -1;
            }
            if (s.is(k, ".") && SIZES.contains(s.token(k - 1).norm())) {
                continue;
            }
            if (s.is(k, ")")
                    || s.is(k, ";")
                    || s.is(k, ".")
                    || s.is(k, "!")
                    || s.is(k, "?")
                    || s.is(k, ":") && k > from) {
                return -1;
            }
            // "4 lb runners, dill": an unknown thing ended at its comma; "peeled, sliced tomatoes" goes on
            if (s.is(k, ",") && words > 0 && (s.token(k - 1).norm().endsWith("s") || s.is(k - 1, "pulp"))) {
                return -1;
            }
            if (s.is(k, ",")
                    && (counted
                            || words == 0
                            || k + 1 < s.size() && Amounts.at(s.tokens(), k + 1).isPresent())) {
                return -1;
            }
            if (s.food(lexicon, k).isPresent()) {
                return k;
            }
            if (k > from && opensAnother(s, k)) {
                return -1;
            }
            String w = s.token(k).norm();
            if (VERBS.contains(w)
                    || w.equals("to")
                    || w.equals("in")
                    || w.equals("into")
                    || w.equals("for")
                    || w.equals("until")
                    || w.equals("with")
                    || w.equals("at")
                    || w.equals("on")
                    || w.equals("from") && !PIECES.contains(s.token(k - 1).norm())
                    || w.equals("per")
                    || w.equals("then")
                    || s.token(k).isNumber()) {
                return -1;
            }
            words++;
        }
        return -1;
    }

    /** "Okra 3 1/2 lb. half a quart of vinegar": the name belongs to the nearer amount. */
    private static boolean opensAnother(Sentence s, int k) {
        return !s.is(k - 1, "or")
                && Amounts.at(s.tokens(), k)
                        .filter(a -> a.unitSaid()
                                && Amounts.MEASURES.contains(a.amount().unit().kind()))
                        .isPresent();
    }

    private static final Set<String> INCH = Set.of("in", "inch", "inches", "\"");

    /** "5 in long". */
    private static final Set<String> MEASURED = Set.of("long", "wide", "across", "thick", "diameter");

    /** "7 lbs of 2 to 2 1/2 in. beets": the token behind how large each is. */
    static int behindSize(Sentence s, int k) {
        Optional<Numbers.Figure> size = s.token(k).isNumber() ? Numbers.at(s.tokens(), k) : Optional.empty();
        int unit = size.map(Numbers.Figure::next).orElse(k);
        if (unit == k || unit >= s.size() || !INCH.contains(s.token(unit).norm())) {
            return k;
        }
        boolean dotted = s.is(unit + 1, ".");
        boolean measured = dotted
                || unit + 1 < s.size() && MEASURED.contains(s.token(unit + 1).norm());
        return s.is(unit, "in") && !measured ? k : dotted ? unit + 2 : unit + 1;
    }

    /** "2 lb beans, about 6 cups" gives the same beans twice. */
    int trailing(Sentence s, int end) {
        int k = end;
        while (s.is(k, ",")
                || s.is(k, "about")
                || s.is(k, "approx")
                || s.is(k, "approximately")
                || s.is(k, "or")
                || s.is(k, "=")
                || s.is(k, "roughly")) {
            k++;
        }
        if (k == end
                || k >= s.size()
                || !(s.is(k - 1, "about")
                        || s.is(k - 1, "approx")
                        || s.is(k - 1, "approximately")
                        || s.is(k - 1, "or")
                        || s.is(k - 1, "=")
                        || s.is(k - 1, "roughly"))) {
            return end;
        }
        Optional<Amounts.Found> again = Amounts.at(s.tokens(), k);
        if (again.isEmpty()
                || at(s, again.get().next(), !again.get().unitSaid()) >= 0
                || s.is(k - 1, "=") && Referring.isPrepared(s, again.get().next())
                || s.anyClaimed(k, again.get().next())) {
            return end;
        }
        return again.get().next();
    }
}
