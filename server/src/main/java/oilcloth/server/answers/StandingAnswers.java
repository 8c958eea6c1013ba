package oilcloth.server.answers;

import java.util.UUID;
import oilcloth.server.cases.SignedReplies;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Tells the cases which replies are locked. */
@Component
class StandingAnswers implements SignedReplies {
    private final AnswerStore answers;

    StandingAnswers(AnswerStore answers) {
        this.answers = answers;
    }

    @Override
    @Transactional(readOnly = true)
    public boolean isSigned(UUID caseId) {
        return answers.findFirstByCaseIdOrderByNumberDesc(caseId)
                .filter(Answer::stands)
                .isPresent();
    }
}
