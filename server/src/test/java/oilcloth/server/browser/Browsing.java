package oilcloth.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** A headless Chromium on the real interface. */
final class Browsing implements AutoCloseable {
    private static final Set<String> GRAVE = Set.of("serious", "critical");
    private static final List<String> ARGUMENTS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-dev-shm-usage",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync",
            "--no-first-run",
            "--disable-extensions",
            "--disable-quic",
            "--host-resolver-rules=MAP * ~NOTFOUND, EXCLUDE 127.0.0.1");

    private final Playwright playwright =
            Playwright.create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    private final Browser browser = playwright
            .chromium()
            .launch(new BrowserType.LaunchOptions()
                    .setExecutablePath(Path.of("/usr/bin/chromium"))
                    .setArgs(ARGUMENTS));
    private final String base;

    Browsing(int port) {
        this.base = "http://127.0.0.1:" + port;
    }

    Page page(int width, int height) {
        Page page = browser.newPage(new Browser.NewPageOptions().setViewportSize(width, height));
        page.setDefaultTimeout(30_000);
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

    static com.microsoft.playwright.Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    static com.microsoft.playwright.Locator link(Page page, String name) {
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

    @Override
    public void close() {
        browser.close();
        playwright.close();
    }
}
