package dev.steelyard.web.goods;

import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A shelf of the shop, perhaps within another. */
@Entity
@Table(name = "category")
class StoredCategory {

    @Id
    private long id;

    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "parent_id")
    private @Nullable StoredCategory parent;

    private String name = "";
    private int position;

    protected StoredCategory() {}

    String name() {
        return name;
    }

    /** Its name and those of all above it. */
    Stream<String> withAbove() {
        return parent == null ? Stream.of(name) : Stream.concat(Stream.of(name), parent.withAbove());
    }
}
