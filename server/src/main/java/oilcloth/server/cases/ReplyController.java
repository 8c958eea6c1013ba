package oilcloth.server.cases;

import io.swagger.v3.oas.annotations.Parameter;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import oilcloth.check.Language;
import oilcloth.reply.Passage;
import oilcloth.reply.Readability;
import oilcloth.server.account.SignedIn;
import oilcloth.server.audit.AuditTrail;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The letter to a canner, over HTTP. */
@RestController
class ReplyController {
    /**
     * @param composed the engine's letter that this draft has caught up with
     * @param byItself whether the page saved it, and nobody pressed a button
     */
    record Written(
            @NotNull @Size(max = 200_000) String body,
            @NotNull @Size(max = 200_000) String composed,
            @NotNull Language language,
            boolean byItself,
            int version) {}

    record ToRead(@NotNull @Size(max = 200_000) String text, @NotNull Language language) {}

    /** Half-open UTF-16 offsets. */
    record Hard(int start, int end) {}

    /** @param grade years of school; {@code aim} or less is wanted */
    record Read(double grade, double aim, int sentences, int words, List<Hard> hardest) {}

    private final Replies replies;
    private final AuditTrail trail;

    ReplyController(Replies replies, AuditTrail trail) {
        this.replies = replies;
        this.trail = trail;
    }

    @GetMapping("/api/cases/{id}/reply")
    ReplyView reply(@PathVariable UUID id) {
        return replies.reply(id);
    }

    @PutMapping("/api/cases/{id}/reply")
    ReplyView write(
            @PathVariable UUID id,
            @Valid @RequestBody Written written,
            @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        if (replies.write(id, written, by.displayName())) {
            trail.record(by, "write", id, "");
        }
        return replies.reply(id);
    }

    @GetMapping("/api/cases/{id}/reply/composed")
    List<Passage> composed(@PathVariable UUID id, @RequestParam Language language) {
        return replies.compose(id, language);
    }

    @PostMapping("/api/readability")
    Read readability(@Valid @RequestBody ToRead given) {
        Readability read = Readability.of(given.text(), given.language());
        return new Read(
                read.grade(),
                Readability.AIM,
                read.sentences(),
                read.words(),
                read.hardest().stream().map(r -> new Hard(r.start(), r.end())).toList());
    }
}
