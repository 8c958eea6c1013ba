package oilcloth.server.account;

import jakarta.persistence.EntityNotFoundException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import oilcloth.server.audit.AuditTrail;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The lead's book of people: invite, reset, change, leave. Codes are good once and for three days; only their digest is kept. */
@Service
public class People {
    private static final Duration CODE_GOOD_FOR = Duration.ofDays(3);

    private final AccountStore store;
    private final PasswordEncoder passwords;
    private final FindByIndexNameSessionRepository<? extends Session> sessions;
    private final List<Departures> departures;
    private final AuditTrail trail;
    private final Clock clock;

    People(
            AccountStore store,
            PasswordEncoder passwords,
            FindByIndexNameSessionRepository<? extends Session> sessions,
            List<Departures> departures,
            AuditTrail trail,
            Clock clock) {
        this.store = store;
        this.passwords = passwords;
        this.sessions = sessions;
        this.departures = departures;
        this.trail = trail;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<PeopleController.PersonLine> all() {
        return store.findAllByOrderByDisplayName().stream().map(this::line).toList();
    }

    @Transactional(readOnly = true)
    List<PeopleController.Colleague> here() {
        return store.findAllByOrderByDisplayName().stream()
                .filter(Account::isHere)
                .map(a -> new PeopleController.Colleague(a.username(), a.displayName()))
                .toList();
    }

    /**
     * @return the code to hand over
     * @throws IllegalArgumentException when the name is taken
     */
    @Transactional
    public String invite(String username, String displayName, Role role, SignedIn by) {
        String name = username.strip().toLowerCase(Locale.ROOT);
        if (store.findByUsername(name).isPresent()) {
            throw new IllegalArgumentException("“" + name + "” is taken. Choose another sign-in name.");
        }
        Account account = new Account(name, displayName.strip(), role, Account.NO_PASSWORD, now());
        String code = await(account);
        store.save(account);
        trail.record(by, "invite", null, name + " as " + role.name().toLowerCase(Locale.ROOT));
        return code;
    }

    /** The old password ends at once, and so does every session. @return the code to hand over */
    @Transactional
    public String reset(String username, SignedIn by) {
        Account account = find(username);
        if (!account.isHere()) {
            account.comeBack();
        }
        String code = await(account);
        endSessions(username);
        trail.record(by, "reset", null, username);
        return code;
    }

    /** Takes effect at once: the person signs in again. */
    @Transactional
    public void change(String username, String displayName, Role role, SignedIn by) {
        Account account = find(username);
        if (account.role() == Role.LEAD && role != Role.LEAD) {
            mustNotBeLastLead();
        }
        account.be(displayName.strip(), role);
        endSessions(username);
        trail.record(by, "change", null, username + " is " + role.name().toLowerCase(Locale.ROOT));
    }

    /** Whoever leaves is signed out everywhere; what they did stays on the record. */
    @Transactional
    public void leave(String username, SignedIn by) {
        Account account = find(username);
        if (account.role() == Role.LEAD && account.isHere()) {
            mustNotBeLastLead();
        }
        account.leave(now());
        endSessions(username);
        departures.forEach(d -> d.left(username));
        trail.record(by, "leave", null, username);
    }

    /** @throws IllegalArgumentException for a code that is unknown, used up or too old */
    @Transactional
    public void welcome(String code, String password) {
        Account account = store.findByCodeDigest(Secret.digest(code))
                .filter(a -> a.isHere() && a.codeUntil().isAfter(now()))
                .orElseThrow(() -> new IllegalArgumentException(
                        "This invitation is used up or too old. Ask your lead for a new one."));
        account.password(passwords.encode(password));
    }

    private void mustNotBeLastLead() {
        if (store.countByRoleAndLeftAtIsNull(Role.LEAD) < 2) {
            throw new IllegalArgumentException("This is the last lead. Make somebody else a lead first.");
        }
    }

    private String await(Account account) {
        String code = Secret.fresh();
        account.awaitPassword(Secret.digest(code), now().plus(CODE_GOOD_FOR));
        return code;
    }

    private void endSessions(String username) {
        sessions.findByPrincipalName(username).keySet().forEach(sessions::deleteById);
    }

    private Account find(String username) {
        return store.findByUsername(username).orElseThrow(EntityNotFoundException::new);
    }

    private PeopleController.PersonLine line(Account a) {
        boolean invited = a.codeUntil() != null;
        return new PeopleController.PersonLine(
                a.username(),
                a.displayName(),
                a.role(),
                !a.isHere()
                        ? PeopleController.Standing.LEFT
                        : invited ? PeopleController.Standing.INVITED : PeopleController.Standing.HERE,
                a.codeUntil(),
                a.leftAt());
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }
}
