package dev.steelyard.web.shop.settings;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.WithApp;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@ExtendWith(WithApp.class)
class GroupsTest {

    private App app;
    private Http owner;

    @BeforeEach
    void signIn(App app, Http owner) {
        this.app = app;
        this.owner = owner.signIn("maren");
    }

    private String price(String group, String sku, String quantity) {
        Http shopper = new Http(app.url());
        shopper.get("/counter");
        shopper.post("/counter/as", "group", group);
        String page = shopper.get("/counter/price?sku=" + sku + "&quantity=" + quantity)
                .body();
        return page.replaceAll("(?s).*id=\"total\">([^<]*)<.*", "$1");
    }

    private String id(String group) {
        return app.sql()
                .sql("select id from customer_group where name = ?")
                .param(group)
                .query(String.class)
                .single();
    }

    @Test
    void aRenamedGroupKeepsItsPricesInCardsDealsAndRows() {
        String shackle = price("Boatyard", "SHK-8", "10");
        assertThat(shackle).isNotEqualTo(price("", "SHK-8", "10"));
        Answer done =
                owner.post("/shop/groups", "do", "change", "id", id("Boatyard"), "name", "Yards", "without", "true");
        assertThat(done.text()).contains("own prices of");
        assertThat(done.body()).contains("value=\"Yards\"");
        assertThat(price("Yards", "SHK-8", "10")).isEqualTo(shackle);
        assertThat(versionsNaming("Boatyard")).as("in every version").isZero();
        assertThat(owner.get("/history?subject=shop").text())
                .contains("Maren changed the settings of the group “Boatyard”")
                .contains("name: Boatyard → Yards");
    }

    private long versionsNaming(String group) {
        return app.sql()
                .sql("select count(*) from draft_version where document like ?")
                .param("%\"" + group + "\"%")
                .query(Long.class)
                .single();
    }

    @Test
    void aCardThatIsOnlyForAGroupStaysForIt() {
        String rope = price("Crew club", "ROPE-12&a.length=60", "1");
        assertThat(rope).isNotEqualTo(price("", "ROPE-12&a.length=60", "1"));
        owner.post("/shop/groups", "do", "change", "id", id("Crew club"), "name", "Crew & friends\u00a0");
        assertThat(price("Crew & friends", "ROPE-12&a.length=60", "1")).isEqualTo(rope);
        assertThat(versionsNaming("Crew club")).isZero();
    }

    @Test
    void aGroupThatIsNamedIsNotTakenAwayAndSaysByWhat() {
        Answer refused = owner.post("/shop/groups", "do", "remove", "id", id("Boatyard"));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text())
                .contains("“Boatyard” cannot be taken away: it is named by")
                .contains("own prices of");
        owner.post("/shop/groups", "do", "add", "name", "Marina");
        Http shopper = new Http(app.url());
        shopper.get("/counter");
        shopper.post("/counter/as", "group", "Marina");
        shopper.post("/counter/basket/add", "sku", "BRU-1", "quantity", "1");
        assertThat(owner.post("/shop/groups", "do", "remove", "id", id("Marina"))
                        .body())
                .doesNotContain("Marina");
        assertThat(shopper.get("/counter/basket").text()).as("a guest again").contains("To pay, EUR 15.00");
    }

    @ParameterizedTest
    @CsvSource({
        "'', 'A group has a name of 1 to 60 characters, not 0'",
        "everyone, is what sheets call all customers",
        "crew CLUB, There is a group “Crew club” already",
    })
    void aNameThatCannotBeIsSaidToBeSo(String name, String words) {
        Answer refused = owner.post("/shop/groups", "do", "add", "name", name);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text()).contains(words);
        assertThat(refused.body()).contains("value=\"" + name + "\"");
    }

    @Test
    void taxClassesAreAddedRenamedAndTakenAwayWhereNoGoodsAreOfThem() {
        owner.post("/shop/tax/classes", "do", "add", "name", "Books");
        String books = app.sql()
                .sql("select id from tax_class where name = 'Books'")
                .query(String.class)
                .single();
        assertThat(owner.post("/shop/tax/classes", "do", "rename", "id", books, "name", "Charts")
                        .text())
                .contains("Charts");
        assertThat(owner.post("/shop/tax/classes", "do", "rename", "id", "1", "name", "Full")
                        .text())
                .contains("Full");
        assertThat(basket()).as("rates stay with a renamed class").contains("19 % tax contained in 15.00");
        Answer refused = owner.post("/shop/tax/classes", "do", "remove", "id", "1");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text()).contains("“Full” cannot be taken away: 12 products are of it");
        owner.post("/shop/tax/classes", "do", "remove", "id", books);
        assertThat(owner.get("/shop/tax").body()).doesNotContain("Charts").contains("value=\"Full\"");
    }

    private String basket() {
        Http shopper = new Http(app.url());
        shopper.get("/counter");
        shopper.post("/counter/basket/add", "sku", "BRU-1", "quantity", "1");
        return shopper.get("/counter/basket").text();
    }
}
