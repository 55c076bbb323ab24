package dev.steelyard.web.shop;

import dev.steelyard.web.base.database.Stored;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.math.BigDecimal;

/** The rate of a tax class in a country. */
@Entity
@Table(name = "tax_rate")
class TaxRate extends Stored {

    private long taxClassId;

    @Column(columnDefinition = "char(2)")
    private String country = "";

    private BigDecimal rate = BigDecimal.ZERO;

    protected TaxRate() {}

    TaxRate(long taxClassId, String country, BigDecimal rate) {
        this.taxClassId = taxClassId;
        this.country = country;
        this.rate = rate;
    }

    long taxClassId() {
        return taxClassId;
    }

    String country() {
        return country;
    }

    BigDecimal rate() {
        return rate;
    }
}
