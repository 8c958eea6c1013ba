package oilcloth.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static oilcloth.server.browser.Browsing.button;
import static oilcloth.server.browser.Browsing.link;
import static oilcloth.server.browser.Browsing.noSidewaysScroll;
import static oilcloth.server.browser.Browsing.nothingGrave;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;

/** The guide's screens as an educator uses them: on the phone, looking up, proofreading, adding, reckoning. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT, properties = "oilcloth.demo=true")
class GuidePathTest extends BrowserTest {
    private Page page;

    @BeforeEach
    void signIn() {
        page = browsing.page(1280, 800);
        browsing.signIn(page, "educator");
    }

    private Locator card() {
        return page.getByRole(AriaRole.ARTICLE).first();
    }

    @Test
    void thePhoneIsAnsweredWhileTheCallerSpeaks() {
        link(page, "Process times").click();
        Locator field = page.getByLabel("What does the caller ask?");
        assertThat(field).isFocused();
        field.fill("nectarines pints 5200");
        assertThat(page.getByText("Hot pack or raw?")).isVisible();
        button(page, "raw").click();
        assertThat(card()).containsText("35 min");
        assertThat(field).isFocused();
        nothingGrave(page, "process times");
        noSidewaysScroll(page, "process times");
        page.keyboard().press("Enter");
        assertThat(page.getByText(Pattern.compile("Logged\\. [1-9]\\d* calls today")))
                .isVisible();
        field.fill("nectarines raw pints Brindle Flat");
        assertThat(page.getByText(Pattern.compile("across the edge at 1,000 ft")))
                .isVisible();
        assertThat(card()).containsText("30 min");
        field.fill("broccoli pints");
        assertThat(page.getByText(Pattern.compile("No process was ever tested")))
                .isVisible();
        field.fill("figs quarts 600");
        assertThat(card()).containsText("2 Tbsp bottled lemon juice or ½ tsp citric acid");
        page.waitForURL(Pattern.compile("figs"));
        page.reload();
        assertThat(page.getByLabel("What does the caller ask?")).hasValue("figs quarts 600");
    }

    @Test
    void everyCheckCanBeLookedUp() {
        page.navigate(browsing.at("/guides/checks"));
        assertThat(page.getByText("111 of 111")).isVisible();
        page.getByLabel("Find a check").fill("rinsed");
        assertThat(card()).containsText("ingredient.lime");
        assertThat(card()).containsText("Danger");
        page.getByLabel("Find a check").fill("");
        button(page, "After").click();
        assertThat(page.getByText("10 of 111")).isVisible();
        nothingGrave(page, "checks");
        noSidewaysScroll(page, "checks");
        page.navigate(browsing.at("/guides/checks?code=acid.brine-weak"));
        assertThat(page.getByRole(AriaRole.ARTICLE)).hasCount(1);
    }

    @Test
    void processesAndRecipesAreFoundComparedAndScaled() {
        page.navigate(browsing.at("/guides"));
        page.getByLabel("Find a process").fill("apricot");
        page.getByLabel("Lay out Apricots, halved or sliced, in water, juice or syrup, hot pack, boiling-water")
                .check();
        page.getByLabel("Lay out Apricots, halved or sliced, in water, juice or syrup, raw pack, boiling-water")
                .check();
        Locator compared = page.getByLabel("Compared");
        assertThat(compared.getByRole(AriaRole.TABLE)).hasCount(2);
        assertThat(compared).containsText("45");
        nothingGrave(page, "processes");
        noSidewaysScroll(page, "processes");
        link(page, "Tested recipes").click();
        page.getByLabel("Find a tested recipe").fill("corn relish");
        nothingGrave(page, "recipes");
        link(page, "Pickled corn relish").click();
        page.getByLabel("Amount").fill("5");
        assertThat(page.getByLabel("Ingredients")).containsText("5 cups");
        assertThat(page.getByText(Pattern.compile("0\\.5 times the tested batch")))
                .isVisible();
        nothingGrave(page, "recipe");
        noSidewaysScroll(page, "recipe");
        page.getByLabel("Amount").fill("500");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("a quarter to four times");
    }

    @Test
    void aRowIsReadAgainstPrintAndAWeakerFigureWaitsForAnotherPerson() {
        String row = "boiling:plums-hot/quart";
        page.navigate(browsing.at("/guides/proofreading?row=" + row));
        assertThat(page.getByLabel("The row as printed")).containsText("over 6,000 ft");
        nothingGrave(page, "proofreading");
        noSidewaysScroll(page, "proofreading");
        page.getByLabel("Edition of the printed copy").fill("2015, office copy");
        page.getByLabel("Page", new Page.GetByLabelOptions().setExact(true)).fill("2-31");
        button(page, "Read, agrees").click();
        assertThat(page.getByText("read against print, agrees").first()).isVisible();
        page.getByLabel("In print: min, 0–1,000 ft").fill("20");
        page.getByLabel("Page", new Page.GetByLabelOptions().setExact(true)).fill("2-31");
        button(page, "Print has another figure").click();
        assertThat(page.getByText("A weaker figure was read once")).isVisible();
        button(page, "I read it too").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("somebody else");

        Page other = browsing.page(1280, 800);
        browsing.signIn(other, "lead");
        other.navigate(browsing.at("/guides/proofreading?row=" + row));
        button(other, "I read it too").click();
        assertThat(other.getByText("printed figure entered by this office").first())
                .isVisible();
        assertThat(button(other, "Read, agrees")).isDisabled();
        page.reload();
        button(page, "Take the reading back").click();
        assertThat(page.getByText("taken back by Philippa Yarrow")).isVisible();
    }

    @Test
    void theOfficeAddsALeafletWithItsOwnAltitudeRule() {
        page.navigate(browsing.at("/guides/own"));
        button(page, "Add a source").click();
        page.getByLabel("Short name").fill("Hollow leaflet");
        page.getByLabel("Title as cited").fill("Hollow pectin leaflet (made up)");
        button(page, "Save the source").click();
        assertThat(page.getByText("Hollow pectin leaflet (made up)")).isVisible();
        button(page, "Add a process").click();
        page.getByLabel("Name of the process").fill("guava jelly, Hollow pectin");
        page.getByLabel("Foods it is for").fill("guava");
        page.getByRole(
                        AriaRole.OPTION,
                        new Page.GetByRoleOptions().setName("guava").setExact(true))
                .click();
        choose("Source", "Hollow leaflet");
        choose("Form", "jelly");
        choose("Jar", "half-pint");
        page.getByLabel("Headspace, in").fill("0.25");
        choose("Altitude rule", "minutes for each 1,000 ft");
        page.getByLabel("min to 1,000 ft").fill("10");
        page.getByLabel("add for each 1,000 ft").fill("1");
        page.getByLabel("source ends at, ft").fill("4000");
        nothingGrave(page, "own library");
        noSidewaysScroll(page, "own library");
        button(page, "Save this jar of the process").click();
        assertThat(page.getByLabel("guava jelly, Hollow pectin, hot pack")).containsText("13");

        page.navigate(browsing.at("/times?q=guava+jelly+half-pint+2500"));
        assertThat(card()).containsText("12 min");
        page.navigate(browsing.at("/times?q=guava+jelly+half-pint+5000"));
        assertThat(card()).containsText("The table ends below that altitude");
    }

    private void choose(String picker, String option) {
        page.getByRole(
                        AriaRole.COMBOBOX,
                        new Page.GetByRoleOptions().setName(picker).setExact(true))
                .or(page.getByRole(
                        AriaRole.COMBOBOX,
                        new Page.GetByRoleOptions().setName(picker + " *").setExact(true)))
                .first()
                .click();
        page.getByRole(
                        AriaRole.OPTION,
                        new Page.GetByRoleOptions().setName(option).setExact(true))
                .click();
    }

    @Test
    void theSumsAreDone() {
        link(page, "Sums").click();
        page.getByLabel("Water, cups").fill("9");
        assertThat(page.getByLabel("Brine strength")).containsText("too weak");
        page.getByLabel("Scale says, g").fill("900");
        assertThat(page.getByLabel("Check a scale with water")).containsText("it is off by");
        page.getByLabel("Feet").fill("7000");
        assertThat(page.getByLabel("At an altitude")).containsText("207 °F");
        nothingGrave(page, "sums");
        noSidewaysScroll(page, "sums");
        Page phone = browsing.page(390, 844);
        browsing.signIn(phone, "volunteer");
        for (String path :
                new String[] {"/times?q=okra+pints+4000", "/guides/recipes", "/guides/proofreading", "/sums"}) {
            phone.navigate(browsing.at(path));
            phone.waitForLoadState();
            noSidewaysScroll(phone, path + " on a phone");
        }
    }
}
