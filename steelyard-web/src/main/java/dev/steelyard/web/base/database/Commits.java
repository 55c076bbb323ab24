package dev.steelyard.web.base.database;

import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionExecution;
import org.springframework.transaction.TransactionExecutionListener;

/** Whether the transaction of this thread was sent to be committed: after that nobody here knows what became of it. */
@Component
class Commits implements TransactionExecutionListener {

    private static final ThreadLocal<Boolean> SENT = new ThreadLocal<>();

    /** A transaction is about to begin. */
    static void begin() {
        SENT.remove();
    }

    static boolean isSent() {
        return Boolean.TRUE.equals(SENT.get());
    }

    @Override
    public void beforeCommit(TransactionExecution transaction) {
        if (!transaction.isReadOnly()) {
            SENT.set(true);
        }
    }
}
