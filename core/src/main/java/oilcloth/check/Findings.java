package oilcloth.check;

import java.util.ArrayList;
import java.util.List;

/** Where checks write what they found and what they must ask. */
public final class Findings {
    private final List<Finding> found = new ArrayList<>();
    private final List<Question> questions = new ArrayList<>();

    public void add(Finding.Builder finding) {
        found.add(finding.build());
    }

    /** Asks once: a question two checks need is still one question. */
    public void ask(Question question) {
        if (questions.stream()
                .noneMatch(q -> q.code().equals(question.code()) && q.text().equals(question.text()))) {
            questions.add(question);
        }
    }

    public boolean has(String code, Severity atLeast) {
        return found.stream()
                .anyMatch(f -> f.code().equals(code) && f.severity().compareTo(atLeast) >= 0);
    }

    public List<Finding> found() {
        return found;
    }

    public List<Question> questions() {
        return questions;
    }
}
