package dev.steelyard.web.selling.counter;

import dev.steelyard.web.base.database.Stored;
import dev.steelyard.web.shop.CustomerGroup;
import jakarta.persistence.CascadeType;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What a shopper has picked, and whom the counter lets them be. */
@Entity
@Table(name = "basket")
class ShopperBasket extends Stored {

    private String token = "";

    @ManyToOne
    @JoinColumn(name = "group_id")
    private @Nullable CustomerGroup group;

    private @Nullable LocalDate day;
    private @Nullable LocalTime atTime;
    private boolean byStaff;

    @Column(columnDefinition = "char(2)")
    private @Nullable String country;

    private @Nullable String payment;

    @Column(columnDefinition = "longtext")
    private String codes = "[]";

    private int wrongCodes;
    private @Nullable Instant wrongCodesSince;
    private int ordersPlaced;
    private Instant touchedAt = Instant.EPOCH;

    @Version
    private long version;

    @OneToMany(mappedBy = "basket", cascade = CascadeType.ALL, orphanRemoval = true)
    @OrderBy("id")
    private Set<BasketLine> lines = new LinkedHashSet<>();

    protected ShopperBasket() {}

    ShopperBasket(String token) {
        this.token = token;
    }

    @Nullable
    CustomerGroup group() {
        return group;
    }

    @Nullable
    LocalDate day() {
        return day;
    }

    @Nullable
    String country() {
        return country;
    }

    /** The time of day; none for now, or noon of another day. */
    @Nullable
    LocalTime atTime() {
        return atTime;
    }

    /** Whether somebody of the shop said who its shopper is. */
    boolean byStaff() {
        return byStaff;
    }

    void be(
            @Nullable CustomerGroup other,
            @Nullable LocalDate otherDay,
            @Nullable LocalTime otherTime,
            @Nullable String otherCountry,
            boolean saidByStaff) {
        group = other;
        day = otherDay;
        atTime = otherTime;
        country = otherCountry;
        byStaff = saidByStaff;
    }

    /** The country alone. */
    void sendTo(@Nullable String otherCountry) {
        country = otherCountry;
    }

    @Nullable
    String payment() {
        return payment;
    }

    void payBy(String method) {
        payment = method;
    }

    /** Codes typed, as JSON. */
    String codes() {
        return codes;
    }

    void setCodes(String json) {
        codes = json;
    }

    int wrongCodes() {
        return wrongCodes;
    }

    @Nullable
    Instant wrongCodesSince() {
        return wrongCodesSince;
    }

    void countWrongCodes(int count, Instant since) {
        wrongCodes = count;
        wrongCodesSince = since;
    }

    /** How many orders have come of it. */
    int ordersPlaced() {
        return ordersPlaced;
    }

    void touched(Instant when) {
        touchedAt = when;
    }

    List<BasketLine> lines() {
        return List.copyOf(lines);
    }

    Optional<BasketLine> line(long id) {
        return lines.stream().filter(line -> line.id() == id).findFirst();
    }

    Optional<BasketLine> line(LineContent what) {
        return lines.stream().filter(line -> line.lineKey().equals(what.key())).findFirst();
    }

    void put(String sku, String name, int quantity, LineContent what) {
        lines.add(new BasketLine(this, sku, name, quantity, what));
    }

    void takeOut(long id) {
        lines.removeIf(line -> line.id() == id);
    }

    /** What was in it has been ordered. */
    void ordered() {
        lines.clear();
        codes = "[]";
        ordersPlaced++;
    }
}
