package dev.steelyard.web.editing.draft;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface ReleaseRepository extends Repository<StoredRelease, Long> {

    StoredRelease saveAndFlush(StoredRelease release);

    Optional<StoredRelease> findById(long id);

    /** What an edit is called as a version; 0 for one that was never released. */
    @Query("select coalesce(max(r.version), 0) from StoredRelease r where r.draftId = ?1 and r.number = ?2")
    int called(long draftId, long number);

    @Query("select coalesce(max(r.version), 0) from StoredRelease r where r.draftId = ?1")
    int lastVersion(long draftId);

    /** What an edit is or will be called as a version. */
    default int version(long draftId, long number) {
        int called = called(draftId, number);
        return called != 0 ? called : lastVersion(draftId) + 1;
    }

    /** What still stands of a card, in the order in which it begins. */
    @Query("select r from StoredRelease r where r.draftId = ?1 and r.withdrawnAt is null order by r.starts, r.id")
    List<StoredRelease> standing(long draftId);

    /** The same of all cards that are there. */
    @Query("select r from StoredRelease r, StoredDraft c where c.kind = ?1 and c.id = r.draftId and c.removedAt is null"
            + " and r.withdrawnAt is null order by r.draftId, r.starts, r.id")
    List<StoredRelease> standing(DraftKind kind);

    /** Releases of a kind that have begun and were not brought where what counts stands. */
    @Query("select r.id from StoredRelease r, StoredDraft c where c.kind = ?1 and c.id = r.draftId"
            + " and r.withdrawnAt is null and r.appliedAt is null and r.starts <= ?2 order by r.starts, r.id")
    List<Long> due(DraftKind kind, Instant now);

    /** Releases of a kind that have not begun. */
    @Query("select new dev.steelyard.web.editing.draft.Planned(c.id, c.name, r.version, r.starts) from StoredRelease r,"
            + " StoredDraft c where c.kind = ?1 and c.id = r.draftId and c.removedAt is null"
            + " and r.withdrawnAt is null and r.starts > ?2 order by r.starts, r.id")
    List<Planned> planned(DraftKind kind, Instant now);
}
