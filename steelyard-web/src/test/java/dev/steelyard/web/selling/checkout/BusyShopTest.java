package dev.steelyard.web.selling.checkout;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.ladder.Over;
import dev.steelyard.web.goods.GoodsEntry;
import dev.steelyard.web.goods.GoodsStore;
import dev.steelyard.web.goods.PriceEdit;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Buying;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.SheetsAtWork;
import dev.steelyard.web.testing.WithApp;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.Semaphore;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/**
 * Shoppers who order as guests and as a group, by card, transfer and invoice, while one owner saves prices of the same goods
 * and another applies and undoes a sheet over them: the traffic in which transactions once ended in each other's way. Every
 * answer is an order or words; none is a fault of ours, and every order that was told is there.
 */
@ExtendWith(WithApp.class)
class BusyShopTest {

    private static final int ORDERS_EACH = 6;
    private static final List<String> WAYS = List.of("card", "bank transfer", "invoice");
    private static final List<String> WHO = List.of("", "Boatyard", "Crew club", "");

    private final Queue<String> faults = new ConcurrentLinkedQueue<>();
    private final AtomicInteger told = new AtomicInteger();

    /** One price and, now and then, one sheet for each order that begins: who never stops publishing lets nobody order. */
    private final Semaphore saves = new Semaphore(0);

    private final Semaphore applies = new Semaphore(0);
    private volatile boolean open = true;

    @Test
    void nobodyIsInAnothersWay(App app) throws Exception {
        ExecutorService hands = Executors.newCachedThreadPool();
        Future<?> saving = hands.submit(() -> save(app));
        Future<?> applying = hands.submit(() -> apply(app));
        List<Future<?>> shoppers = new ArrayList<>();
        for (int i = 0; i < WHO.size(); i++) {
            int which = i;
            shoppers.add(hands.submit(() -> shop(app, which)));
        }
        for (Future<?> shopper : shoppers) {
            shopper.get();
        }
        open = false;
        saves.release();
        applies.release();
        saving.get();
        applying.get();
        hands.shutdown();

        assertThat(faults).isEmpty();
        assertThat(told).hasValue(ORDERS_EACH * WHO.size());
        assertThat(app.sql()
                        .sql("select count(*) from shop_order")
                        .query(Integer.class)
                        .single())
                .isEqualTo(told.get());
    }

    private void shop(App app, int which) {
        Http shopper = new Http(app.url());
        shopper.get("/counter");
        shopper.post("/counter/as", "group", WHO.get(which), "day", "");
        for (int i = 0; i < ORDERS_EACH; i++) {
            seen(shopper.post("/counter/basket/add", "sku", "BRU-1", "quantity", "7"));
            saves.release();
            if (i % 3 == 0) {
                applies.release();
            }
            String way = WAYS.get((i + which) % WAYS.size());
            String key = shopper.get("/counter/checkout").field("key");
            Answer form = seen(shopper.post("/counter/checkout/choose", "key", key, "payment", way));
            // prices change meanwhile: who is told so looks again and presses again
            while (!form.text().contains("Thank you")) {
                form = seen(Buying.order(shopper, form, way, "5000 1111 2222 3331"));
            }
            told.incrementAndGet();
        }
    }

    private Answer seen(Answer answer) {
        if (answer.status() >= 500 || !answer.body().contains("</html>")) {
            faults.add(answer.response().uri() + " " + answer.status());
        }
        return answer;
    }

    /** Waits until an order begins; false once the shop is closed. */
    private boolean begins(Semaphore orders) {
        orders.acquireUninterruptibly();
        return open;
    }

    private void save(App app) {
        GoodsStore goods = app.bean(GoodsStore.class);
        for (int cents = 0; begins(saves); cents = (cents + 1) % 50) {
            GoodsEntry brush = goods.findBySku("BRU-1").orElseThrow();
            PriceEdit edit = new PriceEdit(
                    brush.id(), null, brush.version(), BigDecimal.valueOf(1500L + cents, 2), Over.LINE, List.of());
            goods.save(edit, "maren"); // where the sheet was quicker the next save is based on what that wrote
        }
    }

    private void apply(App app) {
        Http owner = new Http(app.url()).signIn("jonas");
        SheetsAtWork sheets = new SheetsAtWork(owner);
        for (int cents = 0; begins(applies); cents = (cents + 1) % 50) {
            Answer page = sheets.read("sku,price\nSHK,7." + (10 + cents) + "\nBRU-1,14." + (10 + cents) + "\n");
            Answer applied = seen(sheets.act(page, "apply"));
            if (applied.text().contains("Undo all")) {
                seen(sheets.act(applied, "undo"));
            }
        }
    }
}
