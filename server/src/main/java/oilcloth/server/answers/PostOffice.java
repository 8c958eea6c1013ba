package oilcloth.server.answers;

import java.util.Properties;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.EnableConfigurationProperties;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.mail.javamail.JavaMailSenderImpl;

/** Letters go to the mail server of the settings; without one they stay in the outbox. */
@Configuration
@EnableConfigurationProperties(PostOffice.Smtp.class)
class PostOffice {
    private static final String SECONDS_20 = "20000";

    /** @param host blank for none: then nothing leaves this machine */
    @ConfigurationProperties("oilcloth.mail.smtp")
    record Smtp(String host, int port, String username, String password, boolean startTls) {}

    @Bean
    Post post(Smtp smtp) {
        if (smtp.host() == null || smtp.host().isBlank()) {
            return new Simulated();
        }
        JavaMailSenderImpl sender = new JavaMailSenderImpl();
        sender.setHost(smtp.host());
        sender.setPort(smtp.port());
        Properties properties = sender.getJavaMailProperties();
        properties.setProperty("mail.smtp.connectiontimeout", SECONDS_20);
        properties.setProperty("mail.smtp.timeout", SECONDS_20);
        properties.setProperty("mail.smtp.writetimeout", SECONDS_20);
        properties.setProperty("mail.smtp.starttls.required", Boolean.toString(smtp.startTls()));
        properties.setProperty("mail.smtp.starttls.enable", Boolean.toString(smtp.startTls()));
        if (smtp.username() != null && !smtp.username().isBlank()) {
            sender.setUsername(smtp.username());
            sender.setPassword(smtp.password());
            properties.setProperty("mail.smtp.auth", "true");
        }
        return new SmtpPost(sender, smtp.host());
    }

    /** Nothing leaves: the outbox shows what would have. */
    private static final class Simulated implements Post {
        @Override
        public void send(String to, String message) {
            // the outbox is where it goes
        }

        @Override
        public String way() {
            return "";
        }
    }
}
