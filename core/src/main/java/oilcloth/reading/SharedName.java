package oilcloth.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import oilcloth.guide.Food;
import oilcloth.guide.Lexicon;
import oilcloth.measure.Amount;
import oilcloth.measure.Unit;
import oilcloth.text.Cue;
import oilcloth.text.Range;
import oilcloth.text.Token;
import oilcloth.text.Tokens;

/** "2 1/4 cups white and 2 1/4 cups brown sugar": two kinds with an amount each, and the name said once, behind the second. */
final class SharedName {
    private static final Set<String> JOINS = Set.of("and", "&", "plus", ",");

    /** How it was measured: "1 1/2 cups packed brown sugar". */
    private static final Set<String> MEASURED = Set.of("packed", "firmly", "lightly", "of", "level", "heaping", "the");

    private SharedName() {}

    /** Words of a kind: "sweet red". */
    private static final int LONGEST = 2;

    /** A name read together with another's last word. @param next the token behind its own words */
    record Shared(Food food, int next) {}

    /** @param kind the token behind the first amount */
    static Optional<Shared> of(Lexicon lexicon, Sentence s, int kind) {
        int join = kind;
        while (join < s.size() && join - kind < LONGEST && s.token(join).isWord() && !isJoin(s, join)) {
            join++;
        }
        if (join == kind || join + 1 >= s.size() || !isJoin(s, join)) {
            return Optional.empty();
        }
        int next = join;
        Optional<Amounts.Found> second = Amounts.at(s.tokens(), join + 1).filter(Amounts.Found::unitSaid);
        int at = second.map(found -> named(s, found.next())).orElse(s.size());
        return (at < s.size() ? s.food(lexicon, at) : Optional.<Lexicon.Match>empty())
                .map(m -> s.token(at + m.length() - 1).norm())
                .flatMap(head -> named(lexicon, s.around(kind, 0, next - kind) + head))
                .map(food -> new Shared(food, next));
    }

    private static int named(Sentence s, int from) {
        int at = from;
        while (at < s.size() && MEASURED.contains(s.token(at).norm())) {
            at++;
        }
        return at;
    }

    private static boolean isJoin(Sentence s, int i) {
        return JOINS.contains(s.token(i).norm());
    }

    private static Optional<Food> named(Lexicon lexicon, String name) {
        List<Token> words = Tokens.of(name, new Range(0, name.length()));
        return lexicon.at(words, 0).filter(m -> m.length() == words.size()).map(Lexicon.Match::food);
    }

    /** A food told by its colour. @param times how often there is so much of it @param at the token of the colour */
    record Kind(Food food, int times, int at) {}

    /** How much there is of a food that each of some kinds is: the same told for another kind is not the same told again. */
    static Amount total(List<Kind> kinds, Food food, Amount one) {
        return kinds.stream()
                .filter(k -> k.food().equals(food))
                .findFirst()
                .map(k -> one.times(1 + k.times()))
                .orElse(one);
    }

    /** Told apart by these, kinds have their noun in common; where no name is made of the two, it is the food all the same. */
    static final Set<String> COLOURS =
            Set.of("red", "green", "yellow", "orange", "purple", "white", "brown", "hot", "mild", "sweet");

    private static final Set<String> LISTED = Set.of(",", "and", "&", "+", "/", "plus");

    /**
     * "2 1/2 cups each diced red, yellow and green peppers": what goes before the last has the same noun.
     *
     * @param from the token behind the amount
     * @param at the token of the name that is whole
     * @return each food once
     */
    static List<Kind> before(Lexicon lexicon, Sentence s, int from, int at) {
        boolean each = s.around(from, 1, Math.max(1, at - from)).matches(".*\\b(each|ea)\\b.*");
        if (!each) {
            return List.of();
        }
        Lexicon.Match whole = s.food(lexicon, at).orElseThrow();
        boolean coloured = COLOURS.contains(s.token(at).norm());
        List<Token> noun = s.tokens().subList(coloured ? at + 1 : at, at + whole.length());
        List<Kind> foods = new ArrayList<>();
        for (int k = from; k < at - 1; k++) {
            if (COLOURS.contains(s.token(k).norm())
                    && LISTED.contains(s.token(k + 1).norm())) {
                List<Token> spoken = new ArrayList<>(List.of(s.token(k)));
                spoken.addAll(noun);
                Food food = lexicon.at(spoken, 0)
                        .filter(m -> m.length() == spoken.size())
                        .map(Lexicon.Match::food)
                        .orElse(whole.food());
                int told = foods.stream().map(Kind::food).toList().indexOf(food);
                if (told < 0) {
                    foods.add(new Kind(food, 1, k));
                } else {
                    foods.set(
                            told,
                            new Kind(
                                    food,
                                    foods.get(told).times() + 1,
                                    foods.get(told).at()));
                }
            }
        }
        return foods;
    }

    private static final Cue SEEDS_BEHIND = Cue.of(
            "celery,? ?(and|&|or) ((\\S+ )?(tsp|tbsp|teaspoons?|tablespoons?) )?(\\w+ )?(mustard|dill|\\w+) seeds?\\b|celery ,( and| &| or)? (mustard|dill) seeds?\\b|celery , (and|&|or) \\w+ seeds?\\b");

    /** "Celery, and mustard seeds". */
    static boolean isOfSeeds(Sentence s, int from) {
        return IntStream.range(from, from + REACH).anyMatch(k -> s.opensAt(k, 8, SEEDS_BEHIND));
    }

    /** Tokens of "1/2 Tbsp celery". */
    private static final int REACH = 3;

    static boolean isSpooned(Amount amount) {
        return amount.unit() == Unit.TEASPOON || amount.unit() == Unit.TABLESPOON;
    }
}
