package dev.steelyard.web.editing.draft;

import dev.steelyard.web.base.database.Stored;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A version of a card. Once it is there only names in it change, where what they mean is renamed. */
@Entity
@Table(name = "draft_version")
class StoredVersion extends Stored {

    private long draftId;
    private long number;

    @Column(columnDefinition = "longtext")
    private String document = "";

    private int renamed;
    private @Nullable Long beforeNumber;
    private @Nullable Long afterNumber;
    private Instant madeAt = Instant.EPOCH;
    private String madeBy = "";

    protected StoredVersion() {}

    /**
     * @param before the version that undo goes back to; none for the first
     * @param after the version that redo goes on to; none where nothing was undone
     */
    StoredVersion(
            long draftId,
            long number,
            String document,
            @Nullable Long before,
            @Nullable Long after,
            Instant madeAt,
            String madeBy) {
        this.draftId = draftId;
        this.number = number;
        this.document = document;
        this.beforeNumber = before;
        this.afterNumber = after;
        this.madeAt = madeAt;
        this.madeBy = madeBy;
    }

    String madeBy() {
        return madeBy;
    }

    long number() {
        return number;
    }

    long draftId() {
        return draftId;
    }

    String document() {
        return document;
    }

    /** How often names in it were changed. */
    int renamed() {
        return renamed;
    }

    /** Says the same with other names. */
    void renamed(String text) {
        document = text;
        renamed++;
    }

    @Nullable
    Long before() {
        return beforeNumber;
    }

    @Nullable
    Long after() {
        return afterNumber;
    }
}
