package oilcloth.server.web;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Deep links into the client all answer with its one page. */
@Controller
class ClientPages {
    @GetMapping({
        "/",
        "/sign-in",
        "/incoming",
        "/new",
        "/cases/{id}",
        "/cases/{id}/reply",
        "/cases/{id}/card",
        "/answered",
        "/outbox",
        "/times",
        "/guides/**",
        "/sums",
        "/plan",
        "/season",
        "/practice",
        "/revision",
        "/ask",
        "/ask/es",
        "/answer/{token}",
        "/people",
        "/office",
        "/welcome/{code}"
    })
    String page() {
        return "forward:/index.html";
    }
}
