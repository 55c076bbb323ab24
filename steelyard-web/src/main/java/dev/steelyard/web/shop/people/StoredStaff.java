package dev.steelyard.web.shop.people;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** Someone who works on prices. */
@Entity
@Table(name = "staff")
class StoredStaff {

    @Id
    private long id;

    private String signIn = "";
    private String name = "";
    private String passwordHash = "";

    protected StoredStaff() {}

    StoredStaff(long id, String signIn, String name, String passwordHash) {
        this.id = id;
        this.signIn = signIn;
        this.name = name;
        this.passwordHash = passwordHash;
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
