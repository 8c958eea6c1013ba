package oilcloth.server.account;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Accounts by their sign-in name. */
interface AccountStore extends JpaRepository<Account, UUID> {
    Optional<Account> findByUsername(String username);

    Optional<Account> findByCodeDigest(String digest);

    List<Account> findAllByOrderByDisplayName();

    long countByRoleAndLeftAtIsNull(Role role);
}
