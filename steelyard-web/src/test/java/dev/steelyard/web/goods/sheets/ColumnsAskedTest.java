package dev.steelyard.web.goods.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.book.Books;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.SheetsAtWork;
import dev.steelyard.web.testing.WithApp;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A column that is not understood: nothing is read until somebody says what it is, or that it is left out. */
@ExtendWith(WithApp.class)
class ColumnsAskedTest {

    private static final String SUPPLIERS =
            "SKU,cust. grp,from qty,unit price,remark\nBRU-1,Boatyard,6,12.00,cheap\nBRU-1,,20,11.00,\n";

    private App app;
    private Http owner;
    private SheetsAtWork sheets;

    @BeforeEach
    void signIn(App app, Http owner) {
        this.app = app;
        this.owner = owner.signIn("maren");
        this.sheets = new SheetsAtWork(owner);
    }

    private long batches() {
        return app.sql()
                .sql("select count(*) from price_batch")
                .query(Long.class)
                .single();
    }

    @Test
    void nothingIsReadUntilEachIsKnownOrLeftOutByHand() {
        Answer asked = sheets.read(SUPPLIERS);

        assertThat(asked.response().uri().getPath()).isEqualTo("/sheets/columns");
        assertThat(asked.text()).contains("Which column is what?").contains("cust. grp", "remark");
        assertThat(batches()).isZero();
        String of = asked.field("of");

        Answer half = owner.post("/sheets/columns", with(of, "is.4", "-", "is.1", ""));
        assertThat(half.status()).isEqualTo(422);
        assertThat(half.text()).contains("Say what it is, or that it is left out");
        assertThat(batches()).isZero();

        Answer read = sheets.settled(owner.post("/sheets/columns", with(of, "is.4", "-", "is.1", "GROUP")));
        assertThat(read.text()).contains("would change").contains("Boatyard");
        assertThat(batches()).isEqualTo(1);
    }

    private static String[] with(String of, String... more) {
        List<String> all = new ArrayList<>(List.of("of", of, "is.0", "SKU", "is.2", "FROM", "is.3", "PRICE"));
        all.addAll(List.of(more));
        return all.toArray(String[]::new);
    }

    /** What was said is kept for the next file with the same heads, and can be said anew of a file that was read. */
    @Test
    void whatWasSaidIsKeptAndCanBeSaidAnew() {
        String of = sheets.read(SUPPLIERS).field("of");
        sheets.settled(owner.post("/sheets/columns", with(of, "is.4", "-", "is.1", "-")));

        Answer next = sheets.read(SUPPLIERS.replace("12.00", "12.10"));
        assertThat(next.text())
                .contains("would change")
                .doesNotContain("Boatyard")
                .contains("Say anew which column is what");

        String again = owner.get(next.link("Say anew which column is what")).field("of");
        Answer anew = sheets.settled(owner.post("/sheets/columns", with(again, "is.4", "-", "is.1", "GROUP")));
        assertThat(anew.text()).contains("Boatyard");
        assertThat(owner.get(SheetsAtWork.path(next)).text()).contains("Read again with other columns");
    }

    @Test
    void theSignOfAColumnIsShownAndCanBeSwitched() {
        Answer asked = sheets.read("sku;price\nBRU-1;1.234\nSHK-8;2.500\n");
        assertThat(asked.text())
                .contains("it can be read in two ways")
                .contains("a decimal comma: 1.234 is 1234")
                .contains("a decimal point: 1.234 is 1.234");
    }

    /** The page that asks once failed over any sign of a currency. */
    @Test
    void pricesWithTheirCurrencyAreShownAsTheyAreRead() {
        Answer asked = sheets.read("sku;price;remark\nBRU-1;12,50\u00a0€;cheap\nSHK-8;EUR 6,45;\nSHK-6;5,10 USD;\n");
        assertThat(asked.status()).isEqualTo(200);
        assertThat(asked.text())
                .contains("Which column is what?")
                .contains("12,50\u00a0€ is 12.50")
                .contains("EUR 6,45 is 6.45")
                .contains("5,10 USD is refused");
    }

    /** It was shown as 10.5 pieces, and refused only later. */
    @Test
    void aThresholdWithACurrencyIsShownAsRefused() {
        Answer asked = sheets.read("sku;from;price;remark\nBRU-1;10,5 EUR;12,50 EUR;cheap\n");
        assertThat(asked.text()).contains("10,5 EUR is refused").contains("12,50 EUR is 12.50");
    }

    @Test
    void aFileThatIsKeptNoMoreIsAskedForAgain() {
        assertThat(owner.get("/sheets/columns?of=made-up").text()).contains("not kept here any more");
        assertThat(owner.post("/sheets/columns", "of", "made-up").text()).contains("not kept here any more");
    }

    @Test
    void headsThatOthersWriteAreKnown() {
        Answer page = sheets.read("Article no.,Customer group,From qty,Unit price\nBRU-1,Boatyard,6,12.00\n");
        assertThat(page.text()).contains("1 price would change").contains("Boatyard");
        assertThat(page.text()).doesNotContain("shelf price 15.00 12.00");
    }

    /** What its own export calls the reasons of refused rows is no column of prices, and known all the same. */
    @Test
    void whatIsGivenBackCanBeReadAgain() {
        Answer page = sheets.read("sku,price\nNOPE,3\n");
        String back =
                new String(owner.bytes(SheetsAtWork.path(page) + "/refused"), java.nio.charset.StandardCharsets.UTF_8);
        assertThat(sheets.read(back).text()).contains("1 row is refused");
    }

    @Test
    void whatAPreviewSaysOfARangeIsWhatIsCharged() {
        Answer page = sheets.read(
                "sku,group,what,from,to,price\nBRU-1,,row,6,30,13.00\nBRU-1,,row,20,,12.50\nBRU-1,,row,90,85,9\n");
        assertThat(owner.get(SheetsAtWork.path(page) + "?show=all").text())
                .contains("It ends at 85, before it begins at 90")
                .contains("it goes on to 30, but from 20 another row begins; from 20 on that one counts");
    }

    /** Where money has three decimals, every price can be read in two ways: it is asked once, and known the next time. */
    @Test
    void pricesOfThreeDecimalsAreAskedAboutOnce() {
        shopIn("KWD", 3);
        Answer asked = sheets.read("sku,price,currency\nBRU-1,4.755,KWD\nTRAY-W,1.250,KWD\n");
        Answer page = sheets.settled(owner.post(
                "/sheets/columns",
                "of",
                asked.field("of"),
                "is.0",
                "SKU",
                "is.1",
                "PRICE",
                "how.1",
                "POINT",
                "is.2",
                "CURRENCY"));
        assertThat(page.text()).contains("4.755").contains("1.25");
        sheets.act(page, "apply");
        assertThat(owner.get("/counter/price?sku=BRU-1&quantity=2").text()).contains("9.510");

        assertThat(sheets.read("sku,price,currency\nBRU-1,4.765,KWD\nTRAY-W,1.250,KWD\n")
                        .text())
                .contains("1 price would change");
        byte[] out = owner.bytes("/sheets/out?kind=CSV&shelf=true&everyone=true&group=Boatyard");
        assertThat(sheets.read("back.csv", out).text()).contains("0 changes");
    }

    @Test
    void pricesWithoutDecimalsGoRoundAsTheyAre() {
        shopIn("JPY", 0);
        Answer page = sheets.read("sku;price\nBRU-1;￥1500\n");
        assertThat(page.text()).contains("1 price would change").contains("1,500");
        sheets.act(page, "apply", "tenfold", "1");
        assertThat(owner.get("/counter/price?sku=BRU-1&quantity=2").text())
                .contains("3,000")
                .doesNotContain("3,000.00");
        byte[] out = owner.bytes("/sheets/out?kind=CSV&form=COMMA&shelf=true");
        assertThat(sheets.read("back.csv", out).text()).contains("0 changes");
    }

    /** A shop whose cards and deals are none, since they speak of euros. */
    private void shopIn(String currency, int decimals) {
        app.sql().sql("delete from draft_release").update();
        app.sql()
                .sql("update shop set currency = ?, unit_price_decimals = ?, revision = revision + 1")
                .params(currency, decimals)
                .update();
        app.bean(Books.class).refresh();
    }
}
