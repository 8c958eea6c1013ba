package oilcloth.server.office;

import io.swagger.v3.oas.annotations.Parameter;
import jakarta.persistence.EntityNotFoundException;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import oilcloth.server.account.SignedIn;
import oilcloth.server.audit.AuditTrail;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The office's settings, which the lead keeps, and its phrases, which educators and the lead keep. */
@RestController
@RequestMapping("/api/office")
class OfficeController {
    record OfficeView(String name, String mailFrom) {}

    record OfficeSet(@NotNull @Size(max = 120) String name, @NotNull @Email @Size(max = 200) String mailFrom) {}

    record Phrase(
            @NotBlank @Size(max = 120) String title,
            @NotNull @Size(max = 4_000) String english,
            @NotNull @Size(max = 4_000) String spanish) {}

    record PhraseView(UUID id, String title, String english, String spanish) {}

    private final Office office;
    private final SnippetStore snippets;
    private final AuditTrail trail;
    private final Clock clock;

    OfficeController(Office office, SnippetStore snippets, AuditTrail trail, Clock clock) {
        this.office = office;
        this.snippets = snippets;
        this.trail = trail;
        this.clock = clock;
    }

    @GetMapping
    OfficeView office() {
        return new OfficeView(office.name(), office.mailFrom());
    }

    @PutMapping
    @PreAuthorize("hasRole('LEAD')")
    OfficeView set(
            @Valid @RequestBody OfficeSet given, @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        office.set(given.name(), given.mailFrom());
        trail.record(by, "settings", null, "name and mail address of the office");
        return office();
    }

    @GetMapping("/snippets")
    List<PhraseView> snippets() {
        return snippets.findAllByOrderByTitle().stream().map(Snippet::view).toList();
    }

    @PostMapping("/snippets")
    @PreAuthorize("hasAnyRole('EDUCATOR', 'LEAD')")
    @ResponseStatus(HttpStatus.CREATED)
    PhraseView add(@Valid @RequestBody Phrase given, @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        return keep(new Snippet(UUID.randomUUID()), given, by);
    }

    @PutMapping("/snippets/{id}")
    @PreAuthorize("hasAnyRole('EDUCATOR', 'LEAD')")
    PhraseView change(
            @PathVariable UUID id,
            @Valid @RequestBody Phrase given,
            @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        return keep(snippets.findById(id).orElseThrow(EntityNotFoundException::new), given, by);
    }

    @DeleteMapping("/snippets/{id}")
    @PreAuthorize("hasAnyRole('EDUCATOR', 'LEAD')")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id) {
        snippets.deleteById(id);
    }

    private PhraseView keep(Snippet snippet, Phrase given, SignedIn by) {
        snippet.say(given, clock.instant().truncatedTo(ChronoUnit.MICROS), by.displayName());
        return snippets.save(snippet).view();
    }
}
