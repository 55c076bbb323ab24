package dev.steelyard.web.goods.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.DemoCards;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.SheetsAtWork;
import dev.steelyard.web.testing.WithApp;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Sheets that would do what nobody meant: they say so, and ask before they do it. */
@ExtendWith(WithApp.class)
class AskedTwiceTest {

    private App app;
    private Http owner;
    private SheetsAtWork sheets;

    @BeforeEach
    void signIn(App app, Http owner) {
        this.app = app;
        this.owner = owner.signIn("maren");
        this.sheets = new SheetsAtWork(owner);
        DemoCards.takeAway(app);
    }

    private String priceForClub(int quantity) {
        Http club = new Http(app.url());
        club.get("/counter");
        club.post("/counter/as", "group", "Crew club");
        return club.get("/counter/price?sku=BRU-1&quantity=" + quantity).body();
    }

    private long alone() {
        return app.sql()
                .sql("select count(*) from price_alone")
                .query(Long.class)
                .single();
    }

    @Test
    void rowsOfAGroupThatEveryonesCutStandAloneByOneClick() {
        Answer page = sheets.read(
                """
                sku,group,from,to,price
                BRU-1,Crew club,1,9,14.00
                BRU-1,Crew club,10,,12.00
                """);
        assertThat(page.text())
                .contains("Another row counts")
                .contains(
                        "The rows of Crew club say from which piece to which they hold, but everyone’s rows cut into them, of"
                                + " 1 product.");
        String batch = page.response().uri().getPath();

        owner.post(batch + "/alone", "group", "Crew club");
        Answer again = sheets.settled(owner.get(batch));
        assertThat(again.text())
                .contains("The rows of Crew club stand alone for 1 product: everyone’s do not count for it there.")
                .doesNotContain("Another row counts");

        owner.post(batch + "/apply");
        sheets.settled(owner.get(batch));
        assertThat(alone()).isEqualTo(1);
        assertThat(priceForClub(6)).contains("id=\"total\">84.00<");
        assertThat(owner.get("/history?subject=sheet").status()).isEqualTo(200);

        owner.post(batch + "/undo");
        sheets.settled(owner.get(batch));
        assertThat(alone()).isZero();
        assertThat(priceForClub(6)).contains("id=\"total\">79.20<");
    }

    @Test
    void tenfoldPricesAreAppliedOnlyWhereTheirNumberIsTyped() {
        StringBuilder sheet = new StringBuilder("sku,group,what,from,price\r\n");
        for (int from = 20; from < 31; from++) {
            sheet.append("BRU-1,Everyone,row,").append(from).append(",12.00\r\n");
        }
        Answer first = sheets.read(sheet.toString());
        owner.post(first.response().uri().getPath() + "/apply");
        sheets.settled(owner.get(first.response().uri().getPath()));

        Answer page = sheets.read(sheet.toString().replace("12.00", "1.20"));
        String batch = page.response().uri().getPath();
        assertThat(page.text())
                .contains("ten times or a tenth 11")
                .contains("11 prices change tenfold or to a tenth; type how many");
        assertThat(owner.get(batch + "?show=odd-tenfold").text()).contains("12.00 1.20 −90.0 %");

        Answer unasked = owner.post(batch + "/apply");
        assertThat(unasked.status()).isEqualTo(422);
        assertThat(unasked.text()).contains("Nothing was applied. 11 prices would be ten times what they are or more");
        assertThat(owner.post(batch + "/apply", "tenfold", "12").text()).contains("not “12”");
        assertThat(owner.post(batch + "/apply", "tenfold", "11").status()).isEqualTo(200);
        assertThat(sheets.settled(owner.get(batch)).text()).contains("11 prices changed");
    }

    /** Other programs mean both by it, so it is asked and never guessed. */
    @Test
    void aHeadThatIsReadInTwoWaysIsAskedAbout() {
        Answer page = sheets.read("sku,from,price,valid until\r\nBRU-1,50,11.00,2027-03-31\r\n");
        assertThat(page.text()).contains("valid until").contains("last day");
    }

    @Test
    void theLastDayIsTheLastOneOnWhichItHolds() {
        Answer page = sheets.read("sku,from,price,last day\r\nBRU-1,50,11.00,2027-03-31\r\n");
        String batch = page.response().uri().getPath();
        assertThat(page.text()).contains("from 50 up to and including 2027-03-31");
        owner.post(batch + "/apply");
        sheets.settled(owner.get(batch));
        assertThat(app.sql()
                        .sql("select ends from price_row where from_pieces = 50")
                        .query(String.class)
                        .single())
                .startsWith("2027-04-01");
    }
}
