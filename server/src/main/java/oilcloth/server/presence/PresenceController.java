package oilcloth.server.presence;

import io.swagger.v3.oas.annotations.Parameter;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import oilcloth.server.account.SignedIn;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Whoever has a case open says so every few seconds and is told who else has. */
@RestController
class PresenceController {
    /** Longer than two of the client's beats. */
    private static final Duration STILL_HERE = Duration.ofSeconds(40);

    enum Room {
        REVIEW,
        REPLY
    }

    record Here(@NotNull Room room) {}

    record Present(String person, Room room) {}

    private final NamedParameterJdbcTemplate database;
    private final Clock clock;

    PresenceController(NamedParameterJdbcTemplate database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    @PostMapping("/api/cases/{id}/presence")
    @Transactional
    public List<Present> here(
            @PathVariable UUID id,
            @Valid @RequestBody Here here,
            @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        Instant now = clock.instant();
        Map<String, Object> given = Map.of(
                "id", id,
                "username", by.username(),
                "person", by.displayName(),
                "room", here.room().name(),
                "now", Timestamp.from(now),
                "gone", Timestamp.from(now.minus(STILL_HERE)));
        database.update("delete from presence where seen_at < :gone", given);
        database.update(
                """
                insert into presence (case_id, username, person, room, seen_at)
                values (:id, :username, :person, :room, :now)
                on duplicate key update room = :room, seen_at = :now
                """,
                given);
        return database.query(
                "select person, room from presence where case_id = :id and username <> :username order by person",
                given,
                (row, n) -> new Present(row.getString("person"), Room.valueOf(row.getString("room"))));
    }
}
