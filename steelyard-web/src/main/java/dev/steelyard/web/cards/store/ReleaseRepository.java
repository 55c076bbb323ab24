package dev.steelyard.web.cards.store;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface ReleaseRepository extends Repository<StoredRelease, Long> {

    StoredRelease saveAndFlush(StoredRelease release);

    Optional<StoredRelease> findById(long id);

    /** What still stands of a card, in the order in which it begins. */
    @Query("select r from StoredRelease r where r.cardId = ?1 and r.withdrawnAt is null order by r.starts, r.id")
    List<StoredRelease> standing(long cardId);

    /** The same of all cards that are there. */
    @Query("select r from StoredRelease r, StoredCard c where c.id = r.cardId and c.removedAt is null"
            + " and r.withdrawnAt is null order by r.cardId, r.starts, r.id")
    List<StoredRelease> standing();
}
