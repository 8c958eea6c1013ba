package oilcloth.reading;

import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import oilcloth.guide.Lexicon;

/** "Carrots sliced 6 cups", "Vinegar, 5% ...... 4 cups": a line of a list that ends with how much there is. */
final class AmountLast {
    /** Tokens, the dots of a leader not counted. */
    private static final int LONGEST = 14;
    /** Tokens before the name: "fresh, peeled ginger 2 tsp", "cut whole-kernel corn: 3 quarts". */
    private static final int FIRST = 4;

    /** Tokens of a line that ends with a bare count. */
    private static final int FEW_WORDS = 6;
    /** Pieces; a larger figure is a page or a year. */
    private static final int MOST = 40;

    private static final int NONE = -1;

    private AmountLast() {}

    /** Whether the line is of that kind: one food, named first, and one amount, told last. */
    static boolean is(Sentence s, Lexicon lexicon) {
        int amount = at(s);
        return amount > 0 && named(s, lexicon, amount) >= 0;
    }

    /** Where the amount begins that the food at {@code i} ends with, or -1. */
    static int of(Sentence s, Lexicon lexicon, int i) {
        int amount = s.isItem() ? at(s) : NONE;
        return amount > i && named(s, lexicon, amount) == i ? amount : NONE;
    }

    /** "Lemon or lime juice 2 cups": what may stand between two names that have one amount. */
    private static final Set<String> JOINS =
            Set.of("and", "or", "&", "/", ",", "chopped", "diced", "sliced", "fresh", "minced", "dried", "bottled");

    private static boolean areJoined(Sentence s, int from, int to) {
        boolean joined = false;
        for (int k = from; k < to; k++) {
            if (!JOINS.contains(s.token(k).norm())) {
                return false;
            }
            joined |= s.is(k, "and") || s.is(k, "or") || s.is(k, "&") || s.is(k, "/");
        }
        return joined;
    }

    /** The food before the amount, of several joined ones the first, or -1. */
    private static int named(Sentence s, Lexicon lexicon, int amount) {
        int found = NONE;
        int behind = NONE;
        for (int i = 0; i < amount; i++) {
            if (found >= 0 && s.is(i, "(")) {
                // "peppers (Anaheim, chopped) 2 lb"; but not "peppers (with onions) 5 cups"
                if (Brackets.namesOtherKind(
                        s, lexicon, s.food(lexicon, found).orElseThrow().food(), i)) {
                    return NONE;
                }
                i = Brackets.closing(s, i);
                continue;
            }
            Optional<Lexicon.Match> food = s.food(lexicon, i);
            if (food.isPresent() && food.get().length() <= amount - i) {
                // "corn, whole kernel"
                boolean again = found >= 0
                        && s.food(lexicon, found)
                                .orElseThrow()
                                .food()
                                .equals(food.get().food());
                boolean joined = found >= 0 && areJoined(s, behind, i);
                if (!again && !joined && (found >= 0 || i > FIRST)) {
                    return NONE;
                }
                found = found >= 0 ? found : i;
                behind = i + food.get().length();
                i = behind - 1;
            }
        }
        return found;
    }

    private static boolean measures(Sentence s, int open) {
        return IntStream.range(open + 1, Brackets.closing(s, open)).anyMatch(k -> Amounts.at(s.tokens(), k)
                .filter(Amounts.Found::unitSaid)
                .isPresent());
    }

    private static int at(Sentence s) {
        int words = 0;
        for (int i = 0; i < s.size(); i++) {
            if (s.is(i, ".") || s.is(i, "…")) {
                continue;
            }
            if (s.is(i, "(") && i > 0 && !measures(s, i)) {
                // "green beans (5 to 6 inches long): 4 lb"
                i = Brackets.closing(s, i);
                continue;
            }
            if (++words > LONGEST || s.is(i, ";") || s.is(i, "?")) {
                return NONE;
            }
            if (!s.token(i).isNumber() || s.is(i + 1, "%")) {
                continue;
            }
            int sized = NameAfter.behindSize(s, i);
            if (sized > i) {
                // "green beans, 5-6 in. long: 4 lb"
                i = sized - 1;
                continue;
            }
            boolean led = i > 1 && s.is(i - 1, ".") && s.is(i - 2, ".") || s.is(i - 1, "…");
            // "cloves 12" in a list; a first line is a title, "Chile Salsa 2"
            boolean counts = s.range().start() > 0 && words <= FEW_WORDS;
            Optional<Amounts.Found> amount = Amounts.at(s.tokens(), i)
                    .filter(a -> led || a.unitSaid() || counts && a.amount().high() <= MOST);
            // "Peaches: 6 quarts, peeled, sliced"
            boolean field =
                    s.is(i - 1, ":") && amount.isPresent() && s.is(amount.get().next(), ",");
            return i > 0 && amount.isPresent() && (field || ends(s, amount.get().next())) ? i : NONE;
        }
        return NONE;
    }

    private static boolean ends(Sentence s, int next) {
        int last = s.is(next, "(") ? Brackets.closing(s, next) + 1 : next;
        return last >= s.size() || last == s.size() - 1 && s.is(last, ".");
    }
}
