package dev.steelyard.web.goods.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.replay.Assumption;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.sold.lines.Which;
import dev.steelyard.web.sold.replay.ReplayResult;
import dev.steelyard.web.sold.replay.Replays;
import dev.steelyard.web.sold.replay.Tried;
import dev.steelyard.web.start.demo.DemoOrders;
import dev.steelyard.web.store.keys.MadeKeys;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Buying;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.SheetsAtWork;
import dev.steelyard.web.testing.StoreCalls;
import dev.steelyard.web.testing.WithApp;
import java.math.BigDecimal;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A price sheet held against orders comes to what the same orders come to once it is applied. */
@ExtendWith(WithApp.class)
class SheetReplayTest {

    private static final int ORDERS = 800;
    private static final String SHEET =
            """
            sku,group,what,from,price,action
            SHK,,row,10,7.10,
            SHK,,row,12,6.80,
            SHK,Boatyard,row,100,,remove
            SHK-6,,row,25,4.60,
            BRU-1,,shelf price,,15.90,
            SCR-4x40,,row,2000,0.0600,
            """;

    private static Http.Answer read(Http maren) {
        return new SheetsAtWork(maren).read(SHEET);
    }

    private static long number(Http.Answer page) {
        return Long.parseLong(SheetsAtWork.path(page).replaceAll(".*/", ""));
    }

    @Test
    void aSheetIsHeldAgainstOrdersExactly(App app, Http maren) {
        app.bean(DemoOrders.class).fill(ORDERS);
        maren.signIn("maren");
        Http.Answer page = read(maren);
        long batch = number(page);
        Replays replays = app.bean(Replays.class);
        Replays.Terms terms = new Replays.Terms(Which.ALL, Assumption.SAME, null);

        Tried tried = app.bean(SheetTried.class)
                .of(batch, "sheet", app.bean(Books.class).inForce());
        ReplayResult before = replays.atOnce(tried, terms, ORDERS).orElseThrow();
        new SheetsAtWork(maren).act(page, "apply");
        ReplayResult after = replays.atOnce(
                        new Tried("", app.bean(Books.class).refresh().book(), tried.products()), terms, ORDERS)
                .orElseThrow();

        assertThat(before.dearer()).isPositive();
        assertThat(before.cheaper()).isPositive();
        assertThat(before.other().turnover()).isEqualByComparingTo(after.now().turnover());
        assertThat(before.other().reduced()).isEqualByComparingTo(after.now().reduced());
    }

    @Test
    void itsPageShowsItAndTheBoundStopsIt(App app, Http maren) {
        app.bean(DemoOrders.class).fill(ORDERS);
        maren.signIn("maren");
        long batch = number(read(maren));
        Http.Answer page = maren.post("/sheets/" + batch + "/replay", "period", "all");
        for (int i = 0; i < 100 && page.body().contains("class=\"running\""); i++) {
            page = maren.get(
                    "/sheets/" + batch + "/replay?" + page.response().uri().getQuery());
        }
        assertThat(page.text()).contains("Turnover when they were sold").contains("Orders that change most");
        assertThat(maren.get("/sheets/" + batch + "/replay/replay.csv?"
                                + page.response().uri().getQuery())
                        .body())
                .contains(",product,SHK,");

        app.sql().sql("update shop set dearest = 0, revision = revision + 1").update();
        app.bean(Books.class).refresh();
        Http.Answer stopped = maren.post("/sheets/" + batch + "/apply");
        assertThat(stopped.status()).isEqualTo(422);
        assertThat(stopped.text()).contains("Nothing was applied: ").contains("the shop’s bound");
        assertThat(shelfPrice(app)).isEqualByComparingTo("15.00");
    }

    /** A tenth is the bound, two brushes were sold: one at 20.00 instead of 15.00 passes it by whichever way it comes, one at 16.00 by none. */
    @Test
    void theBoundHoldsForGoodsSheetsAndWhatTheStoreBrings(App app, Http shopper) {
        shopper.get("/counter/goods/BRU-1");
        shopper.post("/counter/basket/add", "sku", "BRU-1", "quantity", "2");
        Buying.pay(shopper, shopper.get("/counter/checkout"));
        app.sql().sql("update shop set dearest = 10, revision = revision + 1").update();
        app.bean(Books.class).refresh();
        Http maren = new Http(app.url()).signIn("maren");
        StoreCalls store = MadeKeys.calls(app);

        StoreCalls.Answer goods =
                store.put("/api/v1/goods", "{\"goods\": [{\"sku\": \"BRU-1\", \"shelfPrice\": \"20.00\"}]}");
        StoreCalls.Answer rows = store.put(
                "/api/v1/price-rows",
                "{\"prices\": [{\"sku\": \"BRU-1\", \"rows\": [{\"from\": 1, \"price\": \"20.00\"}]}]}");
        Http.Answer sheet = maren.post(SheetsAtWork.path(
                        new SheetsAtWork(maren).read("sku,name,shelf price\nBRU-1,Deck brush,20.00\n", "of", "GOODS"))
                + "/apply");

        for (StoreCalls.Answer one : List.of(goods, rows)) {
            assertThat(one.status()).as(one.json().toString()).isEqualTo(409);
            assertThat(one.json().path("type").asString()).endsWith("/over-bound");
            assertThat(one.json().path("detail").asString()).contains("dearer by over 10 %");
        }
        assertThat(sheet.status()).as(sheet.text()).isEqualTo(422);
        assertThat(sheet.text()).contains("Nothing was applied: ").contains("dearer by over 10 %");
        assertThat(app.sql()
                        .sql("select message from price_batch where state = 'CANCELLED'")
                        .query(String.class)
                        .list())
                .hasSize(2)
                .allMatch(message -> message.contains("which is the shop’s bound"));
        assertThat(shelfPrice(app)).isEqualByComparingTo("15.00");

        store.put("/api/v1/goods", "{\"goods\": [{\"sku\": \"BRU-1\", \"shelfPrice\": \"16.00\"}]}");
        assertThat(shelfPrice(app)).isEqualByComparingTo("16.00");
    }

    private static BigDecimal shelfPrice(App app) {
        return app.sql()
                .sql("select shelf_price from product where sku = 'BRU-1'")
                .query(BigDecimal.class)
                .single();
    }
}
