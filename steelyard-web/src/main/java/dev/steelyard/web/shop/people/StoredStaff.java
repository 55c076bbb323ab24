package dev.steelyard.web.shop.people;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** Someone who works on prices. */
@Entity
@Table(name = "staff")
class StoredStaff {

    @Id
    private long id;

    private String signIn = "";
    private String name = "";
    private String passwordHash = "";
    private String rights = Right.write(Right.given());
    private int epoch;
    private @Nullable Instant removedAt;

    protected StoredStaff() {}

    StoredStaff(long id, String signIn, String name, String passwordHash) {
        this.id = id;
        this.signIn = signIn;
        this.name = name;
        this.passwordHash = passwordHash;
    }

    long id() {
        return id;
    }

    /** Raised when all sessions end. */
    int epoch() {
        return epoch;
    }

    /** Whether they can sign in: not where they were taken away, or have no password yet. */
    boolean isThere() {
        return removedAt == null && !passwordHash.isEmpty();
    }

    String signIn() {
        return signIn;
    }

    String name() {
        return name;
    }

    String passwordHash() {
        return passwordHash;
    }
}
