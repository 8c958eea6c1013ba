package oilcloth.reading;

import oilcloth.measure.Amount;
import oilcloth.measure.Unit;
import oilcloth.recipe.Ingredient;
import oilcloth.text.Cue;

/** "2 cups olive oil and 2 of corn oil": the second figure has the unit of the first. */
final class CarriedUnit {
    private static final Cue JOINED = Cue.of("(\\b(and|plus|or|with|then)|[,+&;]) (about |another |some )?$");

    /** "2 of them", "6 of the jars": no name follows. */
    private static final Cue OF_NO_FOOD = Cue.of(
            "of (the|them|these|those|it|my|our|his|her|their|us|which|each|every|mine|ours|jars?|all|that|this)\\b");

    private CarriedUnit() {}

    /** @return the amount with the unit of the one before it in the sentence; as it was read where a unit is said */
    static Amounts.Found of(Sentence s, Draft draft, int i, Amounts.Found read) {
        boolean bare = !read.unitSaid() && s.is(read.next(), "of") && !s.opensAt(read.next(), 3, OF_NO_FOOD);
        if (!bare || draft.ingredients.isEmpty() || !s.isBefore(i, 3, JOINED)) {
            return read;
        }
        Ingredient last = draft.ingredients.get(draft.ingredients.size() - 1);
        return last.amount()
                .filter(a -> s.range().contains(last.range()) && isMeasure(a.unit()))
                .map(a -> new Amounts.Found(
                        new Amount(
                                read.amount().low(),
                                read.amount().high(),
                                a.unit(),
                                read.amount().exact()),
                        read.next(),
                        true))
                .orElse(read);
    }

    private static boolean isMeasure(Unit unit) {
        return unit.kind() == Unit.Kind.VOLUME || unit.kind() == Unit.Kind.MASS;
    }
}
