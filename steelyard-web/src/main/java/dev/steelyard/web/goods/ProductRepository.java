package dev.steelyard.web.goods;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface ProductRepository extends Repository<StoredProduct, Long> {

    Optional<StoredProduct> findById(long id);

    /** One of the goods, while nobody else can change it. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select p from StoredProduct p where p.id = :id")
    Optional<StoredProduct> lockById(long id);
}
