package oilcloth.server.answers;

import jakarta.mail.MessagingException;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import org.springframework.mail.MailException;
import org.springframework.mail.javamail.JavaMailSenderImpl;

/** Hands letters to a mail server. */
final class SmtpPost implements Post {
    private final JavaMailSenderImpl sender;
    private final String host;

    SmtpPost(JavaMailSenderImpl sender, String host) {
        this.sender = sender;
        this.host = host;
    }

    @Override
    public void send(String to, String message) {
        try {
            sender.send(sender.createMimeMessage(new ByteArrayInputStream(message.getBytes(StandardCharsets.UTF_8))));
        } catch (MailException e) {
            Throwable cause = e.getCause() instanceof MessagingException m ? m : e;
            throw new IllegalArgumentException(
                    "The mail server did not take the letter, and it is not marked as sent: "
                            + cause.getMessage().lines().findFirst().orElse("no reason given"),
                    e);
        }
    }

    @Override
    public String way() {
        return host;
    }
}
