package dev.steelyard.web.cards.store;

import dev.steelyard.web.database.Stored;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A version of a card. Never changed once it is there. */
@Entity
@Table(name = "rate_card_version")
class StoredVersion extends Stored {

    private long cardId;
    private long number;

    @Column(columnDefinition = "longtext")
    private String document = "";

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
            long cardId,
            long number,
            String document,
            @Nullable Long before,
            @Nullable Long after,
            Instant madeAt,
            String madeBy) {
        this.cardId = cardId;
        this.number = number;
        this.document = document;
        this.beforeNumber = before;
        this.afterNumber = after;
        this.madeAt = madeAt;
        this.madeBy = madeBy;
    }

    long number() {
        return number;
    }

    long cardId() {
        return cardId;
    }

    String document() {
        return document;
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
