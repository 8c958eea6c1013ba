package oilcloth.correcting;

import java.util.ArrayList;
import java.util.List;
import oilcloth.recipe.Recipe;
import oilcloth.text.Range;

/** How much of the text goes when words are struck: their sentence or clause, where nothing else was read from it. */
final class Clauses {
    private Clauses() {}

    /**
     * The sentence around the words, or else their clause, where nothing that is kept was read from it; else the words
     * alone.
     *
     * @param gone what goes with them in any case
     */
    static Range around(Recipe recipe, Range words, List<Range> gone) {
        List<Range> kept = new ArrayList<>(recipe.facts().ranges());
        recipe.ingredients().forEach(i -> kept.add(i.range()));
        kept.removeIf(k -> k.end() == k.start() || words.contains(k) || gone.contains(k));
        for (String ends : new String[] {"", ",;():—–"}) {
            Range whole = between(recipe.text(), words, ends);
            if (kept.stream().noneMatch(whole::overlaps)
                    && recipe.title().filter(whole::overlaps).isEmpty()) {
                return whole;
            }
        }
        return words;
    }

    static Range around(Recipe recipe, Range words) {
        return around(recipe, words, List.of());
    }

    private static Range between(String text, Range words, String clauseEnds) {
        int start = words.start();
        while (start > 0 && !ends(text, start - 1, clauseEnds)) {
            start--;
        }
        int end = words.end();
        while (end < text.length() && !ends(text, end, clauseEnds)) {
            end++;
        }
        boolean closes = end < text.length() && text.charAt(end) != '\n';
        if (closes && clauseEnds.isEmpty()) {
            return new Range(skipBlank(text, start, words.start()), end + 1);
        }
        // of a clause in the middle the comma before it goes, and the one behind it stays
        boolean comma = start > 0 && (text.charAt(start - 1) == ',' || text.charAt(start - 1) == ';');
        return new Range(comma ? start - 1 : skipBlank(text, start, words.start()), end);
    }

    private static int skipBlank(String text, int from, int to) {
        int at = from;
        while (at < to && Character.isWhitespace(text.charAt(at))) {
            at++;
        }
        return at;
    }

    private static boolean ends(String text, int at, String clauseEnds) {
        char c = text.charAt(at);
        boolean space = at + 1 >= text.length() || text.charAt(at + 1) <= ' ';
        return c == '\n' || (c == '.' || c == '!' || c == '?') && space || clauseEnds.indexOf(c) >= 0 && space;
    }
}
