package oilcloth.reading;

import java.util.Optional;
import java.util.stream.IntStream;
import oilcloth.text.Range;

/** Words that no list knows and no marked sentence has: they may name anything. */
final class Unheard {
    private Unheard() {}

    static boolean is(Sentence s, int i) {
        String word = Talk.base(s.token(i).norm());
        return s.token(i).isWord()
                && !Talk.isCommon(word)
                && !StepWords.isPlain(word)
                && !EverydayWords.has(word)
                && !MarkedRemarks.shipped().hasMet(word);
    }

    /** "A zorbel for seasoning": the thing said to be in the jars, where nobody knows what it is. */
    static Optional<Range> putIn(Sentence s) {
        return IntStream.range(0, s.size())
                .filter(i -> Serving.isSaidIn(s) && !s.isClaimed(i) && is(s, i))
                .mapToObj(i -> s.span(i, i + 1))
                .findFirst();
    }
}
