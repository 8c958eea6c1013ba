package oilcloth.reply;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Properties;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oilcloth.check.Language;
import oilcloth.check.Message;
import oilcloth.check.Messages;
import oilcloth.corpus.Corpus;
import oilcloth.correcting.Solver;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Context;
import oilcloth.reply.Passage.Kind;
import oilcloth.review.Engine;
import oilcloth.review.Review;
import org.junit.jupiter.api.Test;

/** Letters in Spanish say what the English ones say, and say all of it in Spanish. */
class SpanishLetterTest {
    private static final Engine ENGINE = new Engine(GuideSnapshot.shipped());
    private static final Solver SOLVER = new Solver(ENGINE);
    private static final Pattern ENGLISH = Pattern.compile(
            "(?i)(?<![\\p{L}«-])(the|and|of|with|without|or|in|for|not|is|are|your|per|from|each|at|any|to|jar|cups?|Tbsp|tsp|lb|feet|ft|fresh|bottled|dried|canned|hot|raw|pint|quart|half)(?![\\p{L}-])");
    /** Names of tested recipes and the canner's own words stand between these marks, as they are. */
    private static final Pattern QUOTED = Pattern.compile("«[^»]*»");

    private static final Set<Kind> IN_ENGLISH = Set.of(Kind.CORRECTION, Kind.ROW);

    @Test
    void noEnglishIsLeftInThem() {
        Set<String> left = new TreeSet<>();
        for (String letter : Corpus.texts()) {
            Review review = ENGINE.review(letter, Context.planning(null));
            List<Passage> passages = Letter.compose(review, LetterTest.wish(Language.ES));
            for (Passage p : passages) {
                boolean cited =
                        IN_ENGLISH.contains(p.origin().kind()) && !p.text().startsWith("El proceso")
                                || p.origin().kind() == Kind.INSTEAD && p.text().contains("\n");
                Matcher m = ENGLISH.matcher(QUOTED.matcher(p.text()).replaceAll(""));
                if (!cited && !p.text().startsWith("Receta ") && m.find()) {
                    left.add(m.group() + ": " + p.text());
                }
            }
        }
        assertThat(left).isEmpty();
    }

    @Test
    void everyMessageOfALetterHasItsSpanish() {
        List<String> missing = new ArrayList<>();
        Messages spanish = Messages.in(Language.ES);
        for (String id : Messages.english().ids()) {
            if (id.matches("(acid|ingredient|method|practice|time|pack|headspace|source|jars|letter|instead)\\..*")
                    && !id.matches("jars\\.(step|eaten)\\..*")
                    && !spanish.knows(id)) {
                missing.add(id);
            }
        }
        assertThat(missing).isEmpty();
    }

    @Test
    void theyPutInNoOtherWordsThanTheEnglish() throws IOException {
        Pattern place = Pattern.compile("\\{(\\w+)}");
        Properties english = templates("en");
        Properties spanish = templates("es");
        for (String id : spanish.stringPropertyNames()) {
            Set<String> known = new TreeSet<>();
            for (String part : List.of("title", "why", "fix")) {
                // the figures of a finding are there for each of its three messages
                place.matcher(english.getProperty(id.replaceFirst("(title|why|fix)$", part), ""))
                        .results()
                        .forEach(r -> known.add(r.group(1)));
            }
            place.matcher(spanish.getProperty(id))
                    .results()
                    .forEach(r -> assertThat(known).as(id).contains(r.group(1)));
        }
    }

    private static Properties templates(String language) throws IOException {
        Properties templates = new Properties();
        try (Reader in = new InputStreamReader(
                Messages.class.getResourceAsStream("/oilcloth/messages_" + language + ".properties"),
                StandardCharsets.UTF_8)) {
            templates.load(in);
        }
        return templates;
    }

    @Test
    void theyAreAsEasyToRead() {
        assertThat(Messages.in(Language.ES).say(Message.of("letter.greet"))).isEqualTo("Hola:");
        List<Double> grades = Corpus.texts().stream()
                .map(c -> Readability.of(
                                Passage.join(Letter.compose(
                                        ENGINE.review(c, Context.planning(null)), LetterTest.wish(Language.ES))),
                                Language.ES)
                        .grade())
                .sorted()
                .toList();
        assertThat(grades.get(grades.size() - 1)).isLessThanOrEqualTo(Readability.AIM);
    }
}
