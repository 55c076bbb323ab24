package dev.steelyard.web.editing.replay;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.replay.Assumption;
import dev.steelyard.core.replay.Totals;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.sold.lines.Which;
import dev.steelyard.web.sold.replay.ReplayResult;
import dev.steelyard.web.sold.replay.Replays;
import dev.steelyard.web.sold.replay.Tried;
import dev.steelyard.web.start.demo.DemoOrders;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.WithApp;
import java.math.BigDecimal;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Drafts held against five hundred made-up orders of the demo shop. Product 13 is the deck brush, product 1 the shackle. */
@ExtendWith(WithApp.class)
class ReplayPageTest {

    private static final int ORDERS = 500;

    private App app;
    private Http maren;

    @BeforeEach
    void sell(App app) {
        this.app = app;
        app.bean(DemoOrders.class).fill(ORDERS);
        maren = new Http(app.url()).signIn("maren");
    }

    private ReplayResult replay(Tried tried) {
        return app.bean(Replays.class)
                .atOnce(tried, new Replays.Terms(Which.ALL, Assumption.SAME, null), ORDERS)
                .orElseThrow();
    }

    /** All orders but those of brushes, which cost less until nine months ago, come to what they were sold for. */
    @Test
    void whatIsLiveChangesNothingToTheCent() {
        BookInForce book = app.bean(Books.class).inForce();

        ReplayResult same = replay(new Tried("", book.book(), null));

        assertThat(same.orders()).isEqualTo(ORDERS);
        assertThat(same.dearer() + same.cheaper() + same.refused() + same.apart() + same.unknown())
                .isZero();
        assertThat(same.other()).isEqualTo(same.now());
        assertThat(same.groups().stream().map(ReplayResult.Part::now).reduce(Totals.NONE, Totals::plus))
                .usingRecursiveComparison()
                .withComparatorForType(BigDecimal::compareTo, BigDecimal.class)
                .isEqualTo(same.now());

        ReplayResult paint = replay(new Tried("", book.book(), Set.of("PAINT")));
        List<Long> withBrush = app.sql()
                .sql("select distinct order_id from order_line where sku = 'BRU-1'")
                .query(Long.class)
                .list();
        assertThat(withBrush).isNotEmpty();
        assertThat(paint.orders()).isBetween(1L, (long) ORDERS - 1);
        BigDecimal sold = app.sql()
                .sql(
                        "select sum(after_deals) from order_line where order_id in (select order_id from order_line where sku"
                                + " = 'PAINT') and order_id not in (select order_id from order_line where sku = 'BRU-1')")
                .query(BigDecimal.class)
                .single();
        BigDecimal brushes = app.sql()
                .sql("select coalesce(sum(after_deals), 0) from order_line where order_id in (select order_id from"
                        + " order_line where sku = 'PAINT') and order_id in (select order_id from order_line where sku ="
                        + " 'BRU-1')")
                .query(BigDecimal.class)
                .single();
        assertThat(paint.then()).isEqualByComparingTo(sold.add(brushes));
    }

    /** The shelf price of the brush in the draft. */
    private void shelfPrice(String price) {
        Answer page = maren.get("/goods/13");
        maren.background(
                "/goods/13/edit", "basedOn", page.field("basedOn"), "step", "", "do", "keep", "/shelfPrice", price);
    }

    private static final String SINGLE =
            "select count(distinct o.id) from shop_order o join order_line l on l.order_id ="
                    + " o.id where l.sku = 'BRU-1' and o.placed_at >= utc_timestamp() - interval 89 day";

    @Test
    void theLivePageSaysWhatOrdersWouldHaveCostAndABoundStopsIt() {
        assertThat(app.sql().sql(SINGLE).query(Long.class).single()).isPositive();
        shelfPrice("90.00");
        assertThat(maren.get("/goods/13/live").text())
                .contains("of the last 90 days:")
                .contains("would have cost more");

        app.sql().sql("update shop set dearest = 10, revision = revision + 1").update();
        app.bean(Books.class).refresh();
        Answer page = maren.get("/goods/13/live");
        assertThat(page.text()).contains("would be dearer by over 10 %, which is the shop’s bound");
        Answer stopped = maren.post(
                "/goods/13/live",
                "number",
                page.field("number"),
                "draft",
                page.field("draft"),
                "seen",
                page.field("seen"));
        assertThat(stopped.status()).isEqualTo(422);
        assertThat(app.sql()
                        .sql("select shelf_price from product where id = 13")
                        .query(BigDecimal.class)
                        .single())
                .isEqualByComparingTo("15.00");
        Answer atOnce = maren.background(
                "/goods/13/edit",
                "basedOn",
                maren.get("/goods/13").field("basedOn"),
                "step",
                "",
                "do",
                "save",
                "/shelfPrice",
                "90.00");
        assertThat(atOnce.text()).contains("Not put live").contains("the shop’s bound");

        shelfPrice("15.60");
        page = maren.get("/goods/13/live");
        assertThat(page.text()).doesNotContain("the shop’s bound");
        assertThat(maren.post(
                                "/goods/13/live",
                                "number",
                                page.field("number"),
                                "draft",
                                page.field("draft"),
                                "seen",
                                page.field("seen"))
                        .text())
                .contains("Shoppers see");
        assertThat(app.sql()
                        .sql("select shelf_price from product where id = 13")
                        .query(BigDecimal.class)
                        .single())
                .isEqualByComparingTo("15.60");
    }

    private Answer done(Answer page) {
        for (int i = 0; i < 100 && page.body().contains("class=\"running\""); i++) {
            try {
                Thread.sleep(100);
            } catch (InterruptedException stopped) {
                throw new IllegalStateException(stopped);
            }
            page = maren.get(page.response().uri().getPath() + "?"
                    + page.response().uri().getQuery());
        }
        return page;
    }

    @Test
    void severalValuesStandSideBySideAndAreKeptWithTheDraft() {
        Answer page = done(maren.post(
                "/goods/13/replay",
                "period",
                "all",
                "within",
                "20",
                "takeUp",
                "50",
                "figure",
                "/shelfPrice",
                "values",
                "14; 15; 16,50"));

        assertThat(page.text())
                .contains("Turnover when they were sold")
                .contains("Turnover if some take up")
                .contains("Orders that change most")
                .contains("By break reached")
                .contains("16.5");
        assertThat(maren.get("/goods/13/replay").text())
                .contains("Kept with the draft")
                .contains("values 14; 15; 16,50");
        String run = page.response().uri().getQuery();
        assertThat(maren.get("/goods/13/replay/replay.csv?" + run).body())
                .startsWith("tried,of,what,lines now,turnover now")
                .contains("16.5,all,");
        assertThat(maren.get("/goods/1/replay?" + run).status())
                .as("of another product")
                .isEqualTo(404);
    }

    @Test
    void whatCannotBeReadIsSaidByTheField() {
        Answer page = maren.post(
                "/goods/13/replay",
                "period",
                "own",
                "from",
                "2026-13-40",
                "within",
                "120",
                "takeUp",
                "",
                "figure",
                "",
                "values",
                "5; x");

        assertThat(page.status()).isEqualTo(422);
        assertThat(page.text())
                .contains("“2026-13-40” is no day")
                .contains("A percentage from 0 to 100, not “120”")
                .contains("Pick the figure that these values are of")
                .contains("“x” is no number");
        shelfPrice("cheap");
        assertThat(maren.post("/goods/13/replay", "period", "all", "within", "20", "takeUp", "0")
                        .text())
                .contains("With the draft no order can be priced");
    }

    @Test
    void cardsAndDealsAreReplayedToo() {
        long brass = app.sql()
                .sql("select id from draft where name = 'Brass bar by weight'")
                .query(Long.class)
                .single();
        Answer card = done(maren.post(
                "/cards/" + brass + "/replay",
                "period",
                "all",
                "within",
                "0",
                "takeUp",
                "0",
                "figure",
                "/ladder/rows/0/value",
                "values",
                "6"));
        assertThat(card.text()).contains("Brass bar by weight, from 10").contains("− ");
        assertThat(maren.get("/cards/" + brass + "?step=breaks").text()).contains("orders in twelve months");
    }
}
