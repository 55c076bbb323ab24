package dev.steelyard.web.goods.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.goods.GoodsStore;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.DemoCards;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.SheetsAtWork;
import dev.steelyard.web.testing.WithApp;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@ExtendWith(WithApp.class)
class SheetRoundTest {

    private static final String ALL = "&shelf=true&everyone=true&group=Boatyard&group=Sailing+school&group=Crew+club";

    private App app;
    private Http owner;
    private SheetsAtWork sheets;

    @BeforeEach
    void signIn(App app, Http owner) {
        this.app = app;
        this.owner = owner.signIn("maren");
        this.sheets = new SheetsAtWork(owner);
    }

    private String csv() {
        return new String(owner.bytes("/sheets/out?kind=CSV" + ALL), StandardCharsets.UTF_8);
    }

    private List<String> prices() {
        return app.sql()
                .sql(
                        "select concat_ws(' ', r.id, r.product_id, r.variant_id, r.group_id, r.from_pieces, r.price, r.starts, r.ends)"
                                + " from price_row r union select concat_ws(' ', sku, shelf_price) from product"
                                + " union select concat_ws(' ', sku, shelf_price) from variant order by 1")
                .query(String.class)
                .list();
    }

    @ParameterizedTest
    @ValueSource(strings = {"CSV", "CSV&form=COMMA", "XLSX", "ODS"})
    void takenOutAndReadInAgainIsNoChange(String kind) {
        byte[] sheet = owner.bytes("/sheets/out?kind=" + kind + ALL);
        String form = kind.endsWith("COMMA") ? "COMMA" : "POINT";

        Answer page = sheets.read("prices." + kind, sheet);

        assertThat(page.text()).contains("0 changes: every row says what the shop has.");
        assertThat(page.body()).doesNotContain("id=\"apply\"");
    }

    @Test
    void changesAdditionsAndRemovalsAreShownAppliedAndTakenBack() {
        DemoCards.takeAway(app);
        List<String> before = prices();
        String sheet = csv().lines()
                        .map(line -> line.startsWith("BRU-1,") && line.contains(",row,6,,13.20,,")
                                ? line.replace("13.20", "12.90")
                                : line.startsWith("SHK,") && line.contains("Everyone,row,100,,5.45")
                                        ? line + "remove"
                                        : line)
                        .reduce("", (a, b) -> a + b + "\r\n")
                + "BRU-1,,Crew club,row,10,,11.50,,,EUR,,\r\n";

        Answer page = sheets.read(sheet);

        assertThat(page.text()).contains("3 prices would change").contains("13.20 12.90 −2.3 %");
        assertThat(prices()).isEqualTo(before);
        assertThat(owner.get("/counter/goods/BRU-1?quantity=6").text()).contains("79.20");

        Answer applied = sheets.act(page, "apply");

        assertThat(applied.text()).contains("applied by Maren").contains("3 prices changed");
        assertThat(owner.get("/counter/goods/BRU-1?quantity=6").text()).contains("77.40");
        assertThat(prices()).hasSameSizeAs(before).isNotEqualTo(before);
        assertThat(owner.get("/history").text())
                .contains("Maren applied sheet.csv")
                .contains("prices changed");

        Answer undone = sheets.act(applied, "undo");

        assertThat(undone.text()).contains("undone by Maren");
        assertThat(prices()).isEqualTo(before);
        assertThat(owner.get("/counter/goods/BRU-1?quantity=6").text()).contains("79.20");
    }

    @Test
    void thresholdsThatTakeEachOthersPlaceAreWrittenWithoutClash() {
        String sheet = csv().lines()
                .map(line -> line.startsWith("SHK,") && line.contains("Everyone,row,10,")
                        ? line.replace(",row,10,24,", ",row,25,,")
                        : line.startsWith("SHK,") && line.contains("Everyone,row,25,")
                                ? line.replace(",row,25,99,", ",row,10,,")
                                : line)
                .reduce("", (a, b) -> a + b + "\r\n");

        Answer applied = sheets.act(sheets.read(sheet), "apply");

        assertThat(applied.text()).contains("2 prices changed");
        assertThat(app.sql()
                        .sql(
                                "select price from price_row where product_id = 1 and variant_id is null and group_id is null and from_pieces = 10")
                        .query(String.class)
                        .single())
                .startsWith("6.20");
        assertThat(sheets.act(applied, "undo").text()).contains("undone by Maren");
        assertThat(csv()).isEqualTo(sheet.isEmpty() ? "" : csv());
    }

    @Test
    void aRefusedCellIsMendedWhereItStands() {
        Answer page = sheets.read(
                "sku,group,what,from,price\nBRU-1,,row,20,\"11,90\"\nNOPE,,row,10,3\nBRU-1,,shelf price,,15.50\n");

        assertThat(page.text())
                .contains("1 price would change")
                .contains("2 rows are refused")
                .contains("11,90 has a decimal comma where a decimal point is meant")
                .contains("Nothing with the SKU “NOPE” is sold here");
        assertThat(page.body()).contains("leaveRefused");

        Answer mended = owner.background(
                SheetsAtWork.path(page) + "/mend", "number", "1", "cell.PRICE", "11.90", "show", "all");
        assertThat(mended.text()).contains("2 prices would change").contains("1 row is refused");
        Answer left = owner.background(SheetsAtWork.path(page) + "/mend", "number", "2", "leave", "yes");
        assertThat(left.text()).contains("2 prices would change").doesNotContain("refused.");

        assertThat(sheets.act(page, "apply").text()).contains("2 prices changed");
    }

    @Test
    void nothingIsAppliedWhileRowsAreRefusedUnlessTheyAreLeftOut() {
        Answer page = sheets.read("sku,price\nBRU-1,15.50\nNOPE,3\n");

        assertThat(sheets.act(page, "apply").text()).contains("to be looked at").contains("1 price would change");
        assertThat(sheets.act(page, "apply", "leaveRefused", "true").text()).contains("1 price changed");
    }

    @Test
    void refusedRowsAreGivenBackWithTheirReasonsAndCanBeReadAgain() {
        Answer page = sheets.read(
                "sku,what,from,price,valid from\n=BRU,row,10,3,\nBRU-1,row,10,3,31/04/2027\nBRU-1,row,12,13,\n");

        String back = new String(owner.bytes(SheetsAtWork.path(page) + "/refused"), StandardCharsets.UTF_8);

        assertThat(back)
                .contains("'=BRU,")
                .contains("sku: Nothing with the SKU “=BRU”")
                .contains("valid from: “31/04/2027” is no day");
        Answer again = sheets.read(back.replace("31/04/2027", "2027-01-04"));
        assertThat(again.text()).contains("1 price would change").contains("1 row is refused");
    }

    @Test
    void whatWasChangedInTheShopSinceIsNamedAndNotWrittenOver() {
        String sheet = csv().replace(",row,6,,13.20,", ",row,6,,12.90,");
        app.sql().sql("update price_row set price = 13.00 where id = 30").update();

        Answer page = sheets.read(sheet);

        assertThat(page.text())
                .contains("It was changed in the shop since the sheet was taken out: from 6 is now 13.00")
                .contains("1 row is refused");
    }

    @Test
    void whatIsChangedBetweenPreviewAndApplyingStopsAllOfIt() {
        Answer page = sheets.read("sku,what,from,price\nBRU-1,row,6,12.90\nSHK,shelf price,,7.50\n");
        app.sql().sql("update product set shelf_price = 7.60 where sku = 'SHK'").update();
        List<String> before = prices();

        Answer stopped = sheets.act(page, "apply");

        assertThat(stopped.text())
                .contains("These prices were changed since the batch was checked. Nothing was applied")
                .contains("line 3, SHK");
        assertThat(prices()).isEqualTo(before);

        Answer again = sheets.act(stopped, "check");
        assertThat(again.text()).contains("2 prices would change").contains("7.60 7.50");
        assertThat(sheets.act(again, "apply").text()).contains("2 prices changed");
    }

    /** Its price is compared while it is written; others have been written by then. */
    @Test
    void aRowThatStaysInItsPlaceAndWasChangedMeanwhileStopsAllOfItBothWays() {
        Answer page = sheets.read("sku,what,from,price\nSHK,shelf price,,7.50\nBRU-1,row,6,12.90\n");
        app.sql().sql("update price_row set price = 13.00 where id = 30").update();
        List<String> before = prices();

        Answer stopped = sheets.act(page, "apply");

        assertThat(stopped.text())
                .contains("These prices were changed since the batch was checked. Nothing was applied")
                .contains("line 3, BRU-1 from 6");
        assertThat(prices()).isEqualTo(before);

        Answer applied = sheets.act(sheets.act(stopped, "check"), "apply");
        assertThat(applied.text()).contains("2 prices changed");
        app.sql().sql("update price_row set price = 12.95 where id = 30").update();
        List<String> since = prices();

        Answer kept = sheets.act(applied, "undo");

        assertThat(kept.text())
                .contains("These prices were changed since the batch was applied. Nothing was undone.")
                .contains("line 3, BRU-1 from 6");
        assertThat(prices()).isEqualTo(since);
    }

    @Test
    void anAdditionWhosePlaceWasTakenMeanwhileStopsAllOfIt() {
        Answer page = sheets.read("sku,what,from,price\nBRU-1,row,20,12.00\nSHK,shelf price,,7.50\n");
        app.sql()
                .sql("insert into price_row (id, product_id, from_pieces, price) values (999, 13, 20, 11)")
                .update();

        assertThat(sheets.act(page, "apply").text())
                .contains("Nothing was applied")
                .contains("BRU-1 from 20");
        assertThat(app.bean(GoodsStore.class).find(1).orElseThrow().product().shelfPrice())
                .isEqualByComparingTo("7.40");
    }

    @Test
    void undoIsRefusedOnceARowWasChangedSince() {
        Answer applied =
                sheets.act(sheets.read("sku,what,from,price\nBRU-1,row,6,12.90\nSHK,shelf price,,7.50\n"), "apply");
        app.sql().sql("update price_row set price = 12.80 where id = 30").update();
        List<String> before = prices();

        Answer stopped = sheets.act(applied, "undo");

        assertThat(stopped.text())
                .contains("Nothing was undone")
                .contains("BRU-1 from 6")
                .contains("applied by Maren");
        assertThat(prices()).isEqualTo(before);
    }

    @Test
    void theVerySameFileIsNoticedAndChangesNothingMore() {
        String sheet = "sku,what,from,price\nBRU-1,row,20,12.00\n";
        sheets.act(sheets.read(sheet), "apply");

        Answer again = sheets.read(sheet);

        assertThat(again.text()).contains("0 changes").contains("This very file was applied before, by Maren.");
    }

    @Test
    void whatIsNoSheetIsSaidInWords() {
        assertThat(sheets.read("x.png", new byte[] {(byte) 0x89, 'P', 'N', 'G', 0})
                        .text())
                .contains("The file is no spreadsheet and no text");
        assertThat(sheets.read("sku,price\n").text()).contains("There are no rows under the heads.");
        assertThat(owner.upload("/sheets", "empty.csv", new byte[0]).text()).contains("The file is empty.");
        assertThat(owner.upload("/sheets", "", new byte[0]).text()).contains("Choose a file first.");
        assertThat(sheets.read("1,2\n3,4\n").text()).contains("No line has heads such as “sku” and “price”");
    }

    @Test
    void aFileThatIsTooLargeIsSaidToBe() {
        Answer page = owner.upload("/sheets", "large.csv", new byte[102 << 20]);

        assertThat(page.status()).isEqualTo(413);
        assertThat(page.text()).contains("at most 100 MB are read");
    }

    @Test
    void whatIsBeingReadCanBeCancelled() {
        String sheet = "sku,price\n" + "BRU-1,15.50\n".repeat(200_000);

        Answer page = owner.upload("/sheets", "long.csv", sheet.getBytes(StandardCharsets.UTF_8));
        Answer stopped = sheets.act(page, "cancel");

        assertThat(stopped.text()).contains("cancelled").contains("Nothing was applied");
        assertThat(app.sql()
                        .sql("select count(*) from price_batch_row")
                        .query(Integer.class)
                        .single())
                .isZero();
    }

    @Test
    void namesThatWouldRunAsFormulasOrScriptsAreOnlyShown() {
        app.sql()
                .sql("update product set name = '=cmd|<script>alert(1)</script>' where id = 13")
                .update();

        assertThat(csv()).contains("BRU-1,'=cmd|<script>alert(1)</script>,");
        Answer page = sheets.read("sku,price\n<script>alert(2)</script>,1\n");
        assertThat(page.body()).doesNotContain("<script>alert(").contains("&lt;script&gt;alert(2)");
    }

    @Test
    void shelfPricesOfVariantsAreTheirOwn() {
        Answer page = sheets.read("sku,price\nSHK-8,7.00\nSHK-6,5.70\n");

        assertThat(page.text()).contains("2 prices would change");
        Answer applied = sheets.act(page, "apply");
        assertThat(app.sql()
                        .sql("select shelf_price from variant where sku = 'SHK-8'")
                        .query(String.class)
                        .single())
                .startsWith("7.00");
        sheets.act(applied, "undo");
        assertThat(app.sql()
                        .sql("select count(*) from variant where sku = 'SHK-8' and shelf_price is null")
                        .query(Integer.class)
                        .single())
                .isOne();
    }
}
