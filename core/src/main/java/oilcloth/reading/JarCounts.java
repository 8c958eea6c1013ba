package oilcloth.reading;

import java.util.Optional;
import java.util.Set;
import oilcloth.text.Cue;

/** Figures before and behind a jar's name: whether they count jars or measure out a food, and how many. */
final class JarCounts {
    private static final Cue PUT_UP = Cue.of(
            "\\b(did|did up|do up|put by|canned( (last|this) (night|week|weekend|summer|fall)| today| yesterday)? ?:?|put up|jarred|processed|bottled|(hot|raw|cold)[- ]?pack(ed)?) (up )?(about |around |some )?$");

    private static final Cue MADE = Cue.of("\\bmade (up )?(about |around |some )?$");

    private static final Cue HAS = Cue.of(
            "\\b(make|makes|making|have|'ve|has|got|had|with|filled|need|down to) (about |around |some |only |just )*$");

    /** "12 half pints of raspberry jam", "7 quarts of peach:": what is made, and not what it is made of. */
    private static final Cue A_PRODUCT = Cue.of(
            "of (\\w+ ){0,3}(jams?|jelly|marmalade|preserves|(apple|pear|peach|plum|pumpkin|fig|apricot) butter|relish|salsa|chutney|ketchup|pickles|pie filling)\\b|of (\\w+ )?\\w+ :");

    /** "I made 2 quarts of syrup": a measure. */
    private static final Cue LIQUID =
            Cue.of("(of )?(\\w+ ){0,3}(syrup|brine|juice|water|broth|stock|solution|liquid|vinegar|pulp|puree)\\b");

    /** "7 qts of chicken breast": nobody measures meat by the quart. */
    private static final Cue OF_MEAT = Cue.of(
            "of (\\w+ ){0,2}(chicken|beef|venison|deer|elk|pork|turkey|rabbit|salmon|tuna|fish|trout|sausage|meat|hamburger|stew|chili|soup)\\b");

    /** "4 quarts of tomatoes", "2 pints vinegar": a measure, not jars. */
    static boolean isMeasure(Sentence s, int behind) {
        int next = behind;
        // "| 3 quarts | cucumbers |", "**3 quarts** cucumbers"
        while (s.is(next, "|") || s.is(next, "*")) {
            next++;
        }
        if (s.is(next, "jars") || s.is(next, "jar") || next >= s.size()) {
            return false;
        }
        return s.is(next, "of")
                || s.token(next).isWord() && !BEHIND_JARS.contains(s.token(next).norm());
    }

    /** What goes on behind jars; behind a measure stands what is measured. */
    private static final Set<String> BEHIND_JARS = Set.of(
            "and",
            "or",
            "get",
            "gets",
            "got",
            "in",
            "with",
            "at",
            "for",
            "from",
            "fr",
            "per",
            "are",
            "process",
            "this",
            "total",
            "out",
            "so",
            "but",
            "which",
            "last",
            "yesterday",
            "today",
            "on",
            "altogether",
            "then",
            "i",
            "we",
            "went",
            "when",
            "to",
            "if",
            "only",
            "sealed",
            "came",
            "canned",
            "exactly",
            "filled",
            "plus",
            "left",
            "were",
            "all");

    /** "1/2 quart vinegar": nobody fills half a jar. */
    static boolean isFractionOf(Sentence s, int i, int behind) {
        boolean fraction = i > 0
                && s.token(i - 1).isNumber()
                && Numbers.at(s.tokens(), i - 1)
                        .filter(f -> f.next() == i && f.high() < 1)
                        .isPresent();
        return fraction && isMeasure(s, behind);
    }

    /** "4 cups juice, from about 2 1/2 quarts": nobody fills half a jar. */
    static boolean isPartOrSource(Sentence s, int figure, int i) {
        double many = Numbers.at(s.tokens(), figure).orElseThrow().low();
        boolean source = s.is(figure - 1, "from")
                || s.is(figure - 2, "from") && (s.is(figure - 1, "about") || s.is(figure - 1, "around"));
        return source && !s.is(i + 1, "jars") || many != Math.rint(many) && !countsJars(s, i);
    }

    /** "Pint x 6", "quarts × 7", "qt (7)". */
    static Optional<Numbers.Figure> timesSoMany(Sentence s, int n) {
        boolean times = s.is(n, "x") || s.is(n, "×") || s.is(n, "(") && s.is(n + 2, ")");
        return times && n + 1 < s.size()
                ? Numbers.at(s.tokens(), n + 1)
                        .filter(f -> f.next() >= s.size() || !s.token(f.next()).isWord())
                : Optional.empty();
    }

    /** "2 quarts canned diced tomatoes" in a list. */
    private static final Cue OUT_OF_CANS = Cue.of(
            "canned ((diced|crushed|whole|stewed|chopped|peeled|plain) )*(tomato|tomatoes|beans|corn|broth|stock|pineapple|juice|pumpkin)\\b");

    /** "I canned 14 pints of asparagus" tells jars; "14 pints of tomatoes" in a list is a measure. */
    static boolean measuresOut(Sentence s, int figure, int behind) {
        if (s.isItem() && s.opensAt(behind, 4, OUT_OF_CANS)) {
            return true;
        }
        return isMeasure(s, behind) && !s.opensAt(behind, 4, OF_MEAT) && !isPutUp(s, figure, behind);
    }

    private static boolean isPutUp(Sentence s, int figure, int behind) {
        String before = s.around(figure, 4, 0);
        return PUT_UP.in(before)
                || MADE.in(before) && !s.opensAt(behind, 5, LIQUID)
                || (HAS.in(before) || figure == 0 && !s.isItem()) && s.opensAt(behind, 6, A_PRODUCT);
    }

    private static final Set<String> MOUTHS = Set.of("wide", "regular", "mouth", "-", "standard");

    /** The token behind "wide-mouth", or the one given. */
    static int behindTheMouth(Sentence s, int i) {
        int behind = s.is(i + 1, "-") ? i + 3 : i + 2;
        return i < s.size() && MOUTHS.contains(s.token(i).norm()) && s.is(behind - 1, "mouth") ? behind : i;
    }

    /** The token where a whole figure right before the jar begins, "6 wide-mouth pints"; -1 where there is none. */
    static int figureBefore(Sentence s, int jar) {
        int i = jar;
        while (i > 1 && s.is(jar - 1, "mouth") && MOUTHS.contains(s.token(i - 1).norm())) {
            i--;
        }
        for (int k = Math.max(0, i - 6); k < i; k++) {
            Optional<Numbers.Figure> f = Numbers.at(s.tokens(), k);
            if (f.isPresent()
                    && f.get().next() == i
                    && !s.isClaimed(k)
                    && !s.is(k, "a")
                    && !s.is(k, "an")
                    && f.get().low() >= 1) {
                return k;
            }
        }
        return -1;
    }

    /** "9 lbs. snap beans for 9 pts". */
    private static final Cue COMES_TO = Cue.of("(\\bfor|=|→|- ?>|\\b(makes?|made|yields?|gives?|got|gets)) (about )?$");

    /** "21 lb = 7 qt". */
    static boolean isWhatComes(Sentence s, int i) {
        int figure = figureBefore(s, i);
        return figure > 0 && s.isBefore(figure, 2, COMES_TO);
    }

    /** "12 pts. raw pack", "9 pts". */
    private static final Cue HOW_MANY = Cue.of("\\.? ?($|(raw|hot|cold)[- ]pack|of them|total|in all|filled|packed)");

    /** "Okra plain, 6 qt, hot pack". */
    private static final Cue THEN_PACKED = Cue.of("[.]? ?, (raw|hot|cold)[- ]?pack(ed)?\\b");

    /** "14 qts in 2 runs". */
    private static final Cue IN_LOADS = Cue.of(
            "\\.? ?(in|over|from) (\\d+|one|two|three|four|five|a couple of|several) (canner )?(runs|loads|batches|rounds|goes|days|nights)\\b");

    /** "Pts" behind a figure are a measure, except of meat and of what was put up. */
    static boolean countsJars(Sentence s, int i) {
        int figure = figureBefore(s, i);
        return figure < 0
                || figure == 0 && s.opensAt(i + 1, 3, HOW_MANY)
                || isPutUp(s, figure, i + 1)
                || s.opensAt(i + 1, 4, IN_LOADS)
                || s.is(figure - 1, ",") && s.opensAt(i + 1, 5, THEN_PACKED)
                || isWhatComes(s, i)
                || isAlone(s, i)
                || s.opensAt(i + 1, 4, OF_MEAT);
    }

    private static final Set<String> ENDS = Set.of(".", ";", "/");

    /** "9 pts. 7 lb small okra", "14 pts, 14 seals", "7 qt.": nothing that could be measured beside it. */
    private static boolean isAlone(Sentence s, int i) {
        int figure = figureBefore(s, i);
        int behind = i + 2;
        boolean ends = i + 1 >= s.size()
                || ENDS.contains(s.token(i + 1).norm())
                        && (behind >= s.size()
                                || !s.token(behind).isWord()
                                || Character.isUpperCase(s.token(behind).raw().charAt(0)))
                || s.is(i + 1, ",") && behind < s.size() && s.token(behind).isNumber();
        boolean begins =
                figure == 0 || figure > 0 && ENDS.contains(s.token(figure - 1).norm());
        return begins && ends && !s.isItem()
                || figure == 0 && s.opensAt(i + 1, 4, SEALS)
                // "Pickled okra - 9 pts - 7 lb small okra"
                || figure == 0
                        && s.is(i + 1, "-")
                        && behind < s.size()
                        && s.token(behind).isNumber();
    }

    /** "14 pts, 14 seals". */
    private static final Cue SEALS = Cue.of("[,;:] (all|\\d+) (\\w+ )?(seal|good|down|ping)");

    private JarCounts() {}
}
