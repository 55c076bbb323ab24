package dev.steelyard.web.goods;

import dev.steelyard.core.ladder.Over;
import dev.steelyard.web.shop.CustomerGroup;
import jakarta.persistence.CascadeType;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.JoinTable;
import jakarta.persistence.ManyToMany;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** One of the goods, as far as changes of its prices need it. Its version rises with every change, so that no change is written over unseen. */
@Entity
@Table(name = "product")
class StoredProduct {

    @Id
    private long id;

    private String sku = "";
    private String name = "";

    private @Nullable BigDecimal shelfPrice;

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(10)")
    private Over rowsOver = Over.LINE;

    private @Nullable Instant removedAt;
    private Instant changedAt = Instant.EPOCH;
    private String changedBy = "";

    @Version
    private long version;

    @OneToMany(mappedBy = "product")
    @OrderBy("position")
    private Set<StoredVariant> variants = new LinkedHashSet<>();

    @OneToMany(mappedBy = "product", cascade = CascadeType.ALL, orphanRemoval = true)
    @OrderBy("fromPieces")
    private Set<StoredPriceRow> rows = new LinkedHashSet<>();

    @ManyToMany
    @JoinTable(
            name = "price_alone",
            joinColumns = @JoinColumn(name = "product_id"),
            inverseJoinColumns = @JoinColumn(name = "group_id"))
    private Set<CustomerGroup> alone = new LinkedHashSet<>();

    protected StoredProduct() {}

    long id() {
        return id;
    }

    String sku() {
        return sku;
    }

    String name() {
        return name;
    }

    @Nullable
    BigDecimal shelfPrice() {
        return shelfPrice;
    }

    Over rowsOver() {
        return rowsOver;
    }

    @Nullable
    Instant removedAt() {
        return removedAt;
    }

    Instant changedAt() {
        return changedAt;
    }

    String changedBy() {
        return changedBy;
    }

    long version() {
        return version;
    }

    List<StoredVariant> variants() {
        return List.copyOf(variants);
    }

    List<StoredPriceRow> rows() {
        return List.copyOf(rows);
    }

    void setShelfPrice(@Nullable BigDecimal price) {
        shelfPrice = price;
    }

    void setRowsOver(Over over) {
        rowsOver = over;
    }

    /** Groups whose own rows stand alone, by name in order. */
    List<String> alone() {
        return alone.stream().map(CustomerGroup::name).sorted().toList();
    }

    void setAlone(Collection<CustomerGroup> groups) {
        alone.retainAll(groups);
        alone.addAll(groups);
    }

    void setRemovedAt(@Nullable Instant when) {
        removedAt = when;
    }

    /** Always changes the row, so that its version rises even where only price rows changed. */
    void changed(Instant when, String by) {
        changedAt = when;
        changedBy = by;
    }

    void dropRows(List<StoredPriceRow> dropped) {
        dropped.forEach(rows::remove);
    }

    void addRows(List<StoredPriceRow> added) {
        rows.addAll(new ArrayList<>(added));
    }
}
