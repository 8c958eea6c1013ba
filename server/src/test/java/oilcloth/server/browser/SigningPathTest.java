package oilcloth.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;

/** The whole order of work: new case, review, question answered, correction, reply, sign, outbox, answered. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT, properties = "oilcloth.demo=true")
class SigningPathTest extends BrowserTest {
    private static final String BEETS =
            """
            Sunday pickled beets
            7 lb beets
            2 cups vinegar (5%)
            2 cups water
            2 cups sugar
            1 1/2 tsp canning salt
            4 onions, sliced

            Cook and peel the beets, slice. Boil the liquid, add beets and onions, simmer 5 min. Fill hot pints, 1/2 inch
            headspace, remove bubbles. Process 30 minutes in a boiling water canner.
            """;

    private Page newCase(String who, String text) {
        Page page = browsing.page(1280, 800);
        browsing.signIn(page, who);
        page.navigate(browsing.at("/new"));
        page.getByLabel("The recipe, in the canner's own words").fill(text);
        Browsing.button(page, "Review this recipe").click();
        page.getByLabel("Aspects").waitFor();
        return page;
    }

    @Test
    void fromIncomingToAnswered() {
        Page page = newCase("educator", BEETS);
        page.getByText("At or below 1,000 ft").click();
        page.getByText("Said besides the text")
                .or(page.getByText("altitude feet: 500"))
                .first()
                .waitFor();
        page.keyboard().press("c");
        assertThat(page.getByLabel("The call with these edits")).containsText("Sound");
        assertThat(page.getByLabel("The recipe as corrected").locator("ins").first())
                .containsText("4 cups vinegar");

        Browsing.link(page, "Reply").click();
        page.getByLabel("The letter").waitFor();
        Locator signing = page.getByLabel("Signing");
        assertThat(Browsing.button(page, "Sign")).isDisabled();
        Browsing.save(page);
        page.getByText("Saved by").waitFor();
        Browsing.button(page, "Sign").click();
        assertThat(signing).containsText("Signed by Philippa Yarrow");
        assertThat(page.getByLabel("The letter")).not().isEditable();
        Browsing.nothingGrave(page, "signed reply");

        page.getByLabel("Mail address").fill("canner@mail.example");
        Browsing.button(page, "Send").click();
        assertThat(signing).containsText("Sent to canner@mail.example");

        page.reload();
        assertThat(signing).containsText("Sent to canner@mail.example");
        Browsing.link(page, "Outbox").click();
        assertThat(page.getByLabel("Your recipe: Sunday pickled beets")).containsText("to canner@mail.example");
        Browsing.nothingGrave(page, "outbox");
        Browsing.link(page, "Answered").click();
        Locator shelved = page.getByLabel("Sunday pickled beets", new Page.GetByLabelOptions().setExact(true));
        shelved.getByText("Read the answer").click();
        assertThat(shelved).containsText("recipe:pickled-beets");
        Browsing.nothingGrave(page, "answered");
        page.getByLabel("Find an answer").fill("no such words");
        page.getByText("No signed answer holds these words.").waitFor();
    }

    @Test
    void aVolunteerIsStoppedAtSigningAndAnEducatorReopens() {
        Page volunteer = newCase("volunteer", BEETS);
        String address = volunteer.url();
        Browsing.link(volunteer, "Reply").click();
        volunteer.getByLabel("The letter").fill("Dear canner,\n\nA draft.");
        Browsing.save(volunteer);
        volunteer.getByText("Saved by").waitFor();
        assertThat(Browsing.button(volunteer, "Sign")).isDisabled();
        volunteer.getByText("An educator signs and sends").waitFor();

        Page educator = browsing.page(1280, 800);
        browsing.signIn(educator, "educator");
        educator.navigate(address + "/reply");
        assertThat(educator.getByLabel("The letter")).hasValue("Dear canner,\n\nA draft.");
        Browsing.button(educator, "Sign").click();
        educator.getByLabel("Why reopen it").fill("the jars were quarts");
        Browsing.button(educator, "Reopen").click();
        educator.getByText("the jars were quarts").waitFor();
        assertThat(educator.getByLabel("The letter")).isEditable();
    }

    /** Two people write the same letter: nothing is lost until one of them chooses. */
    @Test
    void whoSavesSecondChoosesAndNothingIsLost() {
        Page volunteer = newCase("volunteer", BEETS);
        String address = volunteer.url();
        Browsing.link(volunteer, "Reply").click();
        Locator mine = volunteer.getByLabel("The letter");
        mine.waitFor();
        Page educator = browsing.page(1280, 800);
        browsing.signIn(educator, "educator");
        educator.navigate(address + "/reply");
        educator.getByLabel("The letter").fill("Dear canner,\n\nFrom the educator.");
        Browsing.save(educator);
        educator.getByText("Saved by").waitFor();

        mine.fill("Dear canner,\n\nFrom the volunteer.");
        Browsing.save(volunteer);
        Locator choice = volunteer.getByLabel("Saved by somebody else");
        assertThat(choice).containsText("Philippa Yarrow saved this letter");
        assertThat(choice.getByLabel("Their letter")).containsText("From the educator.");
        assertThat(mine).hasValue("Dear canner,\n\nFrom the volunteer.");
        Browsing.nothingGrave(volunteer, "conflict");

        // the browser is closed and opened again in the middle of it: the choice is still to be made
        volunteer.reload();
        assertThat(choice).containsText("Philippa Yarrow saved this letter");
        Browsing.button(volunteer, "Put theirs under mine").click();
        Browsing.save(volunteer);
        volunteer.getByText("Saved by").waitFor();
        assertThat(mine).hasValue("Dear canner,\n\nFrom the volunteer.\n\nDear canner,\n\nFrom the educator.");
        educator.reload();
        assertThat(educator.getByLabel("The letter"))
                .hasValue("Dear canner,\n\nFrom the volunteer.\n\nDear canner,\n\nFrom the educator.");
    }

    @Test
    void aDraftFollowsItsReviewAndKeepsTheEducatorsWords() {
        Page page = newCase("educator", BEETS.replace("Sunday", "Fair"));
        String address = page.url();
        Browsing.link(page, "Reply").click();
        Locator letter = page.getByLabel("The letter");
        letter.waitFor();
        String mine = letter.inputValue().replace("Kind regards", "See you at the fair!\n\nKind regards");
        letter.fill(mine);
        Browsing.save(page);
        page.getByText("Saved by").waitFor();

        page.navigate(address);
        page.getByText("At or below 1,000 ft").click();
        page.getByText("altitude feet: 500")
                .or(page.getByText("Said besides the text"))
                .first()
                .waitFor();
        page.navigate(address + "/reply");
        Locator changed = page.getByLabel("The review has changed");
        changed.waitFor();
        assertThat(Browsing.button(page, "Sign")).isDisabled();
        page.getByLabel("I sign it as it stands").check();
        assertThat(Browsing.button(page, "Sign")).isEnabled();
        page.getByLabel("I sign it as it stands").uncheck();
        Browsing.nothingGrave(page, "a letter behind its review");

        Browsing.button(page, "Bring the changes in, keep my words").click();
        Browsing.save(page);
        page.getByText("Saved by").waitFor();
        assertThat(changed).hasCount(0);
        String carried = letter.inputValue();
        org.assertj.core.api.Assertions.assertThat(carried)
                .contains("See you at the fair!")
                .isNotEqualTo(mine);
        Browsing.button(page, "Sign").click();
        assertThat(page.getByLabel("Signing")).containsText("Signed by Philippa Yarrow");
    }
}
