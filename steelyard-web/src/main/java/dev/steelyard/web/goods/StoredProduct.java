package dev.steelyard.web.goods;

import dev.steelyard.core.ladder.Over;
import dev.steelyard.web.shop.TaxClass;
import jakarta.persistence.CascadeType;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.JoinTable;
import jakarta.persistence.ManyToMany;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** One of the goods. Its version rises with every change, so that no change is written over unseen. */
@Entity
@Table(name = "product")
class StoredProduct {

    @Id
    private long id;

    private String sku = "";
    private String name = "";
    private String description = "";
    private String drawing = "";

    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "brand_id")
    private @Nullable StoredBrand brand;

    private @Nullable String type;
    private @Nullable String supplier;

    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "tax_class_id")
    private @Nullable TaxClass taxClass;

    private @Nullable BigDecimal shelfPrice;
    private @Nullable BigDecimal unitCost;
    private @Nullable Byte unitPriceDecimals;

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(10)")
    private Over rowsOver = Over.LINE;

    private @Nullable Instant removedAt;
    private Instant changedAt = Instant.EPOCH;
    private String changedBy = "";

    @Version
    private long version;

    @ManyToMany
    @JoinTable(
            name = "product_category",
            joinColumns = @JoinColumn(name = "product_id"),
            inverseJoinColumns = @JoinColumn(name = "category_id"))
    @OrderBy("position")
    private Set<StoredCategory> categories = new LinkedHashSet<>();

    @ElementCollection
    @CollectionTable(name = "product_tag", joinColumns = @JoinColumn(name = "product_id"))
    @Column(name = "tag")
    private Set<String> tags = new LinkedHashSet<>();

    @OneToMany(mappedBy = "product")
    @OrderBy("position")
    private Set<StoredVariant> variants = new LinkedHashSet<>();

    @OneToMany(mappedBy = "product", cascade = CascadeType.ALL, orphanRemoval = true)
    @OrderBy("fromPieces")
    private Set<StoredPriceRow> rows = new LinkedHashSet<>();

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

    String description() {
        return description;
    }

    String drawing() {
        return drawing;
    }

    @Nullable
    StoredBrand brand() {
        return brand;
    }

    @Nullable
    BigDecimal shelfPrice() {
        return shelfPrice;
    }

    @Nullable
    BigDecimal unitCost() {
        return unitCost;
    }

    @Nullable
    Integer unitPriceDecimals() {
        return unitPriceDecimals == null ? null : unitPriceDecimals.intValue();
    }

    Over rowsOver() {
        return rowsOver;
    }

    @Nullable
    Instant removedAt() {
        return removedAt;
    }

    @Nullable
    TaxClass taxClass() {
        return taxClass;
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

    @Nullable
    String type() {
        return type;
    }

    @Nullable
    String supplier() {
        return supplier;
    }

    Set<String> tags() {
        return Set.copyOf(tags);
    }

    List<StoredCategory> categories() {
        return List.copyOf(categories);
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
