package dev.steelyard.web.editing.draft;

import dev.steelyard.web.base.database.Stored;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** From when on a version of a card counts. Only taking it back changes it. */
@Entity
@Table(name = "draft_release")
class StoredRelease extends Stored {

    private long draftId;
    private long number;
    private int version;
    private Instant starts = Instant.EPOCH;
    private String why = "";
    private Instant madeAt = Instant.EPOCH;
    private String madeBy = "";
    private @Nullable Instant withdrawnAt;

    private @Nullable Instant appliedAt;

    protected StoredRelease() {}

    /** @param number of the edit that becomes the version */
    StoredRelease(long draftId, long number, int version, Instant starts, String why, Instant madeAt, String madeBy) {
        this.draftId = draftId;
        this.number = number;
        this.version = version;
        this.starts = starts;
        this.why = why;
        this.madeAt = madeAt;
        this.madeBy = madeBy;
    }

    long draftId() {
        return draftId;
    }

    Instant starts() {
        return starts;
    }

    @Nullable
    Instant withdrawnAt() {
        return withdrawnAt;
    }

    /** Whether it was brought where what counts stands, if that is elsewhere. */
    boolean applied() {
        return appliedAt != null;
    }

    void apply(Instant when) {
        appliedAt = when;
    }

    void withdraw(Instant when) {
        withdrawnAt = when;
    }

    Release release() {
        return new Release(id(), number, version, starts, why, madeAt, madeBy);
    }
}
