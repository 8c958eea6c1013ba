package oilcloth.formats;

import java.util.Locale;
import java.util.stream.Collectors;
import oilcloth.check.Finding;
import oilcloth.check.Messages;
import oilcloth.check.Severity;
import oilcloth.correcting.Corrections;
import oilcloth.correcting.MarkedText;
import oilcloth.correcting.Solver;
import oilcloth.review.Asked;
import oilcloth.review.Review;
import oilcloth.text.Range;

/** A review as plain text for the terminal. */
public final class ReviewPage {
    private ReviewPage() {}

    /** @param solver finds what would make it sound */
    public static String of(Review review, String file, Solver solver) {
        Messages say = Messages.english();
        String text = review.recipe().text();
        StringBuilder page = new StringBuilder();
        page.append(file).append(": ").append(review.call().id().toUpperCase(Locale.ROOT));
        if (review.worstOpen() != review.call()) {
            page.append("; may be ").append(review.worstOpen().id());
        }
        page.append('\n');
        review.subject()
                .strictest()
                .ifPresentOrElse(
                        p -> page.append("  nearest tested process: ")
                                .append(review.placement()
                                        .recipe()
                                        .map(r -> r.name() + " · ")
                                        .orElse(""))
                                .append(p.title())
                                .append('\n'),
                        () -> page.append("  no tested process found\n"));
        review.required().ifPresent(r -> {
            page.append("  required: ")
                    .append(r.method().id())
                    .append(", ")
                    .append(r.jar().label());
            r.minutes().ifPresent(m -> page.append(", ").append(m.value()).append(" min"));
            r.psi().ifPresent(p -> page.append(" at ").append(p).append(" psi"));
            page.append(", headspace ")
                    .append(oilcloth.measure.Fractions.format(r.headspace().inches()))
                    .append(" in\n");
        });
        for (Finding f : review.open()) {
            page.append("  ")
                    .append(String.format(Locale.ROOT, "%-8s", f.severity().id()))
                    .append(f.code())
                    .append(": ")
                    .append(say.say(f.title()));
            for (Range r : f.evidence()) {
                page.append(" [").append(r.of(text).replaceAll("\\s+", " ")).append(']');
            }
            page.append("\n           ").append(say.say(f.why())).append('\n');
            f.correction().ifPresent(c -> page.append("           → ")
                    .append(say.say(c.text()))
                    .append('\n'));
        }
        for (Asked q : review.questions()) {
            page.append("  ask     ").append(say.say(q.question().text())).append('\n');
        }
        Corrections corrections = solver.solve(review);
        corrections.ways().stream().findFirst().ifPresent(w -> {
            page.append("  sound with ")
                    .append(w.edits().size())
                    .append(w.edits().size() == 1 ? " edit" : " edits");
            page.append(" (")
                    .append(w.prices().stream().map(say::say).collect(Collectors.joining("; ")))
                    .append("):\n");
            MarkedText.of(review.recipe(), w.edits()).plain().lines().forEach(l -> page.append("    | ")
                    .append(l)
                    .append('\n'));
        });
        corrections.instead().forEach(i -> page.append("  instead ")
                .append(say.say(i.text()))
                .append('\n'));
        long met = review.findings().stream()
                .filter(f -> f.severity() == Severity.MET)
                .count();
        page.append("  ")
                .append(met)
                .append(" in order · ")
                .append(review.guide().name())
                .append('\n');
        return page.toString();
    }
}
