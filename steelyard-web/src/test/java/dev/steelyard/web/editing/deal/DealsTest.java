package dev.steelyard.web.editing.deal;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.CardState;
import dev.steelyard.format.Documents;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.draft.Drafts;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.DemoDeals;
import dev.steelyard.web.testing.DemoSpring;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.LiveCards;
import dev.steelyard.web.testing.WithApp;
import java.time.ZoneOffset;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Deals as they are kept, and their pages without a browser. */
@ExtendWith(WithApp.class)
class DealsTest {

    private static long id(App app, String name) {
        return app.bean(Drafts.class).inOrder(DraftKind.DEAL).stream()
                .filter(draft -> draft.name().equals(name))
                .findFirst()
                .orElseThrow()
                .id();
    }

    private static Draft draft(App app, long id) {
        return app.bean(Drafts.class).find(DraftKind.DEAL, id).orElseThrow();
    }

    private static String begin(Http owner, String start, String goods) {
        Answer made = owner.post("/deals", "start", start, "goods", goods);
        assertThat(made.status()).isEqualTo(200);
        return made.response().uri().getPath();
    }

    /** The page's sentence. */
    private static String said(Answer page) {
        int start = page.body().indexOf("id=\"sentence\"");
        String sentence = page.body().substring(start, page.body().indexOf("</p>", start));
        return sentence.substring(sentence.indexOf('>') + 1).replaceAll("<[^>]*>", "");
    }

    private static Answer putLive(Http owner, String deal) {
        Answer page = owner.get(deal + "/live");
        if (page.text().contains("put in by Steelyard")) {
            String based = owner.get(deal).field("basedOn");
            owner.background(deal + "/edit", "basedOn", based, "do", "mend", "to", "meant");
        }
        return LiveCards.putLive(owner, deal, owner.get(deal + "/live"), "when", "now");
    }

    @Test
    void theListSaysWhatEachDoesForWhomAndHowItStands(App app, Http owner) {
        assertThat(owner.signIn("maren").get("/deals").text()).contains("No deal yet.");
        DemoDeals.putBack(app);
        assertThat(owner.get("/deals").text())
                .contains("8 deals, applied from the top")
                .contains("Spend 150 or more on Rope &amp; chain: 5 % off; from 400: 8 % off.")
                .contains("a draft waits")
                .contains("version 2 begins on 1 March " + DemoSpring.YEAR + ", 08:00")
                .contains("Paying by invoice adds 1.5 % to all.")
                .contains("with the code KEEL-TIDE-26");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "spend | Spend 150 or more on Hardware: 5 % off; from 400: 8 % off.",
                "pieces | Take 6 or more pieces of Hardware, mixed as you like: 0.40 off each; from 12: 0.75 off each.",
                "variety | Take 3 or more different products of Hardware: 4 % off; from 5: 7 % off.",
                "buy-and-get | For every 2 bought of Hardware, 1 more is free.",
                "payment | Paying by bank transfer takes 2 % off all.",
            })
    void eachSentenceBeginsAWholeDeal(String start, String sentence, App app, Http owner) {
        String deal = begin(owner.signIn("maren"), start, "category:Hardware");
        Answer page = owner.get(deal);
        assertThat(said(page)).isEqualTo(sentence.strip());
        assertThat(page.text()).contains("Trial basket");
        for (String step : List.of("gives", "goods", "who", "words")) {
            assertThat(owner.get(deal + "?step=" + step).status()).isEqualTo(200);
        }
        assertThat(putLive(owner, deal).text()).contains("Live. Shoppers see it now.");
        assertThat(app.bean(Books.class).inForce().deals()).hasSize(1);
    }

    @Test
    void anUnknownSentenceIsAskedForAgain(Http owner) {
        Answer again = owner.signIn("maren").post("/deals", "start", "steal", "goods", "SHK", "name", "Mine");
        assertThat(again.status()).isEqualTo(422);
        assertThat(again.text()).contains("Pick what the deal does.");
        assertThat(again.field("name")).isEqualTo("Mine");
    }

    @Test
    void everyEditIsKeptUndoneAndDoneAgain(App app, Http owner) {
        String deal = begin(owner.signIn("maren"), "spend", "category:Hardware");
        long id = Long.parseLong(deal.substring(deal.lastIndexOf('/') + 1));
        Answer kept = owner.background(
                deal + "/edit",
                "basedOn",
                "1",
                "step",
                "gives",
                "do",
                "keep",
                "/rows/0/from",
                "120",
                "/rows/0/value",
                "x");
        assertThat(kept.status()).isEqualTo(200);
        assertThat(kept.text()).contains("“x” is not a number");
        assertThat(draft(app, id).document().text("/rows/0/from")).isEqualTo("120");
        assertThat(draft(app, id).document().text("/rows/0/value")).isEqualTo("x");
        owner.background(deal + "/edit", "basedOn", "2", "step", "gives", "do", "undo");
        assertThat(draft(app, id).document().text("/rows/0/from")).isEqualTo("150");
        owner.background(deal + "/edit", "basedOn", "3", "step", "gives", "do", "redo");
        assertThat(draft(app, id).document().text("/rows/0/value")).isEqualTo("x");
        owner.background(deal + "/edit", "basedOn", "4", "step", "gives", "do", "kind", "to", "buy-and-get");
        assertThat(draft(app, id).document().text("/get/value")).isEqualTo("free");
        assertThat(draft(app, id).document().has("/rows")).isFalse();
        assertThat(draft(app, id).document().text("/buy/covers/categories/0")).isEqualTo("Hardware");
    }

    /** Friday nights: tried when it counts whatever day it is, said in words, and live only then at the counter. */
    @Test
    void aDealOfDaysAndHoursIsTriedWhenItCountsAndCountsOnlyThen(App app, Http owner, Http shopper) {
        String deal = begin(owner.signIn("maren"), "spend", "category:Hardware");
        String days = "[]/days";
        Answer kept = owner.background(
                deal + "/edit",
                "basedOn",
                "1",
                "step",
                "who",
                "do",
                "keep",
                days,
                "fri",
                "/opens",
                "22:00",
                "/closes",
                "02:00");
        assertThat(kept.text())
                .contains("Friday, 22:00 to 02:00 the next day")
                .containsPattern("Tried for Friday \\d+ \\w+, 22:00, when this deal counts");
        assertThat(putLive(owner, deal).text()).contains("Live. Shoppers see it now.");

        assertThat(basketAt(shopper, "2026-11-28", "01:00").text()).contains("5 %");
        assertThat(basketAt(shopper, "2026-11-27", "01:00").text()).doesNotContain("5 %");
        assertThat(basketAt(shopper, "2026-11-27", "22:00").text()).contains("5 %");
    }

    /** Shackles for more than 150, seen at a moment. */
    private static Answer basketAt(Http shopper, String day, String time) {
        shopper.get("/counter");
        shopper.post("/counter/as", "day", day, "time", time);
        if (shopper.get("/counter/basket").text().contains("Nothing in it yet")) {
            shopper.post("/counter/basket/add", "sku", "SHK-8", "quantity", "30");
        }
        return shopper.get("/counter/basket");
    }

    @Test
    void aPlaceThatBothChangedIsPickedAndWhatOnlyOneChangedIsKept(App app, Http owner, Http other) {
        String deal = begin(owner.signIn("maren"), "spend", "category:Hardware");
        other.signIn("jonas")
                .background(deal + "/edit", "basedOn", "1", "do", "keep", "/rows/0/value", "6", "/rows/1/value", "9");
        String[] typed = {"basedOn", "1", "/rows/0/value", "7", "/name", "Hardware days"};
        Answer late = owner.background(deal + "/edit", with(typed, "do", "keep"));
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.text())
                .contains("Jonas has changed this deal meanwhile, and one place that you changed too")
                .contains("Breaks from 150: 5 → 6")
                .contains("Breaks from 150: 5 → 7")
                .contains("Break 1, value 5 6 7");
        assertThat(owner.background(deal + "/edit", with(typed, "do", "keep", "m:/rows/0/value", "theirs"))
                        .status())
                .as("what is marked counts once it is pressed")
                .isEqualTo(409);
        Answer mine = owner.background(deal + "/edit", with(typed, "do", "settle", "m:/rows/0/value", "mine"));
        assertThat(mine.status()).isEqualTo(200);
        assertThat(mine.text()).contains("Jonas had changed this deal meanwhile, at other places. Both are kept.");
        assertThat(owner.get(deal).body()).contains("value=\"7\"", "value=\"9\"", "value=\"Hardware days\"");
    }

    @Test
    void changesOfTwoPeopleThatDoNotTouchAreBothKept(App app, Http owner, Http other) {
        String deal = begin(owner.signIn("maren"), "spend", "category:Hardware");
        other.signIn("jonas").background(deal + "/edit", "basedOn", "1", "do", "hang", "from", "900");
        Answer looked = owner.background(deal + "/edit", "basedOn", "1", "do", "look", "/rows/0/value", "7");
        assertThat(looked.text())
                .contains("Jonas has changed this deal meanwhile, at other places. It comes in with your next change.");
        Answer kept = owner.background(deal + "/edit", "basedOn", "1", "do", "keep", "/rows/0/value", "7");
        assertThat(kept.status()).isEqualTo(200);
        assertThat(kept.text()).contains("Both are kept").contains("Breaks from 900: added at 8");
        assertThat(owner.get(deal).body()).contains("value=\"7\"", "value=\"900\"");
        Answer undone = owner.background(deal + "/edit", "basedOn", kept.field("basedOn"), "do", "undo");
        assertThat(undone.body()).as("undo takes mine away, not theirs").contains("value=\"5\"", "value=\"900\"");
    }

    private static String[] with(String[] fields, String... more) {
        return Stream.concat(Stream.of(fields), Stream.of(more)).toArray(String[]::new);
    }

    @Test
    void whatCannotBeReadOrIsOverDoesNotGoLive(App app, Http owner) {
        String deal = begin(owner.signIn("maren"), "spend", "category:Hardware");
        owner.background(deal + "/edit", "basedOn", "1", "do", "keep", "/rows/0/value", "105");
        Answer refused = putLive(owner, deal);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text()).contains("Not put live").contains("more than 100 % cannot be taken off");
        owner.background(
                deal + "/edit", "basedOn", "2", "do", "keep", "/rows/0/value", "5", "/until", "2026-11-01T00:00");
        assertThat(putLive(owner, deal).text()).contains("It is over since 1 November 2026");
        assertThat(app.bean(Books.class).inForce().deals()).isEmpty();
    }

    @Test
    void theListSaysWhatIsLiveAndNotTheDraft(App app, Http owner) {
        DemoDeals.putBack(app);
        owner.signIn("maren");
        String deal = "/deals/" + id(app, "Rope and chain days");
        owner.background(
                deal + "/edit", "basedOn", owner.get(deal).field("basedOn"), "do", "keep", "/rows/0/value", "50");
        assertThat(owner.get(deal).text()).contains("50 % off");
        assertThat(owner.get("/deals").text()).contains("Spend 150 or more").doesNotContain("50 % off");
    }

    @Test
    void severalArePausedAndResumedAtOnceAndHowManyIsSaid(App app, Http owner) {
        DemoDeals.putBack(app);
        owner.signIn("maren");
        String one = "" + id(app, "Rope and chain days");
        String other = "" + id(app, "Mix your hardware");
        int live = app.bean(Books.class).inForce().deals().size();
        assertThat(owner.post("/deals/pause", "picked", one).text()).contains("1 deal paused: shoppers do not see it.");
        assertThat(owner.post("/deals/pause", "picked", one, "picked", other).text())
                .contains("1 deal paused")
                .contains("1 of those picked was so already, or is not live.");
        assertThat(state(app, one)).isEqualTo(CardState.PAUSED);
        assertThat(owner.post("/deals/resume", "picked", one, "picked", other).text())
                .contains("2 deals resumed: shoppers see them again.");
        assertThat(state(app, one)).isEqualTo(CardState.LIVE);
        assertThat(owner.post("/deals/pause").text()).contains("None is picked");
        assertThat(app.bean(Books.class).inForce().deals()).hasSize(live);
    }

    private static CardState state(App app, String id) {
        return app.bean(Books.class).inForce().deals().stream()
                .filter(deal -> ("" + deal.id()).equals(id))
                .findFirst()
                .orElseThrow()
                .deal()
                .state();
    }

    @Test
    void whatIsWrongWithTheRowsTogetherIsSaidByThem(App app, Http owner) {
        String deal = begin(owner.signIn("maren"), "spend", "category:Hardware");
        owner.background(deal + "/edit", "basedOn", "1", "do", "keep", "?/forEvery", "true");
        assertThat(owner.get(deal).text()).contains("Only an amount off what is spent counts for every full threshold");
    }

    @Test
    void aVersionIsPlannedPausedResumedAndGoneBackTo(App app, Http owner) {
        DemoDeals.putBack(app, "Club day");
        long id = id(app, "Club day");
        String deal = "/deals/" + id;
        owner.signIn("maren").background(deal + "/edit", "basedOn", "1", "do", "keep", "/rows/0/value", "10");
        Answer page = owner.get(deal + "/live");
        assertThat(page.text()).contains("Breaks from 50: 9 → 10");
        owner.post(
                deal + "/live",
                "number",
                "2",
                "draft",
                "2",
                "seen",
                page.field("seen"),
                "when",
                "later",
                "at",
                "2031-01-01T00:00");
        assertThat(app.bean(Books.class).inForce().deals())
                .as("the one that counts and the one that will")
                .hasSize(2);
        Answer asCard = owner.post("/cards/" + id + "/live/pause");
        assertThat(asCard.status()).as("a deal is no card").isEqualTo(404);
        assertThat(asCard.text()).contains("There is no rate card with the number " + id + ".");
        assertThat(owner.post(deal + "/live/pause").text()).contains("Paused. Shoppers do not see it.");
        assertThat(app.bean(Books.class).inForce().deals())
                .allMatch(live -> live.deal().state() == CardState.PAUSED);
        assertThat(owner.post(deal + "/live/resume").text()).contains("Resumed.");
        assertThat(owner.get("/history?subject=deal&of=" + id).text())
                .contains("paused")
                .contains("resumed")
                .contains("set a start for");
    }

    @Test
    void dealsAreTakenAwayPutBackCopiedAndMoved(App app, Http owner) {
        DemoDeals.putBack(app);
        long first = id(app, "Rope and chain days");
        owner.signIn("maren");
        assertThat(owner.post("/deals/" + first + "/remove").text()).contains("is taken away");
        assertThat(app.bean(Books.class).inForce().deals()).noneMatch(deal -> deal.id() == first);
        owner.post("/deals/" + first + "/put-back");
        assertThat(app.bean(Books.class).inForce().deals()).anyMatch(deal -> deal.id() == first);
        assertThat(owner.post("/deals/" + first + "/copy").text()).contains("Copy of Rope and chain days");
        List<String> ids = app.bean(Drafts.class).inOrder(DraftKind.DEAL).stream()
                .map(draft -> "" + draft.id())
                .toList();
        String[] form = new String[ids.size() * 4 + 2];
        for (int i = 0; i < ids.size(); i++) {
            form[i * 4] = "seen";
            form[i * 4 + 1] = ids.get(i);
            form[i * 4 + 2] = "order";
            form[i * 4 + 3] = ids.get(i);
        }
        form[form.length - 2] = "move";
        form[form.length - 1] = first + " down";
        owner.post("/deals/order", form);
        assertThat(app.bean(Drafts.class).inOrder(DraftKind.DEAL).get(1).id()).isEqualTo(first);
        form[1] = ids.get(1);
        Answer late = owner.post("/deals/order", form);
        assertThat(late.response().uri().getPath()).isEqualTo("/deals");
        assertThat(late.text()).contains("changed the order");
    }

    @Test
    void aDealIsWrittenOutAndReadBackTheSame(App app, Http owner) {
        DemoDeals.putBack(app, "Brush with a cover");
        long id = id(app, "Brush with a cover");
        String written =
                owner.signIn("maren").get("/deals/" + id + "/deal.json").body();
        Answer read = owner.post("/deals/read", "json", written);
        String copy = read.response().uri().getPath();
        assertThat(Documents.readDeal(owner.get(copy + "/deal.json").body(), ZoneOffset.UTC)
                        .deal())
                .isEqualTo(Documents.readDeal(written, ZoneOffset.UTC).deal());
        Answer wrong = owner.post("/deals/read", "json", "{\"name\": \"X\", \"kind\": \"gift\"}");
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.text()).contains("“gift” is none of spend, pieces, variety, buy-and-get, payment");
        assertThat(wrong.body()).contains("gift");
    }

    @Test
    void theTrialBasketAnswersForWhatIsTyped(App app, Http owner) {
        DemoDeals.putBack(app);
        String deal = "/deals/" + id(app, "Mix your hardware");
        Answer page = owner.signIn("maren")
                .background(
                        deal + "/edit",
                        "basedOn",
                        "1",
                        "step",
                        "gives",
                        "do",
                        "look",
                        "t.sku.0",
                        "SHK-8",
                        "t.quantity.0",
                        "6",
                        "t.sku.1",
                        "ROPE-12",
                        "t.quantity.1",
                        "1",
                        "t.total.1",
                        "200",
                        "t.group",
                        "Crew club",
                        "t.payment",
                        "invoice",
                        "t.day",
                        "2026-11-26",
                        "/rows/0/value",
                        "0.50");
        assertThat(page.text())
                .as("9 % of 244.40 stands alone against 3.00 and 10.00")
                .contains("✓ Club day")
                .contains("· Mix your hardware not used: Club day take off 22.00, this alone 3.00")
                .contains("✓ Invoice fee")
                .contains("225.74");
        Answer faulty = owner.background(
                deal + "/edit",
                "basedOn",
                "1",
                "do",
                "look",
                "t.sku.0",
                "SHK-8",
                "t.quantity.0",
                "many",
                "t.day",
                "soon");
        assertThat(faulty.text()).contains("“many” is not a number").contains("“soon” is no day");
    }

    @Test
    void whatIsNotThereIsSaid(App app, Http owner) {
        long card = app.bean(Drafts.class).inOrder(DraftKind.CARD).get(0).id();
        owner.signIn("maren");
        for (String path : List.of("/deals/99", "/deals/99/live", "/deals/" + card, "/deals/99/deal.json")) {
            assertThat(owner.get(path).status()).as(path).isEqualTo(404);
        }
        assertThat(owner.post("/deals/" + card + "/remove").status()).isEqualTo(404);
        assertThat(new Http(app.url()).get("/deals").text()).contains("Sign in");
    }
}
