package oilcloth.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static oilcloth.server.browser.Browsing.button;
import static oilcloth.server.browser.Browsing.noSidewaysScroll;
import static oilcloth.server.browser.Browsing.nothingGrave;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;

/** What was read, corrected in place; the recipe beside its tested relative; a letter with two recipes. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT, properties = "oilcloth.demo=true")
class ReadingPathTest extends BrowserTest {
    private static final String BEETS =
            """
            Pickled beets
            7 lb beets
            4 cups vinegar (5%)
            2 cups water
            2 cups sugar
            6 cups glorp
            1 1/2 tsp canning salt

            Cook and peel the beets, slice. Boil the liquid, add beets, simmer 5 min. Fill hot pints, 1/2 inch headspace,
            remove bubbles. Process 30 minutes in a boiling water canner.
            """;

    private Page page;

    @BeforeEach
    void signIn() {
        page = browsing.page(1280, 800);
        browsing.signIn(page, "educator");
    }

    private Locator tab(String name) {
        return page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(Pattern.compile(name)));
    }

    @Test
    void aReadingIsCorrectedInPlaceAndTheTextStaysAsItIs() {
        page.navigate(browsing.at("/new"));
        page.getByLabel("The recipe, in the canner's own words").fill(BEETS);
        page.getByLabel("Altitude", new Page.GetByLabelOptions().setExact(true)).fill("500");
        button(page, "Review this recipe").click();
        page.waitForURL("**/cases/*");
        tab("As read \\(1 not understood\\)").click();
        Locator read = page.getByLabel("Ingredients as read");
        assertThat(read).containsText("7 lb");
        assertThat(read).containsText("not understood");
        nothingGrave(page, "reading");
        noSidewaysScroll(page, "reading");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Correct: .*glorp")))
                .click();
        nothingGrave(page, "correcting");
        page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("These words are"))
                .click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("nothing that matters"))
                .click();
        button(page, "Read it so").click();
        assertThat(tab("^As read$")).isVisible();
        assertThat(page.getByText("Sound").first()).isVisible();

        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Correct: 4 cups vinegar")))
                .click();
        page.getByLabel(Pattern.compile("^Amount")).fill("1");
        button(page, "Read it so").click();
        assertThat(page.getByText(
                        Pattern.compile("amount of “4 cups vinegar \\(5%\\)”: 1 CUP \\(the text says 4 cups\\)")))
                .isVisible();
        assertThat(page.getByText("Stop").first()).isVisible();
        assertThat(page.getByLabel("The canner's text, as read")).containsText("4 cups vinegar (5%)");

        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Correct: Minutes"))
                .click();
        page.getByLabel("It is, in minutes").fill("10");
        nothingGrave(page, "correcting a fact");
        button(page, "Read it so").click();
        assertThat(page.getByText("minutes: 10 (the text says 30)")).isVisible();

        page.keyboard().press("t");
        Locator sheet = page.getByLabel("The recipe beside its tested relative");
        assertThat(sheet).containsText("−3 cup, −75 %");
        nothingGrave(page, "sheet");
        noSidewaysScroll(page, "sheet");
        page.reload();
        assertThat(page.getByText("Stop").first()).isVisible();
    }

    @Test
    void twoRecipesInOneLetterAreSeenEachByItself() {
        Browsing.link(page, "Apricots, raw pack · Pickled carrots with garlic").click();
        Locator parts = page.getByLabel("Recipes in this letter");
        assertThat(parts.getByRole(AriaRole.BUTTON)).hasCount(2);
        assertThat(page.getByText("The time is too short").first()).isVisible();
        parts.getByRole(AriaRole.BUTTON).nth(1).click();
        assertThat(page.getByText("The brine is weaker than tested")).isVisible();
        nothingGrave(page, "two recipes");
        Page phone = browsing.page(390, 844);
        browsing.signIn(phone, "volunteer");
        phone.navigate(page.url());
        phone.getByLabel("Aspects").waitFor();
        noSidewaysScroll(phone, "two recipes on a phone");
    }
}
