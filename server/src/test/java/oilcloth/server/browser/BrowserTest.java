package oilcloth.server.browser;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.boot.test.web.server.LocalServerPort;

/** A test with a browser of its own on a running server. */
abstract class BrowserTest {
    @LocalServerPort
    int port;

    Browsing browsing;

    @BeforeEach
    void open() {
        browsing = new Browsing(port);
    }

    @AfterEach
    void close() {
        browsing.close();
    }
}
