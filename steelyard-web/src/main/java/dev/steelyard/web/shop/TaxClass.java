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

    TaxClass(long id, String name) {
        this.id = id;
        this.name = name;
    }

    public long id() {
        return id;
    }

    public String name() {
        return name;
    }

    void setName(String other) {
        name = other;
    }
}
