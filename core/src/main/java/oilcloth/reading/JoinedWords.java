package oilcloth.reading;

import java.util.List;
import oilcloth.text.Cue;
import oilcloth.text.Token;

/** The words of a sentence as they are looked up, a space behind each, so that cheap cues see some of them at a time. */
final class JoinedWords {
    private final String all;
    /** Where each token begins, and behind the last one the end. */
    private final int[] opens;

    private final Cue.Searched searched;

    JoinedWords(List<Token> tokens) {
        StringBuilder b = new StringBuilder();
        this.opens = new int[tokens.size() + 1];
        for (int k = 0; k < tokens.size(); k++) {
            opens[k] = b.length();
            b.append(tokens.get(k).norm()).append(' ');
        }
        opens[tokens.size()] = b.length();
        this.all = b.toString();
        this.searched = new Cue.Searched(all);
    }

    /** The words around a token, itself the first of those behind; empty where there are none. */
    String around(int i, int before, int behind) {
        int from = Math.max(0, i - before);
        int to = Math.min(opens.length - 1, i + behind);
        return from < to ? all.substring(opens[from], opens[to]) : "";
    }

    /** Whether the cue stands among them. */
    boolean isAround(int i, int before, int behind, Cue cue) {
        return searched.mayHold(cue) && cue.in(around(i, before, behind));
    }

    /** Whether the words from a token on begin with the cue. */
    boolean opensAt(int i, int behind, Cue cue) {
        return searched.mayHold(cue) && cue.opens(around(i, 0, behind));
    }
}
