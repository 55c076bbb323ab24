package dev.steelyard.web.editing.live;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.draft.Drafts;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.WithApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What is live is what its version says. */
@ExtendWith(WithApp.class)
class LiveCardsTest {

    private static final String ROPE = "/counter/price?sku=ROPE-12&sent=yes&quantity=1&a.length=10";

    /** As after a backup was put back: another version has the number that one had before. */
    @Test
    void aVersionOfANumberThatWasThereBeforeIsReadAnew(App app, Http owner, Http shopper) {
        owner.signIn("maren");
        live(app, owner, "3.50");
        assertThat(shopper.get(ROPE).body()).contains("id=\"total\">35.00<");
        app.reset();
        assertThat(shopper.get(ROPE).body()).contains("id=\"total\">31.00<");
        owner.signIn("maren");
        live(app, owner, "3.30");
        assertThat(shopper.get(ROPE).body()).contains("id=\"total\">33.00<");
    }

    private static void live(App app, Http owner, String price) {
        var rope = app.bean(Drafts.class).inOrder(DraftKind.CARD).stream()
                .filter(card -> card.name().equals("Rope by the metre"))
                .findFirst()
                .orElseThrow();
        String path = "/cards/" + rope.id();
        owner.background(
                path + "/edit",
                "do",
                "keep",
                "basedOn",
                "" + rope.number(),
                "step",
                "piece",
                "/cases/0/piece/rate/price",
                price);
        dev.steelyard.web.testing.LiveCards.putLive(
                owner, path, owner.get(path + "/live"), "when", "now", "why", "dearer");
    }
}
