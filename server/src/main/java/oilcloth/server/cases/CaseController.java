package oilcloth.server.cases;

import io.swagger.v3.oas.annotations.Parameter;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import oilcloth.check.Language;
import oilcloth.formats.CorrectionsDocument;
import oilcloth.formats.CorrectionsDocument.WayDoc;
import oilcloth.formats.ReviewDocument;
import oilcloth.formats.ReviewDocument.EditDoc;
import oilcloth.formats.UnusableInput;
import oilcloth.recipe.Assertion;
import oilcloth.server.account.SignedIn;
import oilcloth.server.audit.AuditTrail;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Cases over HTTP. */
@RestController
@RequestMapping("/api/cases")
public class CaseController {
    /** What is known beside the text. Altitude in feet; the moment the jars came out only when they are made. */
    public record Details(
            @NotNull @Size(max = 120) String cannerName,
            @NotNull @Size(max = 120) String place,
            @Size(max = 200) String contact,
            Language language,
            @Min(-1_400) @Max(16_000) Integer altitudeFt,
            CannerKind canner,
            @NotNull JarsState jars,
            Instant jarsOutAt) {
        /** For the demo desk, which lives in another package. */
        public static Details of(
                String cannerName, String place, Integer altitudeFt, Instant jarsOutAt, boolean opened) {
            JarsState jars = opened ? JarsState.OPENED : jarsOutAt == null ? JarsState.NOT_YET : JarsState.MADE;
            return new Details(cannerName, place, "", Language.EN, altitudeFt, null, jars, jarsOutAt);
        }

        /** As a canner sent it by the public form. */
        public static Details sent(
                String name,
                String place,
                String contact,
                Language language,
                Integer altitudeFt,
                JarsState jars,
                Instant jarsOutAt) {
            return new Details(name, place, contact, language, altitudeFt, null, jars, jarsOutAt);
        }
    }

    record NewCase(@NotNull String text, @NotNull @Valid Details details) {}

    record Changed(int version, @NotNull @Valid Details details) {}

    /** Edits tried on a recipe, and where it is canned; the altitude in feet only where it is to be another. */
    record Tried(
            @NotNull @Size(max = 100) List<@NotNull EditDoc> edits,
            @Min(-1_400) @Max(16_000) Integer altitudeFt,
            @Min(0) int part) {}

    /** What became of it. */
    record Trial(WayDoc way, ReviewDocument review) {}

    /**
     * The corrected recipe on one page, reviewed as it is written there.
     *
     * @param loads how many jars of its size go into a canner, in words
     */
    record Card(
            String title, List<String> ingredients, List<String> steps, List<String> loads, ReviewDocument review) {}

    record Opened(UUID id) {}

    record CaseView(
            UUID id,
            int version,
            String title,
            Details details,
            List<Assertion> assertions,
            Instant createdAt,
            String createdBy,
            Instant reviewedAt,
            String reviewedBy,
            ReviewDocument review,
            String currentGuide) {}

    private final Cases cases;
    private final CaseCorrections corrections;
    private final AuditTrail trail;

    CaseController(Cases cases, CaseCorrections corrections, AuditTrail trail) {
        this.cases = cases;
        this.corrections = corrections;
        this.trail = trail;
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    Opened open(@Valid @RequestBody NewCase given, @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by)
            throws UnusableInput {
        UUID id = cases.open(given.text(), given.details(), by.displayName());
        trail.record(by, "open", id, "");
        return new Opened(id);
    }

    @GetMapping("/{id}")
    CaseView view(@PathVariable UUID id) {
        return cases.view(id);
    }

    @PutMapping("/{id}")
    CaseView describe(
            @PathVariable UUID id,
            @Valid @RequestBody Changed changed,
            @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        cases.describe(id, changed.version(), changed.details(), by.displayName());
        trail.record(by, "describe", id, "");
        return cases.view(id);
    }

    @PostMapping("/{id}/review")
    CaseView again(@PathVariable UUID id, @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        cases.again(id, by.displayName());
        trail.record(by, "review again", id, "");
        return cases.view(id);
    }

    @PostMapping("/{id}/assertions")
    CaseView assertThat(
            @PathVariable UUID id,
            @RequestBody Assertion assertion,
            @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        cases.assertThat(id, assertion, by.displayName());
        trail.record(by, "say", id, assertion.field().name().toLowerCase(Locale.ROOT));
        return cases.view(id);
    }

    @DeleteMapping("/{id}/assertions/{field}")
    CaseView takeBack(
            @PathVariable UUID id,
            @PathVariable Assertion.Field field,
            @RequestParam(required = false) Integer start,
            @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        cases.takeBack(id, field, start, by.displayName());
        trail.record(by, "take back", id, field.name().toLowerCase(Locale.ROOT));
        return cases.view(id);
    }

    @GetMapping("/{id}/corrections")
    CorrectionsDocument corrections(@PathVariable UUID id, @RequestParam(defaultValue = "0") int part) {
        return corrections.corrections(id, part);
    }

    /** Nothing is kept: the case stays as it is. */
    @PostMapping("/{id}/trial")
    Trial trial(@PathVariable UUID id, @Valid @RequestBody Tried tried) {
        return corrections.trial(id, tried);
    }

    /** A process card; only where the corrected recipe is sound. */
    @PostMapping("/{id}/card")
    Card card(@PathVariable UUID id, @Valid @RequestBody Tried tried) {
        return corrections.card(id, tried);
    }

    /** The recipe with edits, as schema.org JSON-LD; only where it is sound. */
    @PostMapping(path = "/{id}/corrected.jsonld", produces = "application/ld+json")
    String jsonLd(@PathVariable UUID id, @Valid @RequestBody Tried tried) {
        return corrections.jsonLd(id, tried);
    }
}
