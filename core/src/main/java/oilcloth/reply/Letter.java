package oilcloth.reply;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import oilcloth.check.Cited;
import oilcloth.check.Message;
import oilcloth.check.Messages;
import oilcloth.check.Severity;
import oilcloth.guide.Proof;
import oilcloth.reply.Passage.Kind;
import oilcloth.reply.Passage.Origin;
import oilcloth.review.Review;

/**
 * The first reply, in the order of the work: short answer, jars already made, what to change and why, what was right,
 * questions, the corrected or a tested recipe, sources with their proof state, cautions. A letter about several recipes
 * takes them one after the other; sources and cautions come once.
 */
public final class Letter {
    private final LetterWish wish;
    private final Messages say;
    private final List<Passage> passages = new ArrayList<>();

    private Letter(LetterWish wish) {
        this.wish = wish;
        this.say = Messages.in(wish.language());
    }

    /** @return the passages, each with what it rests on; {@link Passage#join} makes the letter of them */
    public static List<Passage> compose(Review review, LetterWish wish) {
        Letter letter = new Letter(wish);
        letter.greet();
        List<Review> chapters = review.recipes();
        if (chapters.size() > 1) {
            letter.standing(new Message("letter.several", Map.of("count", chapters.size())));
        }
        for (int i = 0; i < chapters.size(); i++) {
            letter.passages.addAll(
                    new LetterChapter(chapters.get(i), chapters.size() > 1 ? i + 1 : 0, wish, letter.say).passages());
        }
        letter.sources(chapters);
        letter.standing(Message.of("letter.caution"));
        letter.standing(Message.of("letter.close"));
        return List.copyOf(letter.passages);
    }

    private void standing(Message message) {
        passages.add(new Passage(say.say(message), false, Origin.STANDING));
    }

    private void greet() {
        standing(
                wish.name().isBlank()
                        ? Message.of("letter.greet")
                        : new Message(
                                "letter.greet-name", Map.of("name", wish.name().strip())));
    }

    private void sources(List<Review> chapters) {
        Map<String, Origin> lines = new LinkedHashMap<>();
        for (Review review : chapters) {
            review.required().ifPresent(r -> lines.putIfAbsent(line(r.source()), row(r.source())));
            review.findings().stream()
                    .filter(f ->
                            f.severity() != Severity.NOTE && !wish.setAside().test(f))
                    .forEach(f -> lines.putIfAbsent(line(f.source()), row(f.source())));
        }
        if (lines.isEmpty()) {
            return;
        }
        standing(Message.of("letter.sources"));
        lines.forEach((line, origin) -> passages.add(new Passage(
                "- " + line, passages.get(passages.size() - 1).text().startsWith("- "), origin)));
    }

    private static Origin row(Cited cited) {
        return new Origin(Kind.ROW, cited.source().id());
    }

    private String line(Cited cited) {
        String place =
                cited.source().place().isBlank() ? "" : ", " + cited.source().place();
        String proof =
                say.say(Message.of(cited.proof() == Proof.UNREAD ? "letter.proof.unread" : "letter.proof.agrees"));
        return cited.source().title() + ", " + cited.source().edition() + place + " (" + proof + ")";
    }
}
