package dev.steelyard.web.editing.rows;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.goods.GoodsStore;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.WithApp;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The prices page over HTTP: what it answers to good and bad input, and to two editors at once. */
@ExtendWith(WithApp.class)
class PricesPageTest {

    @Test
    void looksFollowTheFormAndStoreNothing(App app, Http owner) {
        owner.signIn("maren");
        Answer look = owner.background("/goods/13/look", form("1", "6", "13.20", "trialQuantity", "6"));
        assertThat(look.text()).contains("from 6 it is 13.20", "79.20", "6 pieces reach “from 6”");
        Answer other = owner.background("/goods/13/look", form("1", "6", "10.00", "trialQuantity", "6"));
        assertThat(other.text()).contains("60.00").contains("3 changes not saved");
        assertThat(app.bean(GoodsStore.class).find(13).orElseThrow().version()).isEqualTo(1);
    }

    @Test
    void aFormThatCannotBeReadIsKeptWithEachFaultByItsField(Http owner) {
        owner.signIn("maren");
        Answer answer = owner.background(
                "/goods/13/save",
                form("1", "6", "-1", "from", "6", "price-0", "7,40", "starts", "", "ends", "", "trialQuantity", "1e9"));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.text())
                .contains("Not saved: 2 fields cannot be read. Nothing you typed is lost.")
                .contains("-1 is below 0; a price is 0 or more")
                .contains("7,40 has a comma; write a decimal point: 7.40")
                .contains("“1e9” is not a number");
        assertThat(answer.body()).contains("value=\"-1\"", "value=\"7,40\"");
    }

    @Test
    void trialQuantitiesThatCannotBeAreSaidByTheField(Http owner) {
        owner.signIn("maren");
        for (String quantity : List.of("0", "-4", "1.5", "many", "1000000000000", "")) {
            Answer look = owner.background("/goods/13/look", form("1", "6", "13.20", "trialQuantity", quantity));
            assertThat(look.status()).isEqualTo(200);
            assertThat(look.body()).containsPattern("id=\"error-trialQuantity\"[^>]*>[^<]+</span>");
        }
    }

    @Test
    void aPriceThatBothChangedIsPickedAndWhatOnlyOneChangedIsKept(App app, Http maren, Http jonas) {
        String base = maren.signIn("maren").get("/goods/13").field("base");
        jonas.signIn("jonas")
                .background(
                        "/goods/13/save",
                        form("1", "6", "12.90", "from", "80", "price-0", "8", "starts", "", "ends", "", "base", base));
        String[] typed = {"from", "50", "price-0", "9", "starts", "", "ends", "", "base", base};
        Answer refused = maren.background("/goods/13/save", form("1", "6", "13.00", typed));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.text())
                .contains("Not saved: somebody else was quicker.")
                .contains("Jonas,")
                .contains("from 6: 13.20 → 12.90")
                .contains("from 50: added at 9.00")
                .contains("from 6 13.20 12.90 13.00");
        assertThat(prices(app)).containsExactly("12.900000", "8.000000");

        // keeping mine is a second, deliberate step, and puts nothing else back
        Answer kept = maren.background(
                "/goods/13/edit", form("1", "6", "13.00", with(typed, "do", "settle", "m:from 6", "mine")));
        assertThat(kept.field("version")).isEqualTo("2");
        assertThat(kept.body()).contains("value=\"13.00\"", "value=\"80\"", "value=\"50\"");
    }

    @Test
    void pricesThatTwoPeopleChangedApartAreBothSavedAndSaid(App app, Http maren, Http jonas) {
        String base = maren.signIn("maren").get("/goods/13").field("base");
        jonas.signIn("jonas").background("/goods/13/save", form("1", "6", "12.90", "base", base));
        Answer saved = maren.background(
                "/goods/13/save",
                form("1", "6", "13.20", "from", "50", "price-0", "9", "starts", "", "ends", "", "base", base));
        assertThat(saved.status()).isEqualTo(200);
        assertThat(saved.text())
                .contains("Jonas had changed other prices meanwhile; both are kept.")
                .contains("from 6: 13.20 → 12.90")
                .contains("from 50: added at 9.00");
        assertThat(prices(app)).containsExactly("12.900000", "9.000000");
    }

    private static String[] with(String[] fields, String... more) {
        return Stream.concat(Stream.of(fields), Stream.of(more)).toArray(String[]::new);
    }

    @Test
    void aProductTakenOutMeanwhileKeepsWhatWasTyped(App app, Http owner) {
        owner.signIn("maren");
        app.bean(GoodsStore.class).remove(13, "Jonas");
        Answer answer = owner.background("/goods/13/save", form("1", "6", "11.11"));
        assertThat(answer.status()).isEqualTo(409);
        assertThat(answer.text()).contains("was taken out of the shop by Jonas").contains("Put back into the shop");
        assertThat(answer.body()).contains("value=\"11.11\"");
    }

    @Test
    void whatIsNotThereIsSaidInWords(Http owner) {
        owner.signIn("maren");
        for (String path : List.of("/goods/9999", "/goods/abc", "/goods/1?variant=77", "/orders/SM-0")) {
            Answer answer = owner.get(path);
            assertThat(answer.status()).as(path).isEqualTo(404);
            assertThat(answer.text()).contains("Not there");
        }
        assertThat(owner.background("/goods/9999/save", form("1", "6", "1")).status())
                .isEqualTo(404);
    }

    @Test
    void hundredsOfRowsAreTakenAndTooManyRefusedInWords(Http owner) {
        owner.signIn("maren");
        assertThat(owner.background("/goods/13/save", form("1", "1", "14", rows(499)))
                        .text())
                .contains("Saved. Shoppers see it now.");
        Answer tooMany = owner.background("/goods/13/save", form("2", "1", "14", rows(500)));
        assertThat(tooMany.status()).isEqualTo(422);
        assertThat(tooMany.text()).contains("501 rows are too many; at most 500");
    }

    private static String[] rows(int count) {
        List<String> more = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            more.addAll(List.of("from", "" + (10 + i), "price-0", "12", "price-1", "", "price-2", "", "price-3", ""));
            more.addAll(List.of("starts", "", "ends", ""));
        }
        return more.toArray(String[]::new);
    }

    @Test
    void markupInTypedTextIsShownAsText(Http owner) {
        owner.signIn("maren");
        Answer look = owner.background("/goods/13/look", form("1", "<script>x</script>", "<b>1</b>"));
        assertThat(look.body()).doesNotContain("<script>x").contains("&lt;script&gt;x");
    }

    /** A form with one row, and whatever else is given; names given again add to a column or replace nothing. */
    private static String[] form(String version, String from, String price, String... more) {
        List<String> all = new ArrayList<>(List.of(
                "version",
                version,
                "variant",
                "",
                "shelfPrice",
                "15.00",
                "over",
                "LINE",
                "from",
                from,
                "price-0",
                price,
                "price-1",
                "",
                "price-2",
                "",
                "price-3",
                "",
                "starts",
                "",
                "ends",
                ""));
        all.addAll(List.of(more));
        if (!all.contains("trialQuantity")) {
            all.addAll(List.of("trialQuantity", "12"));
        }
        return all.toArray(String[]::new);
    }

    private static List<String> prices(App app) {
        return app.sql()
                .sql("select price from price_row where product_id = 13 order by from_pieces")
                .query(String.class)
                .list();
    }
}
