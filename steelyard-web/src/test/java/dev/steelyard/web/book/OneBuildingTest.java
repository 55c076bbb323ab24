package dev.steelyard.web.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.WithApp;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.transaction.IllegalTransactionStateException;
import org.springframework.transaction.support.TransactionTemplate;

@ExtendWith(WithApp.class)
class OneBuildingTest {

    private static final int CHECKOUTS = 8;

    /** Each would hold a book of its own if each had built one. */
    @Test
    void checkoutsUnderANewRevisionShareOneBook(App app) throws Exception {
        Books books = app.bean(Books.class);
        TransactionTemplate transactions = app.bean(TransactionTemplate.class);
        app.sql().sql("update shop set revision = revision + 1").update();
        CyclicBarrier together = new CyclicBarrier(CHECKOUTS);
        ExecutorService hands = Executors.newFixedThreadPool(CHECKOUTS);
        List<Future<BookInForce>> held = new ArrayList<>();
        for (int i = 0; i < CHECKOUTS; i++) {
            held.add(hands.submit(() -> {
                together.await();
                return transactions.execute(status -> books.newestHeld());
            }));
        }
        Set<BookInForce> different = Collections.newSetFromMap(new IdentityHashMap<>());
        for (Future<BookInForce> one : held) {
            different.add(one.get());
        }
        hands.shutdown();

        assertThat(different).hasSize(1).containsExactly(books.inForce());
        assertThat(books.inForce().revision())
                .isEqualTo(app.sql()
                        .sql("select revision from shop")
                        .query(Long.class)
                        .single());
    }

    @Test
    void theNewestBookIsHeldOnlyWithinATransaction(App app) {
        assertThatThrownBy(() -> app.bean(Books.class).newestHeld())
                .isInstanceOf(IllegalTransactionStateException.class);
    }
}
