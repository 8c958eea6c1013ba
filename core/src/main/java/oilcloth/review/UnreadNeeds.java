package oilcloth.review;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import oilcloth.check.Findings;
import oilcloth.check.Message;
import oilcloth.check.Question;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.placing.FoodKind;
import oilcloth.recipe.Fact;
import oilcloth.recipe.Facts;
import oilcloth.recipe.Unread;
import oilcloth.text.Range;

/** What was not understood and could matter, asked for; and which aspect it bears on, so that none of it looks in order. */
final class UnreadNeeds {
    private static final int MOST_UNREAD = 8;

    /** Characters. */
    private static final int FEW_WORDS = 60;

    private UnreadNeeds() {}

    static void ask(Subject s, Findings out) {
        // a plain pack of one food was tested in one form; in a mixture under acid the form is no matter
        boolean formMatters =
                s.kind() == FoodKind.LOW_ACID && s.placement().recipe().isEmpty();
        s.recipe().unread().stream()
                .filter(u -> u.bears() || u.form() && formMatters)
                .filter(u -> !isSpokenOf(u, out))
                .limit(MOST_UNREAD)
                .forEach(u -> out.ask(new Question(
                        "ask.unread",
                        new Message(
                                "ask.unread",
                                Map.of("words", u.range().of(s.recipe().text()))),
                        couldBecome(s, u.range()),
                        List.of(),
                        List.of(u.range()))));
    }

    /** "Eggs go well in the jar." was found a danger: a few words need no question beside it, and come back if it goes. */
    private static boolean isSpokenOf(Unread unread, Findings out) {
        return unread.range().end() - unread.range().start() <= FEW_WORDS
                && out.found().stream()
                        .filter(f -> f.severity() == Severity.DANGER)
                        .flatMap(f -> f.evidence().stream())
                        .anyMatch(unread.range()::overlaps);
    }

    /** "Ran it hardly 50 minutes" is of the time, "shy of 2 tablespoons of lemon juice" of the acid. */
    private static List<String> couldBecome(Subject s, Range words) {
        Facts facts = s.facts();
        Set<String> codes = new LinkedHashSet<>();
        if (anyIn(words, Stream.concat(facts.times().stream(), facts.altitude().stream()))) {
            codes.add("time.short");
        }
        if (anyIn(words, Stream.concat(facts.pressures().stream(), facts.vented().stream()))) {
            codes.add("time.pressure");
        }
        if (anyIn(words, facts.jars().stream())) {
            codes.add("time.jar");
        }
        if (anyIn(words, facts.headspace().stream())) {
            codes.add("headspace.small");
        }
        if (s.recipe().ingredients().stream().anyMatch(i -> i.food().isAcidulant() && words.overlaps(i.range()))) {
            codes.add("acid.short");
        }
        return codes.isEmpty() ? List.of("ingredient.added") : List.copyOf(codes);
    }

    private static boolean anyIn(Range words, Stream<? extends Fact<?>> facts) {
        return facts.flatMap(f -> f.range().stream()).anyMatch(words::overlaps);
    }
}
