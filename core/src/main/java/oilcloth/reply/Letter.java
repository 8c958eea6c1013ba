package oilcloth.reply;

import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import oilcloth.arithmetic.ScaledRecipe;
import oilcloth.check.Finding;
import oilcloth.check.Message;
import oilcloth.check.Messages;
import oilcloth.check.Severity;
import oilcloth.correcting.Corrections;
import oilcloth.correcting.Instead;
import oilcloth.correcting.MarkedText;
import oilcloth.guide.Proof;
import oilcloth.guide.TestedRecipe;
import oilcloth.jars.JarAdvice;
import oilcloth.review.Asked;
import oilcloth.review.Call;
import oilcloth.review.Required;
import oilcloth.review.Review;

/**
 * The first reply, in the order of the work: short answer, jars already made, what to change and why, what was right,
 * questions, the corrected or a tested recipe, sources with their proof state, cautions.
 */
public final class Letter {
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("EEEE d MMMM, h:mm a", Locale.US);

    private final Messages say = Messages.english();
    private final List<String> paragraphs = new ArrayList<>();
    private final Review review;
    private final ZoneId zone;

    private Letter(Review review, ZoneId zone) {
        this.review = review;
        this.zone = zone;
    }

    /**
     * @param corrections what can be done about it
     * @param name how to greet the canner; blank for nobody in particular
     * @param zone in which deadlines are said
     */
    public static String compose(Review review, Corrections corrections, String name, ZoneId zone) {
        Letter letter = new Letter(review, zone);
        letter.greet(name);
        letter.shortAnswer();
        letter.jars();
        letter.changes();
        letter.process();
        letter.right();
        letter.questions();
        letter.recipe(corrections);
        letter.sources();
        letter.add("letter.caution");
        letter.add("letter.close");
        return String.join("\n\n", letter.paragraphs) + "\n";
    }

    private void add(String id) {
        paragraphs.add(say.say(Message.of(id)));
    }

    private void add(String id, Map<String, Object> args) {
        paragraphs.add(say.say(new Message(id, args)));
    }

    private void greet(String name) {
        if (name.isBlank()) {
            add("letter.greet");
        } else {
            add("letter.greet-name", Map.of("name", name.strip()));
        }
    }

    private void shortAnswer() {
        add("letter.short." + review.call().id());
        if (review.worstOpen() == Call.STOP && review.call() != Call.STOP) {
            add("letter.may-be-stop");
        }
    }

    private void jars() {
        review.jars().ifPresent(jars -> {
            String words = say.say(new Message("letter.jars", Map.of("advice", say.say(jars.why()))));
            paragraphs.add(words
                    + jars.by()
                            .map(t -> " "
                                    + say.say(new Message("letter.by", Map.of("time", TIME.format(t.atZone(zone))))))
                            .orElse(""));
        });
        if (review.jars().isPresent() && review.jars().get().advice() == JarAdvice.Advice.DISCARD) {
            add("letter.symptoms");
        }
    }

    private void changes() {
        List<Finding> open = review.open().stream()
                .filter(f -> f.severity().compareTo(Severity.CAUTION) >= 0)
                .toList();
        if (open.isEmpty()) {
            return;
        }
        StringBuilder list = new StringBuilder(say.say(Message.of("letter.changes")));
        for (Finding f : open) {
            list.append("\n\n- ").append(say.say(f.title())).append(". ").append(say.say(f.why()));
            f.correction().ifPresent(c -> list.append(" ").append(say.say(c.text())));
        }
        paragraphs.add(list.toString());
    }

    private void process() {
        if (review.required().isEmpty() || review.required().get().minutes().isEmpty()) {
            return;
        }
        Required r = review.required().get();
        String title = review.placement()
                .recipe()
                .map(TestedRecipe::name)
                .orElseGet(() -> review.subject().strictest().orElseThrow().title());
        Map<String, Object> args = Map.of(
                "title", title,
                "jar", r.jar().label(),
                "minutes", r.minutes().get().value(),
                "headspace", r.headspace().inches(),
                "psi", r.psi().isPresent() ? r.psi().getAsInt() : 0);
        boolean decided = r.least().equals(r.minutes());
        if (decided) {
            add(
                    r.psi().isPresent()
                            ? "letter.process-psi"
                            : r.method().id().equals("pressure") ? "letter.process-pressure" : "letter.process",
                    args);
        }
        r.acidPerJar()
                .ifPresent(acid ->
                        add("letter.acid", Map.of("acid", acid, "jar", r.jar().label())));
    }

    private void right() {
        List<String> met = review.findings().stream()
                .filter(f -> f.severity() == Severity.MET)
                .map(f -> say.say(f.title()))
                .distinct()
                .toList();
        if (!met.isEmpty()) {
            paragraphs.add(say.say(Message.of("letter.right")) + "\n\n- " + String.join("\n- ", met));
        }
    }

    private void questions() {
        List<String> questions = review.questions().stream()
                .map(Asked::question)
                .filter(q -> !q.code().equals("ask.proof") && !q.code().equals("ask.check-failed"))
                .map(q -> say.say(q.text()))
                .toList();
        if (!questions.isEmpty()) {
            paragraphs.add(say.say(Message.of("letter.questions")) + "\n\n- " + String.join("\n- ", questions));
        }
    }

    /** The recipe as corrected; where there is none, what to make instead. */
    private void recipe(Corrections corrections) {
        corrections.ways().stream().findFirst().ifPresent(way -> {
            add("letter.corrected");
            paragraphs.add(MarkedText.of(review.recipe(), way.edits()).plain());
        });
        List<Instead> instead = corrections.instead();
        if (!instead.isEmpty()) {
            paragraphs.add(say.say(Message.of("letter.instead"))
                    + instead.stream().map(i -> "\n\n- " + say.say(i.text())).collect(Collectors.joining()));
            instead.stream()
                    .flatMap(i -> i.recipe().stream())
                    .filter(r -> !r.lines().isEmpty())
                    .findFirst()
                    .ifPresent(this::tested);
        }
    }

    /** The first tested recipe offered, in full: its lines for the produce at hand, and its steps. */
    private void tested(ScaledRecipe scaled) {
        StringBuilder words = new StringBuilder(scaled.recipe().name());
        scaled.lines().forEach(l -> words.append('\n')
                .append(l.amount().map(a -> a + " ").orElse(""))
                .append(l.tested().item())
                .append(l.tested().prep().isBlank() ? "" : ", " + l.tested().prep()));
        scaled.recipe().steps().forEach(s -> words.append('\n').append(s));
        paragraphs.add(words.toString());
    }

    private void sources() {
        Set<String> lines = new LinkedHashSet<>();
        review.required().ifPresent(r -> lines.add(line(r.source())));
        review.findings().stream().filter(f -> f.severity() != Severity.NOTE).forEach(f -> lines.add(line(f.source())));
        if (!lines.isEmpty()) {
            paragraphs.add(say.say(Message.of("letter.sources")) + "\n\n- " + String.join("\n- ", lines));
        }
    }

    private String line(oilcloth.check.Cited cited) {
        String place =
                cited.source().place().isBlank() ? "" : ", " + cited.source().place();
        String proof =
                say.say(Message.of(cited.proof() == Proof.UNREAD ? "letter.proof.unread" : "letter.proof.agrees"));
        return cited.source().title() + ", " + cited.source().edition() + place + " (" + proof + ")";
    }
}
