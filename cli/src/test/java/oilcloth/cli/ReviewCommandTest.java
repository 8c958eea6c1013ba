package oilcloth.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The command line on letters as they come: the contract's JSON, ranges that quote the text, one clear line on bad input. */
class ReviewCommandTest {
    private static final Path LETTERS = Path.of("src/test/resources/letters");

    private record Run(int exit, String out, String err) {}

    private static Run run(InputStream in, String... args) {
        PrintStream out = System.out;
        PrintStream err = System.err;
        InputStream input = System.in;
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        ByteArrayOutputStream complained = new ByteArrayOutputStream();
        try {
            System.setOut(new PrintStream(said, true, StandardCharsets.UTF_8));
            System.setErr(new PrintStream(complained, true, StandardCharsets.UTF_8));
            System.setIn(in);
            int exit = Main.run(args);
            return new Run(exit, said.toString(StandardCharsets.UTF_8), complained.toString(StandardCharsets.UTF_8));
        } finally {
            System.setOut(out);
            System.setErr(err);
            System.setIn(input);
        }
    }

    private static Run run(String... args) {
        return run(InputStream.nullInputStream(), args);
    }

    private static List<String> letters() throws IOException {
        try (Stream<Path> files = Files.list(LETTERS)) {
            return files.sorted().map(Path::toString).toList();
        }
    }

    @Test
    void twelveMessyLettersGiveTheContractsJson() throws IOException {
        List<String> args = new ArrayList<>(List.of("review", "--json"));
        args.addAll(letters());
        Run run = run(args.toArray(String[]::new));
        assertThat(run.exit()).as(run.err()).isZero();
        JsonNode reviews = new ObjectMapper().readTree(run.out());
        assertThat(reviews).hasSize(12);
        Map<String, String> calls = new TreeMap<>();
        for (JsonNode review : reviews) {
            String file = Path.of(review.path("file").asText()).getFileName().toString();
            calls.put(file, review.path("call").asText());
            for (String key : List.of(
                    "worstOpen",
                    "text",
                    "altitudeFt",
                    "stage",
                    "guide",
                    "engine",
                    "placed",
                    "required",
                    "findings",
                    "questions",
                    "unread",
                    "jars",
                    "corrected")) {
                assertThat(review.has(key)).as(file + " has " + key).isTrue();
            }
            String text = review.path("text").asText();
            for (JsonNode finding : review.path("findings")) {
                assertThat(finding.path("source").path("title").asText()).isNotBlank();
                for (JsonNode e : finding.path("evidence")) {
                    quotes(text, e);
                }
            }
            review.path("unread").forEach(u -> quotes(text, u));
            review.path("questions").forEach(q -> q.path("evidence").forEach(e -> quotes(text, e)));
        }
        assertThat(calls)
                .containsExactlyInAnyOrderEntriesOf(Map.ofEntries(
                        Map.entry("01-salsa-run-on.txt", "stop"),
                        Map.entry("02-peaches-caps.txt", "sound"),
                        Map.entry("03-mail-with-signature.txt", "sound"),
                        Map.entry("04-shorthand.txt", "sound"),
                        Map.entry("05-old-beets.txt", "stop"),
                        Map.entry("06-pie-filling.md", "correct"),
                        Map.entry("07-cream-soup.txt", "stop"),
                        Map.entry("08-figs-british.txt", "correct"),
                        Map.entry("09-kraut-by-hand.txt", "sound"),
                        Map.entry("10-oven-potatoes.txt", "stop"),
                        Map.entry("11-half-the-facts.txt", "correct"),
                        Map.entry("12-page.html", "stop")));
    }

    private static void quotes(String text, JsonNode range) {
        assertThat(text.substring(range.path("start").asInt(), range.path("end").asInt()))
                .isEqualTo(range.path("text").asText());
    }

    @Test
    void theSameRecipeLowAndHigh() throws IOException {
        String peaches = LETTERS.resolve("02-peaches-caps.txt").toString();
        assertThat(minutes(peaches, "600")).isEqualTo(25);
        assertThat(minutes(peaches, "6500")).isEqualTo(35);
    }

    private static int minutes(String file, String altitude) throws IOException {
        // the letter itself says 1,500 ft; of two the higher counts
        JsonNode review = new ObjectMapper()
                .readTree(run("review", "--json", "--altitude", altitude, file).out());
        return review.path("required").path("minutes").asInt();
    }

    @Test
    void standardInputAndStage() throws IOException {
        byte[] text = Files.readAllBytes(LETTERS.resolve("05-old-beets.txt"));
        Run run = run(new ByteArrayInputStream(text), "review", "--json", "--stage", "on-shelf", "-");
        assertThat(new ObjectMapper()
                        .readTree(run.out())
                        .path("jars")
                        .path("advice")
                        .asText())
                .isEqualTo("discard");
    }

    @Test
    void badInputGetsOneClearLineAndExitTwo(@TempDir Path folder) throws IOException {
        Map<String, byte[]> bad = Map.of(
                "empty", new byte[0],
                "longer than", "a pear ".repeat(40_000).getBytes(StandardCharsets.UTF_8),
                "not a text file", new byte[] {0, 1, 2, 3},
                "does not look like a recipe", "The quick brown fox.".getBytes(StandardCharsets.UTF_8),
                "no schema.org Recipe", "{\"@type\":\"Person\"}".getBytes(StandardCharsets.UTF_8));
        for (Map.Entry<String, byte[]> entry : bad.entrySet()) {
            Path file = Files.write(folder.resolve("letter.txt"), entry.getValue());
            Run run = run("review", file.toString());
            assertThat(run.exit()).isEqualTo(2);
            assertThat(run.err()).contains(entry.getKey()).hasLineCount(1).doesNotContain("Exception");
        }
        assertThat(run("review", folder.resolve("nowhere.txt").toString()).err())
                .contains("There is no file");
        assertThat(run(
                                "review",
                                "--stage",
                                "tomorrow",
                                LETTERS.resolve("04-shorthand.txt").toString())
                        .exit())
                .isEqualTo(2);
    }

    @Test
    void plainWordsForTheTerminal() {
        assertThat(run("review", LETTERS.resolve("10-oven-potatoes.txt").toString())
                        .out())
                .contains("STOP", "method.oven", "→", "White potatoes");
    }
}
