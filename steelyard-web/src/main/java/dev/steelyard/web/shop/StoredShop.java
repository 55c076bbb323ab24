package dev.steelyard.web.shop;

import dev.steelyard.words.Language;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** The one row of shop settings. */
@Entity
@Table(name = "shop")
class StoredShop {

    static final byte ONLY = 1;

    @Id
    private byte id;

    private String name = "";

    @Column(columnDefinition = "char(3)")
    private String currency = "";

    private String zone = "";
    private byte unitPriceDecimals;
    private @Nullable BigDecimal smallestMargin;

    @Column(columnDefinition = "char(2)")
    private String homeCountry = "";

    private boolean pricesIncludeTax;
    private boolean taxPerLine;
    private boolean beAnother;
    private int mostPieces;
    private BigDecimal largeChange = BigDecimal.ZERO;
    private @Nullable BigDecimal dearest;
    private BigDecimal hintGives = BigDecimal.ZERO;
    private String address = "";
    private String taxNumber = "";
    private String orderPrefix = "";
    private boolean begun;
    private boolean decimalComma;
    private boolean counterOpen = true;
    private boolean twoEyes;
    private boolean allOrders = true;
    private boolean lowestNamed = true;
    private String languages = "en";

    /** Raised by a statement of its own; what is written with the settings leaves it as it is. */
    @Column(updatable = false)
    private long revision;

    protected StoredShop() {}

    String name() {
        return name;
    }

    String currency() {
        return currency;
    }

    String zone() {
        return zone;
    }

    int unitPriceDecimals() {
        return unitPriceDecimals;
    }

    @Nullable
    BigDecimal smallestMargin() {
        return smallestMargin;
    }

    String homeCountry() {
        return homeCountry;
    }

    boolean pricesIncludeTax() {
        return pricesIncludeTax;
    }

    boolean taxPerLine() {
        return taxPerLine;
    }

    boolean beAnother() {
        return beAnother;
    }

    int mostPieces() {
        return mostPieces;
    }

    Bounds bounds() {
        return new Bounds(smallestMargin, mostPieces, largeChange, hintGives, dearest);
    }

    Invoicing invoicing() {
        return new Invoicing(address, taxNumber, orderPrefix);
    }

    void set(String called, Bounds bounds, Invoicing invoicing) {
        name = called;
        smallestMargin = bounds.smallestMargin();
        mostPieces = (int) bounds.mostPieces();
        largeChange = bounds.largeChange();
        hintGives = bounds.hintGives();
        dearest = bounds.dearest();
        address = invoicing.address();
        taxNumber = invoicing.taxNumber();
        orderPrefix = invoicing.orderPrefix();
    }

    ShopHabits habits() {
        return new ShopHabits(
                decimalComma,
                counterOpen,
                twoEyes,
                allOrders,
                lowestNamed,
                Arrays.stream(languages.split(","))
                        .map(Language::of)
                        .flatMap(Optional::stream)
                        .toList());
    }

    void set(ShopHabits habits) {
        decimalComma = habits.decimalComma();
        counterOpen = habits.counterOpen();
        twoEyes = habits.twoEyes();
        allOrders = habits.allOrders();
        lowestNamed = habits.lowestNamed();
        languages = habits.languages().stream().map(Language::code).collect(Collectors.joining(","));
    }

    boolean begun() {
        return begun;
    }

    void begin() {
        begun = true;
    }

    /** What money and days are in. */
    void setPlace(String money, String where, int decimals) {
        currency = money;
        zone = where;
        unitPriceDecimals = (byte) decimals;
    }

    void setBeAnother(boolean may) {
        beAnother = may;
    }

    /** Says how prices stand to tax. */
    void setTax(boolean included, boolean perLine, String home) {
        pricesIncludeTax = included;
        taxPerLine = perLine;
        homeCountry = home;
    }

    long revision() {
        return revision;
    }
}
