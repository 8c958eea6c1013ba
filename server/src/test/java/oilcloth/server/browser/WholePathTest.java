package oilcloth.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static oilcloth.server.browser.Browsing.button;
import static oilcloth.server.browser.Browsing.link;
import static oilcloth.server.browser.Browsing.noSidewaysScroll;
import static oilcloth.server.browser.Browsing.nothingGrave;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;

/** Sign in, paste a recipe, read it annotated, answer a question, reply, reload: still there. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT, properties = "oilcloth.demo=true")
class WholePathTest extends BrowserTest {
    private static final String TEXT =
            """
            Whole tomatoes

            21 lb tomatoes
            2 Tbsp lemon juice per quart

            Peel them and pack raw in quart jars. Press down until the spaces fill with juice, no liquid added. Leave 1 inch headspace.
            Process 45 minutes in a boiling water canner.
            """;

    @Test
    void fromLetterToReply() {
        Page page = browsing.page(1280, 800);
        page.navigate(browsing.at("/incoming"));
        page.waitForURL("**/sign-in");
        nothingGrave(page, "sign-in");
        browsing.signIn(page, "educator");
        assertThat(link(page, "Dilled okra (for the fair)")).isVisible();
        nothingGrave(page, "incoming");
        noSidewaysScroll(page, "incoming");

        link(page, "New case").first().click();
        page.getByLabel("The recipe, in the canner's own words").fill(TEXT);
        page.getByLabel("Canner's name").fill("Odalys Brandt");
        page.getByLabel("Altitude", new Page.GetByLabelOptions().setExact(true)).fill("600");
        nothingGrave(page, "new case");
        noSidewaysScroll(page, "new case");
        page.reload();
        assertThat(page.getByLabel("Canner's name")).hasValue("Odalys Brandt");
        button(page, "Review this recipe").click();
        page.waitForURL("**/cases/*");

        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .hasText("Whole tomatoes");
        assertThat(page.getByText("The time is too short")).isVisible();
        // the rung of this altitude, with what was stated
        assertThat(page.getByRole(
                        AriaRole.IMG,
                        new Page.GetByRoleOptions()
                                .setName(java.util.regex.Pattern.compile("This kitchen: 600 ft. Stated: 45 min"))))
                .isVisible();
        assertThat(page.getByRole(
                        AriaRole.IMG,
                        new Page.GetByRoleOptions()
                                .setName(java.util.regex.Pattern.compile("Headspace stated 1 in, tested ½ in"))))
                .isVisible();
        nothingGrave(page, "review");
        noSidewaysScroll(page, "review");

        // mark, number and card answer to each other
        page.keyboard().press("n");
        assertThat(page.locator("[data-margin='1']")).hasAttribute("aria-pressed", "true");
        page.keyboard().press("n");
        assertThat(page.locator("[data-margin='2']")).hasAttribute("aria-pressed", "true");
        page.keyboard().press("?");
        assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
        nothingGrave(page, "keys");
        page.keyboard().press("Escape");

        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Bottled"))
                .click();
        assertThat(page.getByText("lemon kind: bottled")).isVisible();

        button(page, "Change place, canner or jars").click();
        page.getByLabel("Altitude", new Page.GetByLabelOptions().setExact(true)).fill("6500");
        button(page, "Review again").click();
        assertThat(page.getByText(
                        "45 minutes stated; 100 minutes are tested", new Page.GetByTextOptions().setExact(false)))
                .isVisible();

        link(page, "Reply").click();
        page.waitForURL("**/reply");
        assertThat(page.getByLabel("The letter"))
                .hasValue(java.util.regex.Pattern.compile(
                        "Hello Odalys Brandt.*Process for 100 minutes", java.util.regex.Pattern.DOTALL));
        nothingGrave(page, "reply");
        noSidewaysScroll(page, "reply");
        String letter = page.getByLabel("The letter").inputValue() + "P.S. Thank you for the photograph.";
        page.getByLabel("The letter").fill(letter);
        Browsing.save(page);
        assertThat(page.getByText("Saved by")).isVisible();
        page.reload();
        assertThat(page.getByLabel("The letter")).hasValue(letter);
        page.navigate(browsing.at("/incoming"));
        assertThat(page.getByRole(AriaRole.ROW)
                        .filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText("Whole tomatoes"))
                        .first())
                .containsText("draft saved");
    }

    @Test
    void whatIsNoRecipeSaysSoAndLosesNothing() {
        Page page = browsing.page(1280, 800);
        browsing.signIn(page, "volunteer");
        page.navigate(browsing.at("/new"));
        page.getByLabel("The recipe, in the canner's own words").fill("Are you open on Friday?");
        button(page, "Review this recipe").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("does not look like a recipe");
        assertThat(page.getByLabel("The recipe, in the canner's own words")).hasValue("Are you open on Friday?");
    }

    @Test
    void onThePhoneInOneColumn() {
        Page page = browsing.page(390, 844);
        browsing.signIn(page, "educator");
        noSidewaysScroll(page, "incoming on a phone");
        link(page, "Harvest Supper Corn Relish").click();
        assertThat(page.getByText("Too little vinegar for the vegetables")).isVisible();
        noSidewaysScroll(page, "review on a phone");
        nothingGrave(page, "review on a phone");
    }
}
