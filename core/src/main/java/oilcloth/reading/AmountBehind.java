package oilcloth.reading;

import java.util.Optional;
import java.util.Set;
import oilcloth.guide.Lexicon;
import oilcloth.measure.Amount;
import oilcloth.measure.Unit;
import oilcloth.text.Cue;

/**
 * "Vinegar: 3 cups", "sugar - 2 c.", "vinegar (2 cups)", a column of a table: how much there is, told behind the name; and the
 * one pound that other produce is told by.
 */
final class AmountBehind {
    private static final Set<String> SIGNS = Set.of(":", "-", "–", ",", "(", "—", "|", "…");
    private static final Set<String> ABOUT = Set.of("about", "approximately", "roughly");
    private static final Set<String> SOMEBODY = Set.of("i", "we", "you");
    private static final Set<String> TAKES = Set.of("take", "took", "use", "used", "need", "needed", "want");

    /** "About 3 lb of tomatoes for each lb of okra". */
    private static final Cue TO_A_POUND =
            Cue.of("\\b(lbs?|pounds?) (of )?(\\w+ ){1,2}(for|to|per|with) (each|every|a) (lb|pound) (of )?$");

    private AmountBehind() {}

    /** @param i the token the name begins at */
    static Optional<Amounts.Found> of(Sentence s, NameAfter names, Lexicon.Match match, int i) {
        int end = i + match.length();
        if (match.food().kind().isProduce() && s.isBefore(i, 9, TO_A_POUND)) {
            return Optional.of(new Amounts.Found(Amount.of(1, Unit.POUND), end, true));
        }
        if (s.is(end, "(") && Brackets.namesOtherKind(s, names.lexicon(), match.food(), end)) {
            return Optional.empty();
        }
        // "Dill seed, 4 tsp. Garlic, 8 cloves.", "cooled juice about 4 1/2 to 5 cups": only what ends the item
        int cut = SharedAmount.isCut(s, end) ? end + 1 : end;
        boolean listed = s.is(cut, ",") && !s.isItem() && !match.food().isAcidulant() || isAbout(s, end);
        int k = start(s, s.is(cut, ",") ? cut : end);
        boolean joined = k > end || isMeasure(s, k);
        if (!joined || k >= s.size()) {
            return Optional.empty();
        }
        int open = k - 1;
        return Amounts.at(s.tokens(), k)
                .filter(a -> a.unitSaid() || s.isItem() || Brackets.counts(s, open, a.next()))
                .filter(a -> (!listed || endsItem(s, a.next())) && !s.anyClaimed(open + 1, a.next()))
                .filter(a -> s.is(open, "(") && s.is(a.next(), ")")
                        || Brackets.counts(s, open, a.next())
                        || names.at(s, a.next(), false) < 0);
    }

    /** Where the amount would begin; the token behind the name where nothing leads to one. */
    private static int start(Sentence s, int end) {
        // "sugar to taste (about a cup)"
        int taste = s.is(end, "to") && s.is(end + 1, "taste") && s.is(end + 2, "(") ? end + 2 : end;
        int k = Brackets.qualifier(s, ContextWords.pieces(s, taste));
        while (k < s.size() && SIGNS.contains(s.token(k).norm())) {
            k++;
        }
        if (k > end && (s.is(k, "bottled") || s.is(k, "fresh")) && s.is(k + 1, ",")) {
            // "Lemon: bottled, 2 Tbsp/qt"
            k += 2;
        }
        if (s.is(k, "at")
                && Amounts.at(s.tokens(), k + 1)
                        .filter(a -> JarDoses.isOfAJar(a.amount()))
                        .isPresent()) {
            // "citric acid at 1/2 tsp a quart"
            k++;
        }
        if ((s.is(k, "which") || s.is(k, "that")) && (s.is(k + 1, "is") || s.is(k + 1, "was"))) {
            // "the rest of the salt, which is 3 tsp"
            k += 2;
        }
        if (isAbout(s, k)) {
            // "huckleberries, about 10 cups, and …"
            k++;
        }
        // a table: the amount stands in the next column, whatever else the first one says
        if (!s.is(k - 1, "|")) {
            int column = nextColumn(s, end);
            k = column > 0 ? column : k;
        }
        // "Lemon juice, bottled: pints 1 tbsp, quarts 2"
        int jar = k;
        k = JarMentions.at(s, jar)
                .map(JarMentions.Found::next)
                .filter(next -> jar > end && isMeasure(s, next))
                .orElse(k);
        // "Berries thawed, 6 1/2 cups": how they were before they were measured
        if (k == end && isState(s, end) && s.is(end + 1, ",") && isMeasure(s, end + 2)) {
            k = end + 2;
        }
        // "Salt if you like, 1/2 teaspoon"
        if (k == end) {
            k = Brackets.wished(s, end);
        }
        if (k == end) {
            k = behindItsPlace(s, end);
        }
        // "for the beets I take 7 lb": whose amount it is was said before
        boolean takes = k == end
                && k + 1 < s.size()
                && SOMEBODY.contains(s.token(k).norm())
                && TAKES.contains(s.token(k + 1).norm());
        return takes ? k + 2 : k;
    }

    private static final Set<String> STATES =
            Set.of("thawed", "frozen", "fresh", "washed", "stemmed", "rinsed", "ripe");

    private static boolean isState(Sentence s, int k) {
        return k < s.size() && STATES.contains(s.token(k).norm());
    }

    private static final Set<String> ITS_PLACE = Set.of(
            "first", "goes", "went", "go", "in", "into", "on", "to", "the", "a", "my", "bottom", "top", "each", "every",
            "hot", "clean", "empty", "pint", "quart", "jar", "jars", "of");

    /** "Bottled lemon juice first, 1 Tbsp a pint", "lemon juice in the bottom, 2 Tbsp": the token behind the comma. */
    private static int behindItsPlace(Sentence s, int end) {
        int k = end;
        while (k < s.size() && ITS_PLACE.contains(s.token(k).norm())) {
            k++;
        }
        boolean dose = k > end
                && s.is(k, ",")
                && Amounts.at(s.tokens(), k + 1)
                        .filter(a -> JarDoses.isOfAJar(a.amount()))
                        .isPresent();
        return dose ? k + 1 : end;
    }

    private static boolean isAbout(Sentence s, int k) {
        return k < s.size() && ABOUT.contains(s.token(k).norm());
    }

    /** "Apricots 12 lb raw": a weight or a measure right behind the name. */
    private static boolean isMeasure(Sentence s, int k) {
        return k < s.size()
                && s.token(k).isNumber()
                && Amounts.at(s.tokens(), k)
                        .filter(a -> a.unitSaid()
                                && (a.amount().unit().kind() == Unit.Kind.MASS
                                        || a.amount().unit().kind() == Unit.Kind.VOLUME))
                        .isPresent();
    }

    /** "Sugar, half a cup to the quart". */
    private static final Cue OF_A_QUART =
            Cue.of("(to|per|for|a) ?((the|each|every|a) )?(quart|pint)\\b(?! of (the )?(water|brine|vinegar|cider))");

    private static boolean endsItem(Sentence s, int next) {
        if (s.is(next, "or") && s.is(next + 1, "so")) {
            return endsItem(s, next + 2);
        }
        if (s.is(next, "(") && Brackets.closing(s, next) > next) {
            // "Tomatoes, 10 cups (peeled, chopped)."
            return endsItem(s, Brackets.closing(s, next) + 1);
        }
        if (SharedAmount.isCut(s, next)) {
            return endsItem(s, next + 1);
        }
        if (s.opensAt(next, 7, OF_A_QUART)) {
            return true;
        }
        // "Pepper, 1/2 tsp. Combine everything"
        boolean begins = s.is(next - 1, ".")
                && next < s.size()
                && Character.isUpperCase(s.token(next).raw().charAt(0));
        return next >= s.size() || begins || s.is(next, ".") || s.is(next, ";") || s.is(next, ",") || s.is(next, "|");
    }

    /** The token after the next column rule, or -1 where the line is no table or the column has no amount. */
    private static int nextColumn(Sentence s, int from) {
        for (int k = from; k + 1 < s.size(); k++) {
            if (s.is(k, "|")) {
                boolean amount = Amounts.at(s.tokens(), k + 1)
                        .map(Amounts.Found::unitSaid)
                        .orElse(false);
                return amount ? k + 1 : -1;
            }
        }
        return -1;
    }
}
