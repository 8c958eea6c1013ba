package oilcloth.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import oilcloth.formats.GuideLibraries;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Overlay;
import oilcloth.guide.Reading;
import oilcloth.guide.RowKey;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The phone answer on the command line. */
class ProcessCommandTest {
    private record Ran(int code, String out, String err) {}

    private static Ran run(String... args) {
        PrintStream out = System.out;
        PrintStream err = System.err;
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        ByteArrayOutputStream complained = new ByteArrayOutputStream();
        try {
            System.setOut(new PrintStream(said, true, StandardCharsets.UTF_8));
            System.setErr(new PrintStream(complained, true, StandardCharsets.UTF_8));
            int code = Main.run(args);
            return new Ran(code, said.toString(StandardCharsets.UTF_8), complained.toString(StandardCharsets.UTF_8));
        } finally {
            System.setOut(out);
            System.setErr(err);
        }
    }

    @Test
    void unquotedWordsAreOneQuestion() throws IOException {
        JsonNode answer = new ObjectMapper()
                .readTree(run("process", "--json", "pears", "pints", "5200").out());
        assertThat(answer.at("/understood/food").asText()).isEqualTo("pear");
        assertThat(answer.at("/understood/altitudeFt").asInt()).isEqualTo(5_200);
        assertThat(answer.at("/answers/0/process").asText()).isEqualTo("pears-hot");
        assertThat(answer.at("/answers/0/minutes").asInt()).isEqualTo(30);
        assertThat(answer.at("/answers/0/psi").isNull()).isTrue();
        assertThat(answer.at("/answers/0/headspaceIn").asDouble()).isEqualTo(0.5);
        assertThat(answer.at("/answers/0/source/proof").asText()).isEqualTo("unread");
        assertThat(answer.at("/none").isNull()).isTrue();
    }

    @Test
    void optionsAreWordsOfTheQuestionToo() {
        assertThat(run("process", "sauerkraut", "--jar", "pint", "--pack", "raw", "--altitude", "7000")
                        .out())
                .contains("pint: 35 min, boiling water at 7,000 ft");
    }

    @Test
    void noProcessSaysWhyAndWhatInstead() {
        Ran ran = run("process", "broccoli", "quarts");
        assertThat(ran.code()).isZero();
        assertThat(ran.out()).contains("No process was ever tested").contains("Freeze it");
    }

    @Test
    void aPublishedGuideRules(@TempDir Path folder) throws IOException {
        Reading longer = new Reading(
                RowKey.ofText("boiling:pears-hot/pint"),
                new TreeMap<>(Map.of("t_3001_6000", "35")),
                "2015 print",
                "2-18",
                "Philippa",
                LocalDate.of(2026, 8, 3),
                Optional.empty());
        GuideSnapshot guide = GuideSnapshot.with(new Overlay(List.of(), List.of(), List.of(), List.of(longer)));
        Path file = Files.writeString(folder.resolve("guide.json"), GuideLibraries.json(GuideLibraries.of(guide)));
        Ran ran = run("process", "--guide", file.toString(), "pears", "pints", "5200");
        assertThat(ran.out()).contains("35 min").contains("overridden").contains(guide.hash());
        Path recipe = Files.writeString(
                folder.resolve("pears.txt"),
                "Pears\n11 lb pears\n\nBoil 5 minutes in light syrup. Pack hot in pints with the syrup, 1/2 inch headspace, "
                        + "remove bubbles. Process 30 minutes in a boiling water canner.");
        assertThat(run("review", "--altitude", "5200", recipe.toString()).out()).contains("SOUND");
        assertThat(run("review", "--altitude", "5200", "--guide", file.toString(), recipe.toString())
                        .out())
                .contains("time.short")
                .contains(guide.hash());
    }

    @Test
    void aGuideThatCannotBeUsedIsOneLine(@TempDir Path folder) throws IOException {
        Path file = Files.writeString(folder.resolve("guide.json"), "{}");
        Ran ran = run("process", "--guide", file.toString(), "pears");
        assertThat(ran.code()).isEqualTo(2);
        assertThat(ran.err().lines()).hasSize(1);
        assertThat(run("process", "--guide", "nowhere.json", "pears").err()).contains("There is no guide file");
    }
}
