package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oilcloth.corpus.Part;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One word or figure of a sound letter changed, in whatever hand it is written: it is sound no longer. */
class SpoiledLettersTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());

    /** Every second letter that is called sound as it stands. */
    private static final List<String> SOUND =
            Part.of(
                            Verdict.all().stream()
                                    .filter(v -> v.call() == Call.SOUND)
                                    .map(Verdict::text)
                                    .toList(),
                            2,
                            0)
                    .stream()
                    .filter(t -> call(t) == Call.SOUND)
                    .toList();

    private static Call call(String text) {
        return ENGINE.review(text, Context.planning(null)).call();
    }

    @Test
    void thereAreLettersToSpoil() {
        assertThat(SOUND).hasSizeGreaterThan(600);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '→',
            quoteCharacter = '~',
            textBlock =
                    """
            five minutes of venting → vent([^.;0-9]{0,40})\\b(10|ten)\\b → vent$1five
            five minutes before the vent → \\b(10|ten)\\b([^.;0-9]{0,30})vent → 5$2vent
            five minutes of exhausting → exhaust([^.;0-9]{0,40})\\b(ten|10)\\b → exhaust$1five
            weak vinegar → \\b5 ?(%|percent) → 4%
            a simmer for a boil → boiling[- ]water( bath| canner) → simmering water bath
            below the boil → (boiling[- ]water bath|\\bbw[bc]\\b) → $1, never quite boiling
            milk for boiling water → boiling water(?! ?(bath|canner|dip)) → milk
            gravy for broth → (boiling|hot) broth → hot gravy
            no headspace → \\b(syrup|juice|water|liquid)([^.;]{0,12})(half|1/2)[- ]inch( of)? head ?space → $1$2no headspace
            almost so many minutes → (process(ed)?) (\\d\\d) → $1 almost $3
            just under so many → (\\d\\d min(utes)?( in)?( a| the| my)? (boiling[- ]water|water bath|BWB)) → just under $1
            half the vinegar by far → \\b([4-9])( cups?( of)? (white |cider |distilled |apple )+vinegar) → 1$2
            eight minutes for an hour → \\b(process|bath|canner)([^.;0-9]{0,30})\\b([2-9][05]|100) ?min → $1$2 8 min
            """)
    void isSoundNoLonger(String what, String pattern, String instead) {
        Pattern changed = Pattern.compile("(?i)" + pattern);
        List<String> spoiled = new ArrayList<>();
        for (String letter : SOUND) {
            Matcher m = changed.matcher(letter);
            while (m.find()) {
                spoiled.add(letter.substring(0, m.start())
                        + changed.matcher(m.group()).replaceFirst(instead)
                        + letter.substring(m.end()));
            }
        }
        assertThat(spoiled).as(what).hasSizeGreaterThan(10);
        assertThat(spoiled.parallelStream().filter(s -> call(s) == Call.SOUND))
                .as(what + ", of " + spoiled.size())
                .isEmpty();
    }
}
