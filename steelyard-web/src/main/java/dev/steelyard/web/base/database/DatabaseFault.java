package dev.steelyard.web.base.database;

import java.sql.SQLException;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What a database means by its errors, wherever in a chain of causes they stand. */
final class DatabaseFault {

    /** ISO/IEC 9075: a transaction was rolled back because it could not be serialized with others. */
    private static final String SERIALIZATION = "40001";

    /** ISO/IEC 9075: class of connection exceptions. */
    private static final String CONNECTION = "08";

    /** MariaDB, ER_UNKNOWN_COM_ERROR: what a member of a cluster says that is cut off from it, or not yet up to date. */
    private static final int NOT_READY = 1047;

    private DatabaseFault() {}

    static boolean isAtOddsWithAnother(Throwable failed) {
        return cause(failed)
                .filter(one -> SERIALIZATION.equals(one.getSQLState()))
                .isPresent();
    }

    static boolean isConnectionLost(Throwable failed) {
        return cause(failed)
                .filter(one -> one.getErrorCode() == NOT_READY
                        || one.getSQLState() != null && one.getSQLState().startsWith(CONNECTION))
                .isPresent();
    }

    private static Optional<SQLException> cause(@Nullable Throwable failed) {
        Throwable at = failed;
        for (int depth = 0; at != null && depth < 20; depth++) {
            if (at instanceof SQLException found) {
                return Optional.of(found);
            }
            at = at.getCause();
        }
        return Optional.empty();
    }
}
