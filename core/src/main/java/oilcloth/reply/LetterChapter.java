package oilcloth.reply;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import oilcloth.arithmetic.ScaledRecipe;
import oilcloth.check.Finding;
import oilcloth.check.Message;
import oilcloth.check.Messages;
import oilcloth.check.Severity;
import oilcloth.correcting.Corrections;
import oilcloth.correcting.Instead;
import oilcloth.correcting.MarkedText;
import oilcloth.guide.TestedRecipe;
import oilcloth.jars.JarAdvice;
import oilcloth.reply.Passage.Kind;
import oilcloth.reply.Passage.Origin;
import oilcloth.review.Call;
import oilcloth.review.Required;
import oilcloth.review.Review;

/** What a letter says of one recipe. */
final class LetterChapter {
    private final Review review;
    private final LetterWish wish;
    private final Messages say;
    private final List<Passage> passages = new ArrayList<>();

    /** @param number of the recipe among several; 0 when it is the only one */
    LetterChapter(Review review, int number, LetterWish wish, Messages say) {
        this.review = review;
        this.wish = wish;
        this.say = say;
        if (number > 0) {
            add(new Message("letter.recipe", Map.of("number", number, "title", title(number))), Origin.STANDING);
        }
    }

    List<Passage> passages() {
        shortAnswer(passages.isEmpty() ? "letter.short." : "letter.part.");
        jars();
        changes();
        process();
        right();
        questions();
        recipe(wish.corrections().apply(review));
        return passages;
    }

    private String title(int number) {
        return review.recipe()
                .title()
                .map(r -> r.of(review.recipe().text()).strip())
                .filter(t -> !t.isBlank())
                .or(() -> review.placement().recipe().map(TestedRecipe::name))
                .orElse("no. " + number);
    }

    private void add(Message message, Origin origin) {
        passages.add(new Passage(say.say(message), false, origin));
    }

    private void shortAnswer(String messages) {
        Origin call = new Origin(Kind.CALL, review.call().id());
        add(Message.of(messages + review.call().id()), call);
        if (review.worstOpen() == Call.STOP && review.call() != Call.STOP) {
            add(Message.of("letter.may-be-stop"), call);
        }
    }

    private void jars() {
        review.jars().ifPresent(jars -> {
            Origin origin = new Origin(Kind.JARS, jars.advice().name().toLowerCase(Locale.ROOT));
            String words = say.say(new Message("letter.jars", Map.of("advice", say.say(jars.why()))));
            DateTimeFormatter time = wish.language().moment();
            passages.add(new Passage(
                    words
                            + jars.by()
                                    .map(t -> " "
                                            + say.say(new Message(
                                                    "letter.by", Map.of("time", time.format(t.atZone(wish.zone()))))))
                                    .orElse(""),
                    false,
                    origin));
            if (jars.advice() == JarAdvice.Advice.DISCARD) {
                add(Message.of("letter.symptoms"), origin);
            }
        });
    }

    private void changes() {
        List<Finding> open = review.open().stream()
                .filter(f -> f.severity().compareTo(Severity.CAUTION) >= 0)
                .filter(f -> !wish.setAside().test(f))
                .toList();
        if (open.isEmpty()) {
            return;
        }
        add(Message.of("letter.changes"), Origin.STANDING);
        for (Finding f : open) {
            passages.add(new Passage(
                    "- " + say.say(f.title()) + ". " + say.say(f.why())
                            + f.correction().map(c -> " " + say.say(c.text())).orElse(""),
                    false,
                    new Origin(Kind.FINDING, f.code())));
        }
    }

    private void process() {
        if (review.required().isEmpty() || review.required().get().minutes().isEmpty()) {
            return;
        }
        Required r = review.required().get();
        Origin origin = new Origin(Kind.ROW, r.source().source().id());
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
        if (r.least().equals(r.minutes())) {
            String id = r.psi().isPresent()
                    ? "letter.process-psi"
                    : r.method().id().equals("pressure") ? "letter.process-pressure" : "letter.process";
            add(new Message(id, args), origin);
        }
        r.acidPerJar()
                .ifPresent(acid -> add(
                        new Message(
                                "letter.acid",
                                Map.of("acid", acid, "jar", r.jar().label())),
                        origin));
    }

    private void right() {
        List<Finding> met = review.findings().stream()
                .filter(f -> f.severity() == Severity.MET)
                .toList();
        list(
                "letter.right",
                met.stream()
                        .map(f -> new Passage(say.say(f.title()), true, new Origin(Kind.FINDING, f.code())))
                        .toList());
    }

    private void questions() {
        list(
                "letter.questions",
                review.questions().stream()
                        .map(q -> q.question())
                        .filter(q -> !q.code().equals("ask.proof") && !q.code().equals("ask.check-failed"))
                        .map(q -> new Passage(say.say(q.text()), true, new Origin(Kind.QUESTION, q.code())))
                        .toList());
    }

    private void list(String heading, List<Passage> lines) {
        if (lines.isEmpty()) {
            return;
        }
        add(Message.of(heading), Origin.STANDING);
        List<String> said = new ArrayList<>();
        for (Passage line : lines) {
            if (!said.contains(line.text())) {
                passages.add(new Passage("- " + line.text(), !said.isEmpty(), line.origin()));
                said.add(line.text());
            }
        }
    }

    /** The recipe as corrected; where there is none, what to make instead. */
    private void recipe(Corrections corrections) {
        corrections.ways().stream().findFirst().ifPresent(way -> {
            Origin origin = new Origin(Kind.CORRECTION, "");
            add(Message.of("letter.corrected"), origin);
            passages.add(new Passage(
                    MarkedText.of(review.recipe(), way.edits()).plain().strip(), false, origin));
        });
        List<Instead> instead = corrections.instead();
        if (!instead.isEmpty()) {
            add(Message.of("letter.instead"), Origin.STANDING);
            instead.forEach(i ->
                    passages.add(new Passage("- " + say.say(i.text()), false, new Origin(Kind.INSTEAD, i.source()))));
            instead.stream()
                    .filter(i -> i.recipe().filter(r -> !r.lines().isEmpty()).isPresent())
                    .findFirst()
                    .ifPresent(i -> tested(i.recipe().orElseThrow(), i.source()));
        }
    }

    /** The first tested recipe offered, in full: its lines for the produce at hand, and its steps. */
    private void tested(ScaledRecipe scaled, String source) {
        StringBuilder words = new StringBuilder(scaled.recipe().name());
        scaled.lines().forEach(l -> words.append('\n')
                .append(l.amount().map(a -> a + " ").orElse(""))
                .append(l.tested().item())
                .append(l.tested().prep().isBlank() ? "" : ", " + l.tested().prep()));
        scaled.recipe().steps().forEach(s -> words.append('\n').append(s));
        passages.add(new Passage(words.toString(), false, new Origin(Kind.INSTEAD, source)));
    }
}
