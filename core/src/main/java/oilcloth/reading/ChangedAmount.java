package oilcloth.reading;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import oilcloth.guide.Lexicon;
import oilcloth.measure.Unit;
import oilcloth.recipe.Ingredient;
import oilcloth.text.Cue;

/** "I cut the vinegar to 3 cups": what went in, whatever the recipe lists. */
final class ChangedAmount {
    private static final Set<String> CHANGES = Set.of(
            "cut",
            "cuts",
            "cutting",
            "reduce",
            "reduced",
            "lower",
            "lowered",
            "drop",
            "dropped",
            "upped",
            "increase",
            "increased",
            "raise",
            "raised",
            "brought",
            "took");
    private static final Set<String> BEFORE = Set.of("the", "my", "our", "back", "down", "up", "way");
    private static final Set<String> BEHIND = Set.of("back", "down", "up", "way", "amount", "content");
    private static final Set<String> ABOUT = Set.of("only", "just", "about", "maybe");

    private static final Cue NOT = Cue.of("\\b(never|not|\\w+n't)\\b");

    private ChangedAmount() {}

    /** @param i the token the food is named at */
    static Optional<Amounts.Found> of(Sentence s, Lexicon.Match match, int i) {
        int verb = i - 1;
        while (verb >= 0 && BEFORE.contains(s.token(verb).norm())) {
            verb--;
        }
        if (verb < 0 || !CHANGES.contains(s.token(verb).norm()) || s.isBefore(verb, 2, NOT)) {
            return Optional.empty();
        }
        int k = past(s, i + match.length(), BEHIND);
        if (s.is(k, "from") && k + 1 < s.size()) {
            k = past(s, Amounts.at(s.tokens(), k + 1).map(Amounts.Found::next).orElse(k), BEHIND);
        }
        if (!s.is(k, "to")) {
            return Optional.empty();
        }
        k = past(s, k + 1, ABOUT);
        return k < s.size()
                ? Amounts.at(s.tokens(), k)
                        .filter(a -> a.unitSaid() && a.amount().unit().kind() != Unit.Kind.COUNT)
                : Optional.empty();
    }

    private static int past(Sentence s, int k, Set<String> words) {
        int at = k;
        while (at < s.size() && words.contains(s.token(at).norm())) {
            at++;
        }
        return at;
    }

    static boolean isTold(Sentence s, Draft draft) {
        return draft.changed.stream().anyMatch(i -> s.range().contains(i.range()));
    }

    private static final Pattern CALLED_FOR =
            Pattern.compile("(?i)\\b(calls?|called|asks?|asked|wants|wanted) for (only |just |about |the )?$");

    private static final int REACH = 24;

    /** What the recipe lists, or calls for, is not what went in where another amount is told. */
    static void settle(String text, Draft draft) {
        for (Ingredient changed : draft.changed) {
            draft.ingredients.removeIf(i -> !draft.changed.contains(i) && isAnotherAmount(i, changed));
        }
        List<Ingredient> calledFor = draft.ingredients.stream()
                .filter(i -> i.amount().isPresent())
                .filter(i -> CALLED_FOR
                        .matcher(text.substring(
                                Math.max(0, i.range().start() - REACH),
                                i.range().start()))
                        .find())
                .toList();
        draft.ingredients.removeIf(i -> calledFor.contains(i)
                && draft.ingredients.stream().anyMatch(o -> !calledFor.contains(o) && isAnotherAmount(o, i)));
    }

    private static boolean isAnotherAmount(Ingredient one, Ingredient other) {
        return one.amount().isPresent()
                && one.food().group().equals(other.food().group());
    }
}
