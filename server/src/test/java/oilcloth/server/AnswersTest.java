package oilcloth.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import oilcloth.server.Desk.Answer;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.JdbcTemplate;

/** From draft to signed, reopened, sent and erased; who may, and what stays on record. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT, properties = "oilcloth.demo=true")
class AnswersTest {
    private static final String BEETS =
            "Pickled beets\n\n7 lb beets\n4 cups vinegar (5%)\n2 cups water\n2 cups sugar\n1 1/2 tsp"
                    + " canning salt\n4 onions\n\nCook, peel and slice the beets. Boil the liquid, add beets and onions, simmer 5 minutes."
                    + " Fill hot pints, 1/2 inch headspace, remove bubbles. Process 30 minutes in a boiling water canner.";

    @LocalServerPort
    private int port;

    @Autowired
    private JdbcTemplate database;

    private Desk as(String name) {
        return new Desk(port).signIn(name);
    }

    private static String open(Desk desk, String canner, String text) {
        Map<String, Object> details = new HashMap<>();
        details.put("cannerName", canner);
        details.put("place", "Fennimore Bench");
        details.put("altitudeFt", 700);
        details.put("jars", "NOT_YET");
        return desk.send("POST", "/api/cases", Map.of("text", text, "details", details))
                .body()
                .path("id")
                .asText();
    }

    private static void write(Desk desk, String id, String body) {
        int version =
                desk.get("/api/cases/" + id + "/reply").body().path("version").asInt();
        assertThat(desk.send("PUT", "/api/cases/" + id + "/reply", Desk.draft(body, version))
                        .status())
                .isEqualTo(200);
    }

    private static int replyVersion(Desk desk, String id) {
        return desk.get("/api/cases/" + id + "/reply").body().path("version").asInt();
    }

    @Test
    void aSignedAnswerIsLockedKeptAndReopenedAsANewOne() {
        Desk volunteer = as("volunteer");
        String id = open(volunteer, "Tamsin Ferro", BEETS);
        write(volunteer, id, "Dear Tamsin,\n\nYour beets are fine.");
        Map<String, Object> version = Map.of("version", replyVersion(volunteer, id));
        assertThat(volunteer.send("POST", "/api/cases/" + id + "/sign", version).status())
                .as("a volunteer drafts, and is stopped at signing")
                .isEqualTo(403);

        Desk educator = as("educator");
        Answer signed = educator.send("POST", "/api/cases/" + id + "/sign", version);
        assertThat(signed.status()).isEqualTo(201);
        assertThat(signed.body().path("guide").asText()).startsWith("AIB 539");
        assertThat(signed.body().path("rowStates").asText())
                .contains("pickled-beets")
                .contains("unread");
        assertThat(educator.get("/api/cases").body().path("lines").findValuesAsText("id"))
                .doesNotContain(id);

        Answer late = volunteer.send("PUT", "/api/cases/" + id + "/reply", Desk.draft("changed", 1));
        assertThat(late.status()).isEqualTo(422);
        assertThat(late.body().path("detail").asText()).contains("signed and locked");
        assertThat(educator.send("POST", "/api/cases/" + id + "/sign", version).status())
                .isEqualTo(422);

        String answer = signed.body().path("id").asText();
        assertThat(educator.send("POST", "/api/answers/" + answer + "/reopen", Map.of("why", "the altitude was wrong"))
                        .status())
                .isEqualTo(200);
        write(volunteer, id, "Dear Tamsin,\n\nOne thing more.");
        Answer second =
                educator.send("POST", "/api/cases/" + id + "/sign", Map.of("version", replyVersion(educator, id)));
        assertThat(second.body().path("number").asInt()).isEqualTo(2);
        JsonNode all = educator.get("/api/cases/" + id + "/answers").body();
        assertThat(all.findValuesAsText("body"))
                .containsExactly("Dear Tamsin,\n\nOne thing more.", "Dear Tamsin,\n\nYour beets are fine.");
        assertThat(educator.get("/api/answers?q=one+thing+more").body().findValuesAsText("id"))
                .contains(second.body().path("id").asText());
        assertThat(educator.get("/api/cases/" + id + "/trail").body().findValuesAsText("deed"))
                .containsExactly("open", "write", "sign", "reopen", "write", "sign");
    }

    @Test
    void somebodyElsesLaterDraftIsNotSignedByMistake() {
        Desk educator = as("educator");
        String id = open(educator, "Tamsin Ferro", BEETS);
        write(educator, id, "first");
        int read = replyVersion(educator, id);
        write(as("volunteer"), id, "second");
        assertThat(educator.send("POST", "/api/cases/" + id + "/sign", Map.of("version", read))
                        .status())
                .isEqualTo(409);
    }

    @Test
    void aLetterBehindItsReviewIsSignedOnlyWhenTheEducatorSaysSo() {
        Desk educator = as("educator");
        String id = open(educator, "Tamsin Ferro", BEETS.replace("30 minutes", "15 minutes"));
        String letter =
                educator.get("/api/cases/" + id + "/reply").body().path("body").asText();
        Map<String, Object> draft = new HashMap<>(Desk.draft(letter, 0));
        draft.put("composed", letter);
        educator.send("PUT", "/api/cases/" + id + "/reply", draft);
        educator.send("POST", "/api/cases/" + id + "/assertions", Map.of("field", "MINUTES", "value", "30"));

        int version = replyVersion(educator, id);
        assertThat(educator.get("/api/cases/" + id + "/reply")
                        .body()
                        .path("behind")
                        .asBoolean())
                .isTrue();
        Answer refused = educator.send("POST", "/api/cases/" + id + "/sign", Map.of("version", version));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().path("detail").asText()).contains("The review has changed");

        Answer signed =
                educator.send("POST", "/api/cases/" + id + "/sign", Map.of("version", version, "asItStands", true));
        assertThat(signed.status()).isEqualTo(201);
        assertThat(educator.get("/api/cases/" + id + "/trail").body().findValuesAsText("detail"))
                .anyMatch(d -> d.contains("as it stood before the review changed"));
    }

    @Test
    void aSentLetterStandsInTheOutboxAndABadAddressIsRefused() {
        Desk educator = as("educator");
        String id = open(educator, "Tamsin Ferro", BEETS);
        write(educator, id, "Dear Tamsin,\n\n<script>alert(1)</script> stays a letter.");
        String answer = educator.send(
                        "POST", "/api/cases/" + id + "/sign", Map.of("version", replyVersion(educator, id)))
                .body()
                .path("id")
                .asText();
        for (String bad : List.of("nobody", "a@b.example\r\nBcc: all@b.example", "a@b.example, c@d.example")) {
            assertThat(educator.send("POST", "/api/answers/" + answer + "/send", Map.of("to", bad))
                            .status())
                    .as(bad)
                    .isEqualTo(422);
        }
        assertThat(educator.send("POST", "/api/answers/" + answer + "/send", Map.of("to", "tamsin@mail.example"))
                        .body()
                        .path("sentTo")
                        .asText())
                .isEqualTo("tamsin@mail.example");
        JsonNode letter = educator.get("/api/outbox").body().path("letters").get(0);
        assertThat(letter.path("message").asText()).contains("To: tamsin@mail.example\r\n");
    }

    @Test
    void onRequestAPersonsDataGoesAndTheTrailHolds() {
        Desk educator = as("educator");
        String id = open(educator, "Quillon Vane", BEETS);
        write(educator, id, "Dear Quillon, all is well.");
        educator.send("POST", "/api/cases/" + id + "/sign", Map.of("version", replyVersion(educator, id)));
        assertThat(as("volunteer")
                        .send("DELETE", "/api/cases/" + id + "/person", Map.of())
                        .status())
                .isEqualTo(403);
        assertThat(educator.send("DELETE", "/api/cases/" + id + "/person", Map.of())
                        .status())
                .isEqualTo(204);
        for (String column : List.of(
                "select concat(canner_name, place, recipe_text, title) from canning_case where id = ?",
                "select concat(canner_name, place, body, title) from answer where case_id = ?",
                "select body from reply where case_id = ?",
                "select group_concat(document) from case_review where case_id = ?")) {
            assertThat(database.queryForObject(column, String.class, UUID.fromString(id)))
                    .as(column)
                    .doesNotContainIgnoringCase("quillon")
                    .doesNotContain("beets");
        }
        assertThat(educator.get("/api/cases/" + id)
                        .body()
                        .path("review")
                        .path("text")
                        .asText())
                .isEqualTo("erased on request");
        assertThat(educator.get("/api/audit/check").body().path("intact").asBoolean())
                .isTrue();
    }

    @Test
    void theTrailCannotBeRewritten() {
        open(as("educator"), "Tamsin Ferro", BEETS);
        assertThatThrownBy(() -> database.update("update audit_event set person = 'nobody'"))
                .hasMessageContaining("never changed");
        assertThatThrownBy(() -> database.update("delete from audit_event")).hasMessageContaining("never removed");
        assertThat(as("lead").get("/api/audit/check").body().path("intact").asBoolean())
                .isTrue();
    }

    /** Whatever page the client has is one that can be opened by its address. */
    @Test
    void everyPageOpensByItsAddress() throws java.io.IOException {
        String router = java.nio.file.Files.readString(java.nio.file.Path.of("../web/src/router.tsx"));
        java.util.regex.Matcher page =
                java.util.regex.Pattern.compile("path: '(/[a-zA-Z:/]*)'").matcher(router);
        int pages = 0;
        while (page.find()) {
            pages++;
            String path = page.group(1).replaceAll(":\\w+", UUID.randomUUID().toString());
            assertThat(new Desk(port).getStatus(path)).as(path).isEqualTo(200);
        }
        assertThat(pages).isGreaterThan(8);
    }
}
