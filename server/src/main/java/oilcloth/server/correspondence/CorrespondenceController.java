package oilcloth.server.correspondence;

import io.swagger.v3.oas.annotations.Parameter;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import oilcloth.formats.UnusableInput;
import oilcloth.server.account.SignedIn;
import oilcloth.server.audit.AuditTrail;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Later letters and photos, over HTTP. */
@RestController
@RequestMapping("/api/cases/{id}")
class CorrespondenceController {
    record ToTakeIn(@NotBlank @Size(max = 50_000) String words, boolean readWithRecipe) {}

    record Message(UUID id, String words, Instant writtenAt, String takenInBy) {}

    private final Correspondence correspondence;
    private final AuditTrail trail;

    CorrespondenceController(Correspondence correspondence, AuditTrail trail) {
        this.correspondence = correspondence;
        this.trail = trail;
    }

    @GetMapping("/messages")
    List<Message> messages(@PathVariable UUID id) {
        return correspondence.messages(id);
    }

    @PostMapping("/messages")
    List<Message> takeIn(
            @PathVariable UUID id,
            @Valid @RequestBody ToTakeIn given,
            @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by)
            throws UnusableInput {
        correspondence.takeIn(id, given.words(), given.readWithRecipe(), by.displayName());
        trail.record(by, "wrote back", id, given.readWithRecipe() ? "read with the recipe" : "");
        return correspondence.messages(id);
    }

    @GetMapping("/photos")
    List<UUID> photos(@PathVariable UUID id) {
        return correspondence.photos(id);
    }

    @PostMapping(path = "/photos", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    List<UUID> add(
            @PathVariable UUID id,
            @RequestParam MultipartFile photo,
            @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by)
            throws IOException {
        correspondence.addPhoto(id, photo.getBytes(), by.displayName());
        trail.record(by, "photo", id, "added");
        return correspondence.photos(id);
    }

    @GetMapping(
            path = "/photos/{photo}",
            produces = {"image/jpeg", "image/png"})
    ResponseEntity<byte[]> photo(@PathVariable UUID id, @PathVariable UUID photo) {
        CasePhoto found = correspondence.photo(id, photo);
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(found.contentType()))
                .cacheControl(CacheControl.noStore())
                .body(found.content());
    }

    @DeleteMapping("/photos/{photo}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(
            @PathVariable UUID id,
            @PathVariable UUID photo,
            @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        correspondence.removePhoto(id, photo);
        trail.record(by, "photo", id, "removed");
    }
}
