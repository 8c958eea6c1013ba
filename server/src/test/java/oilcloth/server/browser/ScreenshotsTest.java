package oilcloth.server.browser;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.Media;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.springframework.boot.test.context.SpringBootTest;

/** Takes the pictures of docs/screenshots anew, from the demo data: {@code -Doilcloth.screenshots=true}. */
@EnabledIfSystemProperty(named = "oilcloth.screenshots", matches = "true")
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT, properties = "oilcloth.demo=true")
class ScreenshotsTest extends BrowserTest {
    private static final Path KEPT = Path.of("../docs/screenshots");

    @Test
    void takeThem() {
        Page page = browsing.page(1280, 800);
        page.navigate(browsing.at("/sign-in"));
        page.getByLabel("Name").waitFor();
        browsing.signIn(page, "educator");
        shoot(page, "incoming");
        review(browsing, page, "Harvest Supper Corn Relish", "review-stop");
        Browsing.link(page, "Reply").click();
        page.getByLabel("The letter").waitFor();
        shoot(page, "reply");
        page.navigate(browsing.at("/incoming"));
        page.getByRole(com.microsoft.playwright.options.AriaRole.ROW)
                .filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText("Delphine Achebe"))
                .getByRole(com.microsoft.playwright.options.AriaRole.LINK)
                .click();
        page.getByLabel("Aspects").waitFor();
        page.keyboard().press("a");
        shoot(page, "reading-run-on");
        page.keyboard().press("b");
        page.getByLabel("Desk notes").waitFor();
        shoot(page, "case-file");
        review(browsing, page, "Attic Box Peach Salsa", "review-many");
        page.navigate(browsing.at("/incoming"));
        Browsing.link(page, "Bartlett Pears in Light Syrup").click();
        page.getByLabel("Aspects").waitFor();
        page.keyboard().press("c");
        page.getByText("One way makes it sound").waitFor();
        shoot(page, "correct");
        Browsing.link(page, "Process card").click();
        page.getByLabel("Process card").waitFor();
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        shoot(page, "process-card");
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.SCREEN));
        page.navigate(browsing.at("/times?q=pears+pints+5200"));
        page.getByText("30 min").first().waitFor();
        shoot(page, "process-times");
        page.navigate(browsing.at("/guides/processes"));
        page.getByLabel("Find a process").fill("beet");
        page.getByLabel("Lay out").first().check();
        shoot(page, "guides");
        page.navigate(browsing.at("/guides/proofreading"));
        page.getByLabel("The row as printed").waitFor();
        shoot(page, "proofreading");
        page.navigate(browsing.at("/guides/checks"));
        page.getByText("Find a check").first().waitFor();
        page.getByText(" of 111").waitFor();
        shoot(page, "checks");
        page.navigate(browsing.at("/plan?altitude=5200"));
        for (String recipe : new String[] {"Pickled beets", "Pickled corn relish"}) {
            page.getByLabel("Add a recipe").fill(recipe);
            page.getByRole(
                            com.microsoft.playwright.options.AriaRole.OPTION,
                            new Page.GetByRoleOptions().setName(recipe).setExact(true))
                    .click();
        }
        page.getByText("run ")
                .or(page.getByLabel("The day, hour by hour"))
                .first()
                .waitFor();
        shoot(page, "day-plan");
        page.navigate(browsing.at("/season"));
        page.getByLabel("By week").waitFor();
        shoot(page, "season");
        page.navigate(browsing.at("/practice"));
        Browsing.link(page, "Bartlett Pears in Light Syrup").click();
        page.getByLabel("The recipe", new Page.GetByLabelOptions().setExact(true))
                .waitFor();
        Browsing.button(page, "Sound").click();
        Browsing.button(page, "Compare").click();
        page.getByLabel("Score").waitFor();
        shoot(page, "practice");
        page.navigate(browsing.at("/sums"));
        page.getByText("water boils at").waitFor();
        shoot(page, "sums");
        page.navigate(browsing.at("/incoming"));
        Browsing.link(page, "Bartlett Pears in Light Syrup").click();
        Browsing.link(page, "Reply").click();
        page.getByLabel("The letter").waitFor();
        Browsing.button(page, "Save").click();
        page.getByText("Saved by").waitFor();
        Browsing.button(page, "Sign").click();
        page.getByText("Signed by").waitFor();
        Browsing.link(page, "Answered").click();
        page.getByText("Read the answer").first().click();
        shoot(page, "answered");
        Page phone = browsing.page(390, 844);
        browsing.signIn(phone, "educator");
        review(browsing, phone, "whole figs, is 40 min enough?", "review-phone");
        phone.navigate(browsing.at("/ask"));
        phone.getByLabel("Your recipe, in your own words").waitFor();
        shoot(phone, "ask-phone");
    }

    private static void review(Browsing browsing, Page page, String title, String name) {
        page.navigate(browsing.at("/incoming"));
        Browsing.link(page, title).click();
        page.getByLabel("Aspects").waitFor();
        shoot(page, name);
    }

    private static void shoot(Page page, String name) {
        page.waitForTimeout(500);
        page.screenshot(new Page.ScreenshotOptions().setPath(KEPT.resolve(name + ".png")));
    }
}
