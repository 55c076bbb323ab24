package dev.steelyard.web.editing.rows;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.draft.Releases;
import dev.steelyard.web.goods.GoodsStore;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.WithApp;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Own prices compared, planned, begun at their time, gone back to. */
@ExtendWith(WithApp.class)
class RowsLiveTest {

    /** A time that is still to come, whenever this runs. */
    private static final LocalDateTime LATER = LocalDate.now().plusDays(30).atTime(9, 0);

    private static final String BRUSH = "/goods/13";

    private Http owner;
    private App app;

    @BeforeEach
    void signIn(App running, Http http) {
        app = running;
        owner = http.signIn("maren");
    }

    @Test
    void aDraftStandsBesideWhatIsLiveInWordsAndPrices() {
        type("12.90");
        assertThat(owner.get(BRUSH + "/live").text())
                .contains("Breaks from 6: 13.20 → 12.90")
                .contains("6 pieces trial 79.20 77.40 − 1.80 (−2.3 %)")
                .contains("No check weight is kept");
    }

    @Test
    void plannedPricesBeginAtTheirTimeAndNotBefore() {
        type("12.90");
        assertThat(owner.get("/today").text()).contains("Drafts waiting 2", "Deck brush, own prices");
        assertThat(plan(LATER.toString()).text()).contains("Planned. It begins by itself.");
        assertThat(owner.get("/today").text())
                .contains(Show.day(LATER.toLocalDate()) + " Deck brush own prices, version 2, begin")
                .doesNotContain("Deck brush, own prices");
        assertThat(price()).isEqualTo("13.200000");
        assertThat(due()).isEmpty();

        itIsTime();
        begin();
        assertThat(price()).isEqualTo("12.900000");
        assertThat(due()).isEmpty();
        assertThat(owner.get("/history?subject=prices&of=13").text()).contains("from 6", "13.20 → 12.90", "spring");
        assertThat(owner.get(BRUSH).text()).doesNotContain("Not live yet").doesNotContain("a draft waits");
    }

    @Test
    void whatASheetChangedSincePlanningStaysWhenThePlannedPricesBegin() {
        type("12.90");
        plan(LATER.toString());
        app.sql()
                .sql("update product set shelf_price = 16, version = version + 1, changed_by = 'A sheet' where id = 13")
                .update();
        itIsTime();
        begin();
        assertThat(price()).isEqualTo("12.900000");
        assertThat(app.bean(GoodsStore.class).find(13).orElseThrow().product().shelfPrice())
                .isEqualByComparingTo("16");
        Answer page = owner.get(BRUSH);
        assertThat(page.field("/shelfPrice")).isEqualTo("16.00");
        assertThat(page.text()).doesNotContain("Not live yet");
    }

    @Test
    void plannedPricesOfAProductThatWasTakenOutAreTakenBackAndHistorySaysWhy() {
        type("12.90");
        plan(LATER.toString());
        app.bean(GoodsStore.class).remove(13, "Jonas");
        itIsTime();
        begin();
        assertThat(price()).isEqualTo("13.200000");
        assertThat(due()).isEmpty();
        assertThat(owner.get("/history?subject=own-prices&of=13").text())
                .contains("It could not begin: it was taken out of the shop");
    }

    @Test
    void oneGoesBackToPricesThatWereLive() {
        type("12.90");
        owner.post(BRUSH + "/live", live("now", ""));
        assertThat(price()).isEqualTo("12.900000");
        Answer live = owner.get(BRUSH + "/live?b=1");
        assertThat(live.text()).contains("Go back to version 1");
        owner.post(
                BRUSH + "/live",
                "number",
                "1",
                "draft",
                live.field("draft"),
                "seen",
                live.field("seen"),
                "when",
                "now",
                "why",
                "too cheap");
        assertThat(price()).isEqualTo("13.200000");
    }

    @Test
    void pricesThatASheetChangesWhileTheyArePutLiveAreNotWrittenOver() {
        type("12.90");
        String[] seen = live("now", "");
        app.sql().sql("update product set shelf_price = 16 where id = 13").update();
        Answer refused = owner.post(BRUSH + "/live", seen);
        assertThat(refused.text()).contains("was quicker");
        assertThat(price()).isEqualTo("13.200000");
    }

    private void type(String price) {
        Answer page = owner.get(BRUSH);
        owner.background(
                BRUSH + "/edit",
                "basedOn",
                page.field("basedOn"),
                "step",
                "prices",
                "do",
                "keep",
                "/rows/1/value",
                price,
                "t.quantity",
                "6");
    }

    private Answer plan(String at) {
        return owner.post(BRUSH + "/live", live("later", at));
    }

    private String[] live(String when, String at) {
        Answer page = owner.get(BRUSH + "/live");
        return new String[] {
            "number",
            page.field("number"),
            "draft",
            page.field("draft"),
            "seen",
            page.field("seen"),
            "when",
            when,
            "at",
            at,
            "why",
            "spring"
        };
    }

    /** The planned moment is moved back to a second ago. */
    private void itIsTime() {
        app.sql()
                .sql("update draft_release set starts = utc_timestamp(6) - interval 1 second where draft_id = 13"
                        + " and applied_at is null")
                .update();
    }

    private List<Long> due() {
        return app.bean(Releases.class).due(DraftKind.ROWS);
    }

    private void begin() {
        due().forEach(app.bean(Releases.class)::begin);
    }

    private String price() {
        return app.sql()
                .sql("select price from price_row where product_id = 13 and group_id is null and from_pieces = 6")
                .query(String.class)
                .single();
    }
}
