package oilcloth.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.ServerSetup;
import jakarta.mail.MessagingException;
import jakarta.mail.internet.MimeMessage;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;

/** With a mail server in the settings a letter leaves; when that server refuses, nothing is marked as sent. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT, properties = "oilcloth.demo=true")
class MailTest {
    private static final GreenMail MAIL = new GreenMail(new ServerSetup(0, "127.0.0.1", ServerSetup.PROTOCOL_SMTP));

    @DynamicPropertySource
    static void settings(DynamicPropertyRegistry settings) {
        MAIL.start();
        settings.add("oilcloth.mail.smtp.host", () -> "127.0.0.1");
        settings.add("oilcloth.mail.smtp.port", () -> MAIL.getSmtp().getPort());
        settings.add("oilcloth.mail.smtp.start-tls", () -> false);
    }

    @AfterAll
    static void stop() {
        MAIL.stop();
    }

    @LocalServerPort
    private int port;

    @Test
    void aLetterLeavesAndARefusedOneIsNotMarked() throws MessagingException {
        Desk desk = new Desk(port).signIn("educator");
        String id = desk.get("/api/cases?q=venison")
                .body()
                .path("lines")
                .get(0)
                .path("id")
                .asText();
        desk.send("PUT", "/api/cases/" + id + "/reply", Desk.draft("Hello Hollis,\n\nVent it 10 minutes. ½ cup.", 0));
        String answer = desk.send(
                        "POST",
                        "/api/cases/" + id + "/sign",
                        Map.of(
                                "version",
                                desk.get("/api/cases/" + id + "/reply")
                                        .body()
                                        .path("version")
                                        .asInt()))
                .body()
                .path("id")
                .asText();
        assertThat(desk.send("POST", "/api/answers/" + answer + "/send", Map.of("to", "hollis@mail.example"))
                        .status())
                .isEqualTo(200);
        assertThat(MAIL.waitForIncomingEmail(20_000, 1)).isTrue();
        MimeMessage got = MAIL.getReceivedMessages()[0];
        assertThat(got.getSubject()).startsWith("Your recipe: ");
        assertThat(got.getAllRecipients()[0]).hasToString("hollis@mail.example");
        assertThat(desk.get("/api/outbox").body().path("way").asText()).isEqualTo("127.0.0.1");

        MAIL.stop();
        Desk.Answer refused = desk.send("POST", "/api/answers/" + answer + "/send", Map.of("to", "other@mail.example"));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().path("detail").asText()).contains("not marked as sent");
        assertThat(desk.get("/api/answers/" + answer).body().path("sentTo").asText())
                .isEqualTo("hollis@mail.example");
    }
}
