package dev.steelyard.web.cards.store;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface VersionRepository extends Repository<StoredVersion, Long> {

    StoredVersion saveAndFlush(StoredVersion version);

    Optional<StoredVersion> findByCardIdAndNumber(long cardId, long number);

    @Query("select coalesce(max(v.number), 0) from StoredVersion v where v.cardId = ?1")
    long lastNumber(long cardId);

    /** The drafts of the cards that are there, by card. */
    @Query("select v from StoredVersion v, StoredCard c"
            + " where c.id = v.cardId and c.number = v.number and c.removedAt is null")
    List<StoredVersion> drafts();

    /** The versions of the cards that are there which are or were released. */
    @Query("select v from StoredVersion v where exists (select r.id from StoredRelease r, StoredCard c"
            + " where c.id = r.cardId and c.removedAt is null and r.withdrawnAt is null"
            + " and r.cardId = v.cardId and r.number = v.number)")
    List<StoredVersion> released();
}
