package oilcloth.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;

/** The lead's book of people, and the office's own settings and phrases. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT, properties = "oilcloth.demo=true")
class PeopleTest {
    @LocalServerPort
    private int port;

    private Desk lead() {
        return new Desk(port).signIn("lead");
    }

    private static String invite(Desk lead, String username) {
        Desk.Answer answer = lead.send(
                "POST", "/api/people", Map.of("username", username, "displayName", "Nell Osgood", "role", "VOLUNTEER"));
        assertThat(answer.status()).isEqualTo(201);
        return answer.body().path("code").asText();
    }

    private int welcome(String code, String password) {
        Desk somebody = new Desk(port);
        somebody.get("/api/session");
        return somebody.send("POST", "/api/welcome", Map.of("code", code, "password", password))
                .status();
    }

    private int signIn(String username, String password) {
        Desk somebody = new Desk(port);
        somebody.get("/api/session");
        return somebody.send("POST", "/api/session", Map.of("username", username, "password", password))
                .status();
    }

    @Test
    void anInvitationIsGoodOnceAndAPasswordIsLong() {
        Desk lead = lead();
        String code = invite(lead, "nell");
        assertThat(signIn("nell", "none")).isEqualTo(401);
        assertThat(welcome(code, "short")).isEqualTo(400);
        assertThat(welcome("made up", "a long enough one")).isEqualTo(422);
        assertThat(welcome(code, "a long enough one")).isEqualTo(204);
        assertThat(welcome(code, "another long one")).isEqualTo(422);
        assertThat(signIn("nell", "a long enough one")).isEqualTo(200);
        assertThat(lead.send("POST", "/api/people", Map.of("username", "NELL", "displayName", "x", "role", "LEAD"))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void aResetEndsThePasswordAndEverySession() {
        Desk lead = lead();
        welcome(invite(lead, "odd"), "a long enough one");
        Desk odd = new Desk(port).signInWith("odd", "a long enough one");
        assertThat(odd.get("/api/cases").status()).isEqualTo(200);
        String code = lead.send("POST", "/api/people/odd/reset", Map.of())
                .body()
                .path("code")
                .asText();
        assertThat(odd.get("/api/cases").status()).isEqualTo(401);
        assertThat(signIn("odd", "a long enough one")).isEqualTo(401);
        assertThat(welcome(code, "yet another one")).isEqualTo(204);
        assertThat(signIn("odd", "yet another one")).isEqualTo(200);
    }

    @Test
    void whoLeavesIsSignedOutAndTheirCasesAreNobodys() {
        Desk lead = lead();
        welcome(invite(lead, "gone"), "a long enough one");
        Desk gone = new Desk(port).signInWith("gone", "a long enough one");
        String id =
                lead.get("/api/cases").body().path("lines").get(0).path("id").asText();
        Map<String, Object> notes = new HashMap<>();
        notes.put("assignedTo", "gone");
        notes.put("followUp", null);
        notes.put("tags", List.of());
        assertThat(lead.send("PUT", "/api/cases/" + id + "/desk", notes).status())
                .isEqualTo(200);
        lead.send("POST", "/api/people/gone/leave", Map.of());
        assertThat(gone.get("/api/cases").status()).isEqualTo(401);
        assertThat(signIn("gone", "a long enough one")).isEqualTo(401);
        assertThat(lead.get("/api/cases/" + id + "/desk")
                        .body()
                        .path("assignedTo")
                        .isNull())
                .isTrue();
        assertThat(lead.get("/api/colleagues").body().findValuesAsText("username"))
                .doesNotContain("gone");
    }

    @Test
    void theLastLeadStays() {
        Desk lead = lead();
        assertThat(lead.send("POST", "/api/people/lead/leave", Map.of()).status())
                .isEqualTo(422);
        assertThat(lead.send("PUT", "/api/people/lead", Map.of("displayName", "C", "role", "VOLUNTEER"))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void theOfficeHasItsNameAndItsPhrases() {
        Desk lead = lead();
        assertThat(lead.send("PUT", "/api/office", Map.of("name", "Teasel County", "mailFrom", "not an address"))
                        .status())
                .isEqualTo(400);
        lead.send("PUT", "/api/office", Map.of("name", "Teasel County", "mailFrom", "desk@teasel-county.example"));
        assertThat(lead.get("/api/office").body().path("name").asText()).isEqualTo("Teasel County");
        Map<String, Object> phrase =
                Map.of("title", "Class in May", "english", "Come to our class.", "spanish", "Venga a nuestra clase.");
        JsonNode kept = lead.send("POST", "/api/office/snippets", phrase).body();
        String address = "/api/office/snippets/" + kept.path("id").asText();
        Map<String, Object> other = new HashMap<>(phrase);
        other.put("english", "Come in May.");
        lead.send("PUT", address, other);
        assertThat(lead.get("/api/office/snippets").body().findValuesAsText("english"))
                .contains("Come in May.");
        lead.send("DELETE", address, Map.of());
        assertThat(lead.get("/api/office/snippets").body().findValuesAsText("id"))
                .doesNotContain(kept.path("id").asText());
    }
}
