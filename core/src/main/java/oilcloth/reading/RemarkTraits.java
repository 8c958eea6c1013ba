package oilcloth.reading;

import java.util.Arrays;
import java.util.Map;
import oilcloth.text.Range;
import oilcloth.text.Token;

/**
 * What a sentence is weighed by: its words without their endings, every figure as one sign, each two and each three that
 * stand together, and each two that stand near each other. A trait has its place by a hash of its words; there are so many
 * places that two traits seldom share one.
 */
final class RemarkTraits {
    private static final int PLACE_BITS = 21;

    /** How many there are. */
    static final int PLACES = 1 << PLACE_BITS;

    private static final int SHORTEST_STEM = 3;
    private static final String[] ENDINGS = {"ing", "ed", "es", "s", "e"};

    /** Pasts that do not begin like the word they are of. */
    private static final Map<String, String> PASTS = Map.ofEntries(
            Map.entry("left", "leave"),
            Map.entry("kept", "keep"),
            Map.entry("brought", "bring"),
            Map.entry("took", "take"),
            Map.entry("gave", "give"),
            Map.entry("ran", "run"),
            Map.entry("got", "get"),
            Map.entry("went", "go"),
            Map.entry("did", "do"),
            Map.entry("does", "do"),
            Map.entry("had", "have"),
            Map.entry("has", "have"),
            Map.entry("made", "make"),
            Map.entry("held", "hold"),
            Map.entry("stood", "stand"),
            Map.entry("sat", "sit"),
            Map.entry("began", "begin"),
            Map.entry("was", "be"),
            Map.entry("were", "be"),
            Map.entry("is", "be"),
            Map.entry("are", "be"),
            Map.entry("found", "find"),
            Map.entry("bought", "buy"),
            Map.entry("ate", "eat"),
            Map.entry("came", "come"),
            Map.entry("fell", "fall"),
            Map.entry("said", "say"),
            Map.entry("told", "tell"),
            Map.entry("thought", "think"),
            Map.entry("knew", "know"));

    private static final int MIX = 0x9E3779B1;
    private static final int NUMBER = "#".hashCode();
    private static final int START = "^".hashCode();
    private static final int END = "$".hashCode();
    private static final int APART = "..".hashCode();
    /** "Left out … the vinegar": how many words on the second may stand. */
    private static final int NEAR = 8;
    /** Places for each word: itself, with one before it, with two before it, and with each near it before that one. */
    private static final int PER_WORD = 3 + NEAR - 1;

    private RemarkTraits() {}

    /** Each place once, in order. */
    static int[] of(Sentence s, Range part) {
        int first = s.first(part);
        int[] places = new int[PER_WORD * (s.size() - first) + 2];
        int[] words = new int[s.size() - first];
        int read = 0;
        int count = 0;
        int twoBefore = START;
        int before = START;
        for (int i = first; i < s.size() && part.contains(s.token(i).range()); i++) {
            Token token = s.token(i);
            if (token.kind() == Token.Kind.SIGN && !token.is("?")) {
                continue;
            }
            int word = token.isNumber() ? NUMBER : stem(token.norm());
            places[count++] = place(word);
            places[count++] = place(pair(before, word));
            places[count++] = place(pair(pair(twoBefore, before), word));
            for (int near = Math.max(0, read - NEAR); near < read - 1; near++) {
                places[count++] = place(pair(pair(words[near], APART), word));
            }
            words[read++] = word;
            twoBefore = before;
            before = word;
        }
        places[count++] = place(pair(before, END));
        places[count++] = place(pair(pair(twoBefore, before), END));
        return distinct(places, count);
    }

    /** Tells one word from another whatever its ending, where a place may be shared. */
    static int ofWord(String word) {
        return stem(word);
    }

    private static int[] distinct(int[] places, int count) {
        Arrays.sort(places, 0, count);
        int kept = 1;
        for (int i = 1; i < count; i++) {
            if (places[i] != places[i - 1]) {
                places[kept++] = places[i];
            }
        }
        return Arrays.copyOf(places, kept);
    }

    private static int pair(int one, int next) {
        return (one * MIX + next) * MIX;
    }

    private static int place(int hash) {
        int mixed = (hash ^ hash >>> Short.SIZE) * MIX;
        return mixed >>> Integer.SIZE - PLACE_BITS;
    }

    /** The hash of a word without its ending, as {@link String#hashCode} counts it. */
    private static int stem(String word) {
        String present = PASTS.getOrDefault(word, word);
        int length = present.length();
        for (String ending : ENDINGS) {
            if (present.endsWith(ending) && length - ending.length() >= SHORTEST_STEM) {
                length -= ending.length();
                break;
            }
        }
        int hash = 0;
        for (int i = 0; i < length; i++) {
            hash = 31 * hash + present.charAt(i);
        }
        return hash;
    }
}
