package dev.steelyard.web.selling.checkout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import dev.steelyard.core.ladder.Over;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.goods.EditResult;
import dev.steelyard.web.goods.GoodsEntry;
import dev.steelyard.web.goods.GoodsStore;
import dev.steelyard.web.goods.PriceEdit;
import dev.steelyard.web.selling.counter.BasketView;
import dev.steelyard.web.selling.counter.Baskets;
import dev.steelyard.web.selling.counter.PricedPicks;
import dev.steelyard.web.selling.counter.Shopper;
import dev.steelyard.web.selling.payment.PaymentMethod;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.WithApp;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Checkouts with and without a customer group race somebody who saves the prices of what they buy, each time another one:
 * so an order's price says of which moment it is.
 */
@ExtendWith(WithApp.class)
class CheckoutRaceTest {

    private static final int ROUNDS = 500;
    private static final PaymentMethod INVOICE =
            new PaymentMethod("invoice", "Invoice", false, false, true, Set.of(), Set.of());
    private static final Buyer BUYER = new Buyer("Ada Quill", "ada@example.org", INVOICE, null);
    private static final List<String> WHO = List.of("", "Boatyard", "", "Crew club");

    private final AtomicInteger published = new AtomicInteger();

    @Test
    void noOrderIsPlacedAtAPriceThatWasNotInForceThen(App app) throws Exception {
        List<String> baskets = new ArrayList<>();
        for (String group : WHO) {
            baskets.add(basket(app, group));
        }
        publish(app);
        ExecutorService hands = Executors.newFixedThreadPool(WHO.size() + 1);
        int placed = 0;
        int told = 0;
        int ordered = 0; // at the second press, with nobody publishing
        for (int round = 0; round < ROUNDS; round++) {
            List<Future<PlacingOutcome>> outcomes = new ArrayList<>();
            Future<?> publisher = hands.submit(() -> publish(app));
            for (String token : baskets) {
                outcomes.add(hands.submit(() -> checkOut(app, token)));
            }
            publisher.get();
            for (int i = 0; i < outcomes.size(); i++) {
                PlacingOutcome outcome = outcomes.get(i).get();
                placed += outcome instanceof PlacingOutcome.Placed ? 1 : 0;
                if (outcome instanceof PlacingOutcome.Changed) {
                    told++;
                    ordered += checkOut(app, baskets.get(i)) instanceof PlacingOutcome.Placed ? 1 : 0;
                }
            }
        }
        hands.shutdown();
        assertThat(placed + told)
                .as("each is placed, or told that prices have changed")
                .isEqualTo(ROUNDS * WHO.size());
        assertThat(placed + ordered)
                .as("whoever was told orders in the end; how many are told is a matter of the machine")
                .isEqualTo(ROUNDS * WHO.size());
    }

    /**
     * Somebody publishes while a checkout of a group's basket waits for the shop: it goes on under the new price, which its
     * shopper has not seen. A checkout that had read anything before would see prices as they were then, and take the old one.
     */
    @Test
    void aCheckoutThatWaitedForAPublisherIsPricedByWhatWasPublished(App app) throws Exception {
        String token = basket(app, "Boatyard");
        fill(app, token);
        SeenPrices seen = seen(app, token);
        ExecutorService hand = Executors.newSingleThreadExecutor();
        List<Future<PlacingOutcome>> waiting = new ArrayList<>();
        app.bean(TransactionTemplate.class).executeWithoutResult(status -> {
            app.sql().sql("update shop set revision = revision + 1").update();
            app.sql()
                    .sql(
                            "update product set shelf_price = 99, revision = (select revision from shop) where sku = 'BRU-1'")
                    .update();
            waiting.add(hand.submit(
                    () -> app.bean(PlaceOrder.class).place(UUID.randomUUID().toString(), seen, BUYER, token)));
            await().until(() -> app.sql()
                            .sql(
                                    "select count(*) from information_schema.processlist where info like concat('%lock in sh', 'are mode%')")
                            .query(Integer.class)
                            .single()
                    == 1);
        });
        assertThat(waiting.get(0).get()).isInstanceOf(PlacingOutcome.Changed.class);
        hand.shutdown();
    }

    /** A basket of one brush, for somebody of a group; empty for none. */
    private static String basket(App app, String group) {
        String token = UUID.randomUUID().toString();
        app.sql()
                .sql("insert into basket (id, token, group_id, touched_at, version) select next value for row_id, ?, "
                        + "(select id from customer_group where name = ?), utc_timestamp(6), 0")
                .params(token, group)
                .update();
        return token;
    }

    /** Raises the price by a cent: version n costs 30.00 and n cents. */
    private void publish(App app) {
        GoodsStore goods = app.bean(GoodsStore.class);
        GoodsEntry brush = goods.findBySku("BRU-1").orElseThrow();
        int next = published.get() + 1;
        PriceEdit edit = new PriceEdit(
                brush.id(), null, brush.version(), BigDecimal.valueOf(3000L + next, 2), Over.LINE, List.of());
        assertThat(goods.save(edit, "maren")).get().isInstanceOf(EditResult.Saved.class);
        published.set(next);
    }

    private static void fill(App app, String token) {
        app.sql()
                .sql(
                        "insert ignore into basket_line (id, basket_id, sku, name, quantity, line_key) select next value for"
                                + " row_id, id, 'BRU-1', 'Deck brush', 1, sha2(token, 256) from basket where token = ?")
                .param(token)
                .update();
    }

    private PlacingOutcome checkOut(App app, String token) {
        fill(app, token);
        SeenPrices seen = seen(app, token);
        int before = published.get();
        String key = UUID.randomUUID().toString();
        PlacingOutcome outcome = app.bean(PlaceOrder.class).place(key, seen, BUYER, token);
        if (outcome instanceof PlacingOutcome.Placed) {
            BigDecimal price = app.sql()
                    .sql(
                            "select l.total from order_line l join shop_order o on o.id = l.order_id where o.checkout_key = ?")
                    .param(key)
                    .query(BigDecimal.class)
                    .single();
            assertThat(price)
                    .as("the price in force when the button was pressed, or a later one")
                    .isBetween(BigDecimal.valueOf(3000L + before, 2), BigDecimal.valueOf(3001L + published.get(), 2));
        }
        return outcome;
    }

    private static SeenPrices seen(App app, String token) {
        BookInForce book = app.bean(Books.class).refresh();
        Shopper shopper = app.bean(Baskets.class).shopper(token, book);
        return CheckoutSummaries.seen(BasketView.of(PricedPicks.of(shopper, book)));
    }
}
