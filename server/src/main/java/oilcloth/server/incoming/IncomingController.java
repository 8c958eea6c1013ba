package oilcloth.server.incoming;

import io.swagger.v3.oas.annotations.Parameter;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import oilcloth.server.account.SignedIn;
import oilcloth.server.audit.AuditTrail;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Incoming, over HTTP. */
@RestController
class IncomingController {
    /** @param assignedTo a username, or null for nobody */
    record DeskNotes(
            @Size(max = 60) String assignedTo,
            LocalDate followUp,
            @NotNull @Size(max = 12) List<@NotBlank @Size(max = 40) String> tags) {}

    record DeskView(
            String assignedTo, LocalDate followUp, List<String> tags, Instant wroteBackAt, Beside.Others beside) {}

    private final CaseList list;
    private final DeskWork desk;
    private final AuditTrail trail;

    IncomingController(CaseList list, DeskWork desk, AuditTrail trail) {
        this.list = list;
        this.desk = desk;
        this.trail = trail;
    }

    @GetMapping("/api/cases")
    CaseList.Found find(@ParameterObject @Valid @ModelAttribute Wanted wanted) {
        return list.find(wanted);
    }

    @GetMapping("/api/cases/{id}/desk")
    DeskView desk(@PathVariable UUID id) {
        return desk.view(id);
    }

    @PutMapping("/api/cases/{id}/desk")
    DeskView keep(
            @PathVariable UUID id,
            @Valid @RequestBody DeskNotes notes,
            @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        desk.keep(id, notes);
        trail.record(by, "desk", id, notes.assignedTo() == null ? "nobody's" : "assigned to " + notes.assignedTo());
        return desk.view(id);
    }

    /** Nothing more to do about what the canner wrote back. */
    @PostMapping("/api/cases/{id}/desk/seen")
    DeskView seen(@PathVariable UUID id, @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        desk.seen(id);
        trail.record(by, "seen", id, "what the canner wrote back");
        return desk.view(id);
    }
}
