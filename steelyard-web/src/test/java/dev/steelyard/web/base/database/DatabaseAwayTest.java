package dev.steelyard.web.base.database;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.EOFException;
import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import java.sql.SQLTransientConnectionException;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;

class DatabaseAwayTest {

    static Stream<Throwable> away() {
        return Stream.of(
                new TransactionSystemException(
                        "commit", new SQLNonTransientConnectionException("Socket error", "08000", new EOFException())),
                new IllegalStateException(new SQLException("gone", "08S01")),
                new IllegalStateException(new SQLTransientConnectionException("Connection is not available")),
                new IllegalStateException(new SQLException("Connection is closed")),
                new CannotCreateTransactionException("Could not open JPA EntityManager for transaction"));
    }

    @ParameterizedTest
    @MethodSource("away")
    void aDatabaseThatIsNotThereIsKnownByItsErrors(Throwable failed) {
        assertThat(DatabaseAway.isBehind(failed)).isTrue();
    }

    static Stream<Throwable> ours() {
        Exception circle = new IllegalStateException("a");
        circle.initCause(new IllegalStateException("b", circle));
        return Stream.of(
                new DataIntegrityViolationException("twice", new SQLException("Duplicate entry", "23000")),
                new IllegalStateException(new EOFException("a client's")),
                new IllegalStateException(new SQLException("no state at all")),
                circle);
    }

    @ParameterizedTest
    @MethodSource("ours")
    void whatElseFailsIsOurFaultOrTheClients(Throwable failed) {
        assertThat(DatabaseAway.isBehind(failed)).isFalse();
    }
}
