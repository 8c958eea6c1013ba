package oilcloth.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.boot.web.servlet.context.ServletWebServerApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;

/** Canners write in, the guide moves; on one server and on two. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {"oilcloth.demo=true", "oilcloth.recheck.every=PT0.5S", "oilcloth.public.most-an-hour=12"})
class ReachTest {
    static final String FIGS =
            "Whole figs in light syrup. Boil the figs 5 minutes, pack hot in pints, 2 Tbsp bottled lemon"
                    + " juice to each quart, 1/2 inch headspace, bubbles out. Process 20 minutes in a boiling water canner.";

    @LocalServerPort
    private int port;

    @Autowired
    private JdbcTemplate database;

    private Desk educator() {
        return new Desk(port).signIn("educator");
    }

    private static Map<String, Object> asked(String text, Instant jarsOut) {
        Map<String, Object> asked = new HashMap<>();
        asked.put("text", text);
        asked.put("name", "Ottoline Brack");
        asked.put("place", "kettle lake");
        asked.put("contact", "");
        asked.put("language", "EN");
        asked.put("jars", jarsOut == null ? "NOT_YET" : "MADE");
        asked.put("jarsOutAt", jarsOut == null ? null : jarsOut.toString());
        asked.put("website", "");
        return asked;
    }

    private Desk somebody() {
        Desk somebody = new Desk(port);
        somebody.get("/api/public/office");
        return somebody;
    }

    private static int version(Desk desk, String id) {
        return desk.get("/api/cases/" + id + "/reply").body().path("version").asInt();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "Kettle Lake; 640",
                "Kettle Lake, 4,100 ft; 4100",
                "on the ridge above Kettle Lake, 6,300 feet; 6300",
                "Kettle Lake, 200 ft; 640",
                "1450 Elm Street; null",
                "a 1.250 metros; null"
            })
    void theAltitudeIsReadFromWhereTheyCan(String place, String feet) {
        Map<String, Object> asked = asked(FIGS, null);
        asked.put("place", place);
        asked.put("name", "Asker of " + place);
        somebody().send("POST", "/api/public/questions", asked);
        Desk desk = new Desk(port).signIn("educator");
        JsonNode lines = desk.get("/api/cases?q=asker").body().path("lines");
        for (JsonNode line : lines) {
            if (line.path("place").asText().equals(place)) {
                assertThat(line.path("altitudeFt").asText()).as(place).isEqualTo(feet);
                return;
            }
        }
        throw new AssertionError("no case from " + place);
    }

    @Test
    void aCannerAsksAndReadsTheSignedReplyByTheLinkAndNothingElse() {
        Desk canner = somebody();
        Instant out = Instant.now().minus(30, ChronoUnit.HOURS).truncatedTo(ChronoUnit.SECONDS);
        Desk.Answer received = canner.send("POST", "/api/public/questions", asked(FIGS, out));
        assertThat(received.status()).isEqualTo(201);
        String link = received.body().path("link").asText();
        String address = "/api/public/answers/" + link;
        assertThat(canner.get(address).body().path("letter").isNull()).isTrue();
        assertThat(canner.getStatus(address + "/letter.pdf")).isEqualTo(404);
        assertThat(canner.get("/api/cases").status()).isEqualTo(401);
        assertThat(canner.get("/api/public/answers/guessed").status()).isEqualTo(404);

        Desk desk = educator();
        JsonNode line = desk.get("/api/cases?q=ottoline").body().path("lines").get(0);
        assertThat(line.path("altitudeFt").asInt())
                .as("the highest kitchen of the place")
                .isEqualTo(640);
        String id = line.path("id").asText();
        desk.send(
                "PUT",
                "/api/cases/" + id + "/reply",
                Desk.draft("Hello Ottoline,\n\nPut them in the refrigerator.", 0));
        assertThat(canner.get(address).body().path("letter").isNull())
                .as("a draft is nobody's business")
                .isTrue();
        desk.send("POST", "/api/cases/" + id + "/sign", Map.of("version", version(desk, id)));
        JsonNode answer = canner.get(address).body();
        assertThat(answer.path("letter").asText()).contains("refrigerator");
        assertThat(answer.path("deadlinePassed").asBoolean()).isTrue();
        assertThat(new String(canner.bytes(address + "/letter.pdf"), StandardCharsets.ISO_8859_1))
                .startsWith("%PDF");
        assertThat(database.queryForObject(
                        "select count(*) from public_question where token_digest = ?", Integer.class, link))
                .as("the link itself is not kept")
                .isZero();
    }

    @Test
    void programsAndFloodsAreKeptOut() {
        Desk canner = somebody();
        Map<String, Object> program = asked(FIGS, null);
        program.put("name", "Robot Zebulon");
        program.put("website", "http://spam.example");
        assertThat(canner.send("POST", "/api/public/questions", program).status())
                .isEqualTo(201);
        assertThat(educator().get("/api/cases?q=zebulon").body().path("total").asInt())
                .isZero();
        assertThat(canner.send("POST", "/api/public/questions", asked("x".repeat(20_001), null))
                        .status())
                .isEqualTo(400);
        Desk.Answer none =
                canner.send("POST", "/api/public/questions", asked("Good morning, nice weather today.", null));
        assertThat(none.status()).isEqualTo(422);
        assertThat(none.body().path("detail").asText()).contains("does not look like a recipe");
        int refused = 0;
        for (int i = 0; i < 14; i++) {
            if (canner.send("POST", "/api/public/questions", asked(FIGS, null)).status() == 429) {
                refused++;
            }
        }
        assertThat(refused).isPositive();
        database.update("delete from public_knock");
    }

    @Test
    void whenAFigureOfTheGuideChangesTheCasesThatRestOnItAreListedAndALetterIsDrafted() throws InterruptedException {
        Desk desk = educator();
        Map<String, Object> details = new HashMap<>();
        details.put("cannerName", "Brunhild Ashe");
        details.put("place", "");
        details.put("altitudeFt", 500);
        details.put("jars", "NOT_YET");
        String id = desk.send(
                        "POST",
                        "/api/cases",
                        Map.of(
                                "text",
                                "Whole berries, hot pack in light syrup, quarts, 1/2 inch headspace, bubbles out. Boiling water"
                                        + " canner 15 minutes.",
                                "details",
                                details))
                .body()
                .path("id")
                .asText();
        JsonNode placed = desk.get("/api/cases/" + id).body().path("review").path("placed");
        String row = "boiling:" + placed.path("process").asText() + "/quart";
        desk.send("PUT", "/api/cases/" + id + "/reply", Desk.draft("Hello Brunhild,\n\nAll is well.", 0));
        desk.send("POST", "/api/cases/" + id + "/sign", Map.of("version", version(desk, id)));

        assertThat(desk.send(
                                "POST",
                                "/api/guide/rows/read",
                                Map.of(
                                        "row",
                                        row,
                                        "printed",
                                        Map.of(
                                                "t_0_1000",
                                                "35",
                                                "t_1001_3000",
                                                "40",
                                                "t_3001_6000",
                                                "40",
                                                "t_6001_up",
                                                "45"),
                                        "edition",
                                        "2026",
                                        "page",
                                        "2-9"))
                        .status())
                .isEqualTo(200);
        new Desk(port).signIn("lead").send("POST", "/api/guide/rows/second", Map.of("row", row));

        JsonNode change = null;
        for (int i = 0; i < 60 && change == null; i++) {
            Thread.sleep(500);
            for (JsonNode run : desk.get("/api/revisions").body()) {
                for (JsonNode c :
                        desk.get("/api/revisions/" + run.path("id").asText()).body()) {
                    if (c.path("caseId").asText().equals(id)
                            && !run.path("finishedAt").isNull()) {
                        change = run;
                    }
                }
            }
        }
        assertThat(change).as("the recheck lists the case").isNotNull();
        String run = "/api/revisions/" + change.path("id").asText();
        JsonNode drafted =
                desk.send("POST", run + "/cases/" + id + "/letter", Map.of()).body();
        assertThat(drafted.findValuesAsText("draftedAt")).isNotEmpty();
        String letter =
                desk.get("/api/cases/" + id + "/reply").body().path("body").asText();
        assertThat(letter).contains("We wrote to you on").contains("15 min").contains("35 min");
        assertThat(database.queryForObject(
                        "select count(*) from recheck where guide = ?",
                        Integer.class,
                        change.path("guide").asText()))
                .isEqualTo(1);
        desk.send("POST", "/api/guide/rows/withdraw", Map.of("row", row));
    }

    @Test
    void twoServersShareOneDeskAndOneRecheck() throws InterruptedException {
        try (ServletWebServerApplicationContext other =
                (ServletWebServerApplicationContext) new SpringApplicationBuilder(OilclothServer.class)
                        .properties("server.port=0", "oilcloth.demo=true", "oilcloth.recheck.every=PT0.5S")
                        .run()) {
            Desk desk = educator();
            Desk there = desk.at(other.getWebServer().getPort());
            assertThat(there.get("/api/session").body().path("username").asText())
                    .isEqualTo("educator");
            assertThat(there.get("/api/cases").body().path("total").asInt())
                    .isEqualTo(desk.get("/api/cases").body().path("total").asInt());
            Thread.sleep(2_000);
            assertThat(database.queryForList(
                            "select guide from recheck group by guide having count(*) > 1", String.class))
                    .isEmpty();
            desk.send("DELETE", "/api/session", Map.of());
            assertThat(there.get("/api/session").status())
                    .as("signed out on both")
                    .isEqualTo(401);
        }
    }
}
