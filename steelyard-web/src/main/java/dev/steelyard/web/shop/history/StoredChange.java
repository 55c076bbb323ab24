package dev.steelyard.web.shop.history;

import dev.steelyard.web.base.database.Stored;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A change as it is kept. Only edits of one draft by one person close after each other are drawn together. */
@Entity
@Table(name = "change_entry")
class StoredChange extends Stored {

    private Instant madeAt = Instant.EPOCH;
    private String madeBy = "";

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(10)")
    private ChangeSubject subject = ChangeSubject.CARD;

    private long subjectId;
    private String subjectName = "";

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(12)")
    private What what = What.DRAFT;

    private String why = "";
    private int times = 1;

    @Column(columnDefinition = "longtext")
    private String stateBefore = "{}";

    @Column(columnDefinition = "longtext")
    private String stateAfter = "{}";

    @Column(columnDefinition = "longtext")
    private @Nullable String formBefore;

    protected StoredChange() {}

    StoredChange(Change change, String before, String after, Instant madeAt, String madeBy) {
        this.subject = change.subject();
        this.subjectId = change.id();
        this.subjectName = change.name();
        this.what = change.what();
        this.why = change.why();
        this.stateBefore = before;
        this.stateAfter = after;
        this.madeAt = madeAt;
        this.madeBy = madeBy;
    }

    Instant madeAt() {
        return madeAt;
    }

    String madeBy() {
        return madeBy;
    }

    ChangeSubject subject() {
        return subject;
    }

    long subjectId() {
        return subjectId;
    }

    String subjectName() {
        return subjectName;
    }

    What what() {
        return what;
    }

    String why() {
        return why;
    }

    /** How many edits it draws together. */
    int times() {
        return times;
    }

    String before() {
        return stateBefore;
    }

    String after() {
        return stateAfter;
    }

    @Nullable
    String formBefore() {
        return formBefore;
    }

    StoredChange withForm(String fields) {
        formBefore = fields;
        return this;
    }

    /** Goes on to another state. */
    void goOn(String name, String to, Instant when) {
        subjectName = name;
        stateAfter = to;
        madeAt = when;
        times++;
    }
}
