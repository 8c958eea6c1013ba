package oilcloth.check;

import java.util.List;
import oilcloth.recipe.Assertion;
import oilcloth.text.Range;

/**
 * Something that must be known before the recipe can be called sound.
 *
 * @param code stable, {@code ask.} and a name
 * @param couldBecome the findings an answer could raise
 * @param answers likely answers, each an assertion the engine can review
 */
public record Question(
        String code, Message text, List<String> couldBecome, List<Answer> answers, List<Range> evidence) {
    /** A likely answer. */
    public record Answer(Message text, Assertion assertion) {}

    public Question {
        couldBecome = List.copyOf(couldBecome);
        answers = List.copyOf(answers);
        evidence = List.copyOf(evidence);
    }
}
