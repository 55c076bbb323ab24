package dev.steelyard.web.goods.list;

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

@ExtendWith(WithApp.class)
class PickedTest {

    private App app;
    private Http owner;

    @BeforeEach
    void signIn(App app, Http owner) {
        this.app = app;
        this.owner = owner.signIn("maren");
    }

    private Answer settled(Answer page) {
        return new SheetsAtWork(owner).settled(page);
    }

    private Answer act(String action, String... fields) {
        return settled(owner.post("/goods/picked/" + action, fields));
    }

    private List<String> rows(long product) {
        return app.sql()
                .sql(
                        "select concat_ws(' ', coalesce(g.name, 'Everyone'), from_pieces, trim(trailing '0' from price)) from price_row r"
                                + " left join customer_group g on g.id = r.group_id where product_id = ? and variant_id is null"
                                + " and starts = '1000-01-01' order by g.name, from_pieces")
                .param(product)
                .query(String.class)
                .list();
    }

    @Test
    void whatWasPickedIsNamed() {
        assertThat(owner.post("/goods/picked", "ids", "1,13,9999,x").text())
                .contains("What shall happen with 2 products?")
                .contains("Bow shackle, Deck brush.");
        assertThat(owner.post("/goods/picked", "all", "true", "query", "category=Hardware&find=screw")
                        .text())
                .contains("What shall happen with 2 products?")
                .contains("Stainless screw");
        assertThat(owner.post("/goods/picked", "pick", "13").text()).contains("What shall happen with Deck brush?");
    }

    @Test
    void pricesMoveByARuleOnceTheChangesWereSeen() {
        Answer page = act(
                "change",
                "ids",
                "13",
                "what",
                "both",
                "of",
                "*",
                "change.by",
                "-4",
                "change.kind",
                "PERCENT",
                "change.ending",
                "NINETY_FIVE");

        assertThat(page.text())
                .contains("Shelf prices and rows −4 %, ending .95: Deck brush")
                .contains("4 prices would change")
                .contains("15.00 13.95 −7.0 %")
                .contains("12.50 11.95");
        assertThat(rows(13)).containsExactly("Everyone 6 13.2", "Sailing school 6 12.5");

        Answer applied = settled(owner.post(page.response().uri().getPath() + "/apply"));
        assertThat(rows(13)).containsExactly("Everyone 6 12.95", "Sailing school 6 11.95");
        settled(owner.post(applied.response().uri().getPath() + "/undo"));
        assertThat(rows(13)).containsExactly("Everyone 6 13.2", "Sailing school 6 12.5");
    }

    @Test
    void aPriceBelowNothingIsRefusedAndNamed() {
        Answer page = act(
                "change",
                "ids",
                "13,3",
                "what",
                "shelf",
                "change.by",
                "-1",
                "change.kind",
                "AMOUNT",
                "change.ending",
                "NONE");

        assertThat(page.text())
                .contains("1 price would change")
                .contains("1 row is refused")
                .contains("is below 0");
    }

    @Test
    void aGroupsPricesAreMadeFromThoseOfAnother() {
        Answer page = act(
                "group",
                "ids",
                "13",
                "to",
                "Crew club",
                "from",
                "",
                "first",
                "yes",
                "group.by",
                "-10",
                "group.kind",
                "PERCENT",
                "group.ending",
                "NONE");
        settled(owner.post(page.response().uri().getPath() + "/apply"));

        assertThat(rows(13)).contains("Crew club 1 13.5", "Crew club 6 11.88");
        assertThat(owner.post("/goods/picked/group", "ids", "13", "to", "Boatyard", "from", "Boatyard", "group.by", "1")
                        .text())
                .contains("The prices of Boatyard cannot be made from themselves");
    }

    @Test
    void aLadderIsCopiedInPercentAndOtherRowsAreTakenOff() {
        Answer page = act("ladder", "ids", "13", "sku", "SCR-4x40", "as", "percent", "only", "yes");
        settled(owner.post(page.response().uri().getPath() + "/apply"));

        // 0.0823 of 0.0890 is 92.47 %; of 15.00 that is 13.87
        assertThat(rows(13)).containsExactly("Everyone 100 13.87", "Everyone 500 12.3", "Everyone 2000 10.35");
        assertThat(owner.post("/goods/picked/ladder", "ids", "13", "sku", "CHN-8")
                        .text())
                .contains("CHN-8 has no price rows of its own to copy");
        assertThat(owner.post("/goods/picked/ladder", "ids", "13", "sku", "NOPE")
                        .text())
                .contains("Nothing with the SKU “NOPE” is sold here");
    }

    @Test
    void wrongFiguresAreAnsweredByTheField() {
        Answer page = owner.post("/goods/picked/change", "ids", "13", "change.by", "a lot");

        assertThat(page.status()).isEqualTo(422);
        assertThat(page.text()).contains("“a lot” is not a number").contains("What shall happen with Deck brush?");
        assertThat(page.body()).contains("value=\"a lot\"");
        assertThat(owner.post("/goods/picked/change", "ids", "13", "change.by", "-101")
                        .text())
                .contains("-101 % is not from −100 to 1000");
        assertThat(owner.post("/goods/picked/label", "ids", "13", "tag", "").text())
                .contains("A tag has 1 to 60 characters");
        assertThat(owner.post("/goods/picked/change", "change.by", "1").text()).contains("Nothing is picked");
    }

    @Test
    void aLabelIsPutOnAndTakenBackAsAWhole() {
        Answer done = owner.post("/goods/picked/label", "ids", "1,3,13", "label", "on", "tag", "stainless");

        assertThat(done.text()).contains("1 product labelled");
        assertThat(owner.get("/goods?rowsOnly=true&tag=stainless").text()).contains("3 of 13 products");
        assertThat(owner.get("/history").text()).contains("Maren labelled 1 product with the tag “stainless”");

        String id = done.field("id");
        assertThat(owner.post("/goods/picked/labelled", "id", id).text()).contains("as before");
        assertThat(owner.get("/goods?rowsOnly=true&tag=stainless").text()).contains("2 of 13 products");
        owner.post("/goods/picked/labelled", "id", id);
        assertThat(owner.get("/goods?rowsOnly=true&tag=stainless").text()).contains("2 of 13 products");
    }

    @Test
    void goodsArePutOnTheDraftOfACard() {
        String card = app.sql()
                .sql("select id from draft where name = 'Boat covers by area'")
                .query(String.class)
                .single();

        Answer page = owner.post("/goods/picked/card", "ids", "13", "card", card);

        assertThat(page.text()).contains("Covers 2 products now");
        assertThat(owner.post("/goods/picked/card", "ids", "13", "card", "x").text())
                .contains("Pick a card");
    }

    @Test
    void pickedGoodsAreTakenOutAsASheet() {
        String csv = owner.post("/goods/picked/out", "ids", "13", "kind", "CSV", "everyone", "true")
                .body();

        assertThat(csv)
                .contains("BRU-1,Deck brush,Everyone,row,6,,13.20")
                .doesNotContain("shelf price,", "SHK,", "Sailing school,");
        assertThat(csv.getBytes(StandardCharsets.UTF_8)).startsWith(0xEF, 0xBB, 0xBF);
    }
}
