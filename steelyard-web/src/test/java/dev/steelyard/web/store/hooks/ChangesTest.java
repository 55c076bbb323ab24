package dev.steelyard.web.store.hooks;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.book.Books;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.store.keys.MadeKeys;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.StoreCalls;
import dev.steelyard.web.testing.StoreCalls.Answer;
import dev.steelyard.web.testing.WithApp;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;

/** A store that was away learns what it missed. */
@ExtendWith(WithApp.class)
class ChangesTest {

    private static final String CHANGES = "/api/v1/changes?after=";

    @Test
    void goodsThatChangedAreNamedAndAnythingElseIsMany(App app) {
        StoreCalls calls = MadeKeys.calls(app);
        long before = app.bean(Shops.class).revision();
        assertThat(since(calls, before).path("skus").isEmpty()).isTrue();
        assertThat(since(calls, before).path("many").asBoolean()).isFalse();
        goods(app, "SHK");
        goods(app, "BRU-1");
        JsonNode goods = since(calls, before);
        assertThat(goods.path("revision").asLong()).isEqualTo(before + 2);
        assertThat(goods.path("skus").toString())
                .contains("\"SHK-8\"", "\"BRU-1\"")
                .doesNotContain("COVER");
        assertThat(since(calls, before + 1).path("skus").toString()).doesNotContain("SHK");
        app.bean(TransactionTemplate.class)
                .executeWithoutResult(status -> app.bean(Shops.class).raiseRevision());
        assertThat(since(calls, before).path("many").asBoolean()).isTrue();
        assertThat(since(calls, 0).path("many").asBoolean()).isTrue(); // longer ago than is known
    }

    @Test
    void aRequestThatWaitsIsAnsweredWhenThereIsSomething(App app) {
        StoreCalls calls = MadeKeys.calls(app);
        long before = app.bean(Shops.class).revision();
        app.bean(Books.class).refresh();
        CompletableFuture<JsonNode> waiting = CompletableFuture.supplyAsync(
                () -> calls.get(CHANGES + before + "&wait=20").json());
        assertThat(waiting).isNotDone();
        goods(app, "SHK");
        app.bean(Books.class).refresh();
        assertThat(waiting.join().path("skus").toString()).contains("SHK-8");
        assertThat(calls.get(CHANGES + (before + 1) + "&wait=1")
                        .json()
                        .path("skus")
                        .isEmpty())
                .isTrue();
    }

    @Test
    void whatIsNoRevisionIsRefused(App app) {
        Answer answer = MadeKeys.calls(app).get(CHANGES + "yesterday");
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().path("detail").asString()).contains("“after” is a whole number");
        assertThat(MadeKeys.calls(app).get(CHANGES + "1&wait=31").status()).isEqualTo(422);
    }

    private static JsonNode since(StoreCalls calls, long revision) {
        return calls.get(CHANGES + revision).json();
    }

    private static void goods(App app, String sku) {
        app.bean(TransactionTemplate.class).executeWithoutResult(status -> {
            app.bean(Shops.class).raiseRevisionOfGoods();
            app.sql()
                    .sql("update product set revision = (select revision from shop) where sku = ?")
                    .param(sku)
                    .update();
        });
    }
}
