package oilcloth.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** The pages of one test on the real interface. */
final class Browsing {
    private static final Set<String> GRAVE = Set.of("serious", "critical");
    /** Milliseconds a page may take on a slow machine; a test that waits so long has failed. */
    private static final int PATIENCE = 30_000;

    private final Browser browser;
    private final String base;
    private final List<Page> pages = new ArrayList<>();

    Browsing(Browser browser, int port) {
        this.browser = browser;
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE);
        this.base = "http://127.0.0.1:" + port;
    }

    /** A new page with cookies of its own, as of another person at another machine. */
    Page page(int width, int height) {
        Page page = browser.newPage(new Browser.NewPageOptions().setViewportSize(width, height));
        page.setDefaultTimeout(PATIENCE);
        pages.add(page);
        return page;
    }

    String at(String path) {
        return base + path;
    }

    void signIn(Page page, String name) {
        page.navigate(at("/sign-in"));
        page.getByLabel("Name").fill(name);
        page.getByLabel("Password").fill("teasel-county");
        button(page, "Sign in").click();
        page.waitForURL("**/incoming");
    }

    static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /**
     * Presses Save under a letter. The letter also saves itself two seconds after the last key; on a slow machine it may
     * come before the press, and then there is nothing left to press.
     */
    static void save(Page page) {
        Locator save = button(page, "Save");
        try {
            save.click(new Locator.ClickOptions().setTimeout(5_000));
        } catch (TimeoutError slower) {
            assertThat(save.isDisabled()).as("Save, not pressed").isTrue();
        }
    }

    static Locator link(Page page, String name) {
        return page.getByRole(
                AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** Colours are judged as they come to rest: a button that has just become active is still fading in. */
    static void nothingGrave(Page page, String where) {
        page.addStyleTag(new Page.AddStyleTagOptions()
                .setContent("*, *::before, *::after { transition: none !important; animation: none !important }"));
        assertThat(new AxeBuilder(page)
                        .analyze().getViolations().stream()
                                .filter(v -> GRAVE.contains(v.getImpact()))
                                .map(v -> where + ": " + v.getId() + " "
                                        + v.getNodes().get(0).getHtml()))
                .isEmpty();
    }

    static void noSidewaysScroll(Page page, String where) {
        assertThat(page.evaluate("document.documentElement.scrollWidth - document.documentElement.clientWidth"))
                .as(where)
                .isEqualTo(0);
    }

    void close() {
        pages.forEach(Page::close);
    }
}
