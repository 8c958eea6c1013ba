package oilcloth.reading;

import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.stream.IntStream;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.guide.Lexicon;
import oilcloth.measure.Amount;
import oilcloth.measure.Unit;
import oilcloth.text.Cue;

/** What stands in brackets behind a name. */
final class Brackets {
    private Brackets() {}

    /** "a peck of tomatoes (about 10 lb)": what was weighed outranks what was counted or came in a container. */
    static Optional<Amount> weighed(Sentence s, int end, Amount counted) {
        Unit.Kind kind = counted.unit().kind();
        if (kind == Unit.Kind.MASS && s.is(end, "(")) {
            // "14 lb lima pods (4 qt shelled)": as it was readied
            return s.opensAt(end, LONGEST, READIED)
                    ? Amounts.at(s.tokens(), end + 1).map(Amounts.Found::amount)
                    : Optional.empty();
        }
        if (!s.is(end, "(") || (kind != Unit.Kind.PACK && kind != Unit.Kind.COUNT)) {
            return Optional.empty();
        }
        int close = closing(s, end);
        for (int k = end + 1; k < close; k++) {
            Optional<Amounts.Found> inner = Amounts.at(s.tokens(), k);
            if (inner.isPresent() && inner.get().unitSaid() && inner.get().next() <= close) {
                boolean each = s.around(inner.get().next(), 0, 2).contains("each");
                Unit.Kind found = inner.get().amount().unit().kind();
                boolean weighs = found == Unit.Kind.MASS || found == Unit.Kind.VOLUME;
                return weighs && !each ? Optional.of(inner.get().amount()) : Optional.empty();
            }
        }
        return Optional.empty();
    }

    private static final Cue READIED = Cue.of(
            "\\( [\\d½¼¾⅓⅔/ -]+ ?(cups?|c|quarts?|qts?|pints?|pts?) (of )?((cut|whole|fresh|raw|cut off) )*(shelled|kernels?|hulled|husked|podded|pitted|cut corn)( \\w+)? \\)");

    /** Tokens. */
    private static final int LONGEST = 26;

    /** "Peppers (with onions)": whether a bracket names something of another kind than the food before it. */
    static boolean namesOtherKind(Sentence s, Lexicon lexicon, Food food, int open) {
        // the fruit of a juice is no other thing
        return !food.isAcidulant()
                && IntStream.range(open, closing(s, open))
                        .mapToObj(k -> s.food(lexicon, k))
                        .flatMap(Optional::stream)
                        .anyMatch(m -> m.food().kind() != food.kind());
    }

    /** The token that closes a bracket, or the bracket itself when none does nearby. */
    static int closing(Sentence s, int open) {
        for (int k = open; k < s.size() && k < open + LONGEST; k++) {
            if (s.is(k, ")")) {
                return k;
            }
        }
        return open;
    }

    /** "Vinegar (5%) - 5 cups", "vinegar, 5%, 6 cups", "Lemon juice (bottled): 2 tablespoons": the token after what it is like. */
    static int qualifier(Sentence s, int end) {
        if (s.is(end, ")")) {
            // "lemon juice (bottled): 2 T", "lemon juice (bottled), 2 T": the bracket is part of the name
            boolean sign = s.is(end + 1, ",") || s.is(end + 1, "-") || s.is(end + 1, "–") || s.is(end + 1, "—");
            int after = sign ? end + 2 : end + 1;
            boolean measured =
                    Amounts.at(s.tokens(), after).map(Amounts.Found::unitSaid).orElse(false);
            if (measured || s.is(end + 1, ":")) {
                return end + 1;
            }
        }
        if (s.opensAt(end, 4, FROM_THE_BOTTLE)) {
            // "lemon juice from the bottle, 2 T in each quart"
            return end + (s.is(end, "out") ? 4 : 3);
        }
        int figure = s.is(end, ",") ? end + 1 : end;
        if (figure + 1 < s.size() && s.token(figure).isNumber() && s.is(figure + 1, "%")) {
            return figure + 2;
        }
        int close = s.is(end, "(") ? closing(s, end) : end;
        boolean strength =
                close > end && (s.is(close - 1, "%") || s.is(close - 1, "acidity") || s.is(close - 1, "acid"));
        boolean words = close > end
                && close - end <= FEW_WORDS
                && (s.is(close + 1, ":")
                        || s.is(close + 1, "-")
                        || s.is(close + 1, "–")
                        || Amounts.at(s.tokens(), close + 1)
                                .map(Amounts.Found::unitSaid)
                                .orElse(false));
        for (int k = end + 1; k < close; k++) {
            words &= s.token(k).isWord() || s.is(k, ",");
        }
        return strength || words ? close + 1 : end;
    }

    /** "Sugar 600 g (3 cups)": the token behind a bracket that says the same in another measure, or the same token. */
    static int restated(Sentence s, Amount amount, int next) {
        int close = s.is(next, "(") ? closing(s, next) : next;
        boolean same = close > next
                && Amounts.at(s.tokens(), next + 1)
                        .filter(a -> a.unitSaid() && a.next() == close)
                        .filter(a -> isAs(a.amount(), amount))
                        .isPresent();
        return same || close > next && isSharedOut(s, amount, next + 1, close) ? close + 1 : next;
    }

    private static final Set<String> KINDS = Set.of(
            "mild", "hot", "red", "green", "yellow", "orange", "white", "sweet", "big", "small", "large", "medium",
            "ripe");

    private static final Set<String> JOINS = Set.of(",", "and", "&", "+", "/", ";");

    /** "6 cups chiles (3 mild, 3 hot)": of which kinds, and together no more and no less. */
    private static boolean isSharedOut(Sentence s, Amount amount, int from, int close) {
        double sum = 0;
        for (int k = from; k < close; ) {
            Optional<Numbers.Figure> share = Numbers.at(s.tokens(), k);
            if (share.isPresent()) {
                sum += share.get().low();
                k = share.get().next();
            } else if (KINDS.contains(s.token(k).norm())
                    || JOINS.contains(s.token(k).norm())) {
                k++;
            } else {
                return false;
            }
        }
        return Math.abs(sum - amount.middle()) < NEARLY;
    }

    /** Cups for grams may well be; of the same kind of measure one is the other. */
    private static boolean isAs(Amount again, Amount amount) {
        double ratio = again.middle()
                * again.unit().inBase()
                / (amount.middle() * amount.unit().inBase());
        return again.unit().kind() != amount.unit().kind() || Math.abs(ratio - 1) < NEARLY;
    }

    private static final double NEARLY = 0.1;

    private static final Cue FROM_THE_BOTTLE = Cue.of("(from|out of) (the|a) bottle\\b");

    private static final Cue STRENGTH = Cue.of(
            "\\([^)]*(\\b(to|per|for) |/ ?)(the |a |each |every )?(gallon|gal|quart|qt|liter|litre)\\b[^)]*\\)?");

    /** "(4 tsp to the gallon)": how salt the water is. */
    static boolean isStrength(Sentence s, int open) {
        return s.is(open, "(") && closing(s, open) > open && s.opensAt(open, closing(s, open) - open + 1, STRENGTH);
    }

    private static final Cue WISHED = Cue.of(
            "(, )?(if (you|we|i) (like|want|wish|prefer)|if (desired|wanted|liked)|optional) (, |: )?(?=[\\d½¼¾]|half |one |a )");

    /** The token after "if you like" where an amount follows, or the same token. */
    static int wished(Sentence s, int end) {
        String after = s.around(end, 0, 7);
        Matcher m = WISHED.matcher(after);
        return m.lookingAt()
                ? end
                        + (int) after.substring(0, m.end())
                                .chars()
                                .filter(c -> c == ' ')
                                .count()
                : end;
    }

    private static final int FEW_WORDS = 4;

    private static final Cue COUNTED = Cue.of(
            "\\( ?((i|we|it|that|this) (cut|used?|took|takes|needed|was|is) )?(about |approx\\w* |from )?\\d+ ?((to|or|-|–) ?\\d+ ?)?([a-z-]+ ){0,3}(ears?|heads?|stalks?|bunch(es)?|bulbs?|pods?|roots?|fruits?|pieces|cobs?|whole)\\b[^)]*\\)");

    /** "10 cups corn kernels, from about 18 ears". */
    private static final Cue COUNTED_FROM = Cue.of(
            ", from (about |around |roughly |some )?\\d+ ([a-z]+ )?(ears?|heads?|stalks?|bunch(es)?|bulbs?|cobs?)\\b");

    private static final Cue USED =
            Cue.of("\\( ?((i|we) (used?|put in|took|like|add|added|did|had)\\b|\\d+ of [a-z]+ ?(,|and))[^)]*\\)");

    /** "3 to 6 tablespoons chili powder (I used 4)", "9 cups onions and peppers (I did 5 onion, 4 bell)": what was said already. */
    static int used(Sentence s, int open, Amount said) {
        int close = closing(s, open);
        if (!s.is(open, "(") || close == open || !s.opensAt(open, close - open + 1, USED)) {
            return open;
        }
        double sum = 0;
        for (int k = open + 1; k < close; k++) {
            Optional<Amounts.Found> inner = Amounts.at(s.tokens(), k);
            if (inner.isPresent() && inner.get().unitSaid()) {
                return open;
            }
            if (inner.isPresent()) {
                sum += inner.get().amount().middle();
                k = inner.get().next() - 1;
            }
        }
        return sum >= said.low() && sum <= said.high() ? close + 1 : open;
    }

    /** "(I usually have only 5)": not how much it is, but how much there was. */
    private static final Cue REMARK = Cue.of("\\b(i|we|usually|sometimes|only|but|instead|less|more|extra)\\b");

    private static final int WORDS_BETWEEN = 6;

    /** "10 cups corn cut from the cob (16 to 20 ears)": how many pieces the amount is. */
    static int counted(Sentence s, int end) {
        int k = end;
        while (k < s.size() && k - end < WORDS_BETWEEN && s.token(k).isWord() && !s.isClaimed(k)) {
            k++;
        }
        if (s.is(k, ",")) {
            String after = s.around(k, 0, WORDS_BETWEEN);
            Matcher m = COUNTED_FROM.matcher(after);
            return m.lookingAt()
                    ? k + (int) m.group().chars().filter(c -> c == ' ').count() + 1
                    : end;
        }
        if (!s.is(k, "(") || closing(s, k) == k) {
            return end;
        }
        String inside = s.low()
                .substring(
                        s.token(k).range().start() - s.range().start(),
                        s.token(closing(s, k)).range().end() - s.range().start());
        return COUNTED.is(inside) ? closing(s, k) + 1 : end;
    }

    private static final Set<String> SIZES =
            Set.of("small", "large", "medium", "big", "little", "whole", "sm", "lg", "med", "total", "each", "fresh");

    /** "Hot peppers (6 small)": a bracket with nothing in it but how many. */
    static boolean counts(Sentence s, int open, int next) {
        int close = next < s.size() && SIZES.contains(s.token(next).norm()) ? next + 1 : next;
        return s.is(open, "(") && s.is(close, ")");
    }

    private static final String FIGURE =
            "(\\d[\\d/. ]*[½¼¾⅓⅔⅛]?|[½¼¾⅓⅔⅛]|half an?|a|one|two|three|four|five|six|seven|eight|nine|ten|twelve)";

    private static final Cue MEASURED = Cue.of(
            "\\( ?((it|that|this|they|which) )?((is|was|are|were|makes?|made|weighed|equals?|=) )?((about|approx\\w*|around|roughly|some|or|from|~|abt) ?[.]? ?)*"
                    + FIGURE + " ?((to|or|-|–) ?" + FIGURE
                    + " ?)?(lbs?|pounds?|#|oz|ounces?|kg|kilos?|g|grams?|cups?|c|quarts?|qts?|pints?|pts?|liters?|litres?|l|ml)[.]?( (shelled|hulled|kernels|husked|podded|pitted|total|in all|all told|whole|chopped|diced|sliced|prepared|fresh|peeled|raw|trimmed|altogether|each size|(before|after|once|when) \\w+))? ?[.]? ?\\)");

    private static final Set<String> GOES_ON =
            Set.of("and", "or", "with", "plus", "then", "in", "into", "to", "&", "for");

    /** "4 cups peach pulp (3 to 4 lb ripe peaches)": an amount of the same food and of nothing else. */
    private static boolean isOfTheSame(Sentence s, Lexicon lexicon, Food food, int open, int close) {
        boolean named = false;
        for (int k = open + 1; k < close; k++) {
            Optional<Lexicon.Match> match = s.food(lexicon, k);
            if (match.isPresent()) {
                if (!match.get().food().group().equals(food.group())) {
                    return false;
                }
                named = true;
                k += match.get().length() - 1;
            }
        }
        int first = s.is(open + 1, "about") || s.is(open + 1, "from") ? open + 2 : open + 1;
        return named
                && Amounts.at(s.tokens(), first).filter(Amounts.Found::unitSaid).isPresent();
    }

    /** "2 cups pears, finely chopped (about 2 lb.)": where the bracket opens that measures them again, or {@code end}. */
    static int again(Sentence s, Lexicon lexicon, Food food, int end) {
        int k = end;
        while (k < s.size()
                && k - end < WORDS_BETWEEN
                && !s.isClaimed(k)
                && (!GOES_ON.contains(s.token(k).norm()) || isReadied(s, k))
                && (s.token(k).isWord() || s.is(k, ",") || s.is(k, "-"))
                && s.food(lexicon, k).isEmpty()) {
            k++;
        }
        int close = closing(s, k);
        boolean measures = s.is(k, "(")
                && close > k
                && (s.opensAt(k, close - k + 1, MEASURED) || isOfTheSame(s, lexicon, food, k, close));
        return measures ? k : end;
    }

    /** "Peeled and cored". */
    private static boolean isReadied(Sentence s, int and) {
        return s.is(and, "and")
                && and + 1 < s.size()
                && s.token(and - 1).norm().endsWith("ed")
                && s.token(and + 1).norm().endsWith("ed");
    }

    private static final Cue OF_A_JAR = Cue.of(
            "\\( ?(about )?[\\d½¼¾/ -]+ (tsp|teaspoons?|tbsp|tablespoons?|heads?|cloves?|sprigs?|sticks?)? ?(per|to a|to each|in each|for each|each) ([a-z-]+ ){0,2}(jar|pint|quart)s? ?\\)");

    /** "3 tbsp mustard seed (1 tsp per pint jar)": how what seasons is shared out. */
    static int sharedOut(Sentence s, int open) {
        int close = closing(s, open);
        return s.is(open, "(") && close > open && s.opensAt(open, close - open + 1, OF_A_JAR) ? close + 1 : open;
    }

    /** "12 cups tomatoes (and 2 lb onions)"; what a juice was pressed from is no other food. */
    private static boolean namesAnother(Sentence s, Lexicon lexicon, Food food, int open) {
        boolean instead = s.is(open + 1, "or");
        // "(3 white, 3 water)", but not "(about 6 lemons)"
        boolean counts = open + 1 < s.size() && s.token(open + 1).isNumber();
        int measured = -FAR;
        for (int k = open + 1; k < closing(s, open) && !instead; k++) {
            Optional<Amounts.Found> amount = Amounts.at(s.tokens(), k).filter(Amounts.Found::unitSaid);
            measured = amount.map(Amounts.Found::next).orElse(measured);
            Optional<Food> named = s.food(lexicon, k).map(Lexicon.Match::food);
            boolean pressed = food.isFruitJuice()
                    && named.filter(f -> f.kind() == FoodClass.FRUIT).isPresent();
            boolean other = named.filter(f -> (f.kind() != FoodClass.WATER || food.isAcidulant())
                            && !f.group().equals(food.group()))
                    .isPresent();
            boolean counted = counts && s.token(k - 1).isNumber();
            if (other && !pressed && (counted || k - measured < FAR)) {
                return true;
            }
        }
        return false;
    }

    /** Tokens between an amount and its name. */
    private static final int FAR = 4;

    /** The token after a bracket of figures; a bracket with a strength or a share is left to be read. */
    static int skip(Sentence s, Lexicon lexicon, Food food, int end) {
        if (s.is(end, "(") && !namesAnother(s, lexicon, food, end)) {
            int close = closing(s, end);
            boolean figures = false;
            for (int k = end; k < close; k++) {
                figures |= s.token(k).isNumber();
            }
            String inside = s.around(end, 0, Math.max(1, close - end));
            if (figures && close > end && !inside.contains("%") && !inside.contains("per ") && !REMARK.in(inside)) {
                return close + 1;
            }
        }
        return end;
    }
}
