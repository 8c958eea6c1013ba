package oilcloth.server.answers;

import io.swagger.v3.oas.annotations.Parameter;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import oilcloth.formats.LetterFormats;
import oilcloth.formats.LetterPdf;
import oilcloth.server.account.SignedIn;
import oilcloth.server.audit.AuditTrail;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Answers over HTTP: everybody may look; an educator signs, reopens, sends and erases. */
@RestController
class AnswerController {
    /** @param asItStands though the review has changed since the letter caught up with it */
    record ToSign(int version, boolean asItStands) {}

    record ToReopen(@NotBlank @Size(max = 400) String why) {}

    record ToSend(@NotBlank @Size(max = 200) String to) {}

    /** @param way the mail server letters went to; empty when none left this machine */
    record Outbox(String way, List<OutboxLetter.OutboxLine> letters) {}

    private final Answers answers;
    private final Post post;
    private final AuditTrail trail;

    AnswerController(Answers answers, Post post, AuditTrail trail) {
        this.answers = answers;
        this.post = post;
        this.trail = trail;
    }

    @GetMapping("/api/answers")
    List<AnswerView> shelf(@RequestParam(defaultValue = "") @Size(max = 200) String q) {
        return answers.shelf(q);
    }

    @GetMapping("/api/answers/{id}")
    AnswerView answer(@PathVariable UUID id) {
        return answers.view(id);
    }

    @GetMapping("/api/cases/{id}/answers")
    List<AnswerView> ofCase(@PathVariable UUID id) {
        return answers.of(id);
    }

    @GetMapping("/api/cases/{id}/trail")
    List<AuditTrail.Deed> trail(@PathVariable UUID id) {
        return trail.of(id);
    }

    @PostMapping("/api/cases/{id}/sign")
    @PreAuthorize("hasRole('EDUCATOR')")
    @ResponseStatus(HttpStatus.CREATED)
    AnswerView sign(
            @PathVariable UUID id,
            @Valid @RequestBody ToSign given,
            @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        return answers.sign(id, given.version(), given.asItStands(), by);
    }

    @PostMapping("/api/answers/{id}/reopen")
    @PreAuthorize("hasRole('EDUCATOR')")
    AnswerView reopen(
            @PathVariable UUID id,
            @Valid @RequestBody ToReopen given,
            @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        return answers.reopen(id, given.why(), by);
    }

    @PostMapping("/api/answers/{id}/send")
    @PreAuthorize("hasRole('EDUCATOR')")
    AnswerView send(
            @PathVariable UUID id,
            @Valid @RequestBody ToSend given,
            @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        return answers.send(id, given.to(), by);
    }

    @DeleteMapping("/api/cases/{id}/person")
    @PreAuthorize("hasRole('EDUCATOR')")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void erase(@PathVariable UUID id, @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        answers.erase(id, by);
    }

    @GetMapping("/api/outbox")
    Outbox outbox() {
        return new Outbox(post.way(), answers.outbox());
    }

    @GetMapping("/api/audit/check")
    @PreAuthorize("hasAnyRole('EDUCATOR', 'LEAD')")
    AuditTrail.Checked check() {
        return trail.check();
    }

    @GetMapping(path = "/api/answers/{id}/letter.html", produces = "text/html;charset=UTF-8")
    String html(@PathVariable UUID id) {
        AnswerView answer = answers.view(id);
        return LetterFormats.html(answer.title(), answer.body(), answer.language());
    }

    @GetMapping(path = "/api/answers/{id}/letter.md", produces = "text/markdown;charset=UTF-8")
    String markdown(@PathVariable UUID id) {
        AnswerView answer = answers.view(id);
        return LetterFormats.markdown(answer.title(), answer.body());
    }

    @GetMapping(path = "/api/answers/{id}/letter.pdf", produces = "application/pdf")
    byte[] pdf(@PathVariable UUID id) {
        AnswerView answer = answers.view(id);
        return LetterPdf.of(answer.title(), answer.body(), answer.language());
    }

    @GetMapping(path = "/api/answers/{id}/letter.eml", produces = "message/rfc822")
    String mail(@PathVariable UUID id) {
        return answers.mail(id);
    }
}
