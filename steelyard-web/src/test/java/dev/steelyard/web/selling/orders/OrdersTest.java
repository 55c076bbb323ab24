package dev.steelyard.web.selling.orders;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Buying;
import dev.steelyard.web.testing.DemoDeals;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.WithApp;
import java.io.IOException;
import java.io.StringReader;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@ExtendWith(WithApp.class)
class OrdersTest {

    private static void buy(App app, String name, String sku, String quantity) {
        Http shopper = new Http(app.url());
        shopper.get("/counter");
        shopper.post("/counter/basket/add", "sku", sku, "quantity", quantity);
        Answer form = shopper.get("/counter/checkout");
        Answer receipt = shopper.post(
                "/counter/checkout",
                "key",
                form.field("key"),
                "seen",
                form.field("seen"),
                "name",
                name,
                "email",
                "buyer@example.org",
                "card",
                "5000 1111 2222 3331");
        assertThat(receipt.text()).contains("Thank you");
    }

    @Test
    void anOrderKeepsDealsTaxAndWhatWasNotUsed(App app, Http shopper, Http owner) {
        DemoDeals.putBack(app);
        shopper.get("/counter");
        shopper.post("/counter/basket/add", "sku", "SHK-8", "quantity", "6");
        shopper.post("/counter/basket/code", "code", "KEEL-TIDE-26");
        Buying.pay(shopper, shopper.get("/counter/checkout"));
        app.sql().sql("update draft set removed_at = utc_timestamp()").update();
        String number = app.sql()
                .sql("select number from shop_order")
                .query(String.class)
                .single();
        assertThat(owner.signIn("maren").get("/orders/" + number).text())
                .contains("Goods 44.40")
                .contains("Mix your hardware , version 1 6 pieces reach “from 6”: 0.40 off each, on 44.40 −2.40")
                .contains("Keel code , version 1")
                .contains("19 % tax contained in 34.50 5.51")
                .contains("Paid , EUR 34.50")
                .contains("Codes KEEL-TIDE-26")
                .contains("Goes to Germany")
                .contains("Invoice fee for payment by invoice, not by card")
                .contains("6 × 7.40 44.40 34.50")
                .contains("tax 19 %: 5.51");
    }

    @Test
    void aLineSaysWhatEachDealTookAndOnlyDealsLiveForTheCustomerAreNamed(App app, Http shopper, Http owner) {
        DemoDeals.putBack(app);
        shopper.get("/counter");
        shopper.post("/counter/basket/add", "sku", "SHK-8", "quantity", "6");
        shopper.post("/counter/basket/code", "code", "KEEL-TIDE-26");
        Buying.pay(shopper, shopper.get("/counter/checkout"));
        String number = app.sql()
                .sql("select number from shop_order")
                .query(String.class)
                .single();
        assertThat(owner.signIn("maren").get("/orders/" + number).text())
                .contains("Mix your hardware −2.40, leaves 42.00")
                .contains("Keel code −7.50, leaves 34.50")
                .contains("Deals not used of those that were live for this customer")
                .doesNotContain("Club day not this customer");
    }

    @Test
    void ordersAreFoundByGroupDealAndCodeAndSummed(App app, Http owner) {
        DemoDeals.putBack(app);
        buy(app, "Ada Quill", "BRU-1", "1");
        Http club = new Http(app.url());
        club.get("/counter");
        club.post("/counter/as", "group", "Crew club");
        club.post("/counter/basket/add", "sku", "SHK-8", "quantity", "6");
        club.post("/counter/basket/code", "code", "KEEL-TIDE-26");
        Buying.pay(club, club.get("/counter/checkout"));
        owner.signIn("maren");
        assertThat(owner.get("/orders").text()).contains("2 orders, ");
        assertThat(owner.get("/orders?group=Crew+club").text())
                .contains("1 order, ")
                .contains("6 × Bow shackle");
        assertThat(owner.get("/orders?group=Everyone").text()).contains("1 order, 15.00 EUR in all");
        assertThat(owner.get("/orders?code=keel-tide-26").text()).contains("1 order, ");
        assertThat(owner.get("/orders?deal=keel").text()).doesNotContain("Deck brush");
        assertThat(owner.get("/orders?deal=no+such").text()).contains("No order fits.");
    }

    /** The buyer, the seller with their tax number, SKUs; without tax for those who see prices so, and adding up. */
    @Test
    void theReceiptIsAnInvoiceInTheFiguresItsBuyerSees(App app, Http owner, Http shopper) {
        Answer page = owner.signIn("maren").get("/shop");
        List<String> form = new java.util.ArrayList<>();
        for (String field :
                List.of("seenBounds", "name", "mostPieces", "margin", "largeChange", "hintGives", "orderPrefix")) {
            form.addAll(List.of(field, page.field(field)));
        }
        form.addAll(List.of("address", "Quay 4\nSaltmarsh", "taxNumber", "DE 123"));
        assertThat(owner.post("/shop/bounds", form.toArray(String[]::new)).text())
                .contains("Saved.");
        shopper.get("/counter");
        shopper.post("/counter/as", "group", "Boatyard");
        shopper.post("/counter/basket/add", "sku", "BRU-1", "quantity", "1");
        shopper.post("/counter/basket/add", "sku", "SHK-8", "quantity", "3");
        String receipt = Buying.pay(shopper, shopper.get("/counter/checkout")).text();
        assertThat(receipt)
                .contains("Saltmarsh Chandlery Quay 4 Saltmarsh Tax number DE 123")
                .contains("Sold to Ada Quill ada@example.org Germany")
                .contains("BRU-1 Deck brush 1 12.61 12.61")
                .contains("SHK-8 Bow shackle, 8 mm 3 6.22 18.65")
                .contains("Without tax 31.26")
                .contains("19 % tax contained in 37.20 5.94")
                .contains("Paid , EUR 37.20");
        assertThat(app.sql()
                        .sql("select sum(tax) from order_line")
                        .query(java.math.BigDecimal.class)
                        .single())
                .as("the lines' own tax adds up to that of the order")
                .isEqualByComparingTo("5.94");
    }

    @ParameterizedTest
    @CsvSource({
        "Ada, 'Ada'",
        "quill, 'Ada'",
        "brush, 'Bo,Ada'",
        "SHK-8, 'Cy'",
        "buyer@, 'Cy,Bo,Ada'",
        "%, ''",
        "_, ''",
        "nobody, ''",
    })
    void ordersAreFoundByCustomerAndProduct(String find, String buyers, App app, Http owner) {
        buy(app, "Ada Quill", "BRU-1", "1");
        buy(app, "Bo Reef", "BRU-1", "2");
        buy(app, "Cy Spar", "SHK-8", "3");
        String page = owner.signIn("maren")
                .get("/orders?find=" + find.replace("%", "%25"))
                .text();
        for (String one : List.of("Ada", "Bo", "Cy")) {
            assertThat(page.contains(one + " "))
                    .as(one)
                    .isEqualTo(List.of(buyers.split(",")).contains(one));
        }
    }

    @Test
    void ordersAreFoundByNumberAndDayAndBadDaysAreSaid(App app, Http owner) {
        buy(app, "Ada Quill", "BRU-1", "1");
        buy(app, "Bo Reef", "BRU-1", "2");
        app.sql()
                .sql("update shop_order set placed_at = '2026-01-05 23:30:00' where buyer = 'Ada Quill'")
                .update();
        String number = app.sql()
                .sql("select number from shop_order where buyer = 'Bo Reef'")
                .query(String.class)
                .single();
        owner.signIn("maren");
        assertThat(owner.get("/orders?find=" + number).text())
                .contains("Bo Reef")
                .doesNotContain("Ada Quill");
        assertThat(owner.get("/orders?from=2026-01-06&until=2026-01-06").text())
                .as("half past midnight in the shop's time zone")
                .contains("Ada Quill")
                .doesNotContain("Bo Reef");
        assertThat(owner.get("/orders?from=soon&find=" + "x".repeat(300)).text())
                .contains("“soon” is no day; write it like 2026-11-26")
                .contains("At most 100 characters; these are 300");
        assertThat(owner.get("/orders?from=2026-02-01&until=2026-01-01").text())
                .contains("The last day, 2026-01-01, is before the first, 2026-02-01");
    }

    @Test
    void ordersAreTakenOutAsCsvThatRunsNothing(App app, Http owner) throws IOException {
        DemoDeals.putBack(app);
        buy(app, "=2+3", "SHK-8", "6");
        Answer file = owner.signIn("maren").get("/orders.csv");
        assertThat(file.response().headers().firstValue("Content-Type")).hasValue("text/csv;charset=UTF-8");
        List<CSVRecord> rows = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(file.body()))
                .getRecords();
        assertThat(rows).singleElement().satisfies(row -> {
            assertThat(row.get("customer")).isEqualTo("'=2+3");
            assertThat(row.get("line before deals")).isEqualTo("44.40");
            assertThat(row.get("line")).isEqualTo("42.00");
            assertThat(row.get("tax rate")).isEqualTo("19");
            assertThat(row.get("deals")).isEqualTo("Mix your hardware −2.40");
            assertThat(row.get("order total")).isEqualTo("42.00");
        });
        assertThat(new Http(app.url()).get("/orders.csv").text()).contains("Sign in");
    }
}
