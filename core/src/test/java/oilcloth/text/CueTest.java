package oilcloth.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.stream.Stream;
import oilcloth.corpus.Examples;
import oilcloth.corpus.Part;
import oilcloth.guide.GuideSnapshot;
import oilcloth.measure.Altitude;
import oilcloth.recipe.Context;
import oilcloth.review.Engine;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A cue may let a sentence through in vain; it must never hold back one that matches. */
class CueTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "\\b(pot|kettle)s?\\b; in the kettle; true",
                "\\b(pot|kettle)s?\\b; in the jar; false",
                "colou?r; colr; false",
                "colou?r; color; true",
                "ab+c; abbbc; true",
                "(no )?rack; a rack; true",
                "x{0,3}lids; the lids; true",
                "(?<!not )sealed; sealed; true",
                "[abc]oil; the oil; true",
                "(?:hot|cold) pack; hot jar; false",
                "a|.; anything; true",
                "re-?us(e|ed) lids; reuse lids; true",
                "(in|on) (the )?sun; on the sun; true",
                "ab?c|d; xacx; true",
                "(hot )?(ab|cd)e; hot cde; true",
                "\\bhot quarts\\b; hot qts; true",
                "\\bpints?\\b; six pts; true",
                "\\bx?y; xy; true"
            })
    void cues(String regex, String text, boolean expected) {
        Cue cue = Cue.of(regex);
        // a cue made lately may stand in the next texts, whatever they say
        assertThat(Stream.generate(() -> new Cue.Searched(text))
                        .limit(100)
                        .skip(99)
                        .map(s -> s.mayHold(cue)))
                .containsExactly(expected);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "\\b(i|we) left; so we left; 3; 10",
                "\\b(i|we) left; shi left, i left; 10; 16",
                "^lids; lids and lids; 0; 4",
                "^(lids|lids and)|lids and; lids and; 0; 4",
                "(?<=hot )jars; cold jars, hot jars; 15; 19",
                "jars$; jars, jars; 6; 10"
            })
    void beginsWhereTheWholePatternBegins(String regex, String text, int start, int end) {
        Cue cue = Cue.of(regex);
        assertThat(cue.find(new Cue.Searched(text), 0)).contains(new Range(start, end));
        assertThat(cue.in(text)).isTrue();
        assertThat(cue.in(text.replaceAll("[a-z]", "q"))).isFalse();
    }

    /** A guide that changes brings new cues while texts are being read. */
    @Test
    void aCueMadeAfterTheTextIsFoundInIt() {
        Cue.Searched before = new Cue.Searched("leave it on the zither overnight");
        assertThat(Cue.of("\\bzither\\b").find(before, 0)).contains(new Range(16, 22));
        assertThat(Cue.of("\\bdulcimer\\b").find(before, 0)).isEmpty();
    }

    private static final int LINES_EACH = 4;

    /** Every cue of every reader and check, on its part of the corpora and the examples of the practices. */
    @Test
    void aCueFindsWhatItsWholePatternFinds() {
        StringBuilder all = new StringBuilder();
        for (String file : List.of("/corpus/tuning.txt", "/corpus/last.txt", "/corpus/winter.txt", "/letters.txt")) {
            all.append(Examples.text(file)).append('\n');
        }
        GuideSnapshot guide = GuideSnapshot.shipped();
        guide.practices()
                .forEach(p ->
                        all.append(p.wrong()).append('\n').append(p.right()).append('\n'));
        String letters = all.toString().toLowerCase(Locale.ROOT);
        new Engine(guide).review(letters.substring(0, 2000), Context.planning(Altitude.ofFeet(700)));

        assertThat(Cue.all()).hasSizeGreaterThan(200);
        List<String> elsewhere = new ArrayList<>();
        String[] lines = letters.split("(?<=[.;])\\s|\n");
        List<Cue> cues = List.copyOf(Cue.all());
        for (int n = 0; n < lines.length; n++) {
            String line = lines[n];
            Cue.Searched searched = new Cue.Searched(line);
            for (Cue cue : Part.of(cues, LINES_EACH, n)) {
                Matcher m = cue.matcher(line);
                Optional<Range> whole = m.find() ? Optional.of(new Range(m.start(), m.end())) : Optional.empty();
                if (!cue.find(searched, 0).equals(whole) || cue.in(line) != whole.isPresent()) {
                    elsewhere.add(cue + ": " + line);
                }
            }
        }
        assertThat(elsewhere).isEmpty();
    }
}
