package dev.steelyard.web.selling.announced;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dev.steelyard.web.book.Books;
import dev.steelyard.web.store.keys.MadeKeys;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.WithApp;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The deck brush costs 15.00; for a time it is lowered. */
@ExtendWith(WithApp.class)
class AnnouncedTest {

    private static final ZoneId BERLIN = ZoneId.of("Europe/Berlin");

    private App app;
    private AnnouncedKeeper keeper;

    @BeforeEach
    void keep(App app) {
        this.app = app;
        keeper = app.bean(AnnouncedKeeper.class);
        keeper.lookNow();
    }

    /** As if what is announced now had been so for some days. */
    private void sinceDays(int days) {
        app.sql()
                .sql("update announced_price set from_at = utc_timestamp() - interval " + days
                        + " day where until_at is null")
                .update();
    }

    private void changed(String sql) {
        app.sql().sql(sql).update();
        app.sql().sql("update shop set revision = revision + 1").update();
        app.sql()
                .sql("update product set revision = (select revision from shop) where id = 13")
                .update();
        app.bean(Books.class).refresh();
        keeper.lookNow();
    }

    private void lowered(String price) {
        changed("insert into price_row (id, product_id, from_pieces, price, starts, ends) values (999, 13, 1, " + price
                + ", '" + LocalDate.now(BERLIN) + "', '" + LocalDate.now(BERLIN).plusDays(8) + "')");
    }

    private String brush() {
        return new Http(app.url()).get("/counter/goods/BRU-1").text();
    }

    @Test
    void aReducedPriceNamesTheLowestOfThirtyDaysAndStrikesThatOut() {
        sinceDays(40);
        changed("update product set shelf_price = 13.00 where id = 13");
        app.sql()
                .sql(
                        "update announced_price set from_at = utc_timestamp() - interval 10 day where sku = 'BRU-1' and until_at"
                                + " is null")
                .update();
        app.sql()
                .sql("update announced_price set until_at = utc_timestamp() - interval 10 day where sku = 'BRU-1' and"
                        + " until_at is not null")
                .update();
        changed("update product set shelf_price = 15.00 where id = 13");
        assertThat(brush()).doesNotContain("Lowest price");

        lowered("12.00");

        assertThat(brush())
                .contains("Lowest price of the 30 days before: 13.00")
                .contains("13.00 12.00 each");
        Http maren = new Http(app.url()).signIn("maren");
        assertThat(maren.get("/goods/13/lowest").text())
                .contains("name the lowest of the 30 days before")
                .contains("Deck brush: 13.00");
        assertThat(maren.get("/goods/13/lowest.csv").body())
                .contains(",BRU-1,13")
                .contains(",BRU-1,12");
        assertThat(new String(maren.bytes("/sheets/price-list.jsonld"), StandardCharsets.UTF_8))
                .contains("\"priceType\":\"https://schema.org/StrikethroughPrice\",\"price\":13");
        assertThat(MadeKeys.calls(app)
                        .post(
                                "/api/v1/prices",
                                "{\"together\": false, \"lines\": [{\"sku\": \"BRU-1\", \"quantity\": 1}]}")
                        .json()
                        .at("/lines/0/lowest30Days")
                        .asString(""))
                .isEqualTo("13.00");
        assertThat(MadeKeys.calls(app)
                        .post(
                                "/api/v1/prices",
                                "{\"together\": false, \"lines\": [{\"sku\": \"BRU-1\", \"quantity\": 1}], \"customer\": {\"group\": \"Boatyard\"}}")
                        .json()
                        .at("/lines/0/lowest30Days")
                        .isMissingNode())
                .isTrue();
        app.sql()
                .sql("update shop set lowest_named = false, revision = revision + 1")
                .update();
        app.bean(Books.class).refresh();
        keeper.lookNow();
        assertThat(brush()).doesNotContain("Lowest price");
    }

    @Test
    void whatIsLoweredForGoodOrForAGroupAloneNamesNothing() {
        sinceDays(40);
        changed("update product set shelf_price = 12.00 where id = 13");
        assertThat(brush()).doesNotContain("Lowest price").doesNotContain("15.00");

        changed(
                "insert into price_row (id, product_id, group_id, from_pieces, price, starts, ends) values (998, 13, 1, 1,"
                        + " 10.00, '" + LocalDate.now(BERLIN) + "', '"
                        + LocalDate.now(BERLIN).plusDays(8) + "')");
        assertThat(brush()).doesNotContain("Lowest price").contains("12.00");
        assertThat(app.bean(Reductions.class).of("BRU-1")).isEmpty();
    }

    @Test
    void daysOfBeforeAreFilledFromHistory() {
        app.sql().sql("delete from announced_price").update();
        app.sql().sql("update announced_until set revision = -1").update();
        app.sql()
                .sql(
                        "insert into change_entry (id, made_at, made_by, subject, subject_id, subject_name, what, why, times,"
                                + " state_before, state_after) values (9999, utc_timestamp() - interval 5 day, 'Jonas', 'PRICES', 13,"
                                + " 'Deck brush', 'PRICES', '', 1, '{\"shelf price\": \"14.20\"}', '{\"shelf price\": \"15.00\"}')")
                .update();
        changed("update shop set name = name");

        var spans = app.bean(AnnouncedSpans.class).of("BRU-1", Instant.now().minus(Duration.ofDays(50)));

        assertThat(spans).extracting(span -> span.price().toPlainString()).containsExactly("14.2", "15");
        assertThat(spans.get(0).until()).isEqualTo(spans.get(1).from());
    }

    /** Something that was done some days ago, of which nothing else is kept. */
    private void history(long id, int days, String subject, long of, String what) {
        app.sql()
                .sql(
                        "insert into change_entry (id, made_at, made_by, subject, subject_id, subject_name, what, why, times,"
                                + " state_before, state_after) values (?, utc_timestamp() - interval ? day, 'Jonas', ?, ?, '', ?, '', 1,"
                                + " '{}', '{}')")
                .params(id, days, subject, of, what)
                .update();
    }

    private Instant knownSince(String sku) {
        return app.bean(AnnouncedSpans.class)
                .of(sku, Instant.now().minus(Duration.ofDays(60)))
                .get(0)
                .from();
    }

    /** When cards were paused is not kept, nor what else is said of goods: before that nothing is claimed. */
    @Test
    void daysBeforeAnythingElseChangedAreLeftOpen() {
        app.sql().sql("delete from announced_price").update();
        app.sql().sql("update announced_until set revision = -1").update();
        app.sql().sql("delete from change_entry").update();
        history(9996, 40, "CARD", 1, "LIVE");
        history(9997, 9, "KEYS", 1, "MADE");
        history(9998, 6, "DEAL", 2, "PAUSED");
        history(9999, 2, "GOODS", 13, "GOODS");

        changed("update shop set name = name");

        assertThat(knownSince("SHK-8")).isCloseTo(Instant.now().minus(Duration.ofDays(6)), within(1, ChronoUnit.HOURS));
        assertThat(knownSince("BRU-1")).isCloseTo(Instant.now().minus(Duration.ofDays(2)), within(1, ChronoUnit.HOURS));
    }

    /** Rope was 2.90 a metre by a version of its card that another one, at 3.10, took the place of 20 days ago. */
    @Test
    void daysOfBeforeAreFilledFromTheVersionsOfCardsThatCountedThen() {
        app.sql().sql("delete from announced_price").update();
        app.sql().sql("update announced_until set revision = -1").update();
        app.sql().sql("delete from change_entry").update();
        history(9999, 40, "CARD", 1, "LIVE");
        app.sql()
                .sql(
                        "insert into draft_version (id, draft_id, number, document, made_at, made_by) select 9999, v.draft_id, 9999,"
                                + " replace(v.document, '3.10', '2.90'), v.made_at, v.made_by from draft_version v join draft c"
                                + " on c.id = v.draft_id join draft_release r on r.draft_id = c.id and r.number = v.number"
                                + " where c.name = 'Rope by the metre' limit 1")
                .update();
        app.sql()
                .sql("update draft_release set starts = utc_timestamp() - interval 20 day where draft_id ="
                        + " (select draft_id from draft_version where id = 9999)")
                .update();
        app.sql()
                .sql(
                        "insert into draft_release (id, draft_id, number, version, starts, why, made_at, made_by) select 9999, draft_id,"
                                + " 9999, 2, utc_timestamp() - interval 50 day, '', made_at, made_by from draft_version where id = 9999")
                .update();

        changed("update shop set name = name");

        var spans = app.bean(AnnouncedSpans.class).of("ROPE-12", Instant.now().minus(Duration.ofDays(60)));
        assertThat(spans).extracting(span -> span.price().toPlainString()).containsExactly("2.9", "3.1");
        assertThat(spans.get(0).from())
                .as("what was before its history begins is not known")
                .isCloseTo(Instant.now().minus(Duration.ofDays(40)), within(1, ChronoUnit.HOURS));
        assertThat(spans.get(0).until()).isEqualTo(spans.get(1).from());
        assertThat(spans.get(1).until()).isNull();
    }

    /** A price that changes by itself while nothing runs is made up for at its own moment: midnight in Berlin. */
    @Test
    void whatWentByUnseenIsMadeUpFor() {
        lowered("12.00");
        app.sql().sql("delete from announced_price where sku = 'BRU-1'").update();
        app.sql()
                .sql("insert into announced_price (id, sku, per, price, from_at) values (9999, 'BRU-1', '', 15.00,"
                        + " utc_timestamp() - interval 20 day)")
                .update();
        app.sql()
                .sql("update announced_until set swept_at = utc_timestamp() - interval 3 day")
                .update();
        AnnouncedKeeper fresh = app.bean(AnnouncedKeeper.class);
        fresh.forget();

        fresh.lookNow();

        Instant midnight = LocalDate.now(BERLIN).atStartOfDay(BERLIN).toInstant();
        var spans = app.bean(AnnouncedSpans.class).of("BRU-1", Instant.now().minus(Duration.ofDays(50)));
        assertThat(spans).hasSize(2);
        assertThat(spans.get(1).from()).isEqualTo(midnight);
        assertThat(app.bean(Reductions.class).of("BRU-1").orElseThrow().lowest())
                .isEqualByComparingTo("15.00");
    }
}
