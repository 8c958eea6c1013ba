package oilcloth.reading;

import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.guide.Lexicon;
import oilcloth.measure.Amount;
import oilcloth.measure.Unit;
import oilcloth.recipe.Ingredient;
import oilcloth.text.Cue;

/** "3 Tbsp per 5 lb": how the salt of a batch is shared out, where both are listed already or the produce alone is. */
final class Rate {
    private static final Set<String> FOR_EACH = Set.of("per", "each", "every");
    private static final Set<String> TO = Set.of("to", "into", "on", "for", "with", "the");

    private static final Set<String> BEFORE_TOTAL = Set.of(
            "(", ",", "-", "–", "—", "=", "that's", "that", "which", "is", "was", "makes", "made", "so", "or", "about");

    private static final Set<String> BEHIND_TOTAL =
            Set.of("in", "all", "total", "altogether", "for", "the", "whole", "batch", "lot", "of", "it", "salt", ")");

    /** "5 lb of the finely shredded cabbage". */
    private static final int NAME_WORDS = 5;

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

    /**
     * The token behind the pounds that the salt just told is for, the whole batch's salt being told by them; {@code i} where
     * they are no such share.
     *
     * @param i the token of the pounds
     */
    static int ofSalt(Sentence s, Lexicon lexicon, Draft draft, int i, Amounts.Found base) {
        int last = draft.ingredients.size() - 1;
        boolean each = i > 0 && FOR_EACH.contains(s.token(i - 1).norm());
        if (!each || last < 0 || !base.unitSaid() || base.amount().unit().kind() != Unit.Kind.MASS) {
            return i;
        }
        Ingredient salt = draft.ingredients.get(last);
        int k = i - 1;
        while (k > 0
                && (TO.contains(s.token(k).norm())
                        || FOR_EACH.contains(s.token(k).norm()))) {
            k--;
        }
        double produce = listed(draft, Unit.Kind.MASS, f -> f.kind().isProduce());
        boolean listed = draft.ingredients.subList(0, last).stream()
                .anyMatch(other -> other.food().kind() == FoodClass.SALT
                        && other.amount().isPresent()
                        && other.perJar().isEmpty());
        boolean share = salt.food().kind() == FoodClass.SALT
                && !listed
                && salt.amount().isPresent()
                && salt.range().contains(s.token(k).range())
                && produce > inBase(base.amount());
        if (!share) {
            return i;
        }
        Amount all = salt.amount().get().times(produce / inBase(base.amount()));
        int end = restated(s, draft, behindName(s, lexicon, base.next()), all);
        // whoever corrects it corrects the whole phrase
        draft.ingredients.set(last, salt.withAmount(all, salt.range().to(s.span(i, end))));
        return end;
    }

    private static final Cue TO_EACH = Cue.of("(for|to|per|with|and) (each|every) |per ");

    /**
     * "A cup of water for each cup of vinegar", just listed: as much as the vinegar comes to; in doubt where nobody knows how
     * much that is.
     *
     * @param end the token behind what was listed
     * @return the token behind the acid or water it is told by; {@code end} where it is told by none
     */
    static int toLiquid(Sentence s, Lexicon lexicon, Draft draft, Amount rate, int end) {
        int last = draft.ingredients.size() - 1;
        int unit = s.is(end + 1, "each") || s.is(end + 1, "every") ? end + 2 : end + 1;
        Optional<Units.Found> base = s.opensAt(end, 3, TO_EACH) ? Units.at(s.tokens(), unit) : Optional.empty();
        if (last < 0
                || base.filter(b -> b.unit().kind() == Unit.Kind.VOLUME).isEmpty()
                || base.get().next() + 1 >= s.size()) {
            return end;
        }
        int name = s.is(base.get().next(), "of")
                ? base.get().next() + 1
                : base.get().next();
        Optional<Lexicon.Match> other = s.food(lexicon, name).filter(m -> isLiquid(m.food()));
        if (other.isEmpty() || !isLiquid(draft.ingredients.get(last).food())) {
            return end;
        }
        int behind = name + other.get().length();
        Ingredient listed = draft.ingredients.get(last);
        double told = listed(draft, Unit.Kind.VOLUME, f -> f.group()
                .equals(other.get().food().group()));
        if (told > 0) {
            Amount all = rate.times(told / base.get().unit().inBase());
            draft.ingredients.set(last, listed.withAmount(all, listed.range().to(s.span(end, behind))));
        } else {
            draft.doubt(s.span(end, behind));
        }
        return behind;
    }

    private static boolean isLiquid(Food food) {
        return food.isAcidulant() || food.kind() == FoodClass.WATER;
    }

    /** "Of the shredded cabbage" behind the pounds. */
    private static int behindName(Sentence s, Lexicon lexicon, int from) {
        for (int k = from;
                k < Math.min(s.size(), from + NAME_WORDS) && s.token(k).isWord();
                k++) {
            Optional<Lexicon.Match> name = s.food(lexicon, k);
            if (name.isPresent()) {
                return name.get().food().kind().isProduce() ? k + name.get().length() : from;
            }
        }
        return from;
    }

    /** "(3/4 cup in all)", ", that's 3/4 cup": what it comes to, within what the guide itself rounds; any other is in doubt. */
    private static int restated(Sentence s, Draft draft, int from, Amount all) {
        int k = from;
        while (k < s.size() && BEFORE_TOTAL.contains(s.token(k).norm())) {
            k++;
        }
        Optional<Amounts.Found> total = Amounts.at(s.tokens(), k)
                .filter(a ->
                        a.unitSaid() && a.amount().unit().kind() == all.unit().kind());
        if (s.opensAt(from, 4, SOME_OF_IT)) {
            draft.doubt(s.span(from, from + 1));
        }
        if (k == from || total.isEmpty()) {
            return from;
        }
        int end = total.get().next();
        while (end < s.size() && BEHIND_TOTAL.contains(s.token(end).norm())) {
            end++;
        }
        if (Math.abs(inBase(total.get().amount()) - inBase(all)) > NEAR * inBase(all)) {
            draft.doubt(s.span(k, end));
        }
        return end;
    }

    /** "3 Tbsp to each 5 lb for the first two layers only". */
    private static final Cue SOME_OF_IT = Cue.of(
            "[(,]? ?(and |but )*(only|just|at (first|the start)|(for|in|on) (only |just )?(the|my|some|half|most|a few) )");

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
