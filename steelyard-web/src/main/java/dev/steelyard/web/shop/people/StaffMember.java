package dev.steelyard.web.shop.people;

import java.io.Serial;
import java.util.List;
import org.springframework.security.core.userdetails.User;

/** The signed-in person, with the name that goes beside what they change. */
public final class StaffMember extends User {

    @Serial
    private static final long serialVersionUID = 1L;

    private final String name;
    private final long id;
    private final int epoch;

    StaffMember(StoredStaff staff) {
        super(staff.signIn(), staff.passwordHash(), List.of());
        this.name = staff.name();
        this.id = staff.id();
        this.epoch = staff.epoch();
    }

    long id() {
        return id;
    }

    /** Of their sessions, when this one began. */
    int epoch() {
        return epoch;
    }

    /** The person's name: Maren. */
    public String name() {
        return name;
    }

    @Override
    public boolean equals(Object other) {
        return super.equals(other);
    }

    @Override
    public int hashCode() {
        return super.hashCode();
    }
}
