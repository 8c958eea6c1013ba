package oilcloth.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.JdbcTemplate;

/** What stands first in Incoming, how it is found again, whose it is, and what lies beside it. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT, properties = "oilcloth.demo=true")
class IncomingTest {
    private static final String OKRA =
            "Pickled okra from Aunt %s\n\n7 lb okra\n6 hot peppers\n4 tsp dill seed\n8 garlic cloves\n2/3 cup canning salt\n"
                    + "%s cups water\n6 cups vinegar (5%%)\n\nFill pints, 1/2 inch headspace, pour the boiling brine over, remove"
                    + " bubbles. Process 10 minutes in a boiling water canner.";

    @LocalServerPort
    private int port;

    @Autowired
    private JdbcTemplate database;

    private Desk educator() {
        return new Desk(port).signIn("educator");
    }

    private static String open(Desk desk, String canner, String text, Instant jarsOut) {
        Map<String, Object> details = new HashMap<>();
        details.put("cannerName", canner);
        details.put("place", "Kettle Lake");
        details.put("contact", canner.toLowerCase().replace(' ', '.') + "@mail.example");
        details.put("language", "EN");
        details.put("altitudeFt", 610);
        details.put("jars", jarsOut == null ? "NOT_YET" : "MADE");
        details.put("jarsOutAt", jarsOut == null ? null : jarsOut.toString());
        return desk.send("POST", "/api/cases", Map.of("text", text, "details", details))
                .body()
                .path("id")
                .asText();
    }

    private static List<String> ids(Desk desk, String query) {
        JsonNode found = desk.get("/api/cases" + query).body();
        return found.path("lines").findValuesAsText("id");
    }

    @Test
    void jarsOnTheClockComeFirstTheLeastTimeLeftBeforeTheOthers() {
        Desk desk = educator();
        Instant now = Instant.now().truncatedTo(ChronoUnit.SECONDS);
        String late = open(desk, "Ada Late", String.format(OKRA, "Ada", 8), now.minus(23, ChronoUnit.HOURS));
        String fresh = open(desk, "Ben Fresh", String.format(OKRA, "Ben", 8), now.minus(1, ChronoUnit.HOURS));
        String over = open(desk, "Cal Over", String.format(OKRA, "Cal", 8), now.minus(30, ChronoUnit.HOURS));
        List<String> all = ids(desk, "");
        assertThat(all.indexOf(late)).isZero();
        assertThat(all.indexOf(fresh)).isGreaterThan(0).isLessThan(all.indexOf(over));
        JsonNode lines = desk.get("/api/cases").body().path("lines");
        List<String> ranks = List.of("stop", "correct", "ask", "sound");
        int before = -1;
        for (JsonNode line : lines) {
            boolean clock = line.path("jars").asText().equals("MADE")
                    && Instant.parse(line.path("jarsOutAt").asText()).isAfter(now.minus(24, ChronoUnit.HOURS))
                    && !line.path("call").asText().equals("sound");
            if (!clock && line.path("wroteBackAt").isNull()) {
                int rank = ranks.indexOf(line.path("call").asText());
                assertThat(rank).as(line.toString()).isGreaterThanOrEqualTo(before);
                before = rank;
            }
        }
        assertThat(ids(desk, "?within=true")).contains(late, fresh).doesNotContain(over);
    }

    @Test
    void everythingIsFoundTextNamePlaceFoodAndCode() {
        Desk desk = educator();
        String id = open(desk, "Zenobia Quist", String.format(OKRA, "Wilhelmsdottir", 9), null);
        for (String words :
                List.of("zenobia", "Wilhelmsd", "kettle lake zenobia", "zenobia okra", "zenobia%20acid.brine-weak")) {
            assertThat(ids(desk, "?q=" + words.replace(" ", "%20"))).as(words).contains(id);
        }
        assertThat(ids(desk, "?q=zenobia%20peaches")).isEmpty();
        assertThat(ids(desk, "?q=zenobia&call=sound")).isEmpty();
        assertThat(ids(desk, "?q=%25")).doesNotContain(id);
        assertThat(desk.get("/api/cases?call=nonsense").status()).isEqualTo(400);
    }

    @Test
    void aCaseIsTakenTaggedAndLookedAtAgain() {
        Desk desk = educator();
        String id = open(desk, "Tilda Marrow", String.format(OKRA, "Tilda", 8), null);
        Map<String, Object> notes = new HashMap<>();
        notes.put("assignedTo", "volunteer");
        notes.put("followUp", LocalDate.now().minusDays(1).toString());
        notes.put("tags", List.of("Fair class", "okra"));
        JsonNode kept = desk.send("PUT", "/api/cases/" + id + "/desk", notes).body();
        assertThat(kept.path("tags")).hasSize(2);
        assertThat(ids(desk, "?assigned=volunteer&tag=fair%20class&due=true")).contains(id);
        assertThat(ids(desk, "?assigned=nobody")).doesNotContain(id);
        notes.put("assignedTo", "nobody-here");
        assertThat(desk.send("PUT", "/api/cases/" + id + "/desk", notes).status())
                .isEqualTo(422);
    }

    @Test
    void theSameTextSentTwiceAndTheCannersEarlierQuestionsAreSpotted() {
        Desk desk = educator();
        String first = open(desk, "Oda Finch", String.format(OKRA, "Oda", 8), null);
        String copy = open(desk, "Per Lindqvist", "Hello,\n\n" + String.format(OKRA, "Oda", 8), null);
        String again =
                open(desk, "Oda Finch", "Pears, halved, in light syrup, quarts, 25 minutes boiling water bath", null);
        JsonNode beside = desk.get("/api/cases/" + copy + "/desk").body().path("beside");
        assertThat(beside.path("same").findValuesAsText("id")).contains(first).doesNotContain(again, copy);
        assertThat(desk.get("/api/cases/" + again + "/desk")
                        .body()
                        .path("beside")
                        .path("earlier")
                        .findValuesAsText("id"))
                .contains(first)
                .doesNotContain(copy);
    }

    @Test
    void answersToLikeCasesAreOffered() {
        Desk desk = educator();
        String answered = open(desk, "Runa Beck", String.format(OKRA, "Runa", 12), null);
        JsonNode reply = desk.get("/api/cases/" + answered + "/reply").body();
        desk.send(
                "PUT",
                "/api/cases/" + answered + "/reply",
                Desk.draft(reply.path("body").asText(), 0));
        desk.send(
                "POST",
                "/api/cases/" + answered + "/sign",
                Map.of(
                        "version",
                        desk.get("/api/cases/" + answered + "/reply")
                                .body()
                                .path("version")
                                .asInt()));
        String like = open(desk, "Sif Arden", String.format(OKRA, "Sif", 11), null);
        JsonNode similar =
                desk.get("/api/cases/" + like + "/desk").body().path("beside").path("similar");
        assertThat(similar.findValuesAsText("id")).contains(answered);
        assertThat(similar.get(0).path("shared").asInt()).isPositive();
        assertThat(ids(desk, "?state=answered")).contains(answered);
        assertThat(ids(desk, "")).doesNotContain(answered).contains(like);
    }

    @Test
    void whatTheCannerWritesBackIsReadAndComesToTheTop() {
        Desk desk = educator();
        String id = open(
                desk,
                "Moss Teller",
                "Halved pears in light syrup, hot pack, quarts, 1/2 inch headspace, bubbles out. Boiling water canner.",
                null);
        assertThat(desk.get("/api/cases/" + id)
                        .body()
                        .path("review")
                        .path("call")
                        .asText())
                .isNotEqualTo("sound");
        JsonNode messages = desk.send(
                        "POST",
                        "/api/cases/" + id + "/messages",
                        Map.of("words", "Sorry, forgot: I process them 25 minutes.", "readWithRecipe", true))
                .body();
        assertThat(messages.get(0).path("takenInBy").asText()).isEqualTo("Philippa Yarrow");
        JsonNode after = desk.get("/api/cases/" + id).body();
        assertThat(after.path("review").path("text").asText()).endsWith("I process them 25 minutes.");
        assertThat(after.path("review").path("findings").findValuesAsText("code"))
                .doesNotContain("time.missing");
        assertThat(desk.get("/api/cases").body().path("lines").findValuesAsText("wroteBackAt"))
                .isNotEmpty();
        desk.send("POST", "/api/cases/" + id + "/desk/seen", Map.of());
        assertThat(desk.get("/api/cases/" + id + "/desk")
                        .body()
                        .path("wroteBackAt")
                        .isNull())
                .isTrue();
    }

    @Test
    void aPhotoIsAPictureWhateverItIsCalled() {
        Desk desk = educator();
        String id = open(desk, "Ivo Hartley", String.format(OKRA, "Ivo", 8), null);
        byte[] png = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n', 0, 0};
        JsonNode photos =
                desk.upload("/api/cases/" + id + "/photos", "card.png", png).body();
        assertThat(photos).hasSize(1);
        assertThat(desk.bytes("/api/cases/" + id + "/photos/" + photos.get(0).asText()))
                .isEqualTo(png);
        assertThat(desk.upload("/api/cases/" + id + "/photos", "card.png", "<script>".getBytes())
                        .status())
                .isEqualTo(422);
        String other = open(desk, "Ivo Hartley", String.format(OKRA, "Ivo", 9), null);
        assertThat(desk.getStatus(
                        "/api/cases/" + other + "/photos/" + photos.get(0).asText()))
                .isEqualTo(404);
        desk.send("DELETE", "/api/cases/" + id + "/person", Map.of());
        assertThat(desk.get("/api/cases/" + id + "/photos").body()).isEmpty();
        assertThat(database.queryForObject(
                        "select words from case_index where case_id = ?", String.class, UUID.fromString(id)))
                .isEmpty();
    }

    @Test
    void somethingGraveIsSetAsideOnlyByAnEducatorWithAReasonAndTheCallStays() {
        Desk desk = educator();
        String id = open(desk, "Nils Corder", String.format(OKRA, "Nils", 14), null);
        JsonNode before = desk.get("/api/cases/" + id).body().path("review");
        JsonNode grave = null;
        for (JsonNode f : before.path("findings")) {
            if (Arrays.asList("danger", "correct").contains(f.path("severity").asText())) {
                grave = f;
                break;
            }
        }
        assertThat(grave).isNotNull();
        Map<String, Object> wish = Map.of(
                "code",
                grave.path("code").asText(),
                "title",
                grave.path("title").asText(),
                "quote",
                "",
                "reason",
                "weighed it here with the canner");
        String address = "/api/cases/" + id + "/set-aside";
        assertThat(new Desk(port)
                        .signIn("volunteer")
                        .send("POST", address, wish)
                        .status())
                .isEqualTo(403);
        Map<String, Object> silent = new HashMap<>(wish);
        silent.put("reason", "  ");
        assertThat(desk.send("POST", address, silent).status()).isEqualTo(400);
        JsonNode all = desk.send("POST", address, wish).body();
        assertThat(all.get(0).path("person").asText()).isEqualTo("Philippa Yarrow");
        assertThat(desk.get("/api/cases/" + id)
                        .body()
                        .path("review")
                        .path("call")
                        .asText())
                .isEqualTo(before.path("call").asText());
        String title = grave.path("title").asText();
        assertThat(desk.get("/api/cases/" + id + "/reply")
                        .body()
                        .path("composed")
                        .asText())
                .doesNotContain("- " + title + ".");
        assertThat(desk.get("/api/cases/" + id + "/trail").body().findValuesAsText("deed"))
                .contains("set aside");
        desk.send("DELETE", address + "/" + all.get(0).path("id").asText(), Map.of());
        assertThat(desk.get("/api/cases/" + id + "/reply")
                        .body()
                        .path("composed")
                        .asText())
                .contains("- " + title + ".");
    }

    @Test
    void twoOnOneCaseSeeEachOther() {
        Desk one = educator();
        Desk other = new Desk(port).signIn("volunteer");
        String id = open(one, "Lena Voss", String.format(OKRA, "Lena", 8), null);
        assertThat(one.send("POST", "/api/cases/" + id + "/presence", Map.of("room", "REVIEW"))
                        .body())
                .isEmpty();
        JsonNode present = other.send("POST", "/api/cases/" + id + "/presence", Map.of("room", "REPLY"))
                .body();
        assertThat(present.get(0).path("person").asText()).isEqualTo("Philippa Yarrow");
    }

    @Test
    void theDraftKeepsItsWordsWhenTheReviewChanges() {
        Desk desk = educator();
        String id = open(
                desk,
                "Wren Abbott",
                "Halved pears, hot pack, quarts, 1/2 inch headspace. Boiling water canner 15 minutes.",
                null);
        JsonNode first = desk.get("/api/cases/" + id + "/reply").body();
        String mine = first.path("body").asText().replace("Kind regards", "See you at the fair!\n\nKind regards");
        Map<String, Object> draft = new HashMap<>(Desk.draft(mine, 0));
        draft.put("composed", first.path("composed").asText());
        desk.send("PUT", "/api/cases/" + id + "/reply", draft);
        desk.send("POST", "/api/cases/" + id + "/assertions", Map.of("field", "MINUTES", "value", "25"));
        JsonNode now = desk.get("/api/cases/" + id + "/reply").body();
        assertThat(now.path("body").asText()).isEqualTo(mine);
        assertThat(now.path("composed").asText())
                .isNotEqualTo(first.path("composed").asText());
        assertThat(now.path("carried").asText())
                .contains("See you at the fair!")
                .doesNotContain("The time is too short");
    }
}
