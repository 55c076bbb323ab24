package dev.steelyard.web.editing.draft;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.CannotCreateTransactionException;

/** Brings planned own prices to the goods when their time has come; whichever node is first does it. */
@Component
class DueReleases {

    private static final Logger log = LoggerFactory.getLogger(DueReleases.class);

    private final Releases releases;

    DueReleases(Releases releases) {
        this.releases = releases;
    }

    @Scheduled(fixedDelayString = "1s", initialDelayString = "2s")
    void look() {
        try {
            releases.due(DraftKind.ROWS).forEach(releases::begin);
        } catch (DataAccessException | CannotCreateTransactionException away) {
            log.warn("Planned prices could not begin yet: {}", away.getMessage());
        }
    }
}
