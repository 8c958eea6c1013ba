package oilcloth.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.PracticeRule;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A cue may let a sentence through in vain; it must never hold back one that matches. */
class CuesTest {
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
                "\\bx?y; xy; true"
            })
    void cues(String regex, String text, boolean expected) {
        assertThat(Cues.mayMatch(Pattern.compile(regex), new Cues.Searched(text)))
                .isEqualTo(expected);
    }

    @Test
    void noPracticeIsHeldBack() throws IOException {
        StringBuilder all = new StringBuilder();
        for (String file : List.of(
                "/corpus/tuning.txt",
                "/corpus/blind.txt",
                "/corpus/last.txt",
                "/corpus/autumn.txt",
                "/corpus/winter.txt",
                "/letters.txt")) {
            try (var in = CuesTest.class.getResourceAsStream(file)) {
                all.append(new String(in.readAllBytes(), StandardCharsets.UTF_8))
                        .append('\n');
            }
        }
        GuideSnapshot.shipped()
                .practices()
                .forEach(p ->
                        all.append(p.wrong()).append('\n').append(p.right()).append('\n'));
        List<String> held = new ArrayList<>();
        List<String> elsewhere = new ArrayList<>();
        for (String line : all.toString().toLowerCase(Locale.ROOT).split("(?<=[.;])\\s|\n")) {
            Cues.Searched searched = new Cues.Searched(line);
            for (PracticeRule p : GuideSnapshot.shipped().practices()) {
                Matcher m = p.pattern().matcher(line);
                boolean found = m.find();
                if (found && !Cues.mayMatch(p.pattern(), searched)) {
                    held.add(p.code() + ": " + line);
                }
                Optional<Range> whole = found ? Optional.of(new Range(m.start(), m.end())) : Optional.empty();
                if (!Cues.find(p.pattern(), searched, 0).equals(whole)) {
                    elsewhere.add(p.code() + ": " + line);
                }
            }
        }
        assertThat(elsewhere).isEmpty();
        assertThat(held).isEmpty();
    }
}
