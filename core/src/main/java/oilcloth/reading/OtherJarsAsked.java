package oilcloth.reading;

import java.util.Optional;
import java.util.stream.IntStream;
import oilcloth.text.Cue;

/** Questions about jars of another size: "Could I do quarts next time the same way?", "would quarts be 25?". */
final class OtherJarsAsked {
    /** What was done is told in no question of what might be. */
    private static final String NO_DEED =
            "(?![^?]*\\b(did|was|were|had|mine|ours|these|those|of (it|them)|since|because|(i|we)( have|'ve)( got)?|put up|canned|have been|(?<!\\b(can|could|should|may|might|would|must|do|will) )(i|we) (use|used|do|make|made))\\b)";

    private static final Cue ASKED = Cue.of(
            "^((and|also|so|or|but|another (thing|question),?) )*(can|could|should|may|might|would|is it|is there|how long|what (time|if|about)|how about)\\b"
                    + NO_DEED
                    + "(?=[^?]*\\b(pints?|quarts?)\\b)[^?]*\\b(next (time|year|batch)|instead|another time|(the )?same (way|time)|later on)\\b[^?]*\\?$"
                    + "|^((and|also|so|or|but),? )*(would|will|do|does|could|should) ((half[- ])?pints|quarts) (be|need|take|get|want|go|require|work)\\b"
                    + NO_DEED + "[^?]*\\?$"
                    + "|^((and|also|so|or|but),? )*(what would (i|we|a person|you) (do|change|need)|how (much|many minutes) (longer|more)|how (long|many minutes) (would|for)|what (time|pressure) (would|for))\\b"
                    + NO_DEED + "[^?]*\\b(pints?|quarts?)\\b[^?]*\\?$");

    private OtherJarsAsked() {}

    /** Whether a sentence asks it, once jars have been told. */
    static boolean isTold(Sentence s, Draft draft) {
        return !draft.facts.jars().isEmpty() && s.has(ASKED);
    }

    /** Whether it asks of none of the sizes that were canned: then no figure in it is theirs. */
    static boolean isOfOthersOnly(Sentence s, Draft draft) {
        return !draft.facts.times().isEmpty()
                && isTold(s, draft)
                && IntStream.range(0, s.size())
                        .mapToObj(i -> JarMentions.at(s, i))
                        .flatMap(Optional::stream)
                        .noneMatch(f -> draft.facts.jars().stream().anyMatch(j -> j.value() == f.jar()));
    }
}
