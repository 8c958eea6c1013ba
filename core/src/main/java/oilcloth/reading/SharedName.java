package oilcloth.reading;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import oilcloth.guide.Food;
import oilcloth.guide.Lexicon;
import oilcloth.text.Range;
import oilcloth.text.Token;
import oilcloth.text.Tokens;

/** "2 1/4 cups white and 2 1/4 cups brown sugar": two kinds with an amount each, and the name said once, behind the second. */
final class SharedName {
    private static final Set<String> JOINS = Set.of("and", "&", "plus", ",");

    private SharedName() {}

    /** @param kind the token behind the first amount */
    static Optional<Food> of(Lexicon lexicon, Sentence s, int kind) {
        if (kind + 2 >= s.size()
                || !s.token(kind).isWord()
                || !JOINS.contains(s.token(kind + 1).norm())) {
            return Optional.empty();
        }
        Optional<Amounts.Found> second = Amounts.at(s.tokens(), kind + 2).filter(Amounts.Found::unitSaid);
        int at = second.map(Amounts.Found::next).orElse(s.size());
        return (at < s.size() ? s.food(lexicon, at) : Optional.<Lexicon.Match>empty())
                .map(m -> s.token(at + m.length() - 1).norm())
                .flatMap(head -> named(lexicon, s.token(kind).norm() + " " + head));
    }

    private static Optional<Food> named(Lexicon lexicon, String name) {
        List<Token> words = Tokens.of(name, new Range(0, name.length()));
        return lexicon.at(words, 0).filter(m -> m.length() == words.size()).map(Lexicon.Match::food);
    }
}
