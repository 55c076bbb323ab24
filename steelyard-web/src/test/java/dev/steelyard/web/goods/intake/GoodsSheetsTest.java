package dev.steelyard.web.goods.intake;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.App;
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
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Goods by sheet: new ones, changed ones, what is refused, applied whole and taken back whole. */
@ExtendWith(WithApp.class)
class GoodsSheetsTest {

    private static final String NEW =
            "sku,name,category,brand,tags,tax class,shelf price,unit cost,variant of,variant name\n"
                    + "LAN-S,,,,,,12.50,6.00,LAN,12 volt\n"
                    + "LAN,Cabin lantern,Lights > Cabin,Wickham,\"warm, brass\",Standard,14.00,7.00,,\n"
                    + "TOR,Deck torch,Lights,Wickham,,,9.90,,,\n";

    private App app;
    private Http owner;
    private SheetsAtWork sheets;

    @BeforeEach
    void signIn(App app, Http owner) {
        this.app = app;
        this.owner = owner.signIn("maren");
        this.sheets = new SheetsAtWork(owner);
    }

    private Answer read(String csv) {
        return sheets.read(csv, "of", "GOODS");
    }

    private long count(String query) {
        return app.sql().sql(query).query(Long.class).single();
    }

    private String refusal(String csv) {
        return owner.get(SheetsAtWork.path(read(csv)) + "?show=refused").text();
    }

    @Test
    void newGoodsComeWithTheirNamesAndVariantsAndGoAgainWhole() {
        long before = count("select count(*) from product");
        Answer page = read(NEW);

        assertThat(page.text())
                .contains("3 products and variants would change")
                .contains("New categories: Lights , Lights &gt; Cabin .")
                .contains("New brands: Wickham .")
                .contains("1 new product says no tax class and gets Standard");
        assertThat(count("select count(*) from product"))
                .as("looked at, not done")
                .isEqualTo(before);

        assertThat(sheets.act(page, "apply").text()).contains("3 products and variants changed");
        assertThat(owner.get("/counter/goods/TOR").text())
                .contains("Deck torch")
                .contains("9.90");
        assertThat(owner.get("/counter/goods/LAN").text())
                .contains("Cabin lantern")
                .contains("12 volt");
        assertThat(owner.get("/goods?find=lantern").text()).contains("Wickham");

        assertThat(undo(page).text()).contains("undone by Maren");
        assertThat(count("select count(*) from product")).isEqualTo(before);
        assertThat(count("select count(*) from variant where sku = 'LAN-S'")).isZero();
        assertThat(count("select count(*) from category where name in ('Lights', 'Cabin')"))
                .isZero();
        assertThat(count("select count(*) from brand where name = 'Wickham'")).isZero();
        assertThat(owner.get("/counter/goods/TOR").status()).isEqualTo(404);
    }

    private Answer undo(Answer page) {
        String path = SheetsAtWork.path(page);
        return sheets.settled(owner.post(path.replace("/goods/", "/") + "/undo"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"CSV", "XLSX", "ODS"})
    void whatIsTakenOutAndReadInUnchangedChangesNothing(String kind) {
        for (String form : List.of("POINT", "COMMA")) {
            byte[] out = owner.bytes("/sheets/goods/out?kind=" + kind + "&form=" + form);
            Answer page = sheets.read("goods", out, "of", "GOODS");
            assertThat(page.text()).as("%s %s", kind, form).contains("0 changes: every row says what the shop has");
        }
    }

    @Test
    void whatIsSaidOfGoodsChangesAndIsPutBack() {
        Answer page = read("sku,name,brand,shelf price\nBRU-1,Hard brush,Nobody & Sons,15.50\n");
        assertThat(page.text()).contains("brand").contains("Nobody &amp; Sons").contains("15.50");

        sheets.act(page, "apply");
        assertThat(owner.get("/counter/goods/BRU-1").text())
                .contains("Hard brush")
                .contains("15.50");
        assertThat(owner.get("/goods/" + product("BRU-1") + "/past").text()).contains("by the sheet sheet.csv");

        undo(page);
        assertThat(owner.get("/counter/goods/BRU-1").text()).contains("15.00");
        assertThat(count("select count(*) from brand where name = 'Nobody & Sons'"))
                .isZero();
    }

    private long product(String sku) {
        return count("select id from product where sku = '" + sku + "'");
    }

    @Test
    void goodsAreTakenOutOfTheShopAndPutBack() {
        sheets.act(read("sku,taken out\nBRU-1,yes\n"), "apply");
        assertThat(owner.get("/counter/goods/BRU-1").status()).isEqualTo(404);
        assertThat(refusal("sku,taken out,shelf price\nBRU-1,no,16\n")).contains("put it back on sale first");

        sheets.act(read("sku,taken out\nBRU-1,no\n"), "apply");
        assertThat(owner.get("/counter/goods/BRU-1").text()).contains("15.00");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "sku,name;A-1,One;A-1,Two                                    | “A-1” stands in line 2 already",
                "sku,name;A-1,One;a-1,Two                                    | differs from “A-1” in case alone",
                "sku,name;bru-1,Brush                                        | differs from “BRU-1” in case alone",
                "sku,name;A-1,                                               | “A-1” is not sold here, and new goods need a name",
                "sku,name;BRU-1,                                             | A product has a name; this would take it away",
                "sku,name,variant of;A-1,One,A-1                             | “A-1” would be a variant of itself",
                "sku,name,variant of;A-1,One,A-2;A-2,Two,A-1                 | is a variant itself, in line",
                "sku,name,variant of;A-1,One,A-9                             | No product has the SKU “A-9”, here or in this sheet",
                "sku,name,variant of;A-1,,;A-1-S,S,A-1                       | Its product “A-1” is refused, in line 2",
                "sku,name,variant of;BRU-1,Brush,SHK                         | it cannot become a variant",
                "sku,name,category;A-1,One,X > Y;A-2,Two,Y > X               | “X” stands at the top by line 2, not below “Y”",
                "sku,name,category;A-1,One,X > Y > X                         | goes in a circle",
                "sku,name,tax class;A-1,One,Luxury                           | There is no tax class “Luxury”; there are",
                "sku,name,shelf price;A-1,One,-3                             | is below 0",
            })
    void whatCannotBeIsRefusedInWords(String csv, String words) {
        assertThat(refusal(csv.strip().replace(";", "\n") + "\n")).contains(words);
    }

    @Test
    void whatIsWrongAlikeIsMendedInAllRowsAtOnce() {
        Answer page = read("sku,name,tax class\nA-1,One,Normal\nA-2,Two,Normal\nA-3,Three,Standrad\n");
        assertThat(page.text()).contains("2 rows say tax class “Normal”").contains("3 rows are refused");

        Answer mended = sheets.settled(owner.post(
                SheetsAtWork.path(page) + "/alike", "column", "TAX_CLASS", "value", "Normal", "text", "Standard"));
        assertThat(mended.text()).contains("1 row is refused").contains("Is “Standard” meant?");

        Answer all = sheets.settled(
                owner.post(SheetsAtWork.path(page) + "/mend", "number", "3", "cell.TAX_CLASS", "standard"));
        assertThat(all.text()).contains("3 products and variants would change").doesNotContain("refused");
    }

    @Test
    void refusedRowsAreGivenBackWithTheirReasonsAndCanBeReadAgain() {
        Answer page = read("sku,name,tax class\nA-1,One,Normal\n");
        String back = new String(owner.bytes(SheetsAtWork.path(page) + "/refused"), StandardCharsets.UTF_8);
        assertThat(back).contains("tax class: There is no tax class “Normal”");
        assertThat(read(back.replace("One,", "Uno,").replace(",Normal,", ",Standard,"))
                        .text())
                .contains("1 product or variant would change");
    }

    /** Two work at once: whoever comes second is told, and nothing of theirs is half done. */
    @Test
    void goodsThatWereChangedMeanwhileStopTheSheet() {
        Answer first = read("sku,name\nBRU-1,Hard brush\n");
        Answer second = read("sku,name\nBRU-1,Scrubber\nA-7,Seven\n");
        sheets.act(first, "apply");

        Answer told = sheets.act(second, "apply");
        assertThat(told.text())
                .contains("were changed since the sheet was checked")
                .contains("line 2, BRU-1");
        assertThat(count("select count(*) from product where sku = 'A-7'")).isZero();

        Answer again = sheets.settled(owner.post(SheetsAtWork.path(second).replace("/goods/", "/") + "/check"));
        assertThat(again.text()).contains("2 products and variants would change");
        assertThat(sheets.act(second, "apply").text()).contains("applied by Maren");
    }

    @Test
    void newGoodsThatSomebodyWorkedOnSinceAreNotTakenAway() {
        Answer page = read("sku,name,shelf price\nA-7,Seven,3.00\n");
        sheets.act(page, "apply");
        sheets.act(sheets.read("sku,price\nA-7,3.10\n"), "apply");

        assertThat(undo(page).text()).contains("Nothing was undone").contains("line 2, A-7");
        assertThat(count("select count(*) from product where sku = 'A-7'")).isEqualTo(1);
    }

    @Test
    void aNewVariantThatGotPricesSinceIsNotTakenAway() {
        Answer page = read("sku,variant of,variant name\nBRU-L,BRU-1,long\n");
        sheets.act(page, "apply");
        sheets.act(sheets.read("sku,what,from,price\nBRU-L,row,10,14.00\n"), "apply");

        assertThat(undo(page).text()).contains("Nothing was undone").contains("line 2, BRU-L");
        assertThat(count("select count(*) from variant where sku = 'BRU-L'")).isEqualTo(1);
    }

    @Test
    void manyPricesThatChangeTenfoldAskForTheirNumber() {
        StringBuilder sheet = new StringBuilder("sku,name,shelf price\n");
        for (int i = 0; i < 12; i++) {
            sheet.append("T-" + i + ",Thing " + i + ",2.00\n");
        }
        sheets.act(read(sheet.toString()), "apply");

        Answer page = read(sheet.toString().replace("2.00", "20.00"));
        assertThat(owner.post(SheetsAtWork.path(page) + "/apply").text()).contains("12 prices would be ten times");
        assertThat(sheets.act(page, "apply", "tenfold", "12").text()).contains("applied by Maren");
    }

    /** A supplier's sheet in another language: its columns are asked for once, and known the next time. */
    @Test
    void aSheetFromElsewhereIsAskedAboutOnce() {
        String supplier = "Artikelnummer;Bezeichnung;Warengruppe;VK;EK;EAN\n"
                + "Z-1;Leine geflochten;Leinen > Geflochten;1.039,50;12,00;400\n"
                + "Z-2;Leine gedreht;Leinen > Gedreht;39,50;1.200;400\n";
        Answer asked = read(supplier);
        assertThat(asked.response().uri().getPath()).isEqualTo("/sheets/columns");
        assertThat(asked.text()).contains("1.039,50 is 1039.50");
        assertThat(asked.body())
                .contains("<option value=\"CATEGORY\" selected=\"selected\">category</option>")
                .contains("<option value=\"UNIT_COST\" selected=\"selected\">unit cost</option>");

        String[] picks = {
            "of",
            asked.field("of"),
            "is.0",
            "SKU",
            "is.1",
            "NAME",
            "is.2",
            "CATEGORY",
            "is.3",
            "SHELF_PRICE",
            "is.4",
            "UNIT_COST",
            "is.5",
            "-"
        };
        Answer page = sheets.settled(owner.post("/sheets/columns", picks));
        assertThat(page.text())
                .contains("2 products and variants would change")
                .contains("1,039.50")
                .contains("1,200");

        Answer next = read(supplier.replace("39,50;1.200", "49,50;1.200"));
        assertThat(next.text()).contains("products and variants would change").contains("49.50");
    }

    /** New goods come with a price sheet too, where it says what they are called. */
    @Test
    void goodsThatAPriceSheetNamesAreMadeFirstAndPricedAfterwards() {
        Answer prices = sheets.read(
                "sku,product,what,from,price\nN-1,New cleat,shelf price,,4.00\nN-1,New cleat,row,10,3.50\nN-2,,row,10,3\n");
        assertThat(prices.text()).contains("1 SKU is not sold here, and the sheet says what they are called");

        Answer goods =
                sheets.settled(owner.post(SheetsAtWork.path(prices).replace("/sheets/", "/sheets/goods/named-by/")));
        assertThat(goods.text())
                .contains("Goods named by sheet.csv")
                .contains("New cleat")
                .contains("4.00");
        sheets.act(goods, "apply");

        Answer again = sheets.act(prices, "check");
        assertThat(again.text()).contains("1 price would change").contains("1 row is refused");
        sheets.act(again, "apply", "leaveRefused", "true");
        assertThat(owner.get("/counter/price?sku=N-1&quantity=10").text()).contains("35.00");
    }

    @Test
    void theShippedGoodsToLookAroundInAreReadWithoutAnyAsking() {
        app.sql().sql("update product set sku = concat('X', sku)").update();
        app.sql().sql("update variant set sku = concat('X', sku)").update();

        Answer page = sheets.settled(owner.post("/sheets/goods/look-around"));
        assertThat(page.text())
                .contains("19 products and variants would change")
                .doesNotContain("refused");
    }
}
