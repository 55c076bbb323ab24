package dev.steelyard.web.checkout;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.database.PrivateMariaDb;
import dev.steelyard.web.testing.Buying;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
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
import java.util.concurrent.CompletableFuture;
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
    private Process app;

    @AfterEach
    void stop() throws InterruptedException {
        shopping = false;
        if (app != null && app.isAlive()) {
            app.destroy();
            app.waitFor(60, TimeUnit.SECONDS);
        }
    }

    @Test
    void everyOrderIsWholeOrAbsentAndNobodyPaysTwice(@TempDir Path home) throws Exception {
        int port = freePort();
        String url = "http://127.0.0.1:" + port;
        launch(home, port);
        ExecutorService hands = Executors.newFixedThreadPool(SHOPPERS);
        List<Future<?>> shoppers = new ArrayList<>();
        for (int i = 0; i < SHOPPERS; i++) {
            shoppers.add(hands.submit(() -> shop(url)));
        }
        awaitThanked(5);
        app.destroyForcibly().waitFor(); // kill -9 of the application, and with it of the stand-in
        launch(home, port);
        awaitThanked(thanked.get() + 5);
        killDatabase(home);
        awaitThanked(thanked.get() + 5);
        shopping = false;
        for (Future<?> shopper : shoppers) {
            shopper.get(90, TimeUnit.SECONDS);
        }
        hands.shutdown();
        Thread.sleep(5000); // what was left is asked about, and settled
        app.destroy();
        assertThat(app.waitFor(60, TimeUnit.SECONDS)).isTrue();
        look(home);
    }

    private static int freePort() throws IOException {
        try (ServerSocket any = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            return any.getLocalPort();
        }
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

    private void launch(Path home, int port) throws IOException, InterruptedException {
        Path log = home.resolve("app.log");
        long ready = readyLines(log);
        app = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        System.getProperty("java.class.path"),
                        "-Dsteelyard.home=" + home,
                        "-Dsteelyard.payments.ask-after=2s",
                        "-Dsteelyard.payments.patience=2s",
                        "dev.steelyard.web.launch.Launcher",
                        "--demo",
                        "--port",
                        "" + port)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(log.toFile()))
                .start();
        Instant latest = Instant.now().plus(Duration.ofSeconds(120));
        while (readyLines(log) == ready) {
            assertThat(app.isAlive()).as(Files.readString(log)).isTrue();
            assertThat(Instant.now()).isBefore(latest);
            Thread.sleep(100);
        }
    }

    private static long readyLines(Path log) throws IOException {
        return Files.exists(log)
                ? Files.readString(log)
                        .lines()
                        .filter(line -> line.contains("is ready at"))
                        .count()
                : 0;
    }

    private static void killDatabase(Path home) throws Exception {
        long pid = ProcessHandle.allProcesses()
                .filter(process -> process.info().commandLine().orElse("").contains("--datadir=" + home))
                .findFirst()
                .orElseThrow()
                .pid();
        ProcessHandle server = ProcessHandle.of(pid).orElseThrow();
        CompletableFuture<ProcessHandle> gone = server.onExit();
        assertThat(server.destroyForcibly()).isTrue();
        gone.get(20, TimeUnit.SECONDS);
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
