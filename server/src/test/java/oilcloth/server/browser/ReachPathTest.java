package oilcloth.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import biweekly.Biweekly;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.test.context.SpringBootTest;

/** From the public form to the private link; a changed guide to a drafted letter; a day to a calendar; a practice round. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {"oilcloth.demo=true", "oilcloth.recheck.every=PT1S"})
class ReachPathTest extends BrowserTest {
    private static final String PEACHES =
            """
            Jutta's peaches
            Peel and halve yellow peaches, boil them in light syrup, pack hot in quarts, 1/2 inch headspace, bubbles out.
            Process 25 minutes in a boiling water canner.
            """;

    @Test
    void aCannerAsksOnAPhoneAndReadsTheSignedReply() {
        Page canner = browsing.page(390, 844);
        canner.navigate(browsing.at("/ask"));
        canner.getByLabel("Your recipe, in your own words").fill(PEACHES);
        canner.getByLabel("Where you can: town or altitude").fill("Kettle Lake");
        canner.getByLabel("Your first name").fill("Jutta");
        Browsing.nothingGrave(canner, "public form");
        Browsing.noSidewaysScroll(canner, "public form on a phone");
        Browsing.button(canner, "Send it").click();
        canner.getByText("Your answer will stand here").waitFor();
        String link = canner.locator("a[href*='/answer/']").getAttribute("href");
        canner.navigate(link);
        canner.getByText("We have your question and have not answered yet").waitFor();

        Page desk = browsing.page(1280, 800);
        browsing.signIn(desk, "educator");
        desk.getByLabel("Find a case").fill("jutta");
        Browsing.link(desk, "Jutta's peaches").click();
        desk.getByLabel("Aspects").waitFor();
        Browsing.link(desk, "Reply").click();
        Browsing.button(desk, "Save").click();
        desk.getByText("Saved by").waitFor();
        Browsing.button(desk, "Sign").click();
        desk.getByText("Signed by Philippa Yarrow").first().waitFor();

        canner.reload();
        assertThat(canner.locator("main")).containsText("Hello Jutta");
        Browsing.nothingGrave(canner, "private answer");
        Browsing.noSidewaysScroll(canner, "private answer on a phone");
        canner.navigate(browsing.at("/ask/es"));
        assertThat(Browsing.button(canner, "Enviar")).isVisible();
    }

    @Test
    void aChangedFigureLeadsToADraftedLetter() {
        Page desk = browsing.page(1280, 800);
        browsing.signIn(desk, "educator");
        desk.navigate(browsing.at("/new"));
        desk.getByLabel("The recipe, in the canner's own words").fill(PEACHES.replace("Jutta", "Gudrun"));
        desk.getByLabel("Altitude", new Page.GetByLabelOptions().setExact(true)).fill("500");
        Browsing.button(desk, "Review this recipe").click();
        desk.getByLabel("Aspects").waitFor();

        desk.evaluate(
                """
                async () => {
                    const token = document.cookie.split('; ').find(c => c.startsWith('XSRF-TOKEN=')).slice(11);
                    const answer = await fetch('/api/guide/rows/read', {
                        method: 'POST',
                        headers: {'Content-Type': 'application/json', 'X-XSRF-TOKEN': decodeURIComponent(token)},
                        body: JSON.stringify({row: 'boiling:peaches-hot/quart', edition: '2026', page: '2-20',
                            printed: {t_0_1000: '30', t_1001_3000: '35', t_3001_6000: '40', t_6001_up: '40'}})
                    });
                    if (!answer.ok) throw new Error(await answer.text());
                }
                """);
        desk.navigate(browsing.at("/revision"));
        Locator changed = desk.getByLabel("Cases that changed")
                .locator("tr", new Locator.LocatorOptions().setHasText("Gudrun's peaches"));
        changed.waitFor();
        assertThat(changed).containsText("25 min");
        assertThat(changed).containsText("30 min");
        Browsing.nothingGrave(desk, "revision");
        changed.getByRole(AriaRole.BUTTON).click();
        changed.getByText("drafted").click();
        assertThat(desk.getByLabel("The letter"))
                .hasValue(Pattern.compile("The tested guide has changed.*25 min.*30 min", Pattern.DOTALL));
    }

    @Test
    void aDayPlanComesOutAsACalendarAndIsReadBack(@TempDir Path folder) throws IOException {
        Page desk = browsing.page(1280, 800);
        browsing.signIn(desk, "volunteer");
        desk.navigate(browsing.at("/plan"));
        desk.getByLabel("Altitude in feet").fill("5,200");
        desk.getByLabel("Add a recipe").fill("Pickled beets");
        desk.getByRole(
                        AriaRole.OPTION,
                        new Page.GetByRoleOptions().setName("Pickled beets").setExact(true))
                .click();
        assertThat(desk.getByLabel("The day, hour by hour")).containsText("Process 40 minutes");
        Browsing.nothingGrave(desk, "day plan");
        Browsing.noSidewaysScroll(desk, "day plan");
        int rows = desk.getByLabel("The day, hour by hour").locator("tbody tr").count();
        Download file =
                desk.waitForDownload(() -> Browsing.button(desk, "As calendar").click());
        Path saved = folder.resolve("day.ics");
        file.saveAs(saved);
        Assertions.assertThat(Biweekly.parse(Files.readString(saved)).first().getEvents())
                .hasSize(rows)
                .anyMatch(e -> e.getSummary().getValue().startsWith("Process 40 minutes"));
    }

    @Test
    void aPracticeRound() {
        Page desk = browsing.page(1280, 800);
        browsing.signIn(desk, "volunteer");
        desk.navigate(browsing.at("/practice"));
        Browsing.nothingGrave(desk, "practice");
        Browsing.link(desk, "Bartlett Pears in Light Syrup").click();
        desk.getByLabel("The recipe", new Page.GetByLabelOptions().setExact(true))
                .waitFor();
        desk.evaluate(
                """
                () => {
                    const page = document.querySelector('[aria-label="The recipe"]').firstChild;
                    const at = page.data.indexOf('20 minutes');
                    const range = document.createRange();
                    range.setStart(page, at);
                    range.setEnd(page, at + 10);
                    getSelection().removeAllRanges();
                    getSelection().addRange(range);
                    page.parentElement.dispatchEvent(new MouseEvent('mouseup', {bubbles: true}));
                }
                """);
        desk.getByText("“20 minutes”").waitFor();
        desk.getByLabel("What it is").fill("time.short");
        desk.getByRole(AriaRole.OPTION).first().click();
        Browsing.button(desk, "Mark it").click();
        Browsing.button(desk, "Correct first").click();
        Browsing.button(desk, "Compare").click();
        Locator score = desk.getByLabel("Score");
        assertThat(score).containsText("100 %");
        assertThat(score).containsText("You found");
        Browsing.nothingGrave(desk, "practice score");
    }

    @Test
    void theSeasonThePeopleAndTheOfficeOpen() {
        Page desk = browsing.page(1280, 800);
        browsing.signIn(desk, "lead");
        desk.navigate(browsing.at("/season"));
        desk.getByLabel("By week").waitFor();
        Browsing.nothingGrave(desk, "season");
        Browsing.noSidewaysScroll(desk, "season");
        desk.navigate(browsing.at("/people"));
        desk.getByLabel("Their name").fill("Nell Osgood");
        desk.getByLabel("Sign-in name").fill("nell.osgood");
        Browsing.button(desk, "Invite").click();
        String address = desk.locator("code").innerText();
        Browsing.nothingGrave(desk, "people");
        desk.navigate(browsing.at("/office"));
        desk.getByLabel("In and out").waitFor();
        Browsing.nothingGrave(desk, "office");

        Page invited = browsing.page(1280, 800);
        invited.navigate(address.replaceFirst("^https?://[^/]+", browsing.at("")));
        invited.getByLabel("Password").first().fill("a long enough one");
        invited.getByLabel("The same once more").fill("a long enough one");
        Browsing.button(invited, "Set the password").click();
        invited.waitForURL("**/sign-in");
        invited.getByLabel("Name").fill("nell.osgood");
        invited.getByLabel("Password").fill("a long enough one");
        Browsing.button(invited, "Sign in").click();
        invited.waitForURL("**/incoming");
        invited.getByText("Nell Osgood, volunteer").waitFor();
    }
}
