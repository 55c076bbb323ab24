package dev.steelyard.web.book;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.kept.Draft;
import dev.steelyard.web.kept.Drafts;
import dev.steelyard.web.kept.Kind;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.WithApp;
import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Two applications on one database: what is put live on one is priced so by the other. */
@ExtendWith(WithApp.class)
class TwoNodesTest {

    private static final Logger log = LoggerFactory.getLogger(TwoNodesTest.class);
    private static final Duration PATIENCE = Duration.ofSeconds(60); // how long a busy machine may take
    private static final String ROPE = "/counter/price?sku=ROPE-12&sent=yes&quantity=1&a.length=10";

    @Test
    void eachFollowsTheOther(App app, Http owner) throws Exception {
        try (App.Node other = app.anotherNode()) {
            Http shopper = new Http(other.url());
            assertThat(shopper.get(ROPE).body()).contains("id=\"total\">31.00<");

            Draft rope = app.bean(Drafts.class).inOrder(Kind.CARD).stream()
                    .filter(card -> card.name().equals("Rope by the metre"))
                    .findFirst()
                    .orElseThrow();
            String path = "/cards/" + rope.id();
            owner.signIn("maren").post(path + "/live/pause");
            // a checkout does not wait to be told: it looks
            assertThat(other.bean(Books.class).refresh().revision())
                    .isEqualTo(app.bean(Books.class).refresh().revision());
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
            Http.Answer page = owner.get(path + "/live");
            owner.post(
                    path + "/live",
                    "number",
                    page.field("number"),
                    "draft",
                    page.field("draft"),
                    "seen",
                    page.field("seen"),
                    "when",
                    "now",
                    "why",
                    "dearer");
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

    private static void follows(Http shopper, String words) throws InterruptedException {
        Instant published = Instant.now();
        while (!shopper.get(ROPE).body().contains(words)) {
            assertThat(Duration.between(published, Instant.now())).isLessThan(PATIENCE);
            Thread.sleep(50);
        }
        log.info(
                "the other node followed after {} ms",
                Duration.between(published, Instant.now()).toMillis());
    }
}
