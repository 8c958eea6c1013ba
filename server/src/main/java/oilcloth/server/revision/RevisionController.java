package oilcloth.server.revision;

import io.swagger.v3.oas.annotations.Parameter;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import oilcloth.server.account.SignedIn;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What a change of the guide did to the cases, over HTTP. */
@RestController
@RequestMapping("/api/revisions")
class RevisionController {
    /** @param done of {@code total} cases so far */
    record Run(UUID id, String guide, Instant startedAt, Instant finishedAt, int total, int done, int changed) {}

    record CaseChange(
            UUID caseId,
            String title,
            String cannerName,
            String beforeCall,
            String afterCall,
            String beforeFigures,
            String afterFigures,
            boolean answered,
            Instant draftedAt) {}

    private final Revision revision;

    RevisionController(Revision revision) {
        this.revision = revision;
    }

    @GetMapping
    List<Run> runs() {
        return revision.runs();
    }

    @GetMapping("/{run}")
    List<CaseChange> changes(@PathVariable UUID run) {
        return revision.changes(run);
    }

    @PostMapping("/{run}/cases/{id}/letter")
    @PreAuthorize("hasRole('EDUCATOR')")
    List<CaseChange> draft(
            @PathVariable UUID run,
            @PathVariable UUID id,
            @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        revision.draft(run, id, by);
        return revision.changes(run);
    }
}
