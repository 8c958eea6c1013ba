package oilcloth.server.account;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/** Somebody who may sign in. */
@Entity
class Account {
    @Id
    private UUID id;

    private String username;
    private String displayName;

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(20)")
    private Role role;

    private String passwordHash;
    private Instant createdAt;

    protected Account() {}

    Account(String username, String displayName, Role role, String passwordHash, Instant createdAt) {
        this.id = UUID.randomUUID();
        this.username = username;
        this.displayName = displayName;
        this.role = role;
        this.passwordHash = passwordHash;
        this.createdAt = createdAt;
    }

    String username() {
        return username;
    }

    String displayName() {
        return displayName;
    }

    Role role() {
        return role;
    }

    String passwordHash() {
        return passwordHash;
    }
}
