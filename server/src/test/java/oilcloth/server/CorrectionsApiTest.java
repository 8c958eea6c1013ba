package oilcloth.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import oilcloth.server.Desk.Answer;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;

/** Corrections over HTTP: proved sets, edits tried, the corrected recipe out. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT, properties = "oilcloth.demo=true")
class CorrectionsApiTest {
    private static final String PEARS =
            "Pears\n\n12 lb pears\n2 cups sugar\n9 cups water\n\nPeel and halve. Boil pears in the syrup 5 minutes. Pack hot into"
                    + " quart jars, 1/2 inch headspace, remove bubbles. Process 20 minutes in a boiling-water canner.";

    @LocalServerPort
    private int port;

    private String open(Desk desk, Integer altitude) {
        Map<String, Object> details = new HashMap<>();
        details.put("cannerName", "Odalys Brandt");
        details.put("place", "Fennimore Bench");
        details.put("altitudeFt", altitude);
        details.put("jars", "NOT_YET");
        return desk.send("POST", "/api/cases", Map.of("text", PEARS, "details", details))
                .body()
                .path("id")
                .asText();
    }

    @Test
    void waysAreProvedAndTriedAndGoOut() {
        Desk desk = new Desk(port).signIn("educator");
        String id = open(desk, 700);
        JsonNode corrections = desk.get("/api/cases/" + id + "/corrections").body();
        JsonNode ways = corrections.path("ways");
        assertThat(ways).hasSizeGreaterThanOrEqualTo(2);
        assertThat(ways.get(0).path("pieces").findValuesAsText("mark")).contains("kept", "struck", "added");

        Map<String, Object> tried = new HashMap<>();
        tried.put("edits", ways.get(0).path("edits"));
        tried.put("part", 0);
        JsonNode trial = desk.send("POST", "/api/cases/" + id + "/trial", tried).body();
        assertThat(trial.path("review").path("call").asText()).isEqualTo("sound");
        assertThat(trial.path("way").path("text").asText()).contains("25 minutes");

        JsonNode card = desk.send("POST", "/api/cases/" + id + "/card", tried).body();
        assertThat(card.path("ingredients").get(0).asText()).isEqualTo("12 lb pears");
        assertThat(card.path("steps").toString()).contains("25 minutes").doesNotContain("12 lb");
        assertThat(card.path("loads").get(0).asText()).contains("7 quarts");

        Answer out = desk.send("POST", "/api/cases/" + id + "/corrected.jsonld", tried);
        assertThat(out.status()).isEqualTo(200);
        assertThat(out.body().path("@type").asText()).isEqualTo("Recipe");
        assertThat(out.body().path("recipeIngredient").get(0).asText()).contains("pears");

        tried.put("altitudeFt", 5200);
        assertThat(desk.send("POST", "/api/cases/" + id + "/trial", tried)
                        .body()
                        .path("review")
                        .path("call")
                        .asText())
                .as("what would it be up there")
                .isEqualTo("correct");
    }

    @Test
    void nothingUnsoundGoesOutAndBadEditsAreRefusedInPlainWords() {
        Desk desk = new Desk(port).signIn("educator");
        String id = open(desk, 700);
        Answer out = desk.send("POST", "/api/cases/" + id + "/corrected.jsonld", Map.of("edits", List.of(), "part", 0));
        assertThat(out.status()).isEqualTo(422);
        assertThat(out.body().path("detail").asText()).contains("only when it is sound");
        for (Map<String, Object> bad : List.<Map<String, Object>>of(
                Map.of("kind", "frob", "values", Map.of()),
                Map.of("kind", "setMinutes", "values", Map.of("minutes", "soon")),
                Map.of("kind", "leaveOff", "values", Map.of("start", 5, "end", 100_000)),
                Map.of("kind", "setJar", "values", Map.of("jar", "bucket")))) {
            Answer refused = desk.send("POST", "/api/cases/" + id + "/trial", Map.of("edits", List.of(bad), "part", 0));
            assertThat(refused.status()).as(bad.toString()).isEqualTo(422);
            assertThat(refused.body().path("detail").asText()).isNotBlank();
        }
    }

    @Test
    void withoutAnAltitudeItIsAskedFirst() {
        Desk desk = new Desk(port).signIn("educator");
        JsonNode corrections =
                desk.get("/api/cases/" + open(desk, null) + "/corrections").body();
        assertThat(corrections.path("ways")).isEmpty();
        assertThat(corrections.path("first").findValuesAsText("code")).contains("ask.altitude");
    }
}
