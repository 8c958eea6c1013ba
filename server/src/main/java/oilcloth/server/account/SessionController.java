package oilcloth.server.account;

import io.swagger.v3.oas.annotations.Parameter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.ZoneId;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out. */
@RestController
@RequestMapping("/api/session")
class SessionController {
    record Credentials(@NotBlank @Size(max = 60) String username, @NotBlank @Size(max = 200) String password) {}

    /** @param zone whose clock the desk goes by, in its letters and on its pages */
    record Person(String username, String displayName, Role role, String zone) {}

    private final AuthenticationManager authentication;
    private final SecurityContextRepository contexts;
    private final ZoneId zone;

    SessionController(
            AuthenticationManager authentication,
            SecurityContextRepository contexts,
            @Value("${oilcloth.desk.zone}") ZoneId zone) {
        this.authentication = authentication;
        this.contexts = contexts;
        this.zone = zone;
    }

    @GetMapping
    Person who(@Parameter(hidden = true) @AuthenticationPrincipal SignedIn person) {
        return of(person);
    }

    @PostMapping
    Person signIn(
            @Valid @RequestBody Credentials credentials, HttpServletRequest request, HttpServletResponse response) {
        Authentication signedIn = authentication.authenticate(
                UsernamePasswordAuthenticationToken.unauthenticated(credentials.username(), credentials.password()));
        HttpSession session = request.getSession(false);
        if (session != null) {
            request.changeSessionId();
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(signedIn);
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        return of((SignedIn) signedIn.getPrincipal());
    }

    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        SecurityContextHolder.clearContext();
    }

    private Person of(SignedIn person) {
        return new Person(person.username(), person.displayName(), person.role(), zone.getId());
    }
}
