package dev.steelyard.web.goods;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.SheetsAtWork;
import dev.steelyard.web.testing.WithApp;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Spaces that nobody sees come along when a text is copied from a page, a mail or a spreadsheet; they change nothing. */
@ExtendWith(WithApp.class)
class PastedEverywhereTest {

    private static final String HARD = "\u00a0";
    private static final String NARROW = "\u202f";
    private static final String WIDTHLESS = "\u200b";

    private App app;
    private Http owner;

    @BeforeEach
    void signIn(App app, Http owner) {
        this.app = app;
        this.owner = owner.signIn("maren");
    }

    private long products(String sku) {
        return app.sql()
                .sql("select count(*) from product where sku = ?")
                .param(sku)
                .query(Long.class)
                .single();
    }

    @Test
    void aNewProductIsCalledByWhatIsSeen() {
        Answer made = owner.post(
                "/goods/new",
                "sku",
                HARD + "CLEAT" + WIDTHLESS,
                "name",
                "Horn cleat" + HARD,
                "drawing",
                "shackle",
                "shelfPrice",
                "12,50" + HARD + "€");
        assertThat(made.text()).contains("Horn cleat");
        assertThat(products("CLEAT")).isEqualTo(1);
        assertThat(owner.get("/counter/goods/CLEAT").text()).contains("12.50");
    }

    @Test
    void whatStandsUnseenWithinASkuIsSaidAndNothingIsMade() {
        Answer refused = owner.post(
                "/goods/new",
                "sku",
                "CLE" + WIDTHLESS + "AT",
                "name",
                "Horn cleat",
                "drawing",
                "shackle",
                "shelfPrice",
                "12.50");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text()).contains("has a sign in it that nobody sees");
        assertThat(products("CLE" + WIDTHLESS + "AT")).isZero();
    }

    @Test
    void goodsAreFoundByASkuThatIsPasted() {
        assertThat(owner.get("/goods?rowsOnly=true&find=%C2%A0BRU-1%C2%A0").text())
                .contains("Deck brush");
    }

    @Test
    void aSheetIsReadWithThemInEveryCell() {
        Answer page = new SheetsAtWork(owner)
                .read("sku" + HARD + ",group,from,unit" + HARD + "price\nSHK-8" + HARD + "," + HARD + "Boatyard,50"
                        + NARROW + ",5.05" + HARD + "€\n");
        assertThat(page.text()).contains("1 price would change").doesNotContain("refused");
        new SheetsAtWork(owner).act(page, "apply");
        assertThat(app.sql()
                        .sql("select count(*) from price_row where from_pieces = 50 and price = 5.05")
                        .query(Long.class)
                        .single())
                .isEqualTo(1);
    }

    @Test
    void aShopperWhoPastesHisMeasureHasThePriceOfThatMeasure() {
        String typed = owner.get(
                        "/counter/price?sku=COVER&sent=yes&quantity=1&a.length=5.23%C2%A0m&a.width=211&a.hem=plain&a.fixing=loose")
                .text();
        String plain = owner.get(
                        "/counter/price?sku=COVER&sent=yes&quantity=1&a.length=523&a.width=211&a.hem=plain&a.fixing=loose")
                .text();
        assertThat(total(typed)).isEqualTo("291.80").isEqualTo(total(plain));
        assertThat(owner.get("/counter/price?sku=SHK-8&sent=yes&quantity=%C2%A030%E2%80%AF")
                        .text())
                .contains("30 pieces");
    }

    private static String total(String page) {
        return page.replaceAll("(?s).*1 piece ([\\d.,]+) EUR.*", "$1");
    }
}
