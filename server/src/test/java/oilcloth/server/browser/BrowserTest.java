package oilcloth.server.browser;

import com.microsoft.playwright.Browser;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.boot.test.web.server.LocalServerPort;

/** A test with browser pages of its own on a running server. */
@ExtendWith(Chromium.class)
abstract class BrowserTest {
    @LocalServerPort
    int port;

    Browsing browsing;

    @BeforeEach
    void open(Browser browser) {
        browsing = new Browsing(browser, port);
    }

    @AfterEach
    void close() {
        browsing.close();
    }
}
