package dev.steelyard.web.editing.rows;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.goods.GoodsStore;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.WithApp;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The page of own prices over HTTP: what it answers to good and bad input, and to two editors at once. */
@ExtendWith(WithApp.class)
class RowsPageTest {

    private static final String BRUSH = "/goods/13";

    @Test
    void looksFollowTheFormAndStoreNothing(App app, Http owner) {
        Answer page = owner.signIn("maren").get(BRUSH);
        Answer look = edit(owner, page, "look", "/rows/1/value", "13.20", "t.quantity", "6");
        assertThat(look.text()).contains("from 6 it is 13.20", "79.20", "6 pieces reach “from 6”");
        assertThat(edit(owner, page, "look", "/rows/1/value", "10.00", "t.quantity", "6")
                        .text())
                .contains("60.00")
                .contains("Not live yet");
        assertThat(owner.get(BRUSH).field("basedOn")).isEqualTo(page.field("basedOn"));
        assertThat(app.bean(GoodsStore.class).find(13).orElseThrow().version()).isEqualTo(1);
    }

    @Test
    void whatIsTypedIsKeptAsADraftThatShoppersDoNotSeeAndUndoSurvivesLeaving(App app, Http owner, Http jonas) {
        Answer page = owner.signIn("maren").get(BRUSH);
        edit(owner, page, "keep", "/rows/1/value", "12.90");
        assertThat(prices(app)).containsExactly("13.200000");
        Answer later = jonas.signIn("jonas").get(BRUSH);
        assertThat(later.text()).contains("live, a draft waits").contains("Breaks from 6: 13.20 → 12.90");
        Answer undone = edit(jonas, later, "undo");
        assertThat(undone.text()).doesNotContain("Not live yet");
        assertThat(undone.body()).contains("value=\"13.20\"");
        assertThat(edit(jonas, undone, "redo").body()).contains("value=\"12.90\"");
    }

    @Test
    void savingPutsTheDraftLiveAtOnceAndSaysWhatChanged(App app, Http owner) {
        Answer page = owner.signIn("maren").get(BRUSH);
        Answer saved = edit(owner, page, "save", "/rows/1/value", "12.90", "why", "the mill is dearer");
        assertThat(saved.text()).contains("Saved. Shoppers see it now. Changed: Breaks from 6: 13.20 → 12.90");
        assertThat(saved.field("why")).isEmpty();
        assertThat(prices(app)).containsExactly("12.900000");
        assertThat(owner.get("/history?subject=prices&of=13").text()).contains("the mill is dearer");
        assertThat(edit(owner, saved, "save").text()).contains("Nothing had changed.");
    }

    @Test
    void aFormThatCannotBeReadIsKeptWithEachFaultByItsFieldAndNotPutLive(App app, Http owner) {
        Answer page = owner.signIn("maren").get(BRUSH);
        Answer answer = edit(owner, page, "save", "/rows/1/value", "-1", "/shelfPrice", "7,400", "t.quantity", "1e9");
        assertThat(answer.text())
                .contains("Not put live: what stops it is below. What you typed is kept.")
                .contains("Break 2, value: -1 is below 0; a price is 0 or more")
                .contains("7,400 can be 7.400 or 7400; write the one that is meant")
                .contains("“1e9” is not a number");
        assertThat(owner.get(BRUSH).body()).contains("value=\"-1\"", "value=\"7,400\"");
        assertThat(prices(app)).containsExactly("13.200000");
    }

    @Test
    void trialQuantitiesThatCannotBeAreSaidByTheField(Http owner) {
        Answer page = owner.signIn("maren").get(BRUSH);
        for (String quantity : List.of("0", "-4", "1.5", "many", "1000000000000", "")) {
            Answer look = edit(owner, page, "look", "t.quantity", quantity);
            assertThat(look.status()).isEqualTo(200);
            assertThat(look.body()).containsPattern("id=\"fault-quantity\"[^>]*>[^<]+</span>");
        }
    }

    @Test
    void aPriceThatBothChangedIsPickedAndWhatOnlyOneChangedIsKept(App app, Http maren, Http jonas) {
        Answer marens = maren.signIn("maren").get(BRUSH);
        Answer jonass = jonas.signIn("jonas").get(BRUSH);
        edit(jonas, jonass, "save", "/rows/1/value", "12.90", "/shelfPrice", "15.50");
        Answer refused = edit(maren, marens, "save", "/rows/1/value", "13.00");
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.text())
                .contains("Jonas has changed this product meanwhile, and one place that you changed too")
                .contains("Break 2, value 13.20 12.90 13.00");
        assertThat(prices(app)).containsExactly("12.900000");

        // keeping mine is a second, deliberate step, and puts nothing else back
        Answer kept = edit(maren, refused, "settle", "/rows/1/value", "13.00", "m:/rows/1/value", "mine");
        assertThat(kept.status()).isEqualTo(200);
        edit(maren, kept, "save");
        assertThat(prices(app)).containsExactly("13.000000");
        assertThat(shelfPrice(app)).isEqualTo("15.500000");
    }

    @Test
    void pricesThatTwoPeopleChangedApartAreBothSavedAndSaid(App app, Http maren, Http jonas) {
        Answer marens = maren.signIn("maren").get(BRUSH);
        Answer jonass = jonas.signIn("jonas").get(BRUSH);
        edit(jonas, jonass, "save", "/rows/1/value", "12.90");
        Answer saved = edit(maren, marens, "save", "/shelfPrice", "15.50");
        assertThat(saved.text())
                .contains("Saved. Shoppers see it now.")
                .contains("Jonas had changed this product meanwhile, at other places. Both are kept.")
                .contains("Shelf price: 15.00 → 15.50");
        assertThat(prices(app)).containsExactly("12.900000");
        assertThat(shelfPrice(app)).isEqualTo("15.500000");
    }

    @Test
    void whatASheetChangedComesIntoTheDraftAndWhatWasTypedStays(App app, Http owner) {
        Answer page = owner.signIn("maren").get(BRUSH);
        edit(owner, page, "keep", "/rows/1/value", "12.90");
        app.sql()
                .sql("update product set shelf_price = 16, version = version + 1, changed_by = 'A sheet' where id = 13")
                .update();
        Answer followed = owner.get(BRUSH);
        assertThat(followed.field("/shelfPrice")).isEqualTo("16.00");
        assertThat(followed.field("/rows/1/value")).isEqualTo("12.90");
        assertThat(followed.text()).contains("Breaks from 6: 13.20 → 12.90").doesNotContain("Shelf price: ");
        edit(owner, followed, "save");
        assertThat(shelfPrice(app)).isEqualTo("16.000000");
        assertThat(prices(app)).containsExactly("12.900000");
    }

    @Test
    void aCheckWeightThatNoLongerHoldsAsksWhyBeforeItIsSaved(App app, Http owner) {
        Answer page = owner.signIn("maren").get(BRUSH);
        Answer kept = edit(owner, page, "keep-weight", "t.quantity", "6");
        assertThat(kept.text()).contains("1 kept");
        Answer stopped = edit(owner, kept, "save", "/rows/1/value", "12.90", "t.quantity", "6");
        assertThat(stopped.text())
                .contains("Not put live: check weights differ.")
                .contains("“6 pieces” was 79.20, is 77.40");
        assertThat(prices(app)).containsExactly("13.200000");
        edit(owner, stopped, "save", "why", "agreed with the mill");
        assertThat(prices(app)).containsExactly("12.900000");
    }

    @Test
    void aProductTakenOutMeanwhileKeepsWhatWasTyped(App app, Http owner) {
        Answer page = owner.signIn("maren").get(BRUSH);
        app.bean(GoodsStore.class).remove(13, "Jonas");
        Answer answer = edit(owner, page, "save", "/rows/1/value", "11.11");
        assertThat(answer.text()).contains("it was taken out of the shop").contains("Put back into the shop");
        assertThat(answer.body()).contains("value=\"11.11\"");
        assertThat(prices(app)).containsExactly("13.200000");
    }

    @Test
    void whatIsNotThereIsSaidInWords(Http owner) {
        owner.signIn("maren");
        for (String path :
                List.of("/goods/9999", "/goods/abc", "/goods/1?variant=77", "/goods/9999/live", BRUSH + "/card.json")) {
            Answer answer = owner.get(path);
            assertThat(answer.status()).as(path).isEqualTo(404);
            assertThat(answer.text()).contains("Not there");
        }
        assertThat(owner.background("/goods/9999/edit", "do", "keep").status()).isEqualTo(404);
        assertThat(owner.background(BRUSH + "/live/pause").status()).isEqualTo(404);
    }

    @Test
    void hundredsOfRowsAreTakenAndTooManyRefusedInWords(Http owner) {
        Answer page = owner.signIn("maren").get(BRUSH);
        Answer pasted = edit(owner, page, "paste-rows", "at", "/rows", "row", "0", "column", "0", "value", rows(500));
        Answer saved = edit(owner, pasted, "save");
        assertThat(saved.text()).contains("Saved. Shoppers see it now.");
        Answer more = edit(owner, saved, "hang", "at", "/rows", "from", "9999", "value", "5");
        assertThat(more.text()).contains("501 rows are too many; at most 500");
        assertThat(edit(owner, more, "save").text()).contains("Not put live");
    }

    private static String rows(int count) {
        List<String> lines = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            lines.add((10 + i) + "\t12");
        }
        return String.join("\n", lines);
    }

    @Test
    void markupInTypedTextIsShownAsText(Http owner) {
        Answer page = owner.signIn("maren").get(BRUSH);
        Answer look = edit(owner, page, "look", "/rows/1/value", "<script>x</script>");
        assertThat(look.body()).doesNotContain("<script>x").contains("&lt;script&gt;x");
    }

    /** The form as the page has it, a wish, and what else is typed. */
    private static Answer edit(Http owner, Answer page, String wish, String... typed) {
        List<String> sent = new ArrayList<>(List.of("basedOn", page.field("basedOn"), "step", "prices", "do", wish));
        sent.addAll(List.of(typed));
        return owner.background(BRUSH + "/edit", sent.toArray(String[]::new));
    }

    private static List<String> prices(App app) {
        return app.sql()
                .sql("select price from price_row where product_id = 13 and group_id is null and from_pieces > 2")
                .query(String.class)
                .list();
    }

    private static String shelfPrice(App app) {
        return app.sql()
                .sql("select shelf_price from product where id = 13")
                .query(String.class)
                .single();
    }
}
