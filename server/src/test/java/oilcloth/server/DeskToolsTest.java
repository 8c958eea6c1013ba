package oilcloth.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;

/** What the desk does beside the letters: the season told, practice, folders in and everything out, a day planned. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {"oilcloth.demo=true", "oilcloth.recheck.every=PT0.5S", "oilcloth.public.most-an-hour=12"})
class DeskToolsTest {
    @LocalServerPort
    private int port;

    private Desk educator() {
        return new Desk(port).signIn("educator");
    }

    @Test
    void theSeasonIsCounted() {
        Desk desk = educator();
        String days = "?from=" + LocalDate.now().minusDays(20) + "&to="
                + LocalDate.now().plusDays(1);
        JsonNode season = desk.get("/api/season" + days).body();
        assertThat(season.path("letters").asInt()).isGreaterThanOrEqualTo(14);
        assertThat(season.path("answered").asInt()).isGreaterThanOrEqualTo(2);
        int byWeek = 0;
        for (JsonNode week : season.path("weeks")) {
            byWeek += week.path("letters").asInt();
        }
        assertThat(byWeek).isEqualTo(season.path("letters").asInt());
        int byCall = 0;
        for (JsonNode call : season.path("outcomes")) {
            byCall += call.path("cases").asInt();
        }
        assertThat(byCall).isEqualTo(season.path("letters").asInt());
        assertThat(season.path("hazards")).isNotEmpty();
        assertThat(season.path("teach")).isNotEmpty();
        assertThat(new String(desk.bytes("/api/season/file" + days), StandardCharsets.UTF_8))
                .startsWith("what,name,count");
        assertThat(desk.get("/api/season?from=2026-05-01&to=2026-04-01").status())
                .isEqualTo(422);
    }

    @Test
    void aPracticeRoundIsScoredWithItsReasons() {
        Desk desk = educator();
        String id = desk.get("/api/cases?state=all&q=venison")
                .body()
                .path("lines")
                .get(0)
                .path("id")
                .asText();
        JsonNode draft = desk.get("/api/practice/from/" + id).body();
        assertThat(draft.path("text").asText()).doesNotContain("Hollis");
        Map<String, Object> made = new HashMap<>();
        made.put("title", "Game in pints");
        made.put("text", draft.path("text").asText());
        made.put("altitudeFt", 2_350);
        String exercise =
                desk.send("POST", "/api/practice", made).body().path("id").asText();

        Desk volunteer = new Desk(port).signIn("volunteer");
        JsonNode missed = volunteer
                .send("POST", "/api/practice/" + exercise + "/attempts", Map.of("call", "sound", "marks", List.of()))
                .body();
        assertThat(missed.path("missed")).isNotEmpty();
        List<Map<String, Object>> marks = new ArrayList<>();
        String text =
                volunteer.get("/api/practice/" + exercise).body().path("text").asText();
        for (JsonNode told : missed.path("missed")) {
            Map<String, Object> mark = new HashMap<>();
            String quote = told.path("quote").asText();
            mark.put("code", told.path("code").asText());
            mark.put("start", quote.isEmpty() ? null : text.indexOf(quote));
            mark.put("end", quote.isEmpty() ? null : text.indexOf(quote) + quote.length());
            mark.put("correction", "");
            marks.add(mark);
        }
        JsonNode right = volunteer
                .send(
                        "POST",
                        "/api/practice/" + exercise + "/attempts",
                        Map.of("call", missed.path("call").asText(), "marks", marks))
                .body();
        assertThat(right.path("percent").asInt())
                .isGreaterThan(missed.path("percent").asInt());
        assertThat(right.path("percent").asInt()).isEqualTo(100);
        JsonNode progress = desk.get("/api/practice/progress").body();
        assertThat(progress.findValuesAsText("person")).contains("Anselm Birdsong");
    }

    @Test
    void aFolderComesInWithAReportAndEverythingGoesOut() throws InterruptedException {
        Desk desk = educator();
        String figs = ReachTest.FIGS;
        String csv = "text,name,place,altitude_ft\r\n\"" + figs + "\",Imke Roth,=cmd(),700\r\nhello,,,\r\n";
        Desk.Answer begun = desk.uploadAll(
                "/api/import",
                Map.of(
                        "figs.txt", figs.getBytes(StandardCharsets.UTF_8),
                        "table.csv", csv.getBytes(StandardCharsets.UTF_8),
                        "picture.png", new byte[] {(byte) 0x89, 'P', 'N', 'G', (byte) 0xff}));
        assertThat(begun.status()).isEqualTo(202);
        JsonNode run = null;
        for (int i = 0; i < 60 && (run == null || !run.path("finished").asBoolean()); i++) {
            Thread.sleep(200);
            run = desk.get("/api/import/" + begun.body().path("id").asText()).body();
        }
        assertThat(run.path("done").asInt()).isEqualTo(4);
        Map<String, String> problems = new HashMap<>();
        run.path("lines")
                .forEach(l ->
                        problems.put(l.path("name").asText(), l.path("problem").asText()));
        assertThat(problems.get("figs.txt")).isEmpty();
        assertThat(problems.get("table.csv, line 2")).isEmpty();
        assertThat(problems.get("table.csv, line 3")).contains("does not look like a recipe");
        assertThat(problems.get("picture.png")).contains("not text");

        String cases = new String(desk.bytes("/api/export/cases.csv"), StandardCharsets.UTF_8);
        assertThat(cases).contains("Imke Roth,'=cmd()").doesNotContain(",=cmd");
        assertThat(new String(desk.bytes("/api/export/log.csv"), StandardCharsets.UTF_8))
                .contains("imported");
        JsonNode all = desk.get("/api/export/desk.json").body();
        assertThat(all.findValuesAsText("cannerName")).contains("Imke Roth");
        assertThat(all.findValuesAsText("letter")).isNotEmpty();
    }

    @Test
    void aDayIsPlannedAndComesAsACalendar() {
        Desk desk = educator();
        Map<String, Object> job = new HashMap<>();
        job.put("caseId", null);
        job.put("recipe", "pickled-beets");
        job.put("jar", "pint");
        job.put("jars", 9);
        job.put("part", 0);
        job.put("corrected", false);
        Map<String, Object> wish = new HashMap<>();
        wish.put("start", null);
        wish.put("doneBy", "2026-08-15T00:00:00Z");
        wish.put("altitudeFt", 5_200);
        wish.put("canner", "boiling-water 21 qt");
        wish.put("burner", "USUAL");
        wish.put("zone", "America/Denver");
        wish.put("jobs", List.of(job));
        JsonNode plan = desk.send("POST", "/api/plan", wish).body();
        assertThat(plan.path("done").asText()).isEqualTo("2026-08-15T00:00:00Z");
        assertThat(plan.path("tasks").findValuesAsText("kind")).contains("fill", "process", "seals");
        assertThat(desk.knock("POST", "/api/plan/calendar", wish)).isEqualTo(200);
        String beans = desk.get("/api/cases?state=all&q=green%20bean")
                .body()
                .path("lines")
                .get(0)
                .path("id")
                .asText();
        job.put("caseId", beans);
        Desk.Answer refused = desk.send("POST", "/api/plan", wish);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().path("detail").asText()).contains("must not be canned");
    }
}
