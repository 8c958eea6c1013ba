package oilcloth.server.web;

import jakarta.persistence.EntityNotFoundException;
import java.util.stream.Collectors;
import oilcloth.formats.UnusableInput;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.security.authorization.AuthorizationDeniedException;
import org.springframework.security.core.AuthenticationException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Errors as RFC 9457 problem details, in plain words. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {
    @ExceptionHandler
    ProblemDetail unusable(UnusableInput e) {
        return problem(HttpStatus.UNPROCESSABLE_ENTITY, "This text cannot be reviewed", e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail bad(IllegalArgumentException e) {
        return problem(HttpStatus.UNPROCESSABLE_ENTITY, "That does not fit", e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail missing(EntityNotFoundException e) {
        return problem(
                HttpStatus.NOT_FOUND, "Not found", "There is nothing at this address. It may have been removed.");
    }

    @ExceptionHandler
    ProblemDetail stale(ObjectOptimisticLockingFailureException e) {
        return problem(
                HttpStatus.CONFLICT,
                "Changed by somebody else",
                "Somebody else saved this in the meantime. Your words are still on your screen; reload to see theirs.");
    }

    @ExceptionHandler
    ProblemDetail forbidden(AuthorizationDeniedException e) {
        return problem(HttpStatus.FORBIDDEN, "Not yours to do", "Your account may look at this, not change it.");
    }

    @ExceptionHandler
    ProblemDetail signIn(AuthenticationException e) {
        return problem(HttpStatus.UNAUTHORIZED, "Not signed in", "That name and password do not go together.");
    }

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String detail = e.getBindingResult().getFieldErrors().stream()
                .map(f -> f.getField() + " " + f.getDefaultMessage())
                .sorted()
                .collect(Collectors.joining("; "));
        return ResponseEntity.badRequest().body(problem(HttpStatus.BAD_REQUEST, "Something is missing", detail));
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return ResponseEntity.badRequest()
                .body(problem(HttpStatus.BAD_REQUEST, "Not understood", "The request could not be read."));
    }

    private static ProblemDetail problem(HttpStatus status, String title, String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setTitle(title);
        return problem;
    }
}
