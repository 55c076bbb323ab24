package dev.steelyard.web.goods;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** Who makes some of the goods. */
@Entity
@Table(name = "brand")
class StoredBrand {

    @Id
    private long id;

    private String name = "";

    protected StoredBrand() {}

    String name() {
        return name;
    }
}
