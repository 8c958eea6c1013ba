package oilcloth.practice;

import java.util.ArrayList;
import java.util.List;
import oilcloth.check.Finding;
import oilcloth.check.Severity;
import oilcloth.review.Call;
import oilcloth.review.Review;
import oilcloth.text.Range;

/**
 * Marks against the engine's findings. A danger that is found counts three times, one to correct twice, a caution once; a
 * mark the engine does not share costs one; the right call is worth as much as a danger.
 *
 * @param hits findings that were marked, whose words were marked too where they have any
 * @param near findings that were marked by their code on other words
 * @param missed findings beyond a note that nobody marked
 * @param beyond marks without a finding
 * @param percent 0 to 100
 */
public record Score(
        List<Finding> hits, List<Finding> near, List<Finding> missed, List<Mark> beyond, boolean call, int percent) {
    private static final int CALL = 3;

    public Score {
        hits = List.copyOf(hits);
        near = List.copyOf(near);
        missed = List.copyOf(missed);
        beyond = List.copyOf(beyond);
    }

    public static Score of(Review review, List<Mark> marks, Call called) {
        List<Finding> hits = new ArrayList<>();
        List<Finding> near = new ArrayList<>();
        List<Finding> missed = new ArrayList<>();
        List<Mark> left = new ArrayList<>(marks);
        int whole = CALL;
        int points = called == review.call() ? CALL : 0;
        for (Finding finding : review.open()) {
            if (finding.severity().compareTo(Severity.CAUTION) < 0) {
                continue;
            }
            int weight = weight(finding.severity());
            whole += weight;
            List<Mark> same =
                    left.stream().filter(m -> m.code().equals(finding.code())).toList();
            if (same.isEmpty()) {
                missed.add(finding);
            } else if (same.stream().anyMatch(m -> touches(m, finding))) {
                hits.add(finding);
                points += weight;
            } else {
                near.add(finding);
                points += (weight + 1) / 2;
            }
            same.stream()
                    .filter(m -> touches(m, finding))
                    .findFirst()
                    .or(() -> same.stream().findFirst())
                    .ifPresent(left::remove);
        }
        List<Mark> beyond = left.stream()
                .filter(m -> review.findings().stream()
                        .noneMatch(f -> f.code().equals(m.code()) && f.severity() != Severity.MET))
                .toList();
        int percent = Math.round(100f * Math.max(0, points - beyond.size()) / whole);
        return new Score(hits, near, missed, beyond, called == review.call(), percent);
    }

    private static int weight(Severity severity) {
        return switch (severity) {
            case DANGER -> 3;
            case CORRECT -> 2;
            default -> 1;
        };
    }

    /** What is nowhere in the text need not be marked on words. */
    private static boolean touches(Mark mark, Finding finding) {
        return finding.evidence().isEmpty()
                || mark.at()
                        .filter(at -> finding.evidence().stream().anyMatch(e -> overlap(at, e)))
                        .isPresent();
    }

    private static boolean overlap(Range one, Range other) {
        return one.start() < other.end() && other.start() < one.end();
    }

    /** How hard a recipe is to mark: 1 with one thing to find, 2 with two or three, 3 with more or none at all. */
    public static int level(Review review) {
        long grave = review.open().stream()
                .filter(f -> f.severity().compareTo(Severity.CAUTION) >= 0)
                .count();
        return grave == 1 ? 1 : grave == 2 || grave == 3 ? 2 : 3;
    }
}
