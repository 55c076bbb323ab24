package dev.steelyard.web.base.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.WithApp;
import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import java.util.List;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.dao.CannotAcquireLockException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.transaction.support.DefaultTransactionStatus;
import org.springframework.transaction.support.TransactionTemplate;

@ExtendWith(WithApp.class)
class AgainTest {

    private final AtomicInteger tries = new AtomicInteger();

    private String comesOffAt(int which) {
        if (tries.incrementAndGet() < which) {
            throw new CannotAcquireLockException("another was in the way");
        }
        return "done";
    }

    @Test
    void aTransactionThatGaveWayIsRunAgain() {
        assertThat(Again.run(() -> comesOffAt(4))).isEqualTo("done");
        assertThat(tries).hasValue(4);
    }

    @Test
    void itIsNotTriedForEver() {
        assertThatThrownBy(() -> Again.run(() -> comesOffAt(100))).isInstanceOf(CannotAcquireLockException.class);
        assertThat(tries).hasValue(5);
    }

    @Test
    void whatWouldFailAgainIsNotRunAgain() {
        assertThatThrownBy(() -> Again.run(() -> {
                    tries.incrementAndGet();
                    throw new DataIntegrityViolationException("twice");
                }))
                .isInstanceOf(DataIntegrityViolationException.class);
        assertThat(tries).hasValue(1);
    }

    @Test
    void withinATransactionOnlyTheWholeIsRunAgain(App app) {
        TransactionTemplate transactions = app.bean(TransactionTemplate.class);
        AtomicInteger outer = new AtomicInteger();

        transactions.executeWithoutResult(status -> {
            outer.incrementAndGet();
            transactions.execute(inner -> comesOffAt(3));
        });

        assertThat(outer).hasValue(3);
        assertThat(tries).hasValue(3);
    }

    /** As when a member of a cluster dies: nothing was committed, so all of it is done once more, on another connection. */
    @Test
    void aConnectionLostBeforeTheCommitIsAnotherTry(App app) {
        TransactionTemplate transactions = app.bean(TransactionTemplate.class);
        JdbcClient sql = app.sql();
        String done = transactions.execute(status -> {
            sql.sql("update shop set held = held + 1").update();
            if (tries.incrementAndGet() == 1) {
                sql.sql("kill connection_id()").update();
            }
            return "done";
        });
        assertThat(done).isEqualTo("done");
        assertThat(tries).hasValue(2);
        assertThat(sql.sql("select held from shop").query(Long.class).single()).isOne();
        sql.sql("update shop set held = 0").update();
    }

    /** Nobody knows then whether it was committed. */
    @Test
    void aConnectionLostWithTheCommitIsSaid() {
        assertThatThrownBy(() -> Again.run(() -> {
                    tries.incrementAndGet();
                    new Commits()
                            .beforeCommit(
                                    new DefaultTransactionStatus(null, null, true, true, false, false, false, null));
                    throw new TransactionSystemException(
                            "lost", new SQLNonTransientConnectionException("lost", "08000"));
                }))
                .isInstanceOf(TransactionSystemException.class);
        assertThat(tries).hasValue(1);
    }

    /** A cluster says only at the commit that another was first. */
    @Test
    void aCommitAtOddsWithAnotherIsAnotherTry() {
        assertThat(Again.run(() -> {
                    if (tries.incrementAndGet() == 1) {
                        throw new TransactionSystemException("refused", new SQLException("deadlock", "40001", 1213));
                    }
                    return "done";
                }))
                .isEqualTo("done");
        assertThat(tries).hasValue(2);
    }

    /** Each holds a row and then wants the other's: without another try one of them would end with an error. */
    @Test
    void twoInEachOthersWayBothComeOff(App app) throws Exception {
        TransactionTemplate transactions = app.bean(TransactionTemplate.class);
        CyclicBarrier bothHoldOne = new CyclicBarrier(2);
        ExecutorService two = Executors.newFixedThreadPool(2);
        List<List<String>> ways = List.of(List.of("BRU-1", "ROPE-12"), List.of("ROPE-12", "BRU-1"));
        List<Future<?>> works = ways.stream()
                .<Future<?>>map(way -> two.submit(() -> {
                    AtomicInteger tried = new AtomicInteger();
                    transactions.executeWithoutResult(status -> {
                        raise(app, way.get(0));
                        if (tried.incrementAndGet() == 1) {
                            meet(bothHoldOne);
                        }
                        raise(app, way.get(1));
                    });
                    tries.addAndGet(tried.get());
                }))
                .toList();
        for (Future<?> work : works) {
            work.get();
        }
        two.shutdown();

        assertThat(tries.get()).as("tries of both").isGreaterThan(2);
        assertThat(app.sql()
                        .sql("select shelf_price from product where sku = 'BRU-1'")
                        .query(String.class)
                        .single())
                .startsWith("17.0");
    }

    private static void raise(App app, String sku) {
        app.sql()
                .sql("update product set shelf_price = shelf_price + 1 where sku = ?")
                .param(sku)
                .update();
    }

    private static void meet(CyclicBarrier barrier) {
        try {
            barrier.await();
        } catch (Exception broken) {
            throw new IllegalStateException(broken);
        }
    }
}
