package dev.steelyard.web.base.database;

import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.SequenceGenerator;
import org.jspecify.annotations.Nullable;

/** A stored row: its id comes from the one sequence, fifty at a time, so that inserts can be batched. */
@MappedSuperclass
public abstract class Stored {

    @Id
    @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "row_id")
    @SequenceGenerator(name = "row_id", sequenceName = "row_id", allocationSize = 50)
    private @Nullable Long id;

    /** The row's id. */
    public long id() {
        if (id == null) {
            throw new IllegalStateException("not stored yet");
        }
        return id;
    }
}
