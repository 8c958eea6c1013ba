package oilcloth.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import oilcloth.server.Desk;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;

/** What a stranger sends is shown as words on every screen: no script runs, no picture loads, no figure reads backwards. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT, properties = "oilcloth.demo=true")
class HostileTextTest extends BrowserTest {
    private static final String NASTY =
            "<script>window.hit=1</script><img src=x onerror='window.hit=2'>\"><svg onload=window.hit=3>";
    private static final String TURNED = "\u202E15\u202C";

    @Test
    void everyScreenShowsItAsWords() {
        Desk desk = new Desk(port).signIn("educator");
        Map<String, Object> asked = new HashMap<>();
        asked.put(
                "text",
                "Fig jam <script>window.hit=5</script>"
                        + "\n\n4 lb figs\n=HYPERLINK(\"http://nowhere.example\")\n3 cups vine\u200Bgar\n"
                        + "Fill pints, process " + TURNED + " minutes in a boiling water canner. " + NASTY);
        Map<String, Object> details = new HashMap<>();
        details.put("cannerName", "=cmd " + NASTY.substring(0, 60));
        details.put("place", TURNED + NASTY.substring(29, 90));
        details.put("altitudeFt", 700);
        details.put("jars", "NOT_YET");
        asked.put("details", details);
        desk.send("POST", "/api/cases", asked);
        String id = desk.send("POST", "/api/cases", asked).body().path("id").asText();
        String letter = "Dear canner,\n\n" + NASTY + TURNED + "\n\n[here](javascript:window.hit=4)";
        desk.send("PUT", "/api/cases/" + id + "/reply", Desk.draftOf(letter));
        int version =
                desk.get("/api/cases/" + id + "/reply").body().path("version").asInt();
        String answer = desk.send("POST", "/api/cases/" + id + "/sign", Map.of("version", version))
                .body()
                .path("id")
                .asText();
        desk.send("POST", "/api/answers/" + answer + "/send", Map.of("to", "canner@mail.example"));

        Page page = browsing.page(1280, 800);
        List<String> said = new ArrayList<>();
        page.onDialog(d -> {
            said.add(d.message());
            d.dismiss();
        });
        browsing.signIn(page, "educator");
        List<String> shows = new ArrayList<>();
        for (String path : List.of(
                "/incoming",
                "/cases/" + id,
                "/cases/" + id + "/card",
                "/cases/" + id + "/reply",
                "/answered",
                "/outbox",
                "/plan?case=" + id,
                "/season",
                "/practice",
                "/revision",
                "/api/answers/" + answer + "/letter.html")) {
            page.navigate(browsing.at(path));
            page.waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
            assertThat(page.evaluate("window.hit ?? null")).as(path).isNull();
            assertThat(page.locator("img[src='x'], svg[onload], a[href^='javascript']")
                            .count())
                    .as(path)
                    .isZero();
            String words = (String) page.evaluate(
                    "document.body.innerText + [...document.querySelectorAll('textarea')].map(t => t.value).join()");
            assertThat(words).as(path).doesNotContain("\u202E");
            if (words.contains("<script>") || words.contains("=cmd")) {
                shows.add(path);
            }
        }
        assertThat(said).isEmpty();
        assertThat(shows)
                .as("the nasty words were on these screens at all")
                .contains("/incoming", "/cases/" + id, "/cases/" + id + "/reply", "/answered", "/outbox");
        page.navigate(browsing.at("/cases/" + id));
        page.getByLabel("Aspects").waitFor();
        assertThat(page.locator("main").innerText()).contains("3 cups vinegar").contains("process 15 minutes");
    }
}
