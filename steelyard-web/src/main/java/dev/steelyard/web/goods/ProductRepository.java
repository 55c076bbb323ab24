package dev.steelyard.web.goods;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface ProductRepository extends Repository<StoredProduct, Long> {

    Optional<StoredProduct> findById(long id);

    /** The same, while nobody else can change it. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select p from StoredProduct p where p.id = :id")
    Optional<StoredProduct> lockById(long id);

    Optional<StoredProduct> findBySku(String sku);

    @Query("select distinct p from StoredProduct p left join fetch p.variants left join fetch p.rows r"
            + " left join fetch r.group where p.removedAt is null order by p.name, p.id")
    List<StoredProduct> findSold();

    @Query("select distinct p from StoredProduct p left join p.variants v where p.removedAt is null"
            + " and (p.name like concat('%', :text, '%') escape '!' or p.sku like concat(:text, '%') escape '!'"
            + " or v.sku like concat(:text, '%') escape '!' or v.name like concat(:text, '%') escape '!')"
            + " order by p.name, p.id")
    List<StoredProduct> search(String text);
}
