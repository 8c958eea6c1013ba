package oilcloth.server.practice;

import io.swagger.v3.oas.annotations.Parameter;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import oilcloth.formats.UnusableInput;
import oilcloth.server.account.SignedIn;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Practice over HTTP. */
@RestController
@RequestMapping("/api/practice")
class PracticeController {
    /** @param best this person's best score so far, or null */
    record ExerciseLine(UUID id, String title, int level, Integer best) {}

    record Exercise(UUID id, String title, String text, Integer altitudeFt, int level) {}

    record Draft(
            @NotBlank @Size(max = 200) String title,
            @NotBlank @Size(max = 50_000) String text,
            @Min(-1_400) @Max(16_000) Integer altitudeFt) {}

    /** Half-open UTF-16 offsets, or null for what is not said in the text. */
    record MarkDoc(
            @NotBlank @Size(max = 60) String code,
            @Min(0) Integer start,
            @Min(1) Integer end,
            @NotNull @Size(max = 400) String correction) {}

    record Marked(
            @NotNull @Pattern(regexp = "stop|correct|ask|sound") String call,
            @NotNull @Size(max = 100) List<@NotNull @Valid MarkDoc> marks) {}

    record Told(String code, String severity, String title, String why, String correction, String quote) {}

    record Scored(
            int percent,
            String call,
            boolean callRight,
            List<Told> hits,
            List<Told> near,
            List<Told> missed,
            List<String> beyond) {}

    record Progress(String person, int level, int exercises, int average, Instant last) {}

    record Made(UUID id) {}

    private final Practice practice;

    PracticeController(Practice practice) {
        this.practice = practice;
    }

    @GetMapping
    List<ExerciseLine> all(@Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        return practice.all(by.username());
    }

    @GetMapping("/progress")
    @PreAuthorize("hasAnyRole('EDUCATOR', 'LEAD')")
    List<Progress> progress() {
        return practice.progress();
    }

    @GetMapping("/{id}")
    Exercise one(@PathVariable UUID id) {
        return practice.one(id);
    }

    @PostMapping("/{id}/attempts")
    Scored score(
            @PathVariable UUID id,
            @Valid @RequestBody Marked marked,
            @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        return practice.score(id, marked, by);
    }

    @GetMapping("/from/{caseId}")
    @PreAuthorize("hasRole('EDUCATOR')")
    Draft from(@PathVariable UUID caseId) {
        return practice.from(caseId);
    }

    @PostMapping
    @PreAuthorize("hasRole('EDUCATOR')")
    @ResponseStatus(HttpStatus.CREATED)
    Made add(@Valid @RequestBody Draft draft, @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by)
            throws UnusableInput {
        return new Made(practice.add(draft, by.displayName()));
    }

    @DeleteMapping("/{id}")
    @PreAuthorize("hasRole('EDUCATOR')")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id) {
        practice.remove(id);
    }
}
