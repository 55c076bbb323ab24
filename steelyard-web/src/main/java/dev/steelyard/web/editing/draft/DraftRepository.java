package dev.steelyard.web.editing.draft;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface DraftRepository extends Repository<StoredDraft, Long> {

    StoredDraft save(StoredDraft card);

    Optional<StoredDraft> findById(long id);

    /** Whoever changes a card waits for the row first, so that the slower of two is told. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select c from StoredDraft c where c.id = ?1")
    Optional<StoredDraft> lockById(long id);

    @Query("select c from StoredDraft c where c.kind = ?1 and c.removedAt is null order by c.position, c.id")
    List<StoredDraft> inOrder(DraftKind kind);

    @Query("select coalesce(max(c.position), 0) from StoredDraft c where c.kind = ?1")
    int lastPosition(DraftKind kind);

    /** The same, held until the caller's transaction ends. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select c from StoredDraft c where c.kind = ?1 and c.removedAt is null order by c.position, c.id")
    List<StoredDraft> lockInOrder(DraftKind kind);
}
