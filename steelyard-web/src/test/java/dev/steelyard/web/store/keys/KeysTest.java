package dev.steelyard.web.store.keys;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.WithApp;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Keys are made, shown once, changed and taken back by who keeps the shop. */
@ExtendWith(WithApp.class)
class KeysTest {

    private static final Pattern KEY = Pattern.compile("steelyard_(server|page)_[0-9A-Za-z]{43}");

    @Test
    void aKeyIsShownOnceAndKeptAsItsHashOnly(App app, Http owner) {
        Answer made = owner.signIn("maren")
                .post(
                        "/shop/keys/new",
                        "kind",
                        "SERVER",
                        "name",
                        "Warehouse",
                        "right",
                        "ORDERS",
                        "perSecond",
                        "50",
                        "burst",
                        "100");
        String text = key(made.body());
        assertThat(text).startsWith("steelyard_server_");
        assertThat(made.body()).contains("steelyard_customers_");
        Answer list = owner.get("/shop/keys");
        assertThat(list.text()).contains("Warehouse").contains("orders").contains("never");
        assertThat(KEY.matcher(list.body()).find()).isFalse();
        assertThat(app.sql().sql("select * from store_key").query().singleRow().values())
                .noneMatch(value -> String.valueOf(value).contains(text));
        assertThat(app.bean(Keys.class).find(text).orElseThrow().rights()).containsExactly(KeyRight.ORDERS);
        assertThat(owner.get("/history?subject=keys").text()).contains("server key Warehouse");
    }

    @Test
    void whatIsWrongIsSaidByItsFieldAndNothingIsLost(Http owner) {
        owner.signIn("maren");
        Answer page = owner.post(
                "/shop/keys/new",
                "kind",
                "PAGE",
                "name",
                "",
                "origins",
                "shop.example/prices",
                "perSecond",
                "0",
                "burst",
                "many",
                "until",
                "31.3.");
        assertThat(page.status()).isEqualTo(422);
        assertThat(page.text())
                .contains("A name has 1 to 120 characters, not 0")
                .contains("“shop.example/prices” is no address of pages")
                .contains("A whole number from 1 to 100000, not “0”")
                .contains("not “many”")
                .contains("“31.3.” is no day")
                .contains("shop.example/prices");
        Answer none = owner.post("/shop/keys/new", "kind", "SERVER", "name", "x", "perSecond", "1", "burst", "1");
        assertThat(none.text()).contains("may do at least one of these");
        assertThat(owner.get("/shop/keys").text()).contains("No store asks here yet");
    }

    @Test
    void addressesOfPagesAreWrittenAsBrowsersDo() {
        KeyForm form = KeyForm.typed(
                KeyKind.PAGE,
                "Shop",
                Set.of(),
                "HTTPS://Shop.example:443/goods/\nhttp://localhost:8090 https://shop.example",
                "20",
                "40",
                "");
        assertThat(form.wish(LocalDate.of(2026, 12, 1)).origins())
                .contains("https://shop.example", "http://localhost:8090");
    }

    @Test
    void aKeyIsChangedAndTakenBack(App app, Http owner) {
        Keys keys = app.bean(Keys.class);
        Keys.Made made = keys.make(
                        KeyKind.PAGE,
                        new KeyWish("Shop", Set.of(KeyRight.PRICES), List.of("https://shop.example"), 20, 40, null),
                        "Maren")
                .orElseThrow();
        String address = "/shop/keys/" + made.key().id();
        owner.signIn("maren");
        assertThat(owner.get(address).body()).contains("https://shop.example");
        owner.post(
                address,
                "name",
                "Shop",
                "origins",
                "https://saltmarsh.example",
                "perSecond",
                "5",
                "burst",
                "6",
                "until",
                "2031-01-31");
        StoreKey changed = keys.find(made.text()).orElseThrow();
        assertThat(changed.origins()).containsExactly("https://saltmarsh.example");
        assertThat(changed.isOver(LocalDate.of(2031, 1, 31))).isFalse();
        assertThat(changed.isOver(LocalDate.of(2031, 2, 1))).isTrue();
        assertThat(owner.post(address + "/take-back").text()).contains("taken back by Maren");
        assertThat(keys.find(made.text()).map(StoreKey::isTakenBack)).isEqualTo(Optional.of(true));
        assertThat(keys.good(LocalDate.of(2026, 12, 1))).isEmpty();
    }

    @Test
    void whoDoesNotKeepTheShopSeesNoKeys(App app, Http reader) {
        app.sql()
                .sql("update staff set rights = 'DRAFT,LIVE' where sign_in = 'jonas'")
                .update();
        reader.signIn("jonas");
        assertThat(reader.get("/shop/keys").status()).isEqualTo(403);
        assertThat(reader.post("/shop/keys/new", "kind", "SERVER", "name", "x", "right", "PRICES")
                        .status())
                .isEqualTo(403);
        assertThat(reader.get("/shop").text()).doesNotContain("Keys");
    }

    private static String key(String body) {
        Matcher key = KEY.matcher(body);
        assertThat(key.find()).isTrue();
        return key.group();
    }
}
