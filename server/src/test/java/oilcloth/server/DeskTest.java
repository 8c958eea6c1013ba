package oilcloth.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import oilcloth.server.Desk.Answer;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;

/** The desk over HTTP against a real MariaDB: who may what, what is kept, and what is said when something is wrong. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT, properties = "oilcloth.demo=true")
class DeskTest {
    private static final String PEARS =
            "Pears\n\n12 lb pears\n2 cups sugar\n9 cups water\n\nBoil pears in the syrup 5 minutes. Pack hot into quart jars, "
                    + "1/2 inch headspace. Process 20 minutes in a boiling-water canner.";

    @LocalServerPort
    private int port;

    private Desk educator() {
        return new Desk(port).signIn("educator");
    }

    private static Map<String, Object> details(Integer altitude) {
        Map<String, Object> details = new HashMap<>();
        details.put("cannerName", "Odalys Brandt");
        details.put("place", "Fennimore Bench");
        details.put("altitudeFt", altitude);
        details.put("canner", null);
        details.put("jars", "NOT_YET");
        details.put("jarsOutAt", null);
        return details;
    }

    private static String open(Desk desk, String text, Integer altitude) {
        Answer opened = desk.send("POST", "/api/cases", Map.of("text", text, "details", details(altitude)));
        assertThat(opened.status()).as(String.valueOf(opened.body())).isEqualTo(201);
        return opened.body().path("id").asText();
    }

    @Test
    void nobodySeesAnythingWithoutSigningIn() {
        Desk nobody = new Desk(port);
        for (String path : List.of(
                "/api/session",
                "/api/cases",
                "/api/cases/00000000-0000-0000-0000-000000000000",
                "/api/places?q=a",
                "/v3/api-docs")) {
            assertThat(nobody.get(path).status()).as(path).isEqualTo(401);
        }
        assertThat(nobody.send("POST", "/api/cases", Map.of()).status()).isEqualTo(401);
        Answer wrong = nobody.send("POST", "/api/session", Map.of("username", "educator", "password", "guess"));
        assertThat(wrong.status()).isEqualTo(401);
        assertThat(wrong.body().path("detail").asText()).contains("do not go together");
    }

    @Test
    void aRequestWithoutItsTokenIsRefused() {
        assertThat(educator()
                        .sendWithoutToken("POST", "/api/cases", Map.of("text", PEARS, "details", details(500)))
                        .status())
                .isEqualTo(403);
    }

    @Test
    void everyRoleMaySignInAndOut() {
        for (String name : List.of("educator", "volunteer", "lead")) {
            Desk desk = new Desk(port).signIn(name);
            assertThat(desk.get("/api/session").body().path("role").asText())
                    .isEqualTo(name.toUpperCase(java.util.Locale.ROOT));
            assertThat(desk.send("DELETE", "/api/session", Map.of()).status()).isEqualTo(204);
            assertThat(desk.get("/api/cases").status()).isEqualTo(401);
        }
    }

    @Test
    void aCaseIsReviewedKeptAndReviewedAgainWhenSomethingIsSaid() {
        Desk desk = educator();
        String id = open(desk, PEARS, null);
        JsonNode view = desk.get("/api/cases/" + id).body();
        assertThat(view.path("review").path("call").asText()).isEqualTo("correct");
        assertThat(view.path("review").path("guide").asText())
                .startsWith("AIB 539")
                .hasSizeGreaterThan(20);
        assertThat(view.path("review").path("engine").asText()).isEqualTo("0.1.0");

        Answer higher = desk.send(
                "PUT",
                "/api/cases/" + id,
                Map.of("version", view.path("version").asInt(), "details", details(6_500)));
        JsonNode short35 = finding(higher.body(), "time.short");
        assertThat(short35.path("figures").path("statedMinutes").asInt()).isEqualTo(20);
        assertThat(short35.path("figures").path("requiredMinutes").asInt()).isEqualTo(40);

        JsonNode asserted = desk.send(
                        "POST", "/api/cases/" + id + "/assertions", Map.of("field", "MINUTES", "value", "40"))
                .body();
        assertThat(asserted.path("review").path("call").asText()).isEqualTo("sound");
        JsonNode takenBack = desk.send("DELETE", "/api/cases/" + id + "/assertions/MINUTES", Map.of())
                .body();
        assertThat(takenBack.path("review").path("call").asText()).isEqualTo("correct");
        assertThat(takenBack.path("review").path("text").asText()).isEqualTo(PEARS);
    }

    private static JsonNode finding(JsonNode view, String code) {
        for (JsonNode f : view.path("review").path("findings")) {
            if (f.path("code").asText().equals(code)) {
                return f;
            }
        }
        throw new AssertionError("no " + code + " in " + view);
    }

    @Test
    void aReplyIsComposedEditedAndKept() {
        Desk desk = educator();
        String id = open(desk, PEARS, 5_200);
        JsonNode first = desk.get("/api/cases/" + id + "/reply").body();
        assertThat(first.path("saved").asBoolean()).isFalse();
        assertThat(first.path("body").asText()).contains("Hello Odalys Brandt", "35 minutes", "not yet proofread");
        String words = first.path("body").asText() + "P.S. The pears sounded lovely.";
        assertThat(desk.send("PUT", "/api/cases/" + id + "/reply", Desk.draft(words, 0))
                        .status())
                .isEqualTo(200);
        JsonNode kept = new Desk(port)
                .signIn("volunteer")
                .get("/api/cases/" + id + "/reply")
                .body();
        assertThat(kept.path("body").asText()).isEqualTo(words);
        assertThat(kept.path("editedBy").asText()).isEqualTo("Philippa Yarrow");
    }

    @Test
    void nobodysWordsAreOverwritten() {
        Desk desk = educator();
        String id = open(desk, PEARS, 5_200);
        desk.send("PUT", "/api/cases/" + id + "/reply", Desk.draft("first", 0));
        int version =
                desk.get("/api/cases/" + id + "/reply").body().path("version").asInt();
        assertThat(desk.send("PUT", "/api/cases/" + id + "/reply", Desk.draft("second", version))
                        .status())
                .isEqualTo(200);
        Answer late = desk.send("PUT", "/api/cases/" + id + "/reply", Desk.draft("late", version));
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.body().path("detail").asText())
                .containsIgnoringCase("somebody else")
                .doesNotContain("Exception");
        assertThat(desk.get("/api/cases/" + id + "/reply").body().path("body").asText())
                .isEqualTo("second");
    }

    @Test
    void unusableTextGetsOneClearLine() {
        Desk desk = educator();
        Map<String, String> tried = Map.of(
                "",
                "empty",
                "   \n ",
                "empty",
                "x".repeat(200_001),
                "longer than 200,000",
                "\u0001\u0002\u0003\u0004 binary",
                "not a text file",
                "Dear desk, are you open on Friday?",
                "does not look like a recipe");
        tried.forEach((text, words) -> {
            Answer answer = desk.send("POST", "/api/cases", Map.of("text", text, "details", details(500)));
            assertThat(answer.status()).isEqualTo(422);
            assertThat(answer.body().path("detail").asText().toLowerCase(java.util.Locale.ROOT))
                    .contains(words);
        });
        Map<String, Object> nowhere = details(99_999);
        assertThat(desk.send("POST", "/api/cases", Map.of("text", PEARS, "details", nowhere))
                        .status())
                .isEqualTo(400);
        assertThat(desk.get("/api/cases/00000000-0000-0000-0000-000000000000").status())
                .isEqualTo(404);
        String id = open(desk, PEARS, 500);
        assertThat(desk.send("POST", "/api/cases/" + id + "/assertions", Map.of("field", "JAR", "value", "bucket"))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void incomingListsTheDemoCasesWithTheirCalls() {
        JsonNode cases = educator().get("/api/cases").body().path("lines");
        assertThat(cases.size()).isGreaterThanOrEqualTo(8);
        List<String> calls = cases.findValuesAsText("call");
        assertThat(calls).contains("stop", "correct", "sound");
    }

    @Test
    void placesTellTheirSpan() {
        JsonNode found = educator().get("/api/places?q=brindle").body();
        assertThat(found.get(0).path("name").asText()).isEqualTo("Brindle Flat");
        assertThat(found.get(0).path("highestFeet").asInt()).isEqualTo(1_040);
    }

    /** The client's types are generated from this document; a stale copy fails the build. */
    @Test
    void theClientsApiDocumentIsCurrent() throws IOException {
        ObjectMapper json = new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT);
        Path kept = Path.of("../web/openapi.json");
        JsonNode now = educator().get("/v3/api-docs").body();
        if (Boolean.getBoolean("oilcloth.write-openapi")) {
            Files.writeString(kept, json.writeValueAsString(now) + "\n");
        }
        assertThat(json.readTree(Files.readString(kept)))
                .as("run the server tests with -Doilcloth.write-openapi=true, then npm run types")
                .isEqualTo(now);
    }
}
