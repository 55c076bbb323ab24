package dev.steelyard.web.testing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import dev.steelyard.web.testing.Http.Answer;
import java.io.UncheckedIOException;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.ThreadLocalRandom;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;
import org.jspecify.annotations.Nullable;

/** Some who buy two of the same again and again, whatever dies meanwhile, and press the same button until they are thanked. */
public final class Shoppers implements AutoCloseable {

    private static final String CARD = "5000 1111 2222 333";
    private static final int[] LAST_DIGITS = {1, 1, 4, 5};

    /** After which a test that hangs is given up; nothing is measured by it. */
    private static final Duration PATIENCE = Duration.ofMinutes(3);

    private final List<String> nodes;
    private final ExecutorService hands;
    private final List<Future<?>> shopping = new ArrayList<>();
    private final AtomicInteger thanked = new AtomicInteger();
    private final Queue<String> empty = new ConcurrentLinkedQueue<>();
    private volatile boolean open = true;

    /** @param nodes of one shop; whoever is not answered by one goes to another */
    public Shoppers(int count, String... nodes) {
        this.nodes = List.of(nodes);
        this.hands = Executors.newFixedThreadPool(count);
        for (int i = 0; i < count; i++) {
            shopping.add(hands.submit(this::shop));
        }
    }

    private String node() {
        return nodes.get(ThreadLocalRandom.current().nextInt(nodes.size()));
    }

    private void shop() {
        while (open) {
            AtomicReference<Http> shopper = new AtomicReference<>();
            Answer form = insist(() -> {
                // another one at every try: what was put in before the fall is in the basket still
                Http fresh = new Http(node());
                shopper.set(fresh);
                fresh.get("/counter");
                fresh.post("/counter/basket/add", "sku", "BRU-1", "quantity", "2");
                Answer page = whole(fresh.get("/counter/checkout"));
                return page.status() == 200 && page.text().contains("Order and pay") ? page : null;
            });
            String card = CARD + LAST_DIGITS[ThreadLocalRandom.current().nextInt(LAST_DIGITS.length)];
            Answer receipt = insist(() -> {
                Http there = shopper.get().at(node());
                there.get("/counter"); // for the token that a form is sent with
                Answer answer = whole(Buying.pay(there, form, card));
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
    private static Answer insist(Step step) {
        return await().atMost(PATIENCE)
                .pollInterval(Duration.ofMillis(100))
                .ignoreExceptionsMatching(
                        away -> away instanceof UncheckedIOException || away instanceof IllegalStateException)
                .until(step::take, Objects::nonNull);
    }

    /** Until so many more were thanked. */
    public void awaitThanked(int more) {
        int wanted = thanked.get() + more;
        await().atMost(PATIENCE).until(() -> thanked.get() >= wanted);
    }

    /** Lets each end what it began. */
    public void stop() throws ExecutionException, InterruptedException {
        open = false;
        for (Future<?> shopper : shopping) {
            shopper.get();
        }
        assertThat(empty).as("answers that say nothing").isEmpty();
    }

    public int thanked() {
        return thanked.get();
    }

    /** Every order is whole, whoever was thanked has one, and nobody paid twice or for nothing. */
    public void look(Statement sql) throws SQLException {
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

    private static long count(Statement sql, String of) throws SQLException {
        try (ResultSet found = sql.executeQuery("select count(*) from " + of)) {
            found.next();
            return found.getLong(1);
        }
    }

    @Override
    public void close() {
        open = false;
        hands.shutdownNow();
    }
}
