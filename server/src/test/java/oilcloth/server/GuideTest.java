package oilcloth.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import oilcloth.formats.GuideLibraries;
import oilcloth.formats.UnusableInput;
import oilcloth.guide.Method;
import oilcloth.measure.JarSize;
import oilcloth.server.Desk.Answer;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;

/** The guide over HTTP: phone questions, a figure read in print that rules at once, the office's own entries. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT, properties = "oilcloth.demo=true")
class GuideTest {
    private static final Path PUBLISHED = published();

    @LocalServerPort
    private int port;

    private static Path published() {
        try {
            return Files.createTempDirectory("oilcloth").resolve("guide.json");
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    @DynamicPropertySource
    static void file(DynamicPropertyRegistry registry) {
        registry.add("oilcloth.guide.file", PUBLISHED::toString);
    }

    private Desk as(String name) {
        return new Desk(port).signIn(name);
    }

    private static Map<String, Object> reading(String row, Map<String, String> printed) {
        return Map.of("row", row, "printed", printed, "edition", "2015 print", "page", "2-18");
    }

    @Test
    void thePhoneIsAnsweredAndCounted() {
        Desk desk = as("volunteer");
        JsonNode asked = desk.get("/api/phone?q=plums%20pints%205200").body();
        assertThat(asked.at("/answer/answers/0/minutes").asInt()).isEqualTo(30);
        JsonNode named = desk.get("/api/phone?q=plums%20pints%20brindle%20flat").body();
        assertThat(named.at("/place/edgeFeet").asInt()).isEqualTo(1_000);
        assertThat(named.at("/answer/understood/altitudeFt").asInt()).isEqualTo(1_040);
        long before = desk.get("/api/phone/calls").body().path("today").asLong();
        Map<String, Object> call = new HashMap<>(Map.of("words", "plums pints 5200", "process", "plums-hot"));
        call.put("altitudeFt", 5_200);
        assertThat(desk.send("POST", "/api/phone/calls", call)
                        .body()
                        .path("today")
                        .asLong())
                .isEqualTo(before + 1);
    }

    /** Overridden at the desk, it rules in the next review, on the phone and in the published file; the old answer stays. */
    @Test
    void aPrintedFigureRulesFromTheNextReview() throws IOException, UnusableInput {
        Desk desk = as("educator");
        String text =
                "Nectarines\n\n17 lb nectarines\n\nBoil 2 minutes in light syrup. Pack hot in quarts with the syrup, "
                        + "1/2 inch headspace, remove bubbles. Process 35 minutes in a boiling-water canner.";
        Map<String, Object> details = new HashMap<>();
        details.put("cannerName", "Odalys Brandt");
        details.put("place", "");
        details.put("altitudeFt", 5_200);
        details.put("canner", null);
        details.put("jars", "NOT_YET");
        details.put("jarsOutAt", null);
        String id = desk.send("POST", "/api/cases", Map.of("text", text, "details", details))
                .body()
                .path("id")
                .asText();
        JsonNode first = desk.get("/api/cases/" + id).body();
        assertThat(first.at("/review/call").asText()).isEqualTo("sound");

        String row = "boiling:nectarines-hot/quart";
        JsonNode open = desk.get("/api/guide/rows/one?row=" + row).body();
        assertThat(open.at("/cases").findValuesAsText("id")).contains(id);
        JsonNode read = desk.send("POST", "/api/guide/rows/read", reading(row, Map.of("t_3001_6000", "40")))
                .body();
        assertThat(read.at("/line/proof").asText()).isEqualTo("overridden");
        assertThat(read.at("/cases").findValuesAsText("id")).contains(id);

        JsonNode kept = desk.get("/api/cases/" + id).body();
        assertThat(kept.at("/review/call").asText()).isEqualTo("sound");
        assertThat(kept.at("/currentGuide").asText())
                .isNotEqualTo(kept.at("/review/guide").asText());
        JsonNode again =
                desk.send("POST", "/api/cases/" + id + "/review", Map.of()).body();
        assertThat(again.at("/review/call").asText()).isEqualTo("correct");
        assertThat(again.at("/review/required/minutes").asInt()).isEqualTo(40);
        assertThat(desk.get("/api/phone?q=nectarines%20hot%20quarts%205200")
                        .body()
                        .at("/answer/answers/0/minutes")
                        .asInt())
                .isEqualTo(40);
        assertThat(GuideLibraries.snapshot(Files.readString(PUBLISHED))
                        .process(Method.BOILING, "nectarines-hot")
                        .orElseThrow()
                        .rows()
                        .get(JarSize.QUART)
                        .minutes())
                .containsExactly(25, 30, 40, 40);
        desk.send("POST", "/api/guide/rows/withdraw", Map.of("row", row));
        assertThat(desk.get("/api/guide/rows/one?row=" + row)
                        .body()
                        .at("/history")
                        .findValuesAsText("kind"))
                .containsExactly("read", "withdrawn");
    }

    @Test
    void aWeakerFigureWaitsForSomebodyElse() {
        Desk educator = as("educator");
        String row = "boiling:apricots-hot/pint";
        JsonNode read = educator.send("POST", "/api/guide/rows/read", reading(row, Map.of("t_0_1000", "15")))
                .body();
        assertThat(read.at("/line/waiting").asBoolean()).isTrue();
        assertThat(read.at("/line/proof").asText()).isEqualTo("unread");
        Answer same = educator.send("POST", "/api/guide/rows/second", Map.of("row", row));
        assertThat(same.status()).isEqualTo(422);
        assertThat(same.body().path("detail").asText()).contains("somebody else");
        JsonNode ruling = as("lead")
                .send("POST", "/api/guide/rows/second", Map.of("row", row))
                .body();
        assertThat(ruling.at("/line/waiting").asBoolean()).isFalse();
        assertThat(ruling.at("/line/proof").asText()).isEqualTo("overridden");
        educator.send("POST", "/api/guide/rows/withdraw", Map.of("row", row));
    }

    @Test
    void aFigureThatCannotBeIsRefusedAndNothingChanges() {
        Desk desk = as("educator");
        String row = "boiling:apricots-raw/pint";
        String guide = desk.get("/api/phone?q=pears").body().at("/answer/guide").asText();
        for (Map<String, String> printed :
                List.of(Map.of("t_0_1000", "99"), Map.of("t_0_1000", "soon"), Map.of("food", "plums"))) {
            Answer answer = desk.send("POST", "/api/guide/rows/read", reading(row, printed));
            assertThat(answer.status()).as(printed.toString()).isEqualTo(422);
        }
        assertThat(desk.get("/api/phone?q=pears").body().at("/answer/guide").asText())
                .isEqualTo(guide);
        assertThat(desk.get("/api/guide/rows/one?row=boiling:moon/pint").status())
                .isEqualTo(404);
    }

    @Test
    void onlyAnEducatorReadsAndAdds() {
        for (String name : List.of("volunteer", "lead")) {
            Desk desk = as(name);
            assertThat(desk.get("/api/guide/rows").status()).isEqualTo(200);
            assertThat(desk.get("/api/guide/library").status()).isEqualTo(200);
            Answer read = desk.send("POST", "/api/guide/rows/read", reading("boiling:plums-hot/pint", Map.of()));
            assertThat(read.status()).as(name).isEqualTo(403);
            assertThat(read.body().path("detail").asText()).contains("may look");
            assertThat(desk.send("POST", "/api/guide/library", Map.of("json", "{}"))
                            .status())
                    .isEqualTo(403);
            assertThat(desk.send("DELETE", "/api/guide/own/SOURCE/x", Map.of()).status())
                    .isEqualTo(403);
        }
        assertThat(as("volunteer")
                        .send("POST", "/api/guide/rows/second", Map.of("row", "boiling:plums-hot/pint"))
                        .status())
                .isEqualTo(403);
    }

    @Test
    void theLibraryGoesOutAndComesBackIn() throws IOException {
        Desk desk = as("educator");
        ObjectMapper json = new ObjectMapper();
        JsonNode before = desk.get("/api/guide/library/file").body();
        assertThat(before.path("processes").findValuesAsText("id")).contains("teasel-quince-jam");
        JsonNode brought = desk.send("POST", "/api/guide/library", Map.of("json", json.writeValueAsString(before)))
                .body();
        assertThat(brought.path("processes").asInt()).isPositive();
        JsonNode after = desk.get("/api/guide/library/file").body();
        assertThat(after).isEqualTo(before);
        Answer bad = desk.send("POST", "/api/guide/library", Map.of("json", "{\"format\": \"cookbook\"}"));
        assertThat(bad.status()).isEqualTo(422);
        // a process whose source is not there takes the whole file back
        ObjectNode orphan = before.deepCopy();
        orphan.withArray("sources").removeAll();
        ObjectNode process = (ObjectNode) orphan.withArray("processes").get(0);
        process.put("own", true).put("id", "orphan-jam").put("source", "nobody");
        Answer refused = desk.send("POST", "/api/guide/library", Map.of("json", json.writeValueAsString(orphan)));
        assertThat(refused.status()).as(String.valueOf(refused.body())).isEqualTo(422);
        assertThat(desk.get("/api/guide/library/file").body()).isEqualTo(before);
        assertThat(desk.get("/api/guide/library.schema.json")
                        .body()
                        .path("title")
                        .asText())
                .isEqualTo("Oilcloth library");
    }

    @Test
    void aSourceThatAProcessRestsOnStays() {
        Answer answer = as("educator").send("DELETE", "/api/guide/own/SOURCE/Teasel%20leaflet", Map.of());
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body().path("detail").asText()).contains("no source");
    }

    @Test
    void aTestedRecipeIsScaledAndSumsAreDone() {
        Desk desk = as("volunteer");
        JsonNode scaled = desk.get("/api/guide/recipes/pickled-beets/scaled?line=0&have=3.5&unit=POUND")
                .body();
        assertThat(scaled.path("factor").asDouble()).isEqualTo(0.5);
        assertThat(scaled.at("/lines/1/amount").asText()).isEqualTo("2 cups");
        assertThat(desk.get("/api/guide/recipes/pickled-beets/scaled?factor=9").status())
                .isEqualTo(422);
        assertThat(desk.get("/api/sums/acid?food=tomato&jar=pint&jars=12")
                        .body()
                        .at("/0/total")
                        .asText())
                .isEqualTo("12 Tbsp");
        assertThat(desk.get("/api/sums/brine?vinegar=2&strength=5&water=5")
                        .body()
                        .path("weak")
                        .asBoolean())
                .isTrue();
        assertThat(desk.get("/api/sums/loads?canner=boiling-water%2021%20qt&jar=quart&jars=15")
                        .body()
                        .path("loads")
                        .asInt())
                .isEqualTo(3);
        assertThat(desk.get("/api/sums/height?feet=5000").body().path("jellyF").asDouble())
                .isBetween(210.0, 212.0);
        assertThat(desk.get("/api/sums/produce?name=pears&jar=quart&pounds=17.5")
                        .body()
                        .path("likely")
                        .asDouble())
                .isBetween(6.9, 7.1);
        assertThat(desk.get("/api/sums/produce?name=pears&jar=quart").status()).isEqualTo(422);
    }
}
