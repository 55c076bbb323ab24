package dev.steelyard.web.goods.about;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.book.Books;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.WithApp;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The brush costs 8.20 and is sold at 15.00 with 19 % of tax: 12.61 without, of which 34.9 % are left. */
@ExtendWith(WithApp.class)
class SmallestMarginsTest {

    private Http maren;

    @BeforeEach
    void signIn(App app) {
        maren = new Http(app.url()).signIn("maren");
    }

    @Test
    void aCategorysCountsBeforeTheShopsAndAProductsBeforeThat() {
        assertThat(maren.get("/goods/13").text()).doesNotContain("12.61 without tax");
        maren.post("/goods/margins", "c.4", "40");
        assertThat(maren.get("/goods/13").text())
                .contains(
                        "15.00, 12.61 without tax, leaves 34.9 % over the cost of 8.20, less than the smallest margin of"
                                + " 40 %");
        assertThat(maren.post("/goods/margins", "c.4", "40", "sku", "BRU-1", "percent", "10 %")
                        .text())
                .contains("Saved");
        assertThat(maren.get("/goods/13").text()).doesNotContain("less than the smallest margin");
        assertThat(maren.get("/history").text()).contains("smallest margins");

        maren.post("/goods/margins", "c.4", "", "p.BRU-1", "");
        assertThat(maren.get("/goods/margins").body()).doesNotContain("BRU-1");
    }

    @Test
    void whatIsNoPercentageOrNoProductIsSaidAndNothingIsLost() {
        Http.Answer page = maren.post("/goods/margins", "c.1", "abc", "c.2", "30", "sku", "NO-1", "percent", "120");

        assertThat(page.status()).isEqualTo(422);
        assertThat(page.text())
                .contains("not “abc”")
                .contains("No product has the SKU “NO-1”")
                .contains("not “120”");
        assertThat(page.body()).contains("value=\"30\"").contains("value=\"abc\"");
        assertThat(maren.get("/goods/margins").body()).doesNotContain("value=\"30\"");
    }

    @Test
    void marginsAreShownToThoseWhoMayDraftAlone(App app) {
        assertThat(maren.get("/goods/13").text()).contains("Margin");
        app.sql().sql("update staff set rights = '' where sign_in = 'maren'").update();
        assertThat(maren.get("/goods/13").text()).doesNotContain("Margin ").contains("Off shelf");
    }

    @Test
    void costsAreShownToThoseWhoMakePricesOrKeepGoodsAlone(App app) {
        for (String rights : List.of("DRAFT", "LIVE")) {
            app.sql()
                    .sql("update staff set rights = ? where sign_in = 'maren'")
                    .param(rights)
                    .update();
            assertThat(maren.get("/goods/13/about").body()).as(rights).contains("value=\"8.20\"");
            assertThat(maren.get("/goods/13").text()).as(rights).contains("Unit cost");
            assertThat(maren.get("/sheets/goods/out?kind=CSV").body())
                    .as(rights)
                    .containsPattern("BRU-1.*8\\.2");
        }
        app.sql().sql("update staff set rights = '' where sign_in = 'maren'").update();
        assertThat(maren.get("/goods/13/about").body())
                .contains("Deck brush")
                .doesNotContain("8.20")
                .doesNotContain("unitCost")
                .doesNotContain("variantCost");
        assertThat(maren.get("/goods/13").text()).doesNotContain("Unit cost");
        assertThat(maren.get("/sheets").text()).contains("tax classes.").doesNotContain("costs");
        assertThat(maren.get("/sheets/goods/out?kind=CSV").body())
                .contains("BRU-1")
                .doesNotContain("unit cost")
                .doesNotContainPattern("BRU-1.*8\\.2");
    }

    /** Lead at 2.60 a kilo: 25 kg at 92.00 are 77.31 without tax, of which 12.31 are left. */
    @Test
    void aPackShowsWhatItsPriceLeaves(App app) {
        app.sql()
                .sql("update product set unit_cost = 2.60, revision = revision + 1 where sku = 'LEAD'")
                .update();
        app.sql().sql("update shop set revision = revision + 1").update();
        app.sql()
                .sql("update product set revision = (select revision from shop) where sku = 'LEAD'")
                .update();
        app.bean(Books.class).refresh();
        long card = app.sql()
                .sql("select id from draft where name = 'Lead ballast in packs'")
                .query(Long.class)
                .single();

        assertThat(maren.get("/cards/" + card + "?step=piece").text()).contains("15.9 %");
    }
}
