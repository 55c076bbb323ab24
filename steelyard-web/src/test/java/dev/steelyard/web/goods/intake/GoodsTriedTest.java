package dev.steelyard.web.goods.intake;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.replay.Assumption;
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
import dev.steelyard.web.testing.SheetsAtWork;
import dev.steelyard.web.testing.WithApp;
import java.math.BigDecimal;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A goods sheet that is tried prices as the same sheet does once it is applied. */
@ExtendWith(WithApp.class)
class GoodsTriedTest {

    private static final int ORDERS = 300;
    private static final Replays.Terms ALL = new Replays.Terms(Which.ALL, Assumption.SAME, null);

    /** What is held against the orders under it comes to what the same orders come to once it is applied. */
    private static ReplayResult heldExactly(App app, Http maren, String sheet) {
        app.bean(DemoOrders.class).fill(ORDERS);
        SheetsAtWork sheets = new SheetsAtWork(maren.signIn("maren"));
        Answer page = sheets.read(sheet, "of", "GOODS");
        long batch = Long.parseLong(SheetsAtWork.path(page).replaceAll(".*/", ""));
        Replays replays = app.bean(Replays.class);
        BookInForce now = app.bean(Books.class).inForce();

        Tried tried = app.bean(GoodsTried.class).of(batch, now);
        ReplayResult before = replays.atOnce(tried, ALL, ORDERS).orElseThrow();
        assertThat(tried.products()).as(page.text()).isNotEmpty();
        sheets.act(page, "apply");
        BookInForce then = app.bean(Books.class).refresh();
        ReplayResult after = replays.atOnce(new Tried("", then.book(), tried.products()), ALL, ORDERS)
                .orElseThrow();

        assertThat(then.revision()).isGreaterThan(now.revision());
        assertThat(before.other().turnover()).isEqualByComparingTo(after.now().turnover());
        assertThat(before.other().reduced()).isEqualByComparingTo(after.now().reduced());
        for (String sku : tried.products()) {
            Product as = tried.book().product(new Sku(sku)).orElseThrow();
            Product is = then.book().product(new Sku(sku)).orElseThrow();
            assertThat(as.traits()).isEqualTo(is.traits());
            assertThat(as.unitPriceDecimals()).isEqualTo(is.unitPriceDecimals());
        }
        return before;
    }

    @Test
    void shelfPricesOfProductsAndVariants(App app, Http maren) {
        ReplayResult held = heldExactly(app, maren, "sku,shelf price\nBRU-1,17.40\nSHK-8,6.10\nSHK-10,11.25\n");

        assertThat(held.dearer()).isPositive();
    }

    @Test
    void whatGoodsAreToldApartBy(App app, Http maren) {
        heldExactly(
                app,
                maren,
                "sku,category,brand,type,supplier,tags,price decimals\n"
                        + "ROPE-12,Deck gear > Lines; Deck gear,Saltmarsh,line,Quay & Sons,\"clean, deck\",3\n");
    }

    @Test
    void whatIsNotSaidStaysAndNewGoodsAreNotTried(App app, Http maren) {
        SheetsAtWork sheets = new SheetsAtWork(maren.signIn("maren"));
        Answer page = sheets.read("sku,name,shelf price\nNEW-1,New,3.00\nBRU-1,Deck brush,16.00\n", "of", "GOODS");
        BookInForce now = app.bean(Books.class).inForce();

        Tried tried = app.bean(GoodsTried.class)
                .of(Long.parseLong(SheetsAtWork.path(page).replaceAll(".*/", "")), now);

        assertThat(tried.products()).containsExactly("BRU-1");
        Product as = tried.book().product(new Sku("BRU-1")).orElseThrow();
        Product is = now.book().product(new Sku("BRU-1")).orElseThrow();
        assertThat(as.shelfPrice()).isEqualByComparingTo(new BigDecimal("16.00"));
        assertThat(as.traits()).isEqualTo(is.traits());
        assertThat(as.unitCost()).isEqualByComparingTo(is.unitCost());
        assertThat(as.ownRows()).isEqualTo(is.ownRows());
        assertThat(tried.book().product(new Sku("NEW-1"))).isEmpty();
    }
}
