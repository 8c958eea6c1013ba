package oilcloth.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;

/** What to do then: a way chosen, undone, tried under the hand, and the recipe out as text and card. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT, properties = "oilcloth.demo=true")
class CorrectPathTest extends BrowserTest {
    private Page correct(String title) {
        Page page = browsing.page(1280, 800);
        browsing.signIn(page, "educator");
        Browsing.link(page, title).click();
        page.getByLabel("Aspects").waitFor();
        page.keyboard().press("c");
        page.getByLabel("The recipe as corrected").waitFor();
        return page;
    }

    private static Locator call(Page page, String word) {
        return page.getByLabel("The call with these edits")
                .getByText(word, new Locator.GetByTextOptions().setExact(true));
    }

    @Test
    void aWayMakesItSoundAndUndoneItIsNot() throws IOException {
        Page page = correct("Bartlett Pears in Light Syrup");
        call(page, "Sound").waitFor();
        Locator text = page.getByLabel("The recipe as corrected");
        assertThat(text.locator("ins").first().innerText()).contains("35 minutes");
        assertThat(text.locator("del").first().innerText()).contains("20 minutes");
        Browsing.nothingGrave(page, "correct");

        Download download =
                page.waitForDownload(() -> Browsing.button(page, "As text").click());
        assertThat(new String(download.createReadStream().readAllBytes(), StandardCharsets.UTF_8))
                .contains("35 minutes")
                .doesNotContain("20 minutes");
        Download jsonLd = page.waitForDownload(
                () -> Browsing.button(page, "As schema.org recipe").click());
        assertThat(new String(jsonLd.createReadStream().readAllBytes(), StandardCharsets.UTF_8))
                .contains("\"@type\" : \"Recipe\"");

        Browsing.button(page, "Back to the recipe as it came").click();
        call(page, "Correct first").waitFor();
        assertThat(Browsing.button(page, "As text").isDisabled()).isTrue();
        page.getByText("One way makes it sound").waitFor();
        page.getByLabel("Ways to mend it").getByRole(AriaRole.BUTTON).first().click();
        call(page, "Sound").waitFor();

        Browsing.link(page, "Process card").click();
        Locator card = page.getByLabel("Process card");
        card.waitFor();
        assertThat(card.innerText())
                .contains("35 minutes")
                .contains("½ in headspace")
                .contains("7 quarts");
        Browsing.nothingGrave(page, "process card");
        page.close();
    }

    @Test
    void theHandMovesAndTheCallAnswers() {
        Page page = correct("Bartlett Pears in Light Syrup");
        call(page, "Sound").waitFor();
        Locator altitude = page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("altitude"));
        altitude.focus();
        page.keyboard().press("End");
        call(page, "Correct first").waitFor();
        Locator minutes = page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("time in the canner"));
        minutes.focus();
        page.keyboard().press("End");
        call(page, "Sound").waitFor();
        page.close();
    }

    @Test
    void wordsThatDoNotMatterAreSetAsideWithOneTap() {
        Page page = correct("Harvest Supper Corn Relish");
        page.getByText("No set of edits is proved yet").waitFor();
        Browsing.button(page, "It does not matter").click();
        page.getByText("make it sound")
                .or(page.getByText("makes it sound"))
                .first()
                .waitFor();
        call(page, "Sound").waitFor();
        page.close();
    }

    @Test
    void jarsAlreadyMadeAreToldStepByStep() {
        Page page = correct("Harvest Supper Corn Relish");
        Browsing.button(page, "What to do, step by step").click();
        page.getByText("Put every jar into the refrigerator now").waitFor();
        Browsing.button(page, "Somebody has eaten from one").click();
        page.getByText("get medical help at once").waitFor();
        page.close();
    }
}
