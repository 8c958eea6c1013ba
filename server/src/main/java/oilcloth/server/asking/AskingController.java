package oilcloth.server.asking;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import oilcloth.check.Language;
import oilcloth.formats.LetterPdf;
import oilcloth.formats.UnusableInput;
import oilcloth.server.cases.JarsState;
import oilcloth.server.office.Office;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The only addresses that nobody needs to sign in for. */
@RestController
@RequestMapping("/api/public")
class AskingController {
    /**
     * @param contact the way to be answered; the private link is there in any case
     * @param website nobody fills this in: people do not see the field, programs do
     */
    record Asked(
            @NotBlank @Size(max = 20_000) String text,
            @NotNull @Size(max = 120) String name,
            @NotNull @Size(max = 120) String place,
            @NotNull @Size(max = 200) String contact,
            @NotNull Language language,
            @NotNull JarsState jars,
            Instant jarsOutAt,
            @Size(max = 200) String website) {}

    /** @param link the secret part of the address the reply can be read at; shown once */
    record Received(String reference, String link) {}

    /**
     * @param letter null until it is signed
     * @param deadline when what the letter advises for jars already made has to be done by, or null
     * @param deadlinePassed whether that moment is over
     */
    record PrivateAnswer(
            String office,
            String reference,
            Instant sentAt,
            String title,
            Language language,
            String letter,
            Instant signedAt,
            Instant deadline,
            boolean deadlinePassed) {}

    record PublicOffice(String name) {}

    private final Asking asking;
    private final Office office;

    AskingController(Asking asking, Office office) {
        this.asking = asking;
        this.office = office;
    }

    @GetMapping("/office")
    PublicOffice office() {
        return new PublicOffice(office.name());
    }

    @PostMapping("/questions")
    @ResponseStatus(HttpStatus.CREATED)
    Received ask(@Valid @RequestBody Asked asked, HttpServletRequest request) throws UnusableInput {
        return asking.take(asked, request.getRemoteAddr());
    }

    @GetMapping("/answers/{token}")
    ResponseEntity<PrivateAnswer> answer(@PathVariable String token) {
        return ResponseEntity.ok().cacheControl(CacheControl.noStore()).body(asking.answer(token));
    }

    @GetMapping(path = "/answers/{token}/letter.pdf", produces = "application/pdf")
    ResponseEntity<byte[]> pdf(@PathVariable String token) {
        PrivateAnswer answer = asking.signed(token);
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .body(LetterPdf.of(answer.title(), answer.letter(), answer.language()));
    }

    @ExceptionHandler
    ProblemDetail tooMany(TooManyQuestions e) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(HttpStatus.TOO_MANY_REQUESTS, e.getMessage());
        problem.setTitle("Too many questions at once");
        return problem;
    }
}
