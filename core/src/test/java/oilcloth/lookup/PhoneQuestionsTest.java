package oilcloth.lookup;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oilcloth.corpus.Examples;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Method;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The questions an educator is asked in one breath, each with the right answer or the right question back. */
class PhoneQuestionsTest {
    private static final Lookup LOOKUP = new Lookup(GuideSnapshot.shipped());

    static Stream<String> questions() {
        return Examples.lines("/phone-questions.txt").stream();
    }

    @ParameterizedTest
    @MethodSource("questions")
    void isAnswered(String line) {
        String[] sides = line.split(" => ");
        PhoneAnswer answer = LOOKUP.ask(sides[0]);
        for (String wanted : sides[1].split(" ; ")) {
            String[] words = wanted.split(" ", 2);
            String value = words.length > 1 ? words[1] : "";
            switch (words[0]) {
                case "none" -> assertThat(answer.none().map(n -> n.why().id()))
                        .as(line)
                        .contains(value);
                case "also" -> assertThat(answer.also()).as(line).anyMatch(a -> key(a).equals(value));
                case "ask" -> assertThat(
                                answer.ask().stream().map(a -> a.what().id()).collect(Collectors.joining(" ")))
                        .as(line)
                        .isEqualTo(value.equals("-") ? "" : value);
                case "advised" -> assertThat(answer.answers().get(0).advised().map(m -> m.value()))
                        .as(line)
                        .contains(Integer.valueOf(value));
                case "sterilise" -> assertThat(answer.answers().get(0).sterilise())
                        .as(line)
                        .contains(true);
                case "steam" -> assertThat(answer.answers().get(0).steamCanner())
                        .as(line)
                        .contains(value.equals("yes"));
                case "acid" -> assertThat(answer.answers().get(0).acid().stream()
                                .map(r -> r.form().id()))
                        .as(line)
                        .containsExactlyElementsOf(Arrays.asList(value.split(" ")));
                case "off-table" -> assertThat(answer.answers())
                        .as(line)
                        .anyMatch(a -> a.isOffTable()
                                && a.minutes().isEmpty()
                                && value.equals(key(a) + " " + a.asked().id()));
                default -> assertThat(said(answer)).as(line).contains(wanted);
            }
        }
        // nothing but what was asked for: every answer that is wanted is listed, in any order
        List<String> figures = Arrays.stream(sides[1].split(" ; "))
                .filter(w -> w.startsWith("boiling:") || w.startsWith("pressure:"))
                .toList();
        boolean exact = sides[1].contains("ask -") && !figures.isEmpty();
        if (exact) {
            assertThat(said(answer).stream()
                            .map(s -> s.substring(s.lastIndexOf(' ')))
                            .distinct())
                    .as(line + ": figures")
                    .isSubsetOf(figures.stream()
                            .map(f -> f.substring(f.lastIndexOf(' ')))
                            .toList());
        }
    }

    private static String key(Answer a) {
        return (a.process().method() == Method.BOILING ? "boiling:" : "pressure:")
                + a.process().id();
    }

    private static List<String> said(PhoneAnswer answer) {
        return answer.answers().stream().map(PhoneQuestionsTest::said).toList();
    }

    private static String said(Answer a) {
        String psi = a.gauge()
                .map(g -> a.psi(g))
                .filter(p -> p.isPresent())
                .map(p -> "@" + p.getAsInt())
                .orElse("");
        return key(a) + " " + a.asked().id() + " "
                + a.minutes().map(m -> m.value()).orElse(0) + psi;
    }

    /** Whatever is asked back, each choice put behind the words is an answer to it. */
    @ParameterizedTest
    @MethodSource("questions")
    void everyChoiceAnswersItsQuestion(String line) {
        String words = line.split(" => ")[0];
        for (CounterQuestion q : LOOKUP.ask(words).ask()) {
            for (CounterQuestion.Choice choice : q.choices()) {
                PhoneAnswer after = LOOKUP.ask(words + ", " + choice.words());
                assertThat(after.answers()).as(words + " + " + choice).isNotEmpty();
                assertThat(after.ask()).as(words + " + " + choice).noneMatch(a -> a.what() == q.what());
            }
        }
    }
}
