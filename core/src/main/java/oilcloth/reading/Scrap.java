package oilcloth.reading;

import java.util.Set;
import oilcloth.guide.Lexicon;
import oilcloth.recipe.Unread;
import oilcloth.text.Cue;
import oilcloth.text.Token;

/**
 * A sentence of a few words that adds something to what went before: "Then some feta.", "With cream.", "And a few
 * breadfruit." It has no verb to judge it by, so a food in it is in the jar and a word nobody knows may be one.
 */
final class Scrap {
    private static final Cue ADDS = Cue.of(
            "^(and |then |also |plus |with |in (go|goes|went) |some |lots of |(a |an )?(few|little|bit of|handful of|dash of|splash of|touch of|drop of|glug of) )+(?!(i|we|you|they|it|she|he|that|love|thanks|regards|kind|best|all) )");

    /** Made of more than one thing, and nobody says of what. */
    private static final Set<String> PRODUCT =
            Set.of("pickle", "pickles", "relish", "chutney", "ketchup", "salsa", "gravy", "sauce", "dressing");

    private static final int LONGEST = 8;

    private final Lexicon lexicon;

    Scrap(Lexicon lexicon) {
        this.lexicon = lexicon;
    }

    /** Between the names of a list. */
    private static final Set<String> SMALL =
            Set.of("and", "or", "with", "plus", "some", "a", "few", "little", "bit", "of", "too", "also");

    /** Whether a food named in it is one of the recipe. */
    boolean adds(Sentence s) {
        return !s.isItem() && s.size() <= LONGEST && (s.has(ADDS) || isListOfFoods(s));
    }

    /** "Pie spice, sugar and eggs." */
    private boolean isListOfFoods(Sentence s) {
        int next = 0;
        for (int i = 0; i < s.size(); i++) {
            int from = i;
            next = Math.max(next, s.food(lexicon, i).map(m -> from + m.length()).orElse(0));
            if (i >= next
                    && s.token(i).kind() != Token.Kind.SIGN
                    && !SMALL.contains(s.token(i).norm())) {
                return false;
            }
        }
        return next > 0;
    }

    /** Asks after the words nobody knows. */
    void read(Sentence s, Draft draft) {
        if (!adds(s) || draft.ingredients.isEmpty()) {
            return;
        }
        int next = 0;
        for (int i = 0; i < s.size(); i++) {
            next = Math.max(next, i);
            int from = i;
            next = Math.max(next, s.food(lexicon, i).map(m -> from + m.length()).orElse(next));
            if (PRODUCT.contains(s.token(i).norm()) || i >= next && !s.isClaimed(i) && isStrange(s.token(i))) {
                draft.unread.add(new Unread(s.span(i, i + 1), true));
            }
        }
    }

    private static boolean isStrange(Token token) {
        String word = token.norm();
        return token.isWord()
                && word.indexOf('\'') < 0
                && !StepWords.isPlain(word)
                && !StepWords.isManner(word)
                && !Talk.isCommon(word);
    }
}
