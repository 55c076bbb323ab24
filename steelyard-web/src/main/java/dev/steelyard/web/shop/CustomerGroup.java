package dev.steelyard.web.shop;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** Customers who have prices of their own together. A customer is in one group or none. */
@Entity
@Table(name = "customer_group")
public class CustomerGroup {

    @Id
    @Column(name = "id")
    private long id;

    private String name = "";

    private boolean seesWithoutTax;

    protected CustomerGroup() {}

    CustomerGroup(long id, String name, boolean seesWithoutTax) {
        this.id = id;
        this.name = name;
        this.seesWithoutTax = seesWithoutTax;
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

    /** Whether its customers are shown prices without tax. */
    public boolean seesWithoutTax() {
        return seesWithoutTax;
    }

    void setSeesWithoutTax(boolean without) {
        seesWithoutTax = without;
    }
}
