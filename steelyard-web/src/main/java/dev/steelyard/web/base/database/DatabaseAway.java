package dev.steelyard.web.base.database;

import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.CannotCreateTransactionException;

/** Whether something failed because the database was not there, or went away in the middle of it. */
public final class DatabaseAway {

    /** Class 08 of SQLSTATE, “connection exception” (ISO/IEC 9075-2). */
    private static final String CONNECTION = "08";

    /** A server that is stopped ends its connections with it; MariaDB's own, beside the standard's class. */
    private static final String STOPPED = "70100";

    /** The pool's own word, without a state, for a connection that it has seen break. */
    private static final String CLOSED = "Connection is closed";

    private DatabaseAway() {}

    /** Looks along the causes; each is looked at once, however they are tied. */
    public static boolean isBehind(Throwable failed) {
        int left = 50;
        for (@Nullable Throwable cause = failed; cause != null && left > 0; cause = cause.getCause(), left--) {
            if (cause instanceof SQLTransientConnectionException || cause instanceof CannotCreateTransactionException) {
                return true;
            }
            if (cause instanceof SQLException sql) {
                String state = Objects.requireNonNullElse(sql.getSQLState(), "");
                if (state.startsWith(CONNECTION) || state.equals(STOPPED) || CLOSED.equals(sql.getMessage())) {
                    return true;
                }
            }
        }
        return false;
    }
}
