package dev.steelyard.web.cards.store;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface CardRepository extends Repository<StoredCard, Long> {

    StoredCard save(StoredCard card);

    Optional<StoredCard> findById(long id);

    /** Whoever changes a card waits for the row first, so that the slower of two is told. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select c from StoredCard c where c.id = ?1")
    Optional<StoredCard> lockById(long id);

    @Query("select c from StoredCard c where c.removedAt is null order by c.position, c.id")
    List<StoredCard> inOrder();

    @Query("select coalesce(max(c.position), 0) from StoredCard c")
    int lastPosition();

    /** The same, held until the caller's transaction ends. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select c from StoredCard c where c.removedAt is null order by c.position, c.id")
    List<StoredCard> lockInOrder();
}
