package oilcloth.server.transfer;

import io.swagger.v3.oas.annotations.Parameter;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import oilcloth.server.account.SignedIn;
import oilcloth.server.audit.AuditTrail;
import oilcloth.server.transfer.Exports.CaseOut;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** In and out, over HTTP. */
@RestController
class TransferController {
    /** @param problem why it was not taken in; empty when it was */
    record ImportLine(String name, UUID caseId, String call, String problem) {}

    record ImportRun(UUID id, int total, int done, boolean finished, List<ImportLine> lines) {}

    record Begun(UUID id) {}

    private final Exports exports;
    private final Imports imports;
    private final AuditTrail trail;

    TransferController(Exports exports, Imports imports, AuditTrail trail) {
        this.exports = exports;
        this.imports = imports;
        this.trail = trail;
    }

    @GetMapping(path = "/api/export/cases.csv", produces = "text/csv")
    @PreAuthorize("hasAnyRole('EDUCATOR', 'LEAD')")
    ResponseEntity<String> cases(@Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        trail.record(by, "export", null, "all cases as CSV");
        return csv("cases.csv", exports.casesAsCsv());
    }

    @GetMapping(path = "/api/export/log.csv", produces = "text/csv")
    @PreAuthorize("hasAnyRole('EDUCATOR', 'LEAD')")
    ResponseEntity<String> log(@Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        trail.record(by, "export", null, "the log as CSV");
        return csv("log.csv", exports.logAsCsv());
    }

    @GetMapping("/api/export/desk.json")
    @PreAuthorize("hasAnyRole('EDUCATOR', 'LEAD')")
    ResponseEntity<List<CaseOut>> everything(@Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        trail.record(by, "export", null, "all cases and answers as JSON");
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, named("desk.json"))
                .body(exports.everything());
    }

    @PostMapping(path = "/api/import", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ResponseStatus(HttpStatus.ACCEPTED)
    Begun bring(@RequestParam List<MultipartFile> files, @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by)
            throws IOException {
        List<Imports.Sent> sent = new ArrayList<>();
        for (MultipartFile file : files) {
            String name = file.getOriginalFilename() == null ? "" : file.getOriginalFilename();
            sent.add(new Imports.Sent(name, file.getBytes()));
        }
        return new Begun(imports.begin(sent, by));
    }

    @GetMapping("/api/import/{id}")
    ImportRun run(@PathVariable UUID id) {
        return imports.view(id);
    }

    private static ResponseEntity<String> csv(String name, String text) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/csv;charset=UTF-8"))
                .header(HttpHeaders.CONTENT_DISPOSITION, named(name))
                .body(text);
    }

    private static String named(String name) {
        return ContentDisposition.attachment().filename(name).build().toString();
    }
}
