package oilcloth.server.account;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Accounts by their sign-in name. */
interface AccountStore extends JpaRepository<Account, UUID> {
    Optional<Account> findByUsername(String username);
}
