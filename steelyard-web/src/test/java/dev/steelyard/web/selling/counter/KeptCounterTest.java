package dev.steelyard.web.selling.counter;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.book.Books;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.DemoCards;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.LiveCards;
import dev.steelyard.web.testing.WithApp;
import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What strangers ask again is answered as if it had been made anew, with a token of its own, until it is another. */
@ExtendWith(WithApp.class)
class KeptCounterTest {

    private static final String TEN = "/counter/price?sku=SHK-8&sent=yes&quantity=10";
    private static final String DEARER =
            """
            {"name": "Rope", "covers": {"products": ["ROPE-12"]},
             "cases": [{"piece": {"formula": "9.10 EUR"}}]}""";

    /** Asked by strangers until it is answered from memory. */
    private static Answer askedByMany(App app, String path) {
        for (int i = 0; i < 3; i++) {
            new Http(app.url()).get(path);
        }
        return new Http(app.url()).get(path);
    }

    private static String token(Answer page) {
        return page.field("_csrf");
    }

    private static String withoutTokens(Answer page) {
        return page.body().replace(token(page), "TOKEN");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/counter",
                "/counter/goods/SHK-8",
                "/counter/goods/COVER?a.length=400&a.width=200&sent=yes&quantity=1",
                TEN
            })
    void itIsTheSameEachTimeButForItsToken(String path, App app) {
        Set<String> pages = new HashSet<>();
        Set<String> tokens = new HashSet<>();
        Set<Object> headers = new HashSet<>();
        for (int i = 0; i < 5; i++) {
            Answer page = new Http(app.url()).get(path);
            pages.add(withoutTokens(page));
            tokens.add(token(page));
            headers.add(page.response().headers().map().get("content-security-policy"));
        }
        assertThat(pages).hasSize(1);
        assertThat(tokens).hasSize(5);
        assertThat(headers).hasSize(1).doesNotContainNull();
    }

    @Test
    void fromAPageThatWasKeptOneCanBuy(App app) {
        askedByMany(app, "/counter/goods/SHK-8");
        Http shopper = new Http(app.url());
        shopper.get("/counter/goods/SHK-8");
        assertThat(shopper.get(TEN).body()).contains("id=\"total\">69.00<");
        assertThat(shopper.post("/counter/basket/add", "sku", "SHK-8", "quantity", "10")
                        .text())
                .contains("69.00");
        assertThat(shopper.get("/counter/goods/SHK-8").body())
                .as("now there is something in the basket")
                .contains("id=\"basket-size\">1<");
        assertThat(shopper.get(TEN).text()).contains("together with 10 in your basket");
        assertThat(new Http(app.url()).get("/counter/goods/SHK-8").body()).contains("id=\"basket-size\">0<");
    }

    @Test
    void whatGoesLiveIsSeenAtOnce(App app, Http owner) {
        String rope = "/counter/price?sku=ROPE-12&sent=yes&quantity=10";
        DemoCards.takeAway(app);
        assertThat(askedByMany(app, rope).body()).doesNotContain("id=\"total\">91.00<");
        LiveCards.live(owner.signIn("maren"), DEARER);
        assertThat(new Http(app.url()).get(rope).body()).contains("id=\"total\">91.00<");
    }

    @Test
    void whoSignedInOrIsAnotherOrReadsAnotherLanguageHasAPageOfTheirOwn(App app, Http owner, Http shopper) {
        String english = askedByMany(app, "/counter/goods/SHK-8").text();
        assertThat(new Http(app.url()).reads("de").get("/counter/goods/SHK-8").text())
                .contains("Menge")
                .isNotEqualTo(english);
        assertThat(new Http(app.url()).get("/counter/goods/SHK-8").text()).isEqualTo(english);
        assertThat(new Http(app.url()).get("/counter/goods/SHK-8?lang=de").text())
                .contains("Menge");
        shopper.get("/counter");
        shopper.post("/counter/as", "group", "Boatyard", "day", "");
        assertThat(shopper.get(TEN).body()).contains("id=\"total\">53.36<");
        assertThat(askedByMany(app, TEN).body()).contains("id=\"total\">69.00<");
        assertThat(shopper.get(TEN).body()).contains("id=\"total\">53.36<");
    }

    @Test
    void whatIsNotSoldOrTypedWrongIsToldEachTime(App app) {
        for (int i = 0; i < 4; i++) {
            assertThat(new Http(app.url()).get("/counter/goods/NOPE").status()).isEqualTo(404);
            assertThat(new Http(app.url())
                            .get("/counter/price?sku=SHK-8&sent=yes&quantity=none")
                            .text())
                    .contains("“none” is not a number");
            assertThat(new Http(app.url()).get("/counter/goods/SHK-8;a=b").status())
                    .isEqualTo(400);
        }
    }

    @Test
    void aCounterThatIsClosedIsClosedAtOnce(App app, Http owner) {
        askedByMany(app, "/counter/goods/SHK-8");
        app.sql()
                .sql("update shop set counter_open = false, revision = revision + 1")
                .update();
        app.bean(Books.class).refresh();
        assertThat(new Http(app.url()).get("/counter/goods/SHK-8").text()).contains("Password");
    }
}
