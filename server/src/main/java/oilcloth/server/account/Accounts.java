package oilcloth.server.account;

import java.time.Clock;
import java.util.List;
import java.util.Locale;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the accounts and hands them to Spring Security. */
@Service
public class Accounts implements UserDetailsService {
    private final AccountStore store;
    private final PasswordEncoder passwords;
    private final Clock clock;

    Accounts(AccountStore store, PasswordEncoder passwords, Clock clock) {
        this.store = store;
        this.passwords = passwords;
        this.clock = clock;
    }

    @Override
    @Transactional(readOnly = true)
    public UserDetails loadUserByUsername(String username) {
        Account account = store.findByUsername(username.strip().toLowerCase(Locale.ROOT))
                .filter(Account::isHere)
                .orElseThrow(() -> new UsernameNotFoundException("no such account"));
        return new SignedIn(
                account.username(),
                account.displayName(),
                account.role(),
                account.passwordHash(),
                List.of(new SimpleGrantedAuthority("ROLE_" + account.role())));
    }

    /** Adds an account unless one of that name exists. */
    @Transactional
    public void add(String username, String displayName, Role role, String password) {
        String name = username.strip().toLowerCase(Locale.ROOT);
        if (store.findByUsername(name).isEmpty()) {
            store.save(new Account(name, displayName, role, passwords.encode(password), clock.instant()));
        }
    }

    /** Whether somebody of that sign-in name works here now. */
    @Transactional(readOnly = true)
    public boolean isHere(String username) {
        return store.findByUsername(username).filter(Account::isHere).isPresent();
    }

    @Transactional(readOnly = true)
    public boolean isEmpty() {
        return store.count() == 0;
    }
}
