package oilcloth.reading;

import java.util.Optional;
import oilcloth.guide.Lexicon;
import oilcloth.text.Cue;

/** Which variety of the food it is, told in a sentence of its own. */
final class SameKind {
    private SameKind() {}

    private static final Cue KIND = Cue.of(
            "^(mine|ours|these|those|they|it) (are|were|is|was) (the |all |mostly |a )?$"
                    + "|^((so|but|and|this (time|year)|now|today) )*(i|we)( am|'m| are|'re)? (just|only|simply) (do|did|can|canned|doing|canning|put up|putting up|make|made)( the| my| our| some| plain)*( |$)$");

    /** "Mine are Brown Turkeys", "I just do the beef": which kind it is of what is canned, or that it is nothing else. */
    static boolean isTold(Sentence s, Draft draft, Lexicon lexicon) {
        for (int i = 0; i < s.size(); i++) {
            Optional<Lexicon.Match> named = s.food(lexicon, i);
            if (named.isPresent()) {
                int end = i + named.get().length();
                boolean ends = end >= s.size() || end == s.size() - 1 && s.is(end, ".");
                return ends
                        && KIND.is(s.around(i, i, 0))
                        && draft.ingredients.stream().anyMatch(known -> known.food()
                                .equals(named.get().food()));
            }
        }
        return false;
    }
}
