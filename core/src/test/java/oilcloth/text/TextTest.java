package oilcloth.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.List;
import org.junit.jupiter.api.Test;

/** Tokens and sentences with their exact places. */
class TextTest {
    private static List<String> tokens(String text) {
        return Tokens.of(text, new Range(0, text.length())).stream()
                .map(Token::raw)
                .toList();
    }

    private static List<String> sentences(String text) {
        return Sentences.of(text, new Range(0, text.length())).stream()
                .map(r -> r.of(text))
                .toList();
    }

    @Test
    void figuresStayWhole() {
        assertThat(tokens("1 1/2 c. at 5,200 ft, 2.5-3 lb ½ tsp"))
                .containsExactly("1", "1/2", "c", ".", "at", "5,200", "ft", ",", "2.5", "-", "3", "lb", "½", "tsp");
        assertThat(tokens("days 1,3,5")).containsExactly("days", "1", ",", "3", ",", "5");
        assertThat(tokens("don’t")).containsExactly("don’t");
    }

    @Test
    void aClosingQuotationMarkBelongsToItsSentence() {
        assertThat(sentences("She said \"fill it to an inch.\" \"How long?\" I asked."))
                .containsExactly("She said \"fill it to an inch.\"", "\"How long?\"", "I asked.");
        assertThat(sentences("“An inch left.” “Good.”")).containsExactly("“An inch left.”", "“Good.”");
    }

    @Test
    void initialsAreOneWordAndDrawnOutWordsAreShort() {
        assertThat(norms("B.W. 15 min")).containsExactly("bw", "15", "min");
        assertThat(norms("heyyy, sooo good")).containsExactly("hey", ",", "so", "good");
        assertThat(norms("in. x.")).containsExactly("in", ".", "x", ".");
        assertThat(norms("7 lb w/out tops, w/o salt, w/olives"))
                .containsExactly("7", "lb", "without", "tops", ",", "without", "salt", ",", "with", "olives");
        assertThat(norms("covered w water, 2 T in ea quart"))
                .containsExactly("covered", "with", "water", ",", "2", "t", "in", "each", "quart");
    }

    private static List<String> norms(String text) {
        return Tokens.of(text, new Range(0, text.length())).stream()
                .map(Token::norm)
                .toList();
    }

    @Test
    void everyTokenQuotesItsPlace() {
        String text = "  2½ cups\tjalapeños — \"hot\" (fresh)!\u00a0";
        for (Token t : Tokens.of(text, new Range(0, text.length()))) {
            assertThat(t.range().of(text)).isEqualTo(t.raw());
        }
    }

    @Test
    void abbreviationsDoNotEndSentences() {
        assertThat(sentences("Add 1 tsp. salt and 2 lbs. pears. Boil 1.5 hours! Ready?"))
                .containsExactly("Add 1 tsp. salt and 2 lbs. pears.", "Boil 1.5 hours!", "Ready?");
        assertThat(sentences("B.W. 15 min.")).hasSize(1);
        assertThat(sentences("Process at 275 ft. my sister loves it.")).hasSize(2);
        assertThat(sentences("1. Wash jars.")).hasSize(1);
        assertThat(sentences("Leave 1/2 in. Process 10 min. Cool."))
                .containsExactly("Leave 1/2 in.", "Process 10 min.", "Cool.");
    }

    @Test
    void neitherInitialsNorLeadersEndSentences() {
        assertThat(sentences("Ask Mrs. Voss. D. Quill, Upper Marsh Rd."))
                .containsExactly("Ask Mrs. Voss.", "D. Quill, Upper Marsh Rd.");
        assertThat(sentences("Sugar ...... 2 cups")).hasSize(1);
        assertThat(sentences("Salt . . . 1 Tbsp")).hasSize(1);
        assertThat(sentences("We waited... Then it boiled.")).hasSize(2);
    }

    @Test
    void aTimeEndsItsStepAndAStrokeLeadsToTheNext() {
        assertThat(sentences("Vent 10 min. 11 lb, 75 min. 400 ft."))
                .containsExactly("Vent 10 min.", "11 lb, 75 min.", "400 ft.");
        assertThat(sentences("Scald 1 min. 30 seconds each")).hasSize(1);
        assertThat(sentences("venison/ 14 pts/ raw/ 1/2 t salt/ vent 10"))
                .containsExactly("venison", "14 pts", "raw", "1/2 t salt", "vent 10");
        assertThat(sentences("beets w/ onions w/ cloves w/ 1/2 cup vinegar")).hasSize(1);
        assertThat(sentences("pints/ quarts of it")).hasSize(1);
        assertThat(sentences("Dill seed 3 tsp. What I do: wash them.")).hasSize(2);
    }

    @Test
    void accentsAreFoldedSignForSign() {
        String text = "Purée of jalapeños, sautéed; it’s ½ done";
        assertThat(Folded.of(text, new Range(0, text.length()))).isEqualTo("puree of jalapenos, sauteed; it's ½ done");
    }

    @Test
    void linesAreTrimmedAndEmptyOnesSkipped() {
        String text = "\r\n  one \n\n\ttwo\u2028three";
        assertThat(Sentences.lines(text).stream().map(r -> r.of(text))).containsExactly("one", "two", "three");
    }

    @Test
    void rangesAreHalfOpen() {
        Range a = new Range(2, 5);
        assertThat(a.overlaps(new Range(5, 7))).isFalse();
        assertThat(a.overlaps(new Range(4, 7))).isTrue();
        assertThat(a.to(new Range(8, 9))).isEqualTo(new Range(2, 9));
        assertThat(a.contains(new Range(2, 5))).isTrue();
        assertThatIllegalArgumentException().isThrownBy(() -> new Range(5, 2));
    }
}
