package dev.steelyard.web.store.hooks;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import dev.steelyard.web.shop.Outbox;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.store.keys.MadeKeys;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.WithApp;
import java.io.IOException;
import java.net.URI;
import java.time.Duration;
import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.transaction.support.TransactionTemplate;

/** The store is told of what happened: signed, again until it is taken, and of nothing that did not happen. */
@ExtendWith(WithApp.class)
class HooksTest {

    @Test
    void whatChangedIsToldSigned(App app) {
        try (Receiver store = new Receiver()) {
            Webhook hook = made(app, store.address());
            MadeKeys.calls(app)
                    .post(
                            "/api/v1/orders",
                            "{\"number\": \"Q-1\", \"charged\": \"15.00\", \"lines\": [{\"sku\": \"BRU-1\", \"quantity\": 1}]}");
            app.bean(TransactionTemplate.class).executeWithoutResult(status -> {
                app.bean(Shops.class).raiseRevisionOfGoods();
                app.sql()
                        .sql("update product set revision = (select revision from shop) where sku = 'SHK'")
                        .update();
            });
            await().until(() -> store.got("order.placed").size() == 1
                    && store.got("prices.changed").size() == 1);
            Receiver.Got order = store.got("order.placed").get(0);
            assertThat(order.json().at("/data/number").asString()).isEqualTo("Q-1");
            assertThat(order.signature())
                    .isEqualTo("v1," + HookSender.signature(hook.secret(), order.id(), order.time(), order.body()));
            Receiver.Got prices = store.got("prices.changed").get(0);
            assertThat(prices.json().at("/data/many").asBoolean()).isFalse();
            assertThat(prices.json().at("/data/skus").toString())
                    .contains("\"SHK-8\"")
                    .doesNotContain("BRU-1");
            await().until(() -> app.sql()
                            .sql("select count(*) from webhook_delivery where state = 'TAKEN' and status = 204")
                            .query(Long.class)
                            .single()
                    == 2);
        }
    }

    @Test
    void whatDidNotHappenIsNotTold(App app) {
        try (Receiver store = new Receiver()) {
            made(app, store.address());
            app.bean(TransactionTemplate.class).executeWithoutResult(status -> {
                app.bean(Outbox.class).put("order.placed", Map.of("number", "none"));
                status.setRollbackOnly();
            });
            app.bean(TransactionTemplate.class).executeWithoutResult(status -> app.bean(Outbox.class)
                    .put("card.live", Map.of("name", "later"), Instant.now().plusSeconds(3600)));
            app.bean(TransactionTemplate.class).executeWithoutResult(status -> app.bean(Outbox.class)
                    .put("order.placed", Map.of("number", "one")));
            await().until(() -> !store.got().isEmpty());
            assertThat(store.got()).hasSize(1);
            assertThat(store.got().get(0).json().at("/data/number").asString()).isEqualTo("one");
        }
    }

    /** As after a node that died between sending and noting it: the same message comes again under the same id. */
    @Test
    void whatIsNotTakenIsSentAgainUnderTheSameId(App app) {
        try (Receiver store = new Receiver()) {
            store.answer(500);
            app.bean(Distribution.class).ping(made(app, store.address()));
            await().until(() -> tries(app) == 1);
            store.answer(200);
            app.sql()
                    .sql("update webhook_delivery set next_at = utc_timestamp()")
                    .update();
            await().until(() -> state(app).equals("TAKEN"));
            assertThat(store.got()).hasSize(2);
            assertThat(store.got().get(0).id()).isEqualTo(store.got().get(1).id());
            app.sql()
                    .sql("update webhook_delivery set state = 'WAITING', next_at = utc_timestamp()")
                    .update();
            await().until(() -> store.got().size() == 3);
            assertThat(store.got().get(2).id()).isEqualTo(store.got().get(0).id());
        }
    }

    @Test
    void redirectsAreNotFollowedAndAnAddressThatIsAwayIsTriedAgain(App app, Http owner) {
        try (Receiver store = new Receiver()) {
            store.answer(302);
            app.bean(Distribution.class).ping(made(app, store.address()));
            await().until(() -> tries(app) == 1);
            assertThat(store.got()).hasSize(1);
            owner.signIn("maren");
            assertThat(owner.get("/shop/webhooks").text())
                    .contains("302 it leads elsewhere")
                    .contains("nothing gets through");
        }
        app.sql().sql("update webhook_delivery set next_at = utc_timestamp()").update();
        await().until(() -> tries(app) == 2);
        assertThat(owner.get("/shop/webhooks").text())
                .contains("ConnectException")
                .contains("tried again");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "HTTP/1.1 200 OK\r\nContent-Length: 100\r\n\r\nfine so"})
    void anAddressThatHangsHoldsUpItsOwnMessagesOnly(String beginning, App app) throws IOException {
        try (HangingStore hanging = new HangingStore(beginning);
                Receiver store = new Receiver()) {
            Webhook silent = made(app, hanging.address());
            for (int i = 0; i < 6; i++) {
                app.bean(Distribution.class).ping(silent);
            }
            Webhook good = made(app, store.address());
            app.bean(Distribution.class).ping(good);
            await().until(() -> store.got().size() == 1);
            assertThat(tries(app)).as("the one that hangs was not given up yet").isLessThanOrEqualTo(1);
            await().until(() -> app.sql()
                    .sql("select max(answer) from webhook_delivery where webhook_id = ? and tries = 1")
                    .param(silent.id())
                    .query(String.class)
                    .optional()
                    .orElse("")
                    .contains("no whole answer within 2 s"));
        }
    }

    @Test
    void anAddressThatFailsForThreeDaysIsPausedAndTodaySaysSo(App app, Http owner) {
        try (Receiver store = new Receiver()) {
            store.answer(500);
            Webhook hook = made(app, store.address());
            app.sql()
                    .sql("update webhook set failing_since = utc_timestamp() - interval 73 hour")
                    .update();
            app.bean(Distribution.class).ping(hook);
            await().until(() ->
                    app.bean(Webhooks.class).find(hook.id()).orElseThrow().pausedAt() != null);
            owner.signIn("maren");
            assertThat(owner.get("/today").text()).contains("nothing got through for three days");
            app.bean(Distribution.class).ping(hook);
            owner.get("/shop/webhooks");
            store.answer(200);
            owner.post("/shop/webhooks", "do", "resume", "id", "" + hook.id());
            await().until(() -> app.sql()
                            .sql("select count(*) from webhook_delivery where state = 'TAKEN'")
                            .query(Long.class)
                            .single()
                    == 2);
            assertThat(owner.get("/today").text()).doesNotContain("nothing got through");
        }
    }

    @Test
    void theOwnerAddsChangesAndTakesAway(App app, Http owner) {
        owner.signIn("maren");
        owner.get("/shop/webhooks");
        Answer wrong = owner.post("/shop/webhooks", "do", "add", "address", "shop.example", "event", "ORDER_PLACED");
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.text()).contains("“shop.example” is no address that can be told");
        assertThat(owner.post("/shop/webhooks", "do", "add", "address", "https://shop.example/told")
                        .text())
                .contains("Say at least one thing");
        Answer made = owner.post(
                "/shop/webhooks", "do", "add", "address", "https://shop.example/told", "event", "ORDER_PLACED");
        assertThat(made.body()).contains("whsec_");
        assertThat(owner.get("/shop/webhooks").body()).doesNotContain("whsec_").contains("https://shop.example/told");
        Webhook hook = app.bean(Webhooks.class).all().get(0);
        owner.post(
                "/shop/webhooks",
                "do",
                "change",
                "id",
                "" + hook.id(),
                "address",
                "https://other.example/",
                "event",
                "CARD_LIVE");
        assertThat(app.bean(Webhooks.class).find(hook.id()).orElseThrow().events())
                .containsExactly(HookEvent.CARD_LIVE);
        owner.post("/shop/webhooks", "do", "remove", "id", "" + hook.id());
        assertThat(app.bean(Webhooks.class).all()).isEmpty();
        assertThat(owner.get("/history?subject=webhooks").text()).contains("https://other.example/");
    }

    @ParameterizedTest
    @CsvSource({
        "http://shop.example/told, is no address",
        "https://user@shop.example/, is no address",
        "ftp://shop.example/, is no address",
        "https://, cannot be read",
        "'', 'An address has 1 to 500 characters, not 0'"
    })
    void onlyPublicPagesByHttpsAreTold(String address, String fault) {
        assertThat(new HookAddress(false).fault(address)).contains(fault);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "127.0.0.1",
                "10.1.2.3",
                "192.168.0.4",
                "172.16.0.9",
                "169.254.1.1",
                "100.64.0.1",
                "0.0.0.0",
                "[::1]",
                "[fd00::1]",
                "[fe80::1]"
            })
    void noDoorWithinTheNetworkIsKnockedAt(String host) {
        assertThat(new HookAddress(false).refusal(URI.create("https://" + host + "/told")))
                .contains("no public address");
        assertThat(new HookAddress(true).refusal(URI.create("https://" + host + "/told")))
                .isNull();
    }

    /** The vector of the specification's own libraries. */
    @Test
    void signaturesAreThoseOfTheSpecification() {
        assertThat(HookSender.signature(
                        "whsec_MfKQ9r8GKYqrTwjUPD8ILPZIo2LaLaSw",
                        "msg_p5jXN8AQM9LWM0D4loKWxJek",
                        1_614_265_330,
                        "{\"test\": 2432232314}"))
                .isEqualTo("g0hM9SsE+OTPJTGt/tmIKtSyZlE3uFJELVlNIOLJ1OE=");
    }

    private static Webhook made(App app, String address) {
        return app.bean(Webhooks.class).make(address, EnumSet.allOf(HookEvent.class), "Maren");
    }

    private static int tries(App app) {
        return app.sql()
                .sql("select max(tries) from webhook_delivery")
                .query(Integer.class)
                .optional()
                .orElse(0);
    }

    private static String state(App app) {
        List<String> states = app.sql()
                .sql("select state from webhook_delivery")
                .query(String.class)
                .list();
        return states.isEmpty() ? "" : states.get(0);
    }

    /** A planned version tells when its time has come, unless it was taken back. */
    @Test
    void aPlannedVersionTellsWhenItBegins(App app, Http owner) {
        try (Receiver store = new Receiver()) {
            owner.signIn("maren");
            made(app, store.address());
            Map<String, Object> release = app.sql()
                    .sql(
                            "select r.id, r.draft_id from draft_release r join draft d on d.id = r.draft_id where d.kind = 'CARD'"
                                    + " and r.withdrawn_at is null limit 1")
                    .query()
                    .singleRow();
            app.bean(TransactionTemplate.class).executeWithoutResult(status -> app.bean(Outbox.class)
                    .put(
                            "release.begins",
                            Map.of("release", release.get("id")),
                            Instant.now().minus(Duration.ofSeconds(1))));
            await().until(() -> store.got("card.live").size() == 1);
            app.sql()
                    .sql("update draft_release set withdrawn_at = utc_timestamp() where id = ?")
                    .param(release.get("id"))
                    .update();
            app.bean(TransactionTemplate.class).executeWithoutResult(status -> {
                app.bean(Outbox.class).put("release.begins", Map.of("release", release.get("id")));
                app.bean(Outbox.class).put("order.placed", Map.of("number", "last"));
            });
            await().until(() -> store.got("order.placed").size() == 1);
            assertThat(store.got("card.live")).hasSize(1);
        }
    }
}
