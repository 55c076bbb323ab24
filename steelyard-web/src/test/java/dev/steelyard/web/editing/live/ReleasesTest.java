package dev.steelyard.web.editing.live;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.draft.Drafts;
import dev.steelyard.web.editing.draft.ReleaseResult;
import dev.steelyard.web.editing.draft.Releases;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Buying;
import dev.steelyard.web.testing.DemoCards;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.LiveCards;
import dev.steelyard.web.testing.WithApp;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Drafts that go live, and all that can stand in their way. */
@ExtendWith(WithApp.class)
class ReleasesTest {

    private static final String BRUSH =
            """
            {"name": "Brushes", "covers": {"products": ["BRU-1"]},
             "cases": [{"piece": {"formula": "%s"}}]}""";

    @Test
    void aDraftIsNothingToShoppersUntilItIsPutLive(App app, Http owner) {
        DemoCards.takeAway(app);
        String path = begin(owner, BRUSH.formatted("9.90 EUR"));
        assertThat(brush(app)).isEqualTo("15.00");
        assertThat(putLive(owner, path, "now", "", "").text()).contains("Live. Shoppers see it now.");
        assertThat(brush(app)).isEqualTo("9.90");
        owner.post(path + "/live/pause", "why", "sold out");
        assertThat(brush(app)).isEqualTo("15.00");
        assertThat(owner.get(path + "/live").text()).contains("Paused by Maren");
        owner.post(path + "/live/resume");
        assertThat(brush(app)).isEqualTo("9.90");
        owner.post(path + "/remove");
        assertThat(brush(app)).isEqualTo("15.00");
        owner.post(path + "/put-back");
        assertThat(brush(app)).isEqualTo("9.90");
        assertThat(owner.get("/history?subject=card").text())
                .contains("put live", "paused", "sold out", "resumed", "took away", "put back");
    }

    @Test
    void aPlannedVersionBeginsByItself(App app, Http owner) {
        DemoCards.takeAway(app);
        String path = begin(owner, BRUSH.formatted("9.90 EUR"));
        putLive(owner, path, "now", "", "");
        keep(owner, path, "/cases/0/piece/formula", "8.80 EUR");
        ZonedDateTime later =
                ZonedDateTime.now(ZoneId.of("Europe/Berlin")).plusDays(9).with(LocalTime.NOON);
        assertThat(putLive(owner, path, "later", later.toLocalDateTime().toString(), "winter ends")
                        .text())
                .contains("Planned. It begins by itself.", "begins on");
        assertThat(brush(app)).isEqualTo("9.90");
        assertThat(brushAt(app, later.minusMinutes(1))).isEqualTo("9.90");
        assertThat(brushAt(app, later)).isEqualTo("8.80");

        Answer page = owner.get(path + "/live");
        owner.post(path + "/live/withdraw", "release", page.field("release"));
        assertThat(brushAt(app, later)).isEqualTo("9.90");
        assertThat(owner.get(path + "/live").text()).doesNotContain("begins on");
    }

    @Test
    void goingBackIsPuttingAnOlderVersionLive(App app, Http owner) {
        DemoCards.takeAway(app);
        String path = begin(owner, BRUSH.formatted("9.90 EUR"));
        putLive(owner, path, "now", "", "");
        keep(owner, path, "/cases/0/piece/formula", "8.80 EUR");
        putLive(owner, path, "now", "", "");
        assertThat(brush(app)).isEqualTo("8.80");
        Answer older = owner.get(path + "/live?b=1");
        assertThat(older.text()).contains("Go back to version 1");
        post(owner, path, older, "now", "", "a mistake");
        assertThat(brush(app)).isEqualTo("9.90");
        assertThat(owner.get("/history").text()).contains("went back to an older version of", "a mistake");
        assertThat(owner.get(path).body()).as("the draft is as it was").contains("8.80 EUR");
    }

    @Test
    void theFirstVersionIsOneHoweverManyEditsCameBefore(App app, Http owner) {
        DemoCards.takeAway(app);
        String path = begin(owner, BRUSH.formatted("7.00 EUR"));
        keep(owner, path, "/cases/0/piece/formula", "9.50 EUR");
        keep(owner, path, "/cases/0/piece/formula", "9.90 EUR");
        putLive(owner, path, "now", "", "");
        keep(owner, path, "/cases/0/piece/formula", "8.80 EUR");
        assertThat(owner.get(path + "/live").text())
                .contains("Shoppers see version 1,", "A draft waits.", "Version 1 live")
                .doesNotContain("ersion 2", "ersion 3", "ersion 4");
        putLive(owner, path, "now", "", "");
        assertThat(owner.get(path + "/live").text()).contains("Shoppers see version 2,", "Version 1");

        Answer older = owner.get(path + "/live?b=3");
        assertThat(older.text()).contains("Go back to version 1");
        post(owner, path, older, "now", "", "");
        assertThat(owner.get(path + "/live").text()).contains("Shoppers see version 1,");
        assertThat(owner.get("/history?subject=card").text())
                .contains("put live Brush", "version 2")
                .doesNotContain("version 3", "version 4");
    }

    @ParameterizedTest
    @ValueSource(strings = {"1.00 EUR - 5.00 EUR", "1.00 EUR / (pieces - pieces)"})
    void whatStopsACardIsSaidAndNothingGoesLive(String formula, App app, Http owner) {
        DemoCards.takeAway(app);
        String path = begin(owner, BRUSH.formatted(formula));
        Answer answer = putLive(owner, path, "now", "", "all the same");
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.text()).contains("Not put live", "Stops it.");
        assertThat(answer.body()).contains("all the same");
        assertThat(brush(app)).isEqualTo("15.00");
    }

    @Test
    void aCardThatCoversNothingOrHasEndedCannotGoLive(App app, Http owner) {
        DemoCards.takeAway(app);
        String nothing = begin(owner, BRUSH.formatted("9.90 EUR").replace("BRU-1", "GONE"));
        assertThat(putLive(owner, nothing, "now", "", "").text()).contains("It covers no product");
        String ended = begin(
                owner,
                BRUSH.formatted("9.90 EUR").replace("\"covers\": {", "\"covers\": {\"until\": \"2020-05-01\", "));
        assertThat(putLive(owner, ended, "now", "", "").text())
                .contains("Its covers held up to and including 30 April 2020");
        assertThat(brush(app)).isEqualTo("15.00");
    }

    @Test
    void aStartInThePastOrNoneIsSaidByItsField(App app, Http owner) {
        DemoCards.takeAway(app);
        String path = begin(owner, BRUSH.formatted("9.90 EUR"));
        Answer past = putLive(owner, path, "later", "2020-01-02T03:04", "spring");
        assertThat(past.status()).isEqualTo(422);
        assertThat(past.body()).contains("2020-01-02 03:04 is in the past", "value=\"2020-01-02T03:04\"", "spring");
        assertThat(putLive(owner, path, "later", "", "").text()).contains("Pick the day and time it begins");
        assertThat(putLive(owner, path, "later", "soon", "").text()).contains("“soon” is no day and time");
        assertThat(brush(app)).isEqualTo("15.00");
    }

    @Test
    void pastAFailingCheckWeightAWordWhyIsAskedForAndKept(App app, Http owner) {
        owner.signIn("maren");
        Draft cover = card(app, "Boat covers by area");
        String path = "/cards/" + cover.id();
        Answer without = putLive(owner, path, "now", "", " ");
        assertThat(without.status()).isEqualTo(422);
        assertThat(without.text()).contains("was 206.20 , is 210.20", "Say why it goes live all the same");
        assertThat(putLive(owner, path, "now", "", "w".repeat(501)).text()).contains("At most 500 characters");
        assertThat(putLive(owner, path, "now", "", "dearer cloth").text()).contains("Live. Shoppers see it now.");
        assertThat(owner.get(path + "/live").text()).contains("dearer cloth");
        assertThat(owner.get("/history").text()).contains("dearer cloth");
    }

    @Test
    void aCheckWeightOfGoodsThatAreGoneFailsInWords(App app, Http owner) {
        owner.signIn("maren");
        app.sql()
                .sql("update product set removed_at = utc_timestamp() where sku = 'COVER'")
                .update();
        app.sql().sql("update shop set revision = revision + 1").update();
        app.bean(Books.class).refresh();
        Draft cover = card(app, "Boat covers by area");
        assertThat(owner.get("/cards/" + cover.id() + "/live").text())
                .contains("nothing with the SKU COVER is sold here", "It covers no product");
        assertThat(owner.get("/today").text()).contains("nothing with the SKU COVER is sold here");
    }

    @Test
    void ofManyWhoPutItLiveAtOnceOneDoes(App app, Http owner) throws Exception {
        DemoCards.takeAway(app);
        String path = begin(owner, BRUSH.formatted("9.90 EUR"));
        long id = Long.parseLong(path.substring("/cards/".length()));
        Releases releases = app.bean(Releases.class);
        Callable<ReleaseResult> wish = () -> releases.putLive(id, new Releases.Wish(1, 1, 0, null, ""), "Maren")
                .orElseThrow();
        ExecutorService hands = Executors.newFixedThreadPool(6);
        List<ReleaseResult> results = new ArrayList<>();
        for (Future<ReleaseResult> result : hands.invokeAll(List.of(wish, wish, wish, wish, wish, wish))) {
            results.add(result.get());
        }
        hands.shutdown();
        assertThat(results).filteredOn(ReleaseResult.Done.class::isInstance).hasSize(1);
        assertThat(results)
                .filteredOn(ReleaseResult.ChangedMeanwhile.class::isInstance)
                .hasSize(5);
        assertThat(releases.list(id)).hasSize(1);
    }

    @Test
    void whoeverSawAnOlderDraftOrReleaseIsTold(App app, Http owner) {
        DemoCards.takeAway(app);
        String path = begin(owner, BRUSH.formatted("9.90 EUR"));
        Answer seen = owner.get(path + "/live");
        keep(owner, path, "/cases/0/piece/formula", "8.80 EUR");
        Answer late = post(owner, path, seen, "now", "", "");
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.text()).contains("Maren was quicker").contains("Nothing was put live");
        assertThat(brush(app)).isEqualTo("15.00");
    }

    @Test
    void aCardPausedWhileItsGoodsAreInABasketChangesTheirPriceAndIsTold(App app, Http owner, Http shopper) {
        owner.signIn("maren");
        shopper.get("/counter/goods/ROPE-12");
        shopper.post("/counter/basket/add", "sku", "ROPE-12", "quantity", "1", "a.length", "20", "sent", "yes");
        assertThat(shopper.get("/counter/basket").text()).contains("62.00");
        Answer form = shopper.get("/counter/checkout");
        owner.post("/cards/" + card(app, "Rope by the metre").id() + "/live/pause");
        assertThat(shopper.get("/counter/basket").text())
                .contains("Something in the basket cannot be ordered")
                .doesNotContain("To the checkout");
        Answer order = Buying.pay(shopper, form);
        assertThat(order.status()).isEqualTo(409);
        assertThat(order.text()).contains("cannot be ordered");
        assertThat(app.sql()
                        .sql("select count(*) from shop_order")
                        .query(Long.class)
                        .single())
                .isZero();
    }

    @Test
    void theOrderOfCardsIsChangedOnceAndSaid(App app, Http owner) {
        owner.signIn("maren");
        List<Long> seen = app.bean(Drafts.class).inOrder(DraftKind.CARD).stream()
                .map(Draft::id)
                .toList();
        List<String> fields = new ArrayList<>();
        seen.forEach(id -> fields.addAll(List.of("seen", "" + id, "order", "" + id)));
        fields.addAll(List.of("move", seen.get(2) + " up"));
        String[] move = fields.toArray(String[]::new);
        String[] asked = Arrays.copyOf(move, move.length + 4);
        System.arraycopy(new String[] {"sku", "ROPE-12", "group", "Crew club"}, 0, asked, move.length, 4);
        assertThat(owner.post("/cards/order", asked).response().uri().getQuery())
                .as("what was picked in Who wins? is kept")
                .contains("sku=ROPE-12")
                .contains("group=Crew club");
        assertThat(app.bean(Drafts.class).inOrder(DraftKind.CARD).get(1).name()).isEqualTo("Rope by the metre");
        Answer again = owner.post("/cards/order", move);
        assertThat(again.response().uri().getPath())
                .as("a reload sends nothing again")
                .isEqualTo("/cards");
        assertThat(again.text()).contains("Somebody else has changed the order meanwhile");
        assertThat(owner.get("/history?subject=order").text())
                .contains("moved in the order Crew club rope", "place: 2 → 3");
        assertThat(owner.get("/cards/winner?sku=ROPE-12&group=Crew+club").text())
                .contains("Rope by the metre prices it", "Crew club rope would price it, but a card above does");
    }

    @Test
    void theStepCoversSaysWhichOtherCardsCoverTheSame(App app, Http owner) {
        owner.signIn("maren");
        String rope = "/cards/" + card(app, "Rope by the metre").id();
        assertThat(owner.get(rope + "?step=covers").text())
                .contains("Covers 1 product now")
                .contains("“Crew club rope” comes before this card and wins for 1 product that both cover");
        String club = "/cards/" + card(app, "Crew club rope").id();
        assertThat(owner.get(club + "?step=covers").text())
                .contains("“Rope by the metre” stands below: this card comes first, and wins for 1 product");
        String based = owner.get(rope).field("basedOn");
        Answer other = owner.background(
                rope + "/edit", "do", "look", "basedOn", based, "step", "covers", "/covers/until", "2020-01-01T00:00");
        assertThat(other.text()).contains("Covers 1 product now");
        assertThat(owner.get("/cards/" + card(app, "Deck brushes as marked").id() + "?step=covers")
                        .text())
                .doesNotContain("Other cards there");
    }

    private static Draft card(App app, String name) {
        return app.bean(Drafts.class).inOrder(DraftKind.CARD).stream()
                .filter(card -> card.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** Reads a card in, as a draft; its address. */
    private static String begin(Http owner, String json) {
        owner.signIn("maren");
        return LiveCards.read(owner, json);
    }

    private static void keep(Http owner, String path, String place, String text) {
        String based = owner.get(path).field("basedOn");
        owner.background(path + "/edit", "do", "keep", "basedOn", based, "step", "piece", place, text);
    }

    private static Answer putLive(Http owner, String path, String when, String at, String why) {
        return post(owner, path, owner.get(path + "/live"), when, at, why);
    }

    private static Answer post(Http owner, String path, Answer page, String when, String at, String why) {
        return LiveCards.putLive(owner, path, page, "when", when, "at", at, "why", why);
    }

    private static String brush(App app) {
        return brushAt(
                app,
                ZonedDateTime.ofInstant(
                        Instant.now(), app.bean(Books.class).inForce().shop().zone()));
    }

    /** What one deck brush costs everyone at a moment. */
    private static String brushAt(App app, ZonedDateTime at) {
        BookInForce book = app.bean(Books.class).inForce();
        return ((PricedLine) book.book()
                        .price(List.of(new OrderLine(new Sku("BRU-1"), 1)), Customer.EVERYONE, at)
                        .get(0))
                .total()
                .toString();
    }
}
