package dev.steelyard.web.editing.draft;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
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

    /** Those in whose trial a text stands anywhere. */
    @Query("select c from StoredDraft c where locate(?1, c.trial) > 0")
    List<StoredDraft> trying(String text);

    /** What counts, as a draft last saw it; none where there is no such draft. */
    @Query("select c.known from StoredDraft c where c.id = ?1")
    Optional<String> known(long id);

    @Query("select c.removedAt from StoredDraft c where c.id = ?1")
    Optional<Instant> removal(long id);

    /** A draft with the number of what it is about, unless it is there. */
    @Modifying
    @Query(
            value = "insert into draft (id, kind, name, position, number, trial, changed_at, changed_by)"
                    + " values (?1, ?2, '', 0, 0, '{}', utc_timestamp(6), '') on duplicate key update id = id",
            nativeQuery = true)
    void begin(long id, String kind);

    /** Those of a kind whose draft is not what counts, now or as planned; the one changed last first. */
    @Query("select c from StoredDraft c where c.kind = ?1 and c.removedAt is null and not exists (select r.id from"
            + " StoredRelease r where r.draftId = c.id and r.number = c.number and r.withdrawnAt is null and not exists"
            + " (select l.id from StoredRelease l where l.draftId = c.id and l.withdrawnAt is null and l.starts <= ?2"
            + " and (l.starts > r.starts or l.starts = r.starts and l.id > r.id))) order by c.changedAt desc, c.id")
    List<StoredDraft> waiting(DraftKind kind, Instant now, Limit most);
}
