package oilcloth.reading;

import java.util.BitSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import oilcloth.text.Cue;

/** Phrases with words of the kitchen in them that tell nothing amiss, as {@code talk-phrases.txt} lists them. */
final class IdlePhrases {
    private static final List<Cue> ALL = PatternFile.load("talk-phrases.txt").cues("");

    /** Those that leave no words open. */
    private static final List<Cue> CLOSED =
            ALL.stream().filter(p -> !p.toString().contains("[^")).toList();

    private static final Set<String> BETWEEN =
            Set.of("and", "but", "so", "then", "also", "too", "or", "though", "anyway");

    private IdlePhrases() {}

    /** Sets the tokens that stand in one of them. */
    static void mark(Sentence s, BitSet told) {
        ALL.forEach(p -> s.mark(p, told));
    }

    /** Whether a sentence is made of them and of nothing else, whatever its words weigh elsewhere. */
    static boolean areAll(Sentence s) {
        BitSet told = new BitSet(s.size());
        CLOSED.forEach(p -> s.mark(p, told));
        return IntStream.range(0, s.size())
                .allMatch(i -> told.get(i)
                        || !s.token(i).isWord() && !s.token(i).isNumber()
                        || BETWEEN.contains(s.token(i).norm()));
    }
}
