package dev.steelyard.web.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.draft.Drafts;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.LiveCards;
import dev.steelyard.web.testing.WithApp;
import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Two applications on one database: what is put live on one is priced so by the other. */
@ExtendWith(WithApp.class)
class TwoNodesTest {

    private static final Duration PATIENCE = Duration.ofMinutes(2); // nothing hangs on it but when a fault is told
    private static final String ROPE = "/counter/price?sku=ROPE-12&sent=yes&quantity=1&a.length=10";

    /** As after an upgrade that changed what a session holds. */
    @Test
    void aSessionThatCannotBeReadIsSignedInAnew(App app, Http owner) {
        owner.signIn("maren");
        app.sql()
                .sql("update WEB_SESSION_ATTRIBUTES set ATTRIBUTE_BYTES = 'nothing of ours'")
                .update();
        assertThat(owner.get("/today").text()).contains("Sign in");
        owner.signIn("maren");
        assertThat(owner.get("/today").text()).contains("Drafts waiting");
    }

    @Test
    void eachFollowsTheOtherAndWhoIsSignedInOnOneIsOnBoth(App app, Http owner, Http browser) {
        try (App.Node other = app.anotherNode()) {
            browser.signIn("maren");
            Http elsewhere = browser.at(other.url());
            assertThat(elsewhere.get("/today").text()).contains("Maren").contains("Drafts waiting");
            assertThat(browser.get("/goods").text()).contains("Bow shackle");
            elsewhere.get("/today");
            elsewhere.post("/sign-out");
            assertThat(browser.get("/today").text()).contains("Sign in");

            Http shopper = new Http(other.url());
            assertThat(shopper.get(ROPE).body()).contains("id=\"total\">31.00<");

            Draft rope = app.bean(Drafts.class).inOrder(DraftKind.CARD).stream()
                    .filter(card -> card.name().equals("Rope by the metre"))
                    .findFirst()
                    .orElseThrow();
            String path = "/cards/" + rope.id();
            long before = other.bean(Books.class).inForce().revision();
            owner.signIn("maren").post(path + "/live/pause");
            // a checkout does not wait to be told: it looks
            assertThat(other.bean(Books.class).refresh().revision()).isGreaterThan(before);
            assertThat(shopper.get(ROPE).body()).contains("No price yet");
            owner.post(path + "/live/resume");
            owner.background(
                    path + "/edit",
                    "do",
                    "keep",
                    "basedOn",
                    "" + rope.number(),
                    "step",
                    "piece",
                    "/cases/0/piece/rate/price",
                    "3.50");
            LiveCards.putLive(owner, path, owner.get(path + "/live"), "when", "now", "why", "dearer");
            assertThat(owner.get(ROPE).body())
                    .as("at once on the node it was done on")
                    .contains("id=\"total\">35.00<");
            follows(shopper, "id=\"total\">35.00<");

            // and the other way round
            new Http(other.url()).signIn("jonas").post(path + "/live/pause", "why", "sold out");
            assertThat(shopper.get(ROPE).body()).contains("No price yet");
            follows(owner, "No price yet");
        }
    }

    private static void follows(Http shopper, String words) {
        await().atMost(PATIENCE).until(() -> shopper.get(ROPE).body().contains(words));
    }
}
