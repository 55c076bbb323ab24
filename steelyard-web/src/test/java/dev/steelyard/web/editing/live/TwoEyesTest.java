package dev.steelyard.web.editing.live;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.SheetsAtWork;
import dev.steelyard.web.testing.WithApp;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Two pairs of eyes: who changed a draft last cannot be the one who puts it live. */
@ExtendWith(WithApp.class)
class TwoEyesTest {

    private App app;
    private Http maren;
    private Http jonas;

    @BeforeEach
    void signIn(App app) {
        this.app = app;
        maren = new Http(app.url()).signIn("maren");
        jonas = new Http(app.url()).signIn("jonas");
        maren.post("/shop/counter", "twoEyes", "true");
    }

    private long rope() {
        return app.sql()
                .sql("select id from draft where kind = 'CARD' and position = 1")
                .query(Long.class)
                .single();
    }

    private static Answer putLive(Http who, long card) {
        Answer page = who.get("/cards/" + card + "/live");
        return who.post(
                "/cards/" + card + "/live",
                "number",
                page.field("number"),
                "draft",
                page.field("draft"),
                "seen",
                page.field("seen"),
                "why",
                "looked at");
    }

    private long changedBy(Http who) {
        long card = rope();
        Answer page = who.get("/cards/" + card);
        who.background(
                "/cards/" + card + "/edit",
                "basedOn",
                page.field("basedOn"),
                "step",
                "covers",
                "do",
                "keep",
                "/name",
                "Changed once more");
        return card;
    }

    @Test
    void whoChangedItAsksAndSomebodyElsePutsItLive() {
        long card = changedBy(maren);
        assertThat(putLive(maren, card).text()).contains("Not put live: you changed it last");

        String draft = maren.get("/cards/" + card + "/live").field("draft");
        assertThat(maren.post("/cards/" + card + "/live/ask", "draft", draft, "why", "the new price of May")
                        .text())
                .contains("Asked for. It stands under Today")
                .contains("Maren asked for the draft to be put live");
        assertThat(jonas.get("/today").text())
                .contains("Asked to be put live 1")
                .contains("the new price of May");

        assertThat(putLive(jonas, card).text()).contains("Live. Shoppers see it now.");
        assertThat(jonas.get("/today").text()).doesNotContain("Asked to be put live");
    }

    @Test
    void whatWasLiveOnceIsGoneBackToByAnybody() {
        long card = changedBy(maren);
        putLive(jonas, card);
        long first = app.sql()
                .sql("select min(number) from draft_release where draft_id = ?")
                .param(card)
                .query(Long.class)
                .single();
        Answer page = maren.get("/cards/" + card + "/live?b=" + first);
        assertThat(maren.post(
                                "/cards/" + card + "/live",
                                "number",
                                "" + first,
                                "draft",
                                page.field("draft"),
                                "seen",
                                page.field("seen"),
                                "why",
                                "back")
                        .text())
                .contains("Live. Shoppers see it now.");
    }

    @Test
    void ownPricesAndSheetsDoNotGoPast() {
        Answer own = maren.get("/goods/13");
        Answer saved = maren.background(
                "/goods/13/edit",
                "basedOn",
                own.field("basedOn"),
                "step",
                "prices",
                "do",
                "save",
                "/rows/1/value",
                "12.90");
        assertThat(saved.text()).contains("in this shop somebody else puts it live");
        assertThat(maren.get("/counter/price?sku=BRU-1&quantity=6").text()).contains("13.20");

        SheetsAtWork sheets = new SheetsAtWork(maren);
        Answer sheet = sheets.read("sku,price\nBRU-1,15.70\n");
        assertThat(maren.post(SheetsAtWork.path(sheet) + "/apply").text()).contains("somebody else puts it live");
        assertThat(new SheetsAtWork(jonas).act(sheet, "apply").text()).contains("applied by Jonas");
    }

    @Test
    void withoutTheSettingEverybodyPutsTheirOwnLive() {
        maren.post("/shop/counter", "twoEyes", "false");
        assertThat(putLive(maren, changedBy(maren)).text()).contains("Live. Shoppers see it now.");
    }
}
