package oilcloth.reading;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import oilcloth.guide.Lexicon;

/** "Green beans 1 1/2 cups blanched, onion 1/2 c sliced, white vinegar (5%) 1/2 c": a list in one sentence, names first. */
final class NamesFirst {
    private static final Set<String> BREAKS = Set.of(",", ";", ":", "/", ".", "—", "–", "+", "|");

    /** "Mangoes, chopped, 11 cups; onion, fine, 2 cups; sugar 4 cups": how it is cut stands between. */
    private static final Set<String> SEMICOLON = Set.of(";");

    /** Items; fewer may be told either way. */
    private static final int LEAST = 3;

    /** How many times more often names come first than amounts do. */
    private static final int RATHER = 3;

    private final Map<Integer, Amounts.Found> amounts = new HashMap<>();

    private NamesFirst() {}

    /** The amounts of such a list by the token their food begins at; none where the sentence is no such list. */
    static Map<Integer, Amounts.Found> of(Sentence s, Lexicon lexicon) {
        Set<String> breaks = count(s, SEMICOLON) < LEAST - 1 ? BREAKS : SEMICOLON;
        if (count(s, breaks) < LEAST - 1) {
            return Map.of();
        }
        NamesFirst list = new NamesFirst();
        int otherwise = 0;
        for (int from = 0; from < s.size(); ) {
            int to = from;
            while (to < s.size() && !breaks.contains(s.token(to).norm())) {
                to++;
            }
            otherwise += list.item(s, lexicon, from, to) ? 0 : 1;
            from = to + 1;
        }
        boolean rather = list.amounts.size() >= LEAST && list.amounts.size() >= RATHER * otherwise;
        return rather ? list.amounts : Map.of();
    }

    private static long count(Sentence s, Set<String> breaks) {
        return s.tokens().stream().filter(t -> breaks.contains(t.norm())).count();
    }

    private static final Set<String> SIZES = Set.of(
            "small", "medium", "large", "big", "little", "whole", "crushed", "broken", "chopped", "minced", "sliced",
            "diced");

    private static final Set<String> DASHES = Set.of("-", "–", "—");

    /** "Cloves 5", "onion 2 small": a bare count ends the item. */
    private static boolean ends(Sentence s, int next, int to) {
        return next >= to
                || s.is(next, ",")
                || next == to - 1 && SIZES.contains(s.token(next).norm());
    }

    /** Reads one item; false where its amount comes first. */
    private boolean item(Sentence s, Lexicon lexicon, int from, int to) {
        int name = -1;
        int names = 0;
        int behind = -1;
        for (int i = from; i < to; i++) {
            Optional<Lexicon.Match> food = s.food(lexicon, i);
            if (food.isPresent() && i + food.get().length() <= to) {
                name = i;
                names++;
                i += food.get().length() - 1;
                behind = i + 1;
                continue;
            }
            if (i == behind && DASHES.contains(s.token(i).norm())) {
                // "whole cloves - 12"
                behind++;
                continue;
            }
            Optional<Amounts.Found> amount = Amounts.at(s.tokens(), i);
            boolean counted =
                    amount.isPresent() && i == behind && ends(s, amount.get().next(), to);
            if (amount.isEmpty() || !amount.get().unitSaid() && !counted) {
                continue;
            }
            // "garlic and carrots 3 lb": other readers know how such an amount is shared
            if (names == 1) {
                amounts.put(name, amount.get());
            }
            return names > 0;
        }
        return true;
    }
}
