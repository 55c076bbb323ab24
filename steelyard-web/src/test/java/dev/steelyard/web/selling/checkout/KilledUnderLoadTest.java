package dev.steelyard.web.selling.checkout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import dev.steelyard.web.base.database.PrivateMariaDb;
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
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.ThreadLocalRandom;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;
import org.jspecify.annotations.Nullable;
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
    /** After which a test that hangs is given up; nothing is measured by it. */
    private static final Duration PATIENCE = Duration.ofMinutes(3);

    private static final int[] LAST_DIGITS = {1, 1, 4, 5};

    private final AtomicInteger thanked = new AtomicInteger();
    private final Queue<String> empty = new ConcurrentLinkedQueue<>();
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
            shopper.get();
        }
        hands.shutdown();
        app.close();
        assertThat(empty).as("answers that say nothing").isEmpty();
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
                Answer page = whole(fresh.get("/counter/checkout"));
                return page.status() == 200 && page.text().contains("Order and pay") ? page : null;
            });
            String card = CARD + LAST_DIGITS[ThreadLocalRandom.current().nextInt(LAST_DIGITS.length)];
            Answer receipt = insist(() -> {
                Answer answer = whole(Buying.pay(shopper.get(), form, card));
                return answer.text().contains("Thank you") ? answer : null;
            });
            assertThat(receipt.status()).isEqualTo(200);
            thanked.incrementAndGet();
        }
    }

    /** A page that is nothing, or breaks off, is what nobody may be given. */
    private Answer whole(Answer answer) {
        if (!answer.body().contains("</html>")) {
            empty.add(answer.response().uri() + " " + answer.status() + ": " + answer.body());
        }
        return answer;
    }

    private interface Step {
        @Nullable
        Answer take();
    }

    /** Tries until it comes off; whoever is shopping is away for a while, or answers in words that they cannot yet. */
    private Answer insist(Step step) {
        return await().atMost(PATIENCE)
                .pollInterval(Duration.ofMillis(100))
                .ignoreExceptionsMatching(
                        away -> away instanceof UncheckedIOException || away instanceof IllegalStateException)
                .until(step::take, Objects::nonNull);
    }

    private void awaitThanked(int count) {
        await().atMost(PATIENCE).until(() -> thanked.get() >= count);
    }

    private void look(Path home) throws SQLException {
        try (PrivateMariaDb database = PrivateMariaDb.start(home);
                Connection connection =
                        DriverManager.getConnection(database.jdbcUrl(), database.user(), database.password());
                Statement sql = connection.createStatement()) {
            long orders = count(sql, "shop_order");
            assertThat(orders).as("each press insisted on its answer").isEqualTo(thanked.get());
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
