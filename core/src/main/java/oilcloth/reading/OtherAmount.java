package oilcloth.reading;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import oilcloth.measure.Amount;
import oilcloth.recipe.Ingredient;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/**
 * "5 cups (I use 2 cups) vinegar", "2 tablespoons lemon juice (well, 1 tablespoon)": another amount of the same in brackets. Which
 * of them it was is asked.
 */
final class OtherAmount {
    /** Whose it is, or when; or nothing but the amount. */
    private static final Cue OWN = Cue.of(
            "\\b(i|we|mine|ours|my|our|he|she|they|mom|mother|grandma|really|actually|well|was|used|use|did|only|originally|instead|now|make that|rather)\\b|^\\( [\\d½¼¾⅓⅔ /.-]+ ?[a-z]+\\.? \\)$");

    /** "10 cups corn (we got 9 pints)", "3 cups (I used 1 cup of each)". */
    private static final Cue OF_SOMETHING_ELSE =
            Cue.of("\\b(makes?|made|yields?|got|gets?|jars?|per|each|needs?|came|comes|bought|picked)\\b");

    /** A part; measures that come nearer to each other are the same told in two units. */
    private static final double NEAR = 0.05;

    private OtherAmount() {}

    static void read(Sentence s, Draft draft) {
        if (s.low().indexOf('(') < 0) {
            return;
        }
        List<Range> asked = draft.ingredients.stream()
                .filter(i -> s.range().contains(i.range()))
                .filter(i -> i.food().isAcidulant()
                        || MoreThanTold.WEAKENING.contains(i.food().kind()))
                .filter(i ->
                        i.amount().filter(a -> isToldOtherwise(s, i.range(), a)).isPresent())
                .map(Ingredient::range)
                .toList();
        asked.forEach(draft::doubt);
    }

    private static boolean isToldOtherwise(Sentence s, Range ingredient, Amount amount) {
        int behind = s.first(new Range(ingredient.end(), s.range().end()));
        return IntStream.rangeClosed(s.first(ingredient), Math.min(behind, s.size() - 1))
                .filter(open -> s.is(open, "("))
                .anyMatch(open -> holdsOther(s, open, amount));
    }

    private static boolean holdsOther(Sentence s, int open, Amount amount) {
        int close = Brackets.closing(s, open);
        String words = s.around(open, 0, close - open + 1).strip();
        if (!OWN.in(words) || OF_SOMETHING_ELSE.in(words)) {
            return false;
        }
        return IntStream.range(open + 1, close)
                .mapToObj(k -> Amounts.at(s.tokens(), k))
                .flatMap(Optional::stream)
                .filter(Amounts.Found::unitSaid)
                .map(Amounts.Found::amount)
                .filter(a -> a.unit().kind() == amount.unit().kind()
                        && Amounts.MEASURES.contains(a.unit().kind()))
                .anyMatch(a -> Math.abs(inBase(a) - inBase(amount)) > NEAR * inBase(amount));
    }

    private static double inBase(Amount amount) {
        return amount.low() * amount.unit().inBase();
    }
}
