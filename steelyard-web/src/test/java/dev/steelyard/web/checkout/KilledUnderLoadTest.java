package dev.steelyard.web.checkout;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.database.PrivateMariaDb;
import dev.steelyard.web.testing.Buying;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.LaunchedApp;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.ThreadLocalRandom;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * The application and its database are killed while shoppers check out, on loopback and for seconds only: every order is
 * whole or absent, and nobody pays twice or for nothing.
 */
class KilledUnderLoadTest {

    private static final int SHOPPERS = 6;
    private static final String CARD = "5000 1111 2222 333";
    private static final int[] LAST_DIGITS = {1, 1, 4, 5};

    private final AtomicInteger thanked = new AtomicInteger();
    private volatile boolean shopping = true;
    private LaunchedApp app;

    @AfterEach
    void stop() {
        shopping = false;
        if (app != null) {
            app.close();
        }
    }

    @Test
    void everyOrderIsWholeOrAbsentAndNobodyPaysTwice(@TempDir Path home) throws Exception {
        app = new LaunchedApp(home, "steelyard.payments.ask-after=2s", "steelyard.payments.patience=2s");
        app.launch("--demo");
        String url = app.url();
        ExecutorService hands = Executors.newFixedThreadPool(SHOPPERS);
        List<Future<?>> shoppers = new ArrayList<>();
        for (int i = 0; i < SHOPPERS; i++) {
            shoppers.add(hands.submit(() -> shop(url)));
        }
        awaitThanked(5);
        app.kill(); // and with it the stand-in
        app.launch("--demo");
        awaitThanked(thanked.get() + 5);
        app.killDatabase();
        awaitThanked(thanked.get() + 5);
        shopping = false;
        for (Future<?> shopper : shoppers) {
            shopper.get(90, TimeUnit.SECONDS);
        }
        hands.shutdown();
        Thread.sleep(5000); // what was left is asked about, and settled
        app.close();
        look(home);
    }

    /** Buys again and again; where no clear answer comes, presses the same button until one does. */
    private void shop(String url) {
        while (shopping) {
            AtomicReference<Http> shopper = new AtomicReference<>();
            Answer form = insist(() -> {
                // another one at every try: what was put in before the fall is in the basket still
                Http fresh = new Http(url);
                shopper.set(fresh);
                fresh.get("/counter");
                fresh.post("/counter/basket/add", "sku", "BRU-1", "quantity", "2");
                Answer page = fresh.get("/counter/checkout");
                return page.status() == 200 && page.text().contains("Order and pay") ? page : null;
            });
            if (form == null) {
                return;
            }
            String card = CARD + LAST_DIGITS[ThreadLocalRandom.current().nextInt(LAST_DIGITS.length)];
            Answer receipt = insist(() -> {
                Answer answer = Buying.pay(shopper.get(), form, card);
                return answer.status() == 200 && answer.text().contains("Thank you") ? answer : null;
            });
            if (receipt != null) {
                thanked.incrementAndGet();
            }
        }
    }

    private interface Step {
        Answer take();
    }

    /** Tries for a while; none where it never came off before shopping was over. */
    private Answer insist(Step step) {
        Instant latest = Instant.now().plus(Duration.ofSeconds(60));
        while (Instant.now().isBefore(latest)) {
            try {
                Answer answer = step.take();
                if (answer != null) {
                    return answer;
                }
            } catch (UncheckedIOException | IllegalStateException away) {
                if (!shopping) {
                    return null;
                }
            }
            try {
                Thread.sleep(100);
            } catch (InterruptedException stopping) {
                Thread.currentThread().interrupt();
                return null;
            }
        }
        return null;
    }

    private void awaitThanked(int count) throws InterruptedException {
        Instant latest = Instant.now().plus(Duration.ofSeconds(90));
        while (thanked.get() < count) {
            assertThat(Instant.now()).as(thanked + " of " + count).isBefore(latest);
            Thread.sleep(50);
        }
    }

    private void look(Path home) throws SQLException {
        try (PrivateMariaDb database = PrivateMariaDb.start(home);
                Connection connection =
                        DriverManager.getConnection(database.jdbcUrl(), database.user(), database.password());
                Statement sql = connection.createStatement()) {
            long orders = count(sql, "shop_order");
            assertThat(orders).isGreaterThanOrEqualTo(thanked.get());
            assertThat(count(sql, "order_line")).as("a line for each order").isEqualTo(orders);
            assertThat(count(sql, "shop_order o where o.total <> 30 or o.goods_total <> 30 or json_length(o.tax) <> 1"))
                    .as("orders that are not whole")
                    .isZero();
            assertThat(count(sql, "checkout where state = 'PLACED'")).isEqualTo(orders);
            assertThat(count(sql, "checkout where state = 'PAYING'"))
                    .as("left hanging")
                    .isZero();
            assertThat(count(sql, "simulated_payment where state = 'APPROVED'"))
                    .as("payments taken")
                    .isEqualTo(orders);
            assertThat(count(
                            sql,
                            "shop_order o where not exists (select 1 from simulated_payment p where p.state = 'APPROVED'"
                                    + " and p.reference = o.payment_reference and p.amount = o.total)"))
                    .as("orders without their payment")
                    .isZero();
        }
    }

    private static long count(Statement sql, String of) throws SQLException {
        try (ResultSet found = sql.executeQuery("select count(*) from " + of)) {
            found.next();
            return found.getLong(1);
        }
    }
}
