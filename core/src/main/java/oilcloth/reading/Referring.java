package oilcloth.reading;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import oilcloth.guide.Food;
import oilcloth.guide.Lexicon;
import oilcloth.measure.Amount;
import oilcloth.measure.Unit;
import oilcloth.recipe.Ingredient;
import oilcloth.text.Cue;
import oilcloth.text.Range;
import oilcloth.text.Token;
import oilcloth.text.Tokens;

/** Amounts that speak of a food named before. */
final class Referring {
    private static final Cue OF_IT = Cue.of("of (it|them|those|these|that) ?");

    /** "5 onions, my neighbor puts in a glug of her elixir, 1 cup of it": it is what was put in. */
    private static final Set<String> ADDS =
            Set.of("puts", "adds", "added", "throws", "threw", "stirs", "pours", "glug", "splash", "dash", "shot");

    /**
     * "We love onion so I use 4 cups of it".
     *
     * @param next the token after the amount
     * @return the token of the food that is meant; negative where the amount is of something else
     */
    static int back(Sentence s, Lexicon lexicon, int i, int next) {
        return OF_IT.is(s.around(next, 0, 2)) ? foodBefore(s, lexicon, i) : -1;
    }

    /** Whether an amount is of something put in that nobody has named. @param next the token after the amount */
    static boolean toAnAddition(Sentence s, Lexicon lexicon, int i, int next) {
        return OF_IT.is(s.around(next, 0, 2))
                && IntStream.range(Math.max(0, foodBefore(s, lexicon, i)), i)
                        .anyMatch(k -> ADDS.contains(s.token(k).norm()));
    }

    /** How they are, and nothing that makes another food of them. */
    private static final Set<String> PLAIN = Set.of(
            "tart", "firm", "small", "big", "large", "medium", "nice", "good", "little", "tender", "young", "whole",
            "fresh", "best", "pretty");

    /** Words between the amount and "ones". */
    private static final int KIND_WORDS = 3;

    /** A food and the token behind the words for it. */
    record Meant(Food food, int next) {}

    /**
     * "Sliced apples: 6 lb tart ones", "3 cups red peppers, 3 cups green ones": of the food named last, or of the one that is
     * called after the colour.
     *
     * @param i the token of the amount
     * @param next the token behind it
     */
    static Optional<Meant> ones(Sentence s, Lexicon lexicon, Draft draft, int i, int next) {
        OptionalInt found = IntStream.rangeClosed(next, next + KIND_WORDS)
                .filter(k -> s.is(k, "ones"))
                .findFirst();
        boolean intoJars = s.is(i - 1, "in") || s.is(i - 1, "into") || s.is(i - 2, "in") || s.is(i - 2, "into");
        if (found.isEmpty() || found.getAsInt() == next || intoJars) {
            return Optional.empty();
        }
        int ones = found.getAsInt();
        boolean plain = IntStream.range(next, ones)
                .allMatch(k -> PLAIN.contains(s.token(k).norm()));
        int named = foodBefore(s, lexicon, i);
        if (plain) {
            Optional<Food> food = named >= 0
                    ? s.food(lexicon, named).map(Lexicon.Match::food)
                    : Optional.of(draft.titleFoods).filter(t -> t.size() == 1).map(t -> t.get(0));
            return food.filter(f -> f.kind().isProduce()).map(f -> new Meant(f, ones + 1));
        }
        if (named < 0 || ones != next + 1) {
            return Optional.empty();
        }
        int noun = named + s.food(lexicon, named).orElseThrow().length() - 1;
        List<Token> called = List.of(s.token(next), s.token(noun));
        return lexicon.at(called, 0).filter(m -> m.length() == called.size()).map(m -> new Meant(m.food(), ones + 1));
    }

    private static int foodBefore(Sentence s, Lexicon lexicon, int i) {
        int k = i - 1;
        while (k >= 0 && s.food(lexicon, k).isEmpty()) {
            k--;
        }
        return k;
    }

    /** "… cut from the cob, or use six packages of frozen corn": in place of what is listed already. */
    static boolean inPlace(Sentence s, Draft draft, Food food, int i) {
        return s.is(i - 1, "use")
                && s.is(i - 2, "or")
                && draft.ingredients.stream()
                        .anyMatch(known ->
                                known.amount().isPresent() && known.food().equals(food));
    }

    /** "Cut about 1 pound of fruit into quarters": the tomatoes of the title. */
    static boolean toTheProduce(Sentence s, Draft draft, Food food, int at) {
        return food.isUmbrella()
                && !s.isItem()
                && !draft.titleFoods.isEmpty()
                && (s.is(at - 1, "of") || s.is(at - 1, "ripe") || s.is(at - 1, "underripe"));
    }

    /** "Equal parts crushed blackberries and sugar, 4 cups each": of all that stands before it without an amount. */
    static boolean ofEach(Sentence s, Draft draft, Amounts.Found amount) {
        boolean ends =
                amount.next() + 1 >= s.size() || !s.token(amount.next() + 1).isWord();
        if (!s.is(amount.next(), "each") || !ends || !amount.unitSaid()) {
            return false;
        }
        boolean found = false;
        for (int i = 0; i < draft.ingredients.size(); i++) {
            Ingredient known = draft.ingredients.get(i);
            if (known.amount().isEmpty() && s.range().contains(known.range())) {
                draft.ingredients.set(i, known.withAmount(amount.amount()));
                found = true;
            }
        }
        return found;
    }

    /** "2 1/2 cups red peppers, the same of diced green peppers". */
    private static final Cue THE_SAME = Cue.of(
            "\\b(the same( (amount|quantity))?|as (much|many)|an equal (amount|quantity)|likewise) (of )?(the )?((chopped|diced|sliced|sweet|fresh|minced|finely|ground) )*$");

    /** How much there is of a food told only to be as much as the one before. @param i the token of its name */
    static Optional<Amount> sameAgain(Sentence s, Draft draft, int i) {
        int last = draft.ingredients.size() - 1;
        return last >= 0
                        && s.isBefore(i, 9, THE_SAME)
                        && s.range().contains(draft.ingredients.get(last).range())
                ? draft.ingredients.get(last).amount()
                : Optional.empty();
    }

    /** What was weighed with more about it than goes into the jar. */
    private static final Cue AS_BOUGHT = Cue.of(
            "\\b(husks?|pods?|shells?|hulls?|ears?|cobs?|stems?|vines?|un(husked|peeled|shelled|shucked|pitted|hulled)|whole|bushels?|pecks?|as (bought|picked)|before)\\b");

    private static final Cue PREPARED = Cue.of(
            "(of )?(cut |whole |clean )*(shelled|hulled|husked|podded|kernels|cut( off)?|pitted|peeled|stemmed|trimmed|after)\\b");

    /** "3 to 4 lb peaches = 4 cups drained pulp". */
    private static final Cue PULP = Cue.of(
            "([.] )?(of )?(drained |cooked |sieved |prepared |crushed |chopped |peeled |sliced )*(pulp|puree|pieces|slices)\\b");

    /**
     * "15 lb corn in the husk = 3 qt kernels", "so 3 quarts cut", "14 lb limas in the pod, 4 quarts shelled": as it was
     * prepared; else the same amount said twice.
     */
    static boolean equal(Sentence s, Lexicon lexicon, Draft draft, Amounts.Found amount, int i) {
        int last = draft.ingredients.size() - 1;
        if (!amount.unitSaid() || last < 0) {
            return false;
        }
        Ingredient before = draft.ingredients.get(last);
        boolean same = before.amount().isPresent() && s.range().contains(before.range());
        boolean bought = same && (s.has(AS_BOUGHT) || isPrepared(s, amount.next()));
        boolean told = s.is(i - 1, "=")
                || bought
                        && (s.is(i - 1, ",") || s.is(i - 1, "so") && s.is(i - 2, ","))
                        && s.opensAt(amount.next(), 4, PREPARED)
                        && namesNoOther(s, lexicon, before.food(), amount.next());
        if (told && bought) {
            draft.ingredients.set(last, before.withAmount(amount.amount()));
        }
        return told && same;
    }

    /** Whether an amount is of what was made ready of the produce. @param next the token behind it */
    static boolean isPrepared(Sentence s, int next) {
        return s.opensAt(next, 4, PULP);
    }

    /** Tokens behind an amount in which its name stands. */
    private static final int NAME = 4;

    private static boolean namesNoOther(Sentence s, Lexicon lexicon, Food food, int from) {
        return IntStream.range(from, Math.min(s.size(), from + NAME))
                .takeWhile(k -> s.token(k).isWord())
                .mapToObj(k -> s.food(lexicon, k))
                .flatMap(Optional::stream)
                .allMatch(m -> m.food().group().equals(food.group()));
    }

    /** "A teaspoon… half teaspoon salt each": the amount the sentence before ended with is forgotten. */
    static void forget(Sentence s, Draft draft, int from) {
        int start = s.range().start();
        if (from == 0 && s.whole().substring(0, start).stripTrailing().endsWith("..")) {
            draft.unread.removeIf(u ->
                    u.range().end() <= start && u.range().end() >= start - NEAR && isInTheSameMeasure(u.range(), s));
        }
    }

    private static boolean isInTheSameMeasure(Range before, Sentence s) {
        Optional<Unit> unit = Amounts.at(s.tokens(), 0).map(a -> a.amount().unit());
        return unit.isPresent()
                && Amounts.at(Tokens.of(s.whole(), before), 0)
                        .map(a -> a.amount().unit())
                        .equals(unit);
    }

    /** Characters between the amount and the one that holds: dots and spaces. */
    private static final int NEAR = 5;

    private Referring() {}
}
