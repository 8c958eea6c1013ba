package oilcloth.server.account;

import io.swagger.v3.oas.annotations.Parameter;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The people of the desk: the lead's, but for the list of colleagues, and for whoever brings a code. */
@RestController
class PeopleController {
    enum Standing {
        INVITED,
        HERE,
        LEFT
    }

    record PersonLine(
            String username, String displayName, Role role, Standing standing, Instant codeUntil, Instant leftAt) {}

    record Colleague(String username, String displayName) {}

    record ToInvite(
            @NotBlank @Size(max = 60) @Pattern(regexp = "[A-Za-z0-9._-]+", message = "takes letters, digits, dots and hyphens") String username,
            @NotBlank @Size(max = 120) String displayName,
            @NotNull Role role) {}

    record ToChange(@NotBlank @Size(max = 120) String displayName, @NotNull Role role) {}

    /** @param code shown once; the person sets a password with it */
    record Invited(String code) {}

    record ToWelcome(
            @NotBlank @Size(max = 100) String code,
            @NotNull @Size(min = 10, max = 200, message = "has at least 10 characters") String password) {}

    private final People people;

    PeopleController(People people) {
        this.people = people;
    }

    @GetMapping("/api/colleagues")
    List<Colleague> colleagues() {
        return people.here();
    }

    @GetMapping("/api/people")
    @PreAuthorize("hasRole('LEAD')")
    List<PersonLine> all() {
        return people.all();
    }

    @PostMapping("/api/people")
    @PreAuthorize("hasRole('LEAD')")
    @ResponseStatus(HttpStatus.CREATED)
    Invited invite(@Valid @RequestBody ToInvite given, @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        return new Invited(people.invite(given.username(), given.displayName(), given.role(), by));
    }

    @PutMapping("/api/people/{username}")
    @PreAuthorize("hasRole('LEAD')")
    List<PersonLine> change(
            @PathVariable String username,
            @Valid @RequestBody ToChange given,
            @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        people.change(username, given.displayName(), given.role(), by);
        return people.all();
    }

    @PostMapping("/api/people/{username}/reset")
    @PreAuthorize("hasRole('LEAD')")
    Invited reset(@PathVariable String username, @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        return new Invited(people.reset(username, by));
    }

    @PostMapping("/api/people/{username}/leave")
    @PreAuthorize("hasRole('LEAD')")
    List<PersonLine> leave(
            @PathVariable String username, @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        people.leave(username, by);
        return people.all();
    }

    /** Whoever was invited, or whose password was reset, sets a password. */
    @PostMapping("/api/welcome")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void welcome(@Valid @RequestBody ToWelcome given) {
        people.welcome(given.code(), given.password());
    }
}
