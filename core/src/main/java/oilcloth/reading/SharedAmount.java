package oilcloth.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import oilcloth.guide.Food;
import oilcloth.guide.Lexicon;
import oilcloth.measure.Amount;
import oilcloth.measure.Unit;
import oilcloth.text.Cue;

/**
 * What else an amount is for: "1 tsp each cinnamon, cloves and allspice" gives every name the whole amount, "3 cups
 * celery, onions and carrots" shares it out, "1 cup celery or pepper" is one or the other.
 *
 * @param others the names behind the first
 * @param share of each
 * @param isDivided whether the first has only such a share as well
 * @param end the token behind the last name
 */
record SharedAmount(List<Other> others, Amount share, boolean isDivided, int end) {
    record Other(Food food, int from, int to) {}

    private static final Cue FOR_EACH = Cue.of("(?<!\\b(for|in|into|to) )\\beach\\b");

    private static final Set<String> CUT = Set.of(
            "chopped",
            "diced",
            "sliced",
            "minced",
            "grated",
            "shredded",
            "finely",
            "thinly",
            "coarsely",
            "peeled",
            "fresh",
            "cubed",
            "cut",
            "shelled",
            "snapped",
            "trimmed",
            "cleaned",
            "packed",
            "firmly",
            "lightly",
            "pitted",
            "seeded",
            "cored",
            "crushed",
            "drained");

    /** Whether a word tells how a food was cut or cleaned. */
    static boolean isCut(Sentence s, int i) {
        return i < s.size() && CUT.contains(s.token(i).norm());
    }

    private static final int LONGEST_JOIN = 5;

    /** Names behind the first, of which some stand side by side without a comma. */
    private static final int LEAST_BARE = 2;

    /** Tokens behind the last name in which "each" may follow. */
    private static final int EACH_BEHIND = 5;

    /** @param from the token behind the first name */
    static SharedAmount after(Sentence s, Lexicon lexicon, Food first, Amount amount, int from) {
        return after(s, lexicon, first, amount, from, s.size());
    }

    /** @param last the token where the amount of the names begins, if it stands behind them; their number of tokens otherwise */
    static SharedAmount after(Sentence s, Lexicon lexicon, Food first, Amount amount, int from, int last) {
        List<Other> others = new ArrayList<>();
        boolean joined = false;
        boolean either = false;
        // "2 cups each onion, raisins and vinegar" tells all of them
        boolean eachOf = from > 1 && s.isBefore(from, EACH_BEHIND, FOR_EACH);
        boolean eachVolume = eachOf && amount.unit().kind() == Unit.Kind.VOLUME;
        // "celery onion carrots and peppers"
        boolean bare = false;
        int end = from;
        while (end < s.size()) {
            int k = end;
            boolean joins = false;
            boolean or = false;
            while (k < s.size()
                    && (s.is(k, ",")
                            || s.is(k, "and")
                            || s.is(k, "&")
                            || s.is(k, "+")
                            || s.is(k, "or")
                            || s.is(k, "/"))) {
                joins |= !s.is(k, ",");
                or |= s.is(k, "or") || s.is(k, "/");
                k++;
            }
            // "diced green bell pepper and chopped celery"
            int cut = k;
            while (k > end
                    && cut < s.size()
                    && cut < k + 2
                    && CUT.contains(s.token(cut).norm())) {
                cut++;
            }
            k = cut;
            Optional<Lexicon.Match> match =
                    k - end > LONGEST_JOIN || k >= s.size() ? Optional.empty() : s.food(lexicon, k);
            // "4 lb beans, dill and garlic": what seasons has no share in the weight
            boolean seasons = !eachVolume
                    && match.map(m ->
                                    m.food().kind().isProduce() != first.kind().isProduce()
                                            || m.food().name().equals("garlic")
                                                    && !first.name().equals("garlic"))
                            .orElse(false);
            boolean beside = k == end;
            if (match.isEmpty()
                    || beside && !match.get().food().kind().isProduce()
                    || seasons
                    || s.isClaimed(k)
                    || k + match.get().length() < last
                            && amountFollows(s, k + match.get().length(), last)) {
                break;
            }
            joined |= joins;
            bare |= beside;
            either |= or;
            end = k + match.get().length();
            others.add(new Other(match.get().food(), k, end));
        }
        boolean row = others.size() >= LEAST_BARE && joined && !either;
        if (others.isEmpty() || !joined && !eachOf || bare && !row) {
            return new SharedAmount(List.of(), amount, false, from);
        }
        // "6 cups each carrots, corn, beans, limas": the word before the first name joins them
        boolean each = s.isAround(from, from, end - from + EACH_BEHIND, FOR_EACH);
        Amount share = each ? amount : either ? amount.times(0) : amount.times(1.0 / (others.size() + 1));
        return new SharedAmount(others, share, !each && !either, end);
    }

    private static boolean amountFollows(Sentence s, int i, int last) {
        int k = s.is(i, ":") || s.is(i, "-") ? i + 1 : i;
        return k > i && k < s.size() && k != last && Amounts.at(s.tokens(), k).isPresent();
    }
}
