package dev.steelyard.web.shop;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** Goods that are taxed alike. */
@Entity
@Table(name = "tax_class")
public class TaxClass {

    @Id
    private long id;

    private String name = "";

    protected TaxClass() {}

    public long id() {
        return id;
    }

    public String name() {
        return name;
    }
}
