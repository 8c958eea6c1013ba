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
    /** No password's hash: nobody signs in with it. */
    static final String NO_PASSWORD = "none";

    @Id
    private UUID id;

    private String username;
    private String displayName;

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(20)")
    private Role role;

    private String passwordHash;
    private Instant createdAt;
    private Instant leftAt;
    private String codeDigest;
    private Instant codeUntil;

    protected Account() {}

    Account(String username, String displayName, Role role, String passwordHash, Instant createdAt) {
        this.id = UUID.randomUUID();
        this.username = username;
        this.displayName = displayName;
        this.role = role;
        this.passwordHash = passwordHash;
        this.createdAt = createdAt;
    }

    /** The old password ends; whoever brings the code sets a new one. */
    void awaitPassword(String digest, Instant until) {
        this.passwordHash = NO_PASSWORD;
        this.codeDigest = digest;
        this.codeUntil = until;
    }

    void password(String hash) {
        this.passwordHash = hash;
        this.codeDigest = null;
        this.codeUntil = null;
    }

    void be(String name, Role as) {
        this.displayName = name;
        this.role = as;
    }

    void leave(Instant at) {
        this.leftAt = at;
        this.passwordHash = NO_PASSWORD;
        this.codeDigest = null;
        this.codeUntil = null;
    }

    void comeBack() {
        this.leftAt = null;
    }

    boolean isHere() {
        return leftAt == null;
    }

    Instant leftAt() {
        return leftAt;
    }

    Instant codeUntil() {
        return codeUntil;
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
