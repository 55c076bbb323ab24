package dev.steelyard.web.editing.draft;

import dev.steelyard.web.base.database.Stored;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A rate card or deal: where it stands in the order, which of its versions is the draft, and the trial last typed. */
@Entity
@Table(name = "draft")
class StoredDraft extends Stored {

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(4)")
    private DraftKind kind = DraftKind.CARD;

    private String name = "";
    private int position;
    private long number;

    @Column(columnDefinition = "longtext")
    private String trial = "{}";

    private Instant changedAt = Instant.EPOCH;
    private String changedBy = "";
    private @Nullable Instant removedAt;
    private @Nullable Instant pausedAt;
    private @Nullable String pausedBy;

    @Column(columnDefinition = "longtext")
    private @Nullable String known;

    protected StoredDraft() {}

    StoredDraft(DraftKind kind, String name, int position, String trial) {
        this.kind = kind;
        this.name = name;
        this.position = position;
        this.trial = trial;
    }

    DraftKind kind() {
        return kind;
    }

    String name() {
        return name;
    }

    int position() {
        return position;
    }

    /** The version that is the draft. */
    long number() {
        return number;
    }

    String trial() {
        return trial;
    }

    Instant changedAt() {
        return changedAt;
    }

    String changedBy() {
        return changedBy;
    }

    @Nullable
    Instant removedAt() {
        return removedAt;
    }

    /** Since when it prices nothing; none while it does. */
    @Nullable
    Instant pausedAt() {
        return pausedAt;
    }

    @Nullable
    String pausedBy() {
        return pausedBy;
    }

    /** Pauses it, or lets it price again where no moment is given. */
    void pause(@Nullable Instant when, @Nullable String by) {
        pausedAt = when;
        pausedBy = by;
    }

    /** What counts, as the draft last saw it, where that stands elsewhere. */
    @Nullable
    DraftDocument known() {
        return known == null ? null : DraftDocument.read(known);
    }

    void knows(DraftDocument counting) {
        known = counting.write();
    }

    void setPosition(int place) {
        position = place;
    }

    void setTrial(String json) {
        trial = json;
    }

    void setRemovedAt(@Nullable Instant when) {
        removedAt = when;
    }

    void draftIs(long version, String called, Instant when, String by) {
        number = version;
        name = called;
        changedAt = when;
        changedBy = by;
    }
}
