package dev.steelyard.web.base.image;

import dev.steelyard.web.base.database.Stored;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;

/** An uploaded picture, re-encoded as PNG. */
@Entity
@Table(name = "picture")
class StoredPicture extends Stored {

    @Column(columnDefinition = "char(64)")
    private String fingerprint = "";

    private int width;
    private int height;

    @Column(columnDefinition = "mediumblob")
    private byte[] png = {};

    private Instant madeAt = Instant.EPOCH;

    protected StoredPicture() {}

    StoredPicture(String fingerprint, int width, int height, byte[] png, Instant madeAt) {
        this.fingerprint = fingerprint;
        this.width = width;
        this.height = height;
        this.png = png.clone();
        this.madeAt = madeAt;
    }

    String fingerprint() {
        return fingerprint;
    }

    byte[] png() {
        return png.clone();
    }
}
