package oilcloth.server.guide;

import io.swagger.v3.oas.annotations.Parameter;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import oilcloth.server.account.SignedIn;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The proofreading desk over HTTP: everybody may look, an educator reads. */
@RestController
@RequestMapping("/api/guide/rows")
class ProofController {
    record RowRead(
            @NotBlank @Size(max = 160) String row,
            @NotNull Map<String, String> printed,
            @NotBlank @Size(max = 120) String edition,
            @NotBlank @Size(max = 60) String page) {}

    record RowNamed(@NotBlank @Size(max = 160) String row) {}

    private final ProofDesk desk;

    ProofController(ProofDesk desk) {
        this.desk = desk;
    }

    @GetMapping
    List<ProofDesk.RowLine> rows() {
        return desk.rows();
    }

    @GetMapping("/one")
    ProofDesk.RowView row(@RequestParam String row) {
        return desk.row(row);
    }

    @PostMapping("/read")
    @PreAuthorize("hasRole('EDUCATOR')")
    ProofDesk.RowView read(
            @Valid @RequestBody RowRead read, @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        return desk.read(read.row(), new TreeMap<>(read.printed()), read.edition(), read.page(), by);
    }

    @PostMapping("/second")
    @PreAuthorize("hasAnyRole('EDUCATOR', 'LEAD')")
    ProofDesk.RowView second(
            @Valid @RequestBody RowNamed row, @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        return desk.second(row.row(), by);
    }

    @PostMapping("/withdraw")
    @PreAuthorize("hasRole('EDUCATOR')")
    ProofDesk.RowView withdraw(
            @Valid @RequestBody RowNamed row, @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        return desk.withdraw(row.row(), by);
    }
}
