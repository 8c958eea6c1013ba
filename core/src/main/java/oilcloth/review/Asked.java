package oilcloth.review;

import java.util.List;
import oilcloth.check.Message;
import oilcloth.check.Question;
import oilcloth.recipe.Assertion;

/** A question with each likely answer already reviewed. */
public record Asked(Question question, List<Answered> answers) {
    /** What the call becomes with this answer, all else as it is. */
    public record Answered(Message text, Assertion assertion, Call call) {}

    /** The worst call any answer leads to; what is not listed counts as its gravest code. */
    Call worst(Call unanswered) {
        return answers.stream().map(Answered::call).reduce(Call::worse).orElse(unanswered);
    }
}
