package oilcloth.server.browser;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;

/** Hands the one headless Chromium of the run to whoever asks for a {@link Browser}; it is closed when all tests are done. */
final class Chromium implements ParameterResolver {
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

    private static final class Running implements ExtensionContext.Store.CloseableResource {
        private final Playwright playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        private final Browser browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setArgs(ARGUMENTS));

        @Override
        public void close() {
            browser.close();
            playwright.close();
        }
    }

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext test) {
        return parameter.getParameter().getType() == Browser.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext test) {
        return test.getRoot().getStore(ExtensionContext.Namespace.GLOBAL).getOrComputeIfAbsent(Running.class).browser;
    }
}
