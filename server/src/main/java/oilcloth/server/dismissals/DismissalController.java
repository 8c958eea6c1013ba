package oilcloth.server.dismissals;

import io.swagger.v3.oas.annotations.Parameter;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import oilcloth.server.account.SignedIn;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Findings set aside, over HTTP. */
@RestController
@RequestMapping("/api/cases/{id}/set-aside")
class DismissalController {
    /** @param quote the canner's words it was about */
    record ToSetAside(
            @NotBlank @Size(max = 60) String code,
            @NotBlank @Size(max = 300) String title,
            @NotNull @Size(max = 400) String quote,
            @NotBlank @Size(max = 400) String reason) {}

    record SetAsideView(
            UUID id,
            String code,
            String severity,
            String title,
            String quote,
            String reason,
            String person,
            Instant at,
            String takenBackBy,
            Instant takenBackAt) {}

    private final Dismissals dismissals;

    DismissalController(Dismissals dismissals) {
        this.dismissals = dismissals;
    }

    @GetMapping
    List<SetAsideView> all(@PathVariable UUID id) {
        return dismissals.all(id);
    }

    @PostMapping
    List<SetAsideView> setAside(
            @PathVariable UUID id,
            @Valid @RequestBody ToSetAside given,
            @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        dismissals.setAside(id, given, by);
        return dismissals.all(id);
    }

    @DeleteMapping("/{setAside}")
    List<SetAsideView> takeBack(
            @PathVariable UUID id,
            @PathVariable UUID setAside,
            @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        dismissals.takeBack(id, setAside, by);
        return dismissals.all(id);
    }
}
