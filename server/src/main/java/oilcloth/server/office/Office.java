package oilcloth.server.office;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.Map;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the lead sets for the whole office. */
@Service
public class Office {
    private static final String NAME = "name";
    private static final String MAIL_FROM = "mail-from";

    private final NamedParameterJdbcTemplate database;
    private final SnippetStore snippets;
    private final Clock clock;
    private final String mailFrom;

    Office(
            NamedParameterJdbcTemplate database,
            SnippetStore snippets,
            Clock clock,
            @Value("${oilcloth.mail.from}") String mailFrom) {
        this.database = database;
        this.snippets = snippets;
        this.clock = clock;
        this.mailFrom = mailFrom;
    }

    /** As the public page and the desk head themselves; empty when nobody has set it. */
    public String name() {
        return read(NAME, "");
    }

    /** The address letters come from. */
    public String mailFrom() {
        return read(MAIL_FROM, mailFrom);
    }

    @Transactional
    public void set(String name, String from) {
        write(NAME, name.strip());
        write(MAIL_FROM, from.strip());
    }

    /** Adds a phrase for letters. */
    @Transactional
    public void phrase(String title, String english, String spanish, String by) {
        Snippet snippet = new Snippet(UUID.randomUUID());
        snippet.say(
                new OfficeController.Phrase(title, english, spanish),
                clock.instant().truncatedTo(ChronoUnit.MICROS),
                by);
        snippets.save(snippet);
    }

    private String read(String setting, String otherwise) {
        return database
                .queryForList(
                        "select content from office_setting where name = :name", Map.of("name", setting), String.class)
                .stream()
                .filter(s -> !s.isBlank())
                .findFirst()
                .orElse(otherwise);
    }

    private void write(String setting, String content) {
        database.update(
                """
                insert into office_setting (name, content) values (:name, :content)
                on duplicate key update content = :content
                """,
                Map.of("name", setting, "content", content));
    }
}
