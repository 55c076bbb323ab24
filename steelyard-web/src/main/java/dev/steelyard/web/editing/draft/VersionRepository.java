package dev.steelyard.web.editing.draft;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface VersionRepository extends Repository<StoredVersion, Long> {

    StoredVersion saveAndFlush(StoredVersion version);

    Optional<StoredVersion> findByDraftIdAndNumber(long draftId, long number);

    @Query("select coalesce(max(v.number), 0) from StoredVersion v where v.draftId = ?1")
    long lastNumber(long draftId);

    /** All in which a text stands anywhere. */
    @Query("select v from StoredVersion v where locate(?1, v.document) > 0")
    List<StoredVersion> mentioning(String text);

    /** The drafts of the cards that are there, by card. */
    @Query("select v from StoredVersion v, StoredDraft c"
            + " where c.kind = ?1 and c.id = v.draftId and c.number = v.number and c.removedAt is null")
    List<StoredVersion> drafts(DraftKind kind);

    /** The versions of the cards that are there which are or were released. */
    @Query("select v from StoredVersion v where exists (select r.id from StoredRelease r, StoredDraft c"
            + " where c.kind = ?1 and c.id = r.draftId and c.removedAt is null and r.withdrawnAt is null"
            + " and r.draftId = v.draftId and r.number = v.number)")
    List<StoredVersion> released(DraftKind kind);
}
