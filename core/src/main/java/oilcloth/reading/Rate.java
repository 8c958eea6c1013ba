package oilcloth.reading;

import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.measure.Amount;
import oilcloth.measure.Unit;

/** "3 Tbsp per 5 lb": how the salt of a batch is shared out while it is packed, where both are listed already. */
final class Rate {
    private static final Set<String> FOR_EACH = Set.of("per", "each", "every");
    private static final Set<String> TO = Set.of("to", "for", "with", "the");

    /** The guide's own "3/4 cup to 25 lb" and "3 Tbsp to 5 lb" are a fifth apart. */
    private static final double NEAR = 0.25;

    private Rate() {}

    /** The token behind the pounds where it comes to what is listed, or -1. */
    static int end(Sentence s, Draft draft, Amounts.Found share) {
        int k = share.next();
        while (k < s.size()
                && (TO.contains(s.token(k).norm())
                        || FOR_EACH.contains(s.token(k).norm()))) {
            k++;
        }
        Optional<Amounts.Found> base = k == share.next() ? Optional.empty() : Amounts.at(s.tokens(), k);
        if (share.amount().unit().kind() != Unit.Kind.VOLUME
                || base.filter(b -> b.unitSaid() && b.amount().unit().kind() == Unit.Kind.MASS)
                        .isEmpty()) {
            return -1;
        }
        double salt = listed(draft, Unit.Kind.VOLUME, f -> f.kind() == FoodClass.SALT);
        double produce = listed(draft, Unit.Kind.MASS, f -> f.kind().isProduce());
        double told = inBase(share.amount()) * produce / inBase(base.get().amount());
        return salt > 0 && Math.abs(told - salt) <= NEAR * salt ? base.get().next() : -1;
    }

    private static double listed(Draft draft, Unit.Kind unit, Predicate<Food> such) {
        return draft.ingredients.stream()
                .filter(i -> such.test(i.food()))
                .flatMap(i -> i.amount().stream())
                .filter(a -> a.unit().kind() == unit)
                .mapToDouble(Rate::inBase)
                .sum();
    }

    private static double inBase(Amount amount) {
        return amount.middle() * amount.unit().inBase();
    }
}
