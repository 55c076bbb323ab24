package dev.steelyard.web.base.database;

import java.util.concurrent.ThreadLocalRandom;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Runs a whole transaction again where the database ended it in favour of another, a deadlock, a lock that was not to be had in
 * time, a commit that a cluster found at odds with another, and where the connection was lost before the commit was sent. Nothing
 * of the first try is left then. The one place that does so.
 */
final class Again {

    private static final Logger log = LoggerFactory.getLogger(Again.class);
    private static final int TRIES = 5;
    private static final int PAUSE_MILLIS = 20;

    private Again() {}

    /** Runs it at once where a transaction is under way: that one is run again as a whole, if at all. */
    static <T> T run(Supplier<T> transaction) {
        if (TransactionSynchronizationManager.isActualTransactionActive()) {
            return transaction.get();
        }
        for (int tried = 1; ; tried++) {
            Commits.begin();
            try {
                return transaction.get();
            } catch (DataAccessException | TransactionException failed) {
                if (tried == TRIES || !leavesNothing(failed)) {
                    throw failed;
                }
                log.info("A transaction is run again: {}", failed.getMessage());
                pause(tried);
            }
        }
    }

    private static boolean leavesNothing(RuntimeException failed) {
        return failed instanceof PessimisticLockingFailureException
                || DatabaseFault.isAtOddsWithAnother(failed)
                || DatabaseFault.isConnectionLost(failed) && !Commits.isSent();
    }

    /** Of a length by chance, so that two in each other's way do not meet again. */
    private static void pause(int tried) {
        try {
            Thread.sleep(ThreadLocalRandom.current().nextInt(PAUSE_MILLIS * tried, 2 * PAUSE_MILLIS * tried + 1));
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("stopped while a transaction was to be run again", stopping);
        }
    }
}
